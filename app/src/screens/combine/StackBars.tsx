import type { Reach } from '@velmo/core/combine';
import { Pressable, StyleSheet, Text, View } from 'react-native';
import { exposureWords } from '../../storage/frameWords';
import type { ListedFrame } from '../../storage/madeFrame';
import { COLOUR, FONT } from '../../theme/theme';

interface StackBarsProps {
  readonly frames: readonly ListedFrame[];
  /** What each frame that takes part holds, by its id; one that is not there is not known. */
  readonly reach: ReadonlyMap<string, Reach>;
  readonly leftOut: ReadonlySet<string>;
  readonly onToggle: (id: string) => void;
}

const HEIGHT = 92;
const stopsWords = (stops: number): string =>
  `${stops < 0 ? '−' : '+'}${Math.abs(Math.round(stops))}`;

/**
 * The frames of a stack as bars: from the tone each clips at down to the one it loses in noise.
 * A tap leaves a frame out, or takes it in again.
 */
export function StackBars({ frames, reach, leftOut, onToggle }: StackBarsProps) {
  const known = [...reach.values()];
  const top = Math.max(1, ...known.map((r) => r.clipStops));
  const foot = Math.min(0, ...known.map((r) => r.floorStops));
  const y = (stops: number): number => (HEIGHT * (top - stops)) / (top - foot);
  // From the least exposed on, so that what they hold together is seen as a stair.
  const inOrder = frames
    .map(({ record }, i) => ({ record, i, light: (record.timeS ?? 0) * (record.iso ?? 100) }))
    .sort((a, b) => a.light - b.light || a.i - b.i);
  return (
    <View style={styles.row} role="group" aria-label="Frames of the stack">
      {inOrder.map(({ record, i }) => {
        const its = reach.get(record.id);
        const isOut = leftOut.has(record.id);
        const held = its
          ? `, holds ${stopsWords(its.clipStops)} to ${stopsWords(its.floorStops)} stops`
          : '';
        return (
          <Pressable
            key={record.id}
            role="switch"
            aria-checked={!isOut}
            aria-label={`Frame ${i + 1}, ${exposureWords(record)}${isOut ? ', left out' : held}`}
            onPress={() => onToggle(record.id)}
            style={styles.frame}
          >
            <View style={styles.track}>
              {its && !isOut && (
                <View
                  style={[
                    styles.bar,
                    {
                      top: y(its.clipStops),
                      height: Math.max(3, y(its.floorStops) - y(its.clipStops)),
                    },
                  ]}
                />
              )}
            </View>
            <Text style={[styles.words, isOut && styles.out]} numberOfLines={2}>
              {isOut ? 'left out' : exposureWords(record).replace(' · ', '\n')}
            </Text>
          </Pressable>
        );
      })}
    </View>
  );
}

const styles = StyleSheet.create({
  row: { flexDirection: 'row', flexWrap: 'wrap', gap: 4 },
  frame: { width: 66, minHeight: HEIGHT + 40, alignItems: 'center', gap: 4 },
  track: { width: 66, height: HEIGHT, backgroundColor: COLOUR.panel, borderRadius: 4 },
  bar: {
    position: 'absolute',
    left: 24,
    width: 18,
    borderRadius: 3,
    backgroundColor: COLOUR.paper,
    borderTopWidth: 3,
    borderTopColor: COLOUR.clipped,
  },
  words: {
    fontFamily: FONT.regular,
    fontSize: 13,
    lineHeight: 16,
    textAlign: 'center',
    color: COLOUR.lightSoft,
    fontVariant: ['tabular-nums'],
  },
  out: { textDecorationLine: 'line-through' },
});
