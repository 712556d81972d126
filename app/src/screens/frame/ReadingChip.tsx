import { StyleSheet, Text, View } from 'react-native';
import { useStore } from '../../state/store';
import { COLOUR, FONT, typePx } from '../../theme/theme';
import { placedReading, readingWords } from './reading';

/** Above the finger, so that it hides nothing. */
const ABOVE_PX = 84;
const WIDTH = 236;
const HEIGHT = 46;

/** What is read: above the finger, or in the picture's corner for a pointer. */
export function ReadingChip({ width, height }: { width: number; height: number }) {
  const placed = useStore(placedReading, (p) => p);
  if (!placed) return null;
  const { reading, by, x, y } = placed;
  const { tone, rest } = readingWords(reading);
  const inside = (v: number, room: number): number => Math.min(room - 8, Math.max(8, v));
  const place =
    by === 'finger'
      ? {
          left: inside(x - WIDTH / 2, width - WIDTH),
          top: inside(y - ABOVE_PX - HEIGHT / 2, height - HEIGHT),
        }
      : { left: 8, top: 60 };
  return (
    <View
      style={[styles.chip, place]}
      role={by === 'key' ? 'status' : undefined}
      testID="frame-reading"
    >
      <Text style={styles.tone}>{tone}</Text>
      <Text style={styles.rest}>{rest}</Text>
    </View>
  );
}

const styles = StyleSheet.create({
  chip: {
    position: 'absolute',
    minWidth: WIDTH,
    minHeight: HEIGHT,
    paddingHorizontal: 10,
    paddingVertical: 4,
    borderRadius: 6,
    backgroundColor: 'rgba(22,22,22,0.88)',
    pointerEvents: 'none',
  },
  tone: {
    fontFamily: FONT.semibold,
    fontSize: typePx(18),
    lineHeight: typePx(21),
    color: COLOUR.light,
    fontVariant: ['tabular-nums'],
  },
  rest: {
    fontFamily: FONT.regular,
    fontSize: typePx(14),
    lineHeight: typePx(17),
    color: COLOUR.light,
    fontVariant: ['tabular-nums'],
  },
});
