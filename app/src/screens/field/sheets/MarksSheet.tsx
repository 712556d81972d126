import { Pressable, StyleSheet, Text, View } from 'react-native';
import { ALLOWED_SHARES, OVER_COLOURS, OVER_MARKS } from '@velmo/core/monitor';
import { Button } from '../../../instruments/Button';
import { Choice } from '../../../instruments/Choice';
import { Sheet } from '../../../instruments/Sheet';
import { useStore } from '../../../state/store';
import { COLOUR, FONT, TARGET, typePx } from '../../../theme/theme';
import { clippedText, disagreementText, showClips, toggleExtended } from '../session/compare';
import { closeSheet, fieldStore, readingsStore, openNote } from '../session/fieldState';
import { noteOfSheet } from '../words/noteTopics';
import { changeMonitors } from '../session/preferencesNow';
import { useReadsRaw } from '../session/useReadsRaw';
import { AidsPart } from '../aids/AidsPart';
import { ZebraPart } from './ZebraPart';

const named = <T extends string>(values: readonly T[], what: string) =>
  values.map((value) => ({ value, label: value, name: `${what}: ${value}` }));

/** What is marked on the picture, which histograms stand where, and how raw and JPEG compare. */
export function MarksSheet() {
  const readsRaw = useReadsRaw();
  const now = useStore(readingsStore, (r) => (r ? clippedText(r, readsRaw) : ''));
  return (
    <Sheet
      title="Marks, aids and histograms"
      onClose={closeSheet}
      onNote={() => openNote(noteOfSheet('marks'))}
    >
      <Text style={[styles.about, styles.now]}>{now}</Text>
      <Compare />
      <AidsPart />
      <ClipMarks />
      <ZebraPart />
      <Histograms />
    </Sheet>
  );
}

function ClipMarks() {
  const marks = useStore(fieldStore, (s) => s.marks);
  const { over, overColour, under, allowedShare } = useStore(
    fieldStore,
    (s) => s.preferences.monitors,
  );
  return (
    <>
      <Choice
        label="Marks"
        options={[
          { value: true, label: 'shown', name: 'Marks: shown' },
          { value: false, label: 'hidden', name: 'Marks: hidden' },
        ]}
        value={marks}
        onChoose={(shown) => fieldStore.update((s) => ({ ...s, marks: shown }))}
      />
      <Choice
        label="Clipped"
        options={named(OVER_MARKS, 'Clipped')}
        value={over}
        onChoose={(value) => changeMonitors({ over: value })}
      />
      <Choice
        label="in dots of"
        options={named(OVER_COLOURS, 'Dots')}
        value={overColour}
        onChoose={(value) => changeMonitors({ overColour: value })}
      />
      <Choice
        label="Under the noise"
        options={[
          { value: true, label: 'marked', name: 'Under the noise: marked' },
          { value: false, label: 'off', name: 'Under the noise: off' },
        ]}
        value={under}
        onChoose={(value) => changeMonitors({ under: value })}
      />
      <Choice
        label="May clip, glints apart"
        options={ALLOWED_SHARES.map((share) => ({
          value: share as number,
          label: share === 0 ? 'nothing' : `${100 * share} %`,
          name: `May clip: ${share === 0 ? 'nothing' : `${100 * share} %`}`,
        }))}
        value={allowedShare}
        onChoose={(share) => changeMonitors({ allowedShare: share })}
      />
      <Text style={styles.about}>
        So much of the frame may clip before zebra shows and “push right” stops. Groups of up to 8
        pixels of the live picture are glints and do not count.
      </Text>
    </>
  );
}

function Histograms() {
  const { rawHistogram, logHeight, pictureHistogram } = useStore(
    fieldStore,
    (s) => s.preferences.monitors,
  );
  const capabilities = useStore(fieldStore, (s) => s.capabilities);
  const why = useStore(readingsStore, (r) =>
    r && capabilities ? disagreementText(r, capabilities) : '',
  );
  const what = capabilities?.readsRaw === false ? 'Histogram' : 'Raw histogram';
  return (
    <>
      <Choice
        label={what}
        options={named(['large', 'small', 'off'] as const, what)}
        value={rawHistogram}
        onChoose={(value) => changeMonitors({ rawHistogram: value })}
      />
      <Choice
        label="Height"
        options={[
          { value: false, label: 'linear', name: 'Height: linear' },
          { value: true, label: 'log', name: 'Height: log' },
        ]}
        value={logHeight}
        onChoose={(value) => changeMonitors({ logHeight: value })}
      />
      <Choice
        label="JPEG histogram"
        options={[
          { value: true, label: 'beside it', name: 'JPEG histogram: beside it' },
          { value: false, label: 'off', name: 'JPEG histogram: off' },
        ]}
        value={pictureHistogram}
        onChoose={(value) => changeMonitors({ pictureHistogram: value })}
      />
      {why !== '' && <Text style={styles.about}>{why}</Text>}
    </>
  );
}

function Compare() {
  const readsRaw = useReadsRaw();
  const comparing = useStore(fieldStore, (s) => s.comparing);
  const extended = useStore(fieldStore, (s) => s.capabilities?.baseIsoClick !== null);
  return (
    <View style={styles.row}>
      <Hold label={readsRaw ? 'Hold: as raw clips' : 'Hold: what clips'} onHold={showClips} />
      <Hold
        label="Hold: as the JPEG"
        onHold={(bare) => fieldStore.update((s) => ({ ...s, bare }))}
      />
      {extended && (
        <Button
          label={comparing ? 'Back from ISO 50 / 100' : 'ISO 50 against 100'}
          pressed={comparing}
          onPress={toggleExtended}
        />
      )}
      {comparing && (
        <Text style={styles.about}>
          Same time, other ISO: the raw’s clipping above stays as it was, only the picture changes.
        </Text>
      )}
    </View>
  );
}

/** Something that lasts as long as the finger, or the key, is down. */
function Hold({ label, onHold }: { label: string; onHold: (held: boolean) => void }) {
  return (
    <Pressable
      role="button"
      onPressIn={() => onHold(true)}
      onPressOut={() => onHold(false)}
      style={styles.hold}
    >
      <Text style={styles.holdText}>{label}</Text>
    </Pressable>
  );
}

const styles = StyleSheet.create({
  about: {
    fontFamily: FONT.regular,
    fontSize: typePx(15),
    lineHeight: typePx(19),
    color: COLOUR.lightSoft,
  },
  // Two lines, whatever is read: what is under it keeps its place.
  now: { minHeight: 38 },
  row: { flexDirection: 'row', flexWrap: 'wrap', gap: 8 },
  hold: {
    minHeight: TARGET,
    paddingHorizontal: 12,
    justifyContent: 'center',
    borderRadius: 6,
    borderWidth: 1,
    borderStyle: 'dashed',
    borderColor: COLOUR.lightSoft,
  },
  holdText: { fontFamily: FONT.medium, fontSize: typePx(16), color: COLOUR.light },
});
