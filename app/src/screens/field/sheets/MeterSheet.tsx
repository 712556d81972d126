import { StyleSheet, Text, View } from 'react-native';
import type { MeterPattern } from '@velmo/core/exposure';
import { Button } from '../../../instruments/Button';
import { Choice } from '../../../instruments/Choice';
import { Sheet } from '../../../instruments/Sheet';
import { PATTERN_WORDS } from '../words/patternWords';
import { useStore } from '../../../state/store';
import { COLOUR, FONT, typePx } from '../../../theme/theme';
import { session } from '../session/fieldSession';
import {
  closeSheet,
  fieldStore,
  readingsStore,
  toggleSheet,
  openNote,
} from '../session/fieldState';
import { noteOfSheet } from '../words/noteTopics';
import { leavePinAtSpot, takeAllPinsOut } from '../commands/pins';
import { differenceText, evText } from '../words/readingsText';

const ABOUT: Readonly<Record<MeterPattern, string>> = {
  whole: 'The mean of the whole frame becomes mid-grey.',
  centre: 'The middle of the frame counts most.',
  spot: 'A circle of 3 % of the frame becomes mid-grey. Tap the picture to move it.',
  highlights: 'The brightest texture is put just under clipping; glints may go.',
};

/** How the light is read, held and compared. */
export function MeterSheet() {
  const patterns = useStore(fieldStore, (s) => s.capabilities?.meterPatterns) ?? [];
  const meter = useStore(fieldStore, (s) => s.settings.meter);
  const pins = useStore(fieldStore, (s) => s.pins.length);
  const ev = useStore(readingsStore, (r) => evText(r?.ev100 ?? null));
  const difference = useStore(readingsStore, (r) => (r ? differenceText(r) : '…'));
  const locked = meter.lockedEv100 !== null;
  const canLock = useStore(fieldStore, (s) => s.capabilities?.canLock ?? false);
  const canCalibrate = useStore(fieldStore, (s) => s.light !== null);
  const estimated = useStore(readingsStore, (r) => r?.estimated ?? false);
  return (
    <Sheet
      title={`Meter · ${ev === '' ? '' : `${ev} · `}${difference} from mid-grey`}
      onClose={closeSheet}
      onNote={() => openNote(noteOfSheet('meter'))}
    >
      <Choice
        label="Reads"
        unlabelled
        options={patterns.map((value) => ({ value, label: PATTERN_WORDS[value] }))}
        value={meter.pattern}
        onChoose={(pattern) =>
          session.changeSettings((s) => ({
            ...s,
            meter: { ...s.meter, pattern, lockedEv100: null },
          }))
        }
      />
      <Text style={styles.about}>{ABOUT[meter.pattern]}</Text>
      {estimated && (
        <Text style={styles.about}>
          ≈ estimated: this camera’s light has not been measured. Calibrate makes the stops true.
        </Text>
      )}
      <View style={styles.row}>
        {canLock && ev !== '' && (
          <Button
            label={locked ? 'Unlock' : `Lock ${ev}`}
            pressed={locked}
            onPress={session.toggleLock}
          />
        )}
        <Button label="Leave a pin" onPress={leavePinAtSpot} />
        {canCalibrate && <Button label="Calibrate…" onPress={() => toggleSheet('light')} />}
        {pins > 0 && <Button label="Take pins out" onPress={takeAllPinsOut} />}
      </View>
      <Text style={styles.about}>
        A long press on the picture leaves a pin there. Drag its mark along the ladder to put that
        tone where you want it.
      </Text>
    </Sheet>
  );
}

const styles = StyleSheet.create({
  about: {
    fontFamily: FONT.regular,
    fontSize: typePx(15),
    lineHeight: typePx(19),
    color: COLOUR.lightSoft,
  },
  row: { flexDirection: 'row', flexWrap: 'wrap', gap: 8 },
});
