import { StyleSheet, View } from 'react-native';
import { ISO_CLICKS, TIME_CLICKS } from '@velmo/core/exposure';
import type { KitPart } from '@velmo/core/kits';
import { COMP_CLICKS, type Settings } from '@velmo/core/settings';
import { COLOUR } from '../../../theme/theme';

const shareOf = (value: number, { min, max }: { min: number; max: number }): number =>
  Math.min(1, Math.max(0, (value - min) / (max - min)));

/** The nearest focus that is drawn, in dioptres, and the ends of the colours drawn, in mired. */
const NEAR_DIOPTRES = 10;
const MIRED = { min: 100, max: 400 };

/** Where a tape stands, 0..1; null: the camera moves it. */
type Stroke = (settings: Settings) => number | null;

/** The five tapes, in their order in Field. */
const STROKES: readonly { readonly part: KitPart; readonly at: Stroke }[] = [
  {
    part: 'exposure',
    at: ({ time }) => (time.mode === 'held' ? shareOf(time.click, TIME_CLICKS) : null),
  },
  {
    part: 'exposure',
    at: ({ iso }) => (iso.mode === 'held' ? shareOf(iso.click, ISO_CLICKS) : null),
  },
  { part: 'exposure', at: ({ compClicks }) => shareOf(compClicks, COMP_CLICKS) },
  {
    part: 'focus',
    at: ({ focus }) =>
      focus.mode === 'held' ? 1 - shareOf(focus.dioptres, { min: 0, max: NEAR_DIOPTRES }) : null,
  },
  {
    part: 'white',
    at: ({ white }) => (white.mode === 'held' ? 1 - shareOf(1e6 / white.kelvin, MIRED) : null),
  },
];

interface KitStrokesProps {
  readonly parts: readonly KitPart[];
  readonly settings: Settings;
}

/**
 * The five tapes in small: a stroke where one is held, a line alone where it is left to the camera,
 * nothing where the kit leaves it as it is.
 */
export function KitStrokes({ parts, settings }: KitStrokesProps) {
  return (
    <View style={styles.tapes} aria-hidden>
      {STROKES.map(({ part, at }, i) => {
        const share = at(settings);
        if (!parts.includes(part)) return <View key={i} style={styles.row} />;
        return (
          <View key={i} style={styles.row}>
            <View style={styles.scale} />
            {share !== null && <View style={[styles.stroke, { left: share * (WIDTH - 2) }]} />}
          </View>
        );
      })}
    </View>
  );
}

const WIDTH = 56;
const styles = StyleSheet.create({
  tapes: { width: WIDTH, gap: 1, justifyContent: 'center' },
  row: { height: 7, justifyContent: 'center' },
  scale: { height: 1, backgroundColor: COLOUR.inkSoft, opacity: 0.6 },
  stroke: { position: 'absolute', width: 2, top: 0, bottom: 0, backgroundColor: COLOUR.ink },
});
