import { Pressable, StyleSheet, Text } from 'react-native';
import { COLOUR, FONT, typePx } from '../../theme/theme';
import { useHand } from './hand';

/** A button at a tape's end. */
export interface TapeCapProps {
  /** Two short lines. */
  readonly top: string;
  readonly below: string;
  /** Spoken; contains both lines. */
  readonly name: string;
  readonly expanded?: boolean;
  readonly disabled?: boolean;
  readonly onPress: () => void;
}

/** How much of the ruler's end it covers. */
export const CAP_PX = 68;

/** The button at a tape's end. */
export function TapeCap(props: TapeCapProps & { readonly paper: boolean }) {
  const { top, below, name, expanded, disabled, onPress, paper } = props;
  const isLeft = useHand() === 'left';
  const ink = { color: paper ? COLOUR.ink : COLOUR.light };
  return (
    <Pressable
      role="button"
      aria-label={name}
      aria-expanded={expanded}
      disabled={disabled}
      onPress={onPress}
      style={[
        styles.cap,
        isLeft ? styles.left : styles.right,
        paper ? styles.onPaper : styles.onDark,
        disabled && styles.faded,
      ]}
    >
      <Text style={[styles.word, ink]} numberOfLines={1}>
        {top}
      </Text>
      <Text style={styles.gap}> </Text>
      <Text style={[styles.word, ink]} numberOfLines={1}>
        {below}
      </Text>
    </Pressable>
  );
}

const styles = StyleSheet.create({
  // Over the ruler's end, so that the index lines of all tapes stand under one another.
  cap: {
    position: 'absolute',
    top: 0,
    bottom: 0,
    width: CAP_PX,
    justifyContent: 'center',
    alignItems: 'center',
  },
  right: { right: 0, borderLeftWidth: 1 },
  left: { left: 0, borderRightWidth: 1 },
  onPaper: { backgroundColor: COLOUR.paperCap, borderColor: COLOUR.paperEdge },
  onDark: { backgroundColor: COLOUR.darkCap, borderColor: COLOUR.darkEdge },
  faded: { opacity: 0.5 },
  word: { fontFamily: FONT.medium, fontSize: typePx(14), lineHeight: typePx(17) },
  gap: { fontSize: 0, lineHeight: 0 },
});
