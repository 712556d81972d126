import { Pressable, StyleSheet, Text } from 'react-native';
import { COLOUR, FONT, TARGET, typePx } from '../theme/theme';

interface StatusPartProps {
  readonly top: string;
  readonly below: string;
  /** Spoken before both. */
  readonly name: string;
  readonly open: boolean;
  readonly onPress: () => void;
  readonly wide?: boolean;
  /** What it is called where one asks why; see `why` of Field. */
  readonly why?: object;
  /** As wide as its longest words, so that those beside it stay where a finger aims. */
  readonly steady?: boolean;
}

/** Two short lines of a status line, which open a sheet. */
export function StatusPart(props: StatusPartProps) {
  const { top, below, name, open, onPress, wide, steady, why } = props;
  return (
    <Pressable
      role="button"
      aria-label={`${name}: ${top} ${below}`}
      aria-expanded={open}
      onPress={onPress}
      {...why}
      style={[styles.part, wide && styles.widePart, steady && styles.steady, open && styles.open]}
    >
      <Text style={styles.top} numberOfLines={1}>
        {top}
      </Text>
      {/* Keeps the two lines apart for those who hear them. */}
      <Text style={styles.gap}> </Text>
      <Text style={styles.below} numberOfLines={1}>
        {below}
      </Text>
    </Pressable>
  );
}

const styles = StyleSheet.create({
  part: {
    minHeight: TARGET,
    justifyContent: 'center',
    paddingHorizontal: 6,
    borderRadius: 6,
    flexShrink: 1,
  },
  // Gives way before those beside it: a hundredth of a pixel less would cut their words.
  // As far as a finger still finds it: less than a full target, or the light could not be read.
  widePart: { flexGrow: 1, flexShrink: 1e6, minWidth: 32 },
  steady: { minWidth: typePx(104) },
  // A shade under `line`, so that the small print passes WCAG AA on it.
  open: { backgroundColor: '#383838' },
  top: {
    fontFamily: FONT.medium,
    fontSize: typePx(16),
    lineHeight: typePx(19),
    color: COLOUR.light,
    fontVariant: ['tabular-nums'],
  },
  gap: { fontSize: 0, lineHeight: 0 },
  below: {
    fontFamily: FONT.regular,
    fontSize: typePx(13),
    lineHeight: typePx(16),
    color: COLOUR.lightSoft,
  },
});
