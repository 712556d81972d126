import { Pressable, StyleSheet, Text, View } from 'react-native';
import { exposureWords } from '../../storage/frames/frameWords';
import { COLOUR, FONT, typePx } from '../../theme/theme';
import type { StackBar } from './barsOfStack';

interface StackBarsProps {
  readonly bars: readonly StackBar[];
  readonly leftOut: ReadonlySet<string>;
  readonly onToggle: (id: string) => void;
}

const HEIGHT = 92;
/** Where only one thing is told of each: where it is focused. */
const LOW = 44;

/**
 * The frames of a stack as bars: from the tone each clips at down to the one it loses in noise, or
 * where it is focused. A tap leaves a frame out, or takes it in again.
 */
export function StackBars({ bars, leftOut, onToggle }: StackBarsProps) {
  return (
    <View style={styles.row} role="group" aria-label="Frames of the stack">
      {bars.map(({ record, number, words, holds, bar, colour }) => {
        const isOut = leftOut.has(record.id);
        const tall = colour === null ? HEIGHT : LOW;
        const state = isOut ? 'left out' : holds;
        return (
          <Pressable
            key={record.id}
            role="switch"
            aria-checked={!isOut}
            aria-label={[`Frame ${number}`, exposureWords(record), state]
              .filter(Boolean)
              .join(', ')}
            onPress={() => onToggle(record.id)}
            style={[styles.frame, { width: tall === LOW ? 57 : 66, minHeight: tall + 40 }]}
          >
            <View style={[styles.track, { height: tall }]}>
              {bar && !isOut && (
                <View
                  style={[
                    styles.bar,
                    colour ? { backgroundColor: colour } : styles.clips,
                    { top: tall * bar.top, height: tall * bar.height },
                  ]}
                />
              )}
            </View>
            <Text style={[styles.words, isOut && styles.out]} numberOfLines={2}>
              {isOut ? 'left out' : words}
            </Text>
          </Pressable>
        );
      })}
    </View>
  );
}

const styles = StyleSheet.create({
  row: { flexDirection: 'row', flexWrap: 'wrap', gap: 4 },
  frame: { alignItems: 'center', gap: 4 },
  track: {
    alignSelf: 'stretch',
    alignItems: 'center',
    backgroundColor: COLOUR.panel,
    borderRadius: 4,
  },
  bar: {
    position: 'absolute',
    width: 18,
    borderRadius: 3,
    backgroundColor: COLOUR.paper,
  },
  clips: { borderTopWidth: 3, borderTopColor: COLOUR.clipped },
  words: {
    fontFamily: FONT.regular,
    fontSize: typePx(13),
    lineHeight: typePx(16),
    textAlign: 'center',
    color: COLOUR.lightSoft,
    fontVariant: ['tabular-nums'],
  },
  out: { textDecorationLine: 'line-through' },
});
