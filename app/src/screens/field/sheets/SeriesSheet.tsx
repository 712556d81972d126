import { StyleSheet, Text } from 'react-native';
import { formatStops, nominalIso, timeWords, timeSFromClick } from '@velmo/core/exposure';
import { DELAYS_S, focusGap, type Series } from '@velmo/core/series';
import { Choice } from '../../../instruments/Choice';
import { Sheet } from '../../../instruments/Sheet';
import { useRoom } from '../../../storage/frames/frameQueries';
import { useStore } from '../../../state/store';
import { SHEET_TEXT } from '../../../theme/sheetText';
import { COLOUR, FONT, typePx } from '../../../theme/theme';
import { chooseKind } from '../commands/seriesCommands';
import type { Foreseen } from '../series/foreseen';
import { SeriesParts } from '../series/SeriesParts';
import { seriesCount } from '../series/seriesCount';
import { useForeseen } from '../series/useForeseen';
import { session } from '../session/fieldSession';
import { closeSheet, fieldStore, openNote } from '../session/fieldState';
import { noteOfSheet } from '../words/noteTopics';
import { changePreferences } from '../session/preferencesNow';
import { framesLeft, leftDigits } from '../words/fileWords';
import { bytesWords, KIND_WORDS, whileWords } from '../words/seriesWords';

/** What one press takes: its kind, its number, and when it begins. */
export function SeriesSheet() {
  const series = useStore(fieldStore, (s) => s.settings.series);
  const kinds = useStore(fieldStore, (s) => s.capabilities?.series) ?? ['single' as const];
  return (
    <Sheet title="Series" onClose={closeSheet} onNote={() => openNote(noteOfSheet('series'))}>
      <Choice
        label="Takes"
        options={kinds.map((kind) => ({ value: kind, label: KIND_WORDS[kind] }))}
        value={series.kind}
        onChoose={chooseKind}
      />
      {!kinds.includes('focus') && (
        <Text style={SHEET_TEXT.about}>
          This camera’s focus cannot be set to a distance: it makes no focus steps.
        </Text>
      )}
      <Plan />
      <SeriesParts series={series} />
      <Delay />
    </Sheet>
  );
}

function Delay() {
  const delayS = useStore(fieldStore, (s) => s.settings.delayS);
  const sound = useStore(fieldStore, (s) => s.preferences.delaySound);
  return (
    <>
      <Choice
        label="Delay"
        options={DELAYS_S.map((seconds) => ({
          value: seconds,
          label: seconds === 0 ? 'off' : `${seconds} s`,
          name: seconds === 0 ? 'Delay off' : `Delay ${seconds} s`,
        }))}
        value={delayS}
        onChoose={(seconds) => session.changeSettings((s) => ({ ...s, delayS: seconds }))}
      />
      {delayS > 0 && (
        <Choice
          label="Last 3 s"
          options={[
            { value: true, label: 'heard', name: 'The last three seconds are heard' },
            { value: false, label: 'silent', name: 'The last three seconds are silent' },
          ]}
          value={sound}
          onChoose={(delaySound) => changePreferences({ delaySound })}
        />
      )}
    </>
  );
}

/**
 * What the press will make, in words: how many, where, how long, how large, and whether it fits.
 */
function Plan() {
  const settings = useStore(fieldStore, (s) => s.settings);
  const capabilities = useStore(fieldStore, (s) => s.capabilities);
  const count = useStore(fieldStore, seriesCount);
  const foreseen = useForeseen();
  const room = useRoom().data ?? null;
  if (!foreseen || !capabilities || foreseen.kind === 'single') return null;
  const left = framesLeft(settings, capabilities, room);
  const size = `${whileWords(foreseen.seconds)}, about ${bytesWords(foreseen.bytes)}`;
  const fits =
    left === null
      ? ''
      : left < count
        ? ` There is room for ${leftDigits(left)} frames only.`
        : ` There is room for ${leftDigits(left)} frames.`;
  return (
    <Text style={styles.plan} testID="series-plan">
      {`${planWords(settings.series, foreseen, capabilities.focus(settings)?.sharpHalfWidth ?? null)} ${size}.${fits}`}
    </Text>
  );
}

function planWords(series: Series, { frames }: Foreseen, halfWidth: number | null): string {
  switch (series.kind) {
    case 'single':
      return '';
    case 'bracket': {
      const times = frames.map(({ timeClick }) =>
        timeWords(timeSFromClick(timeClick)).replace(' s', ''),
      );
      const isos = [...new Set(frames.map(({ isoClick }) => nominalIso(isoClick)))];
      const apart = `${series.frames} frames, ${formatStops(series.stepClicks)} apart: ${times.join(', ')} s`;
      return isos.length === 1
        ? `${apart} at ISO ${isos[0]}.`
        : `${apart}. Time runs out: ISO ${frames.map(({ isoClick }) => nominalIso(isoClick)).join(', ')}.`;
    }
    case 'burst':
      return `${series.frames} frames as fast as the camera gives them. At least`;
    case 'focus': {
      if (series.places?.length === 0) return 'No place is marked yet: one frame, as focus stands.';
      if (series.places?.length === 1) return '1 frame, at the place marked.';
      if (series.places) return `${frames.length} frames, one at each place marked.`;
      const gap = halfWidth === null ? 0 : focusGap(halfWidth, series);
      return gap > 0
        ? `${frames.length} frames do not reach: gaps stay unsharp between them.`
        : `${frames.length} ${frames.length === 1 ? 'frame holds' : 'frames hold'} all of it sharp.`;
    }
    case 'interval':
      return `${series.frames} frames, one every ${whileWords(series.everyS)}.`;
    case 'long': {
      const openS = timeSFromClick(frames[0].timeClick);
      return `One frame gathered from up to ${Math.ceil(series.totalS / openS)}, each as long as Time says:`;
    }
  }
}

const styles = StyleSheet.create({
  plan: {
    fontFamily: FONT.medium,
    fontSize: typePx(16),
    lineHeight: typePx(21),
    color: COLOUR.light,
  },
});
