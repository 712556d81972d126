import { StyleSheet, Text, View } from 'react-native';
import { Button } from '../../instruments/Button';
import { COLOUR, FONT, typePx } from '../../theme/theme';

interface FlipBarProps {
  /** "2 of 5" */
  readonly words: string;
  readonly onFlip: (by: 1 | -1) => void;
}

/** The way to the frames beside this one. */
export function FlipBar({ words, onFlip }: FlipBarProps) {
  return (
    <View style={styles.bar} role="group" aria-label="Frames beside this one">
      <Button label="‹" name="Frame before" onPress={() => onFlip(-1)} style={styles.button} />
      <Text style={styles.words} role="status">
        {words}
      </Text>
      <Button label="›" name="Next frame" onPress={() => onFlip(1)} style={styles.button} />
    </View>
  );
}

const styles = StyleSheet.create({
  bar: { flexDirection: 'row', alignItems: 'center', gap: 8 },
  button: { backgroundColor: 'rgba(22,22,22,0.85)' },
  words: {
    fontFamily: FONT.medium,
    fontSize: typePx(16),
    color: COLOUR.light,
    backgroundColor: 'rgba(22,22,22,0.85)',
    paddingHorizontal: 8,
    paddingVertical: 4,
    borderRadius: 4,
    fontVariant: ['tabular-nums'],
  },
});
