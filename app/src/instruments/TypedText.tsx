import { StyleSheet, TextInput, type TextInputProps } from 'react-native';
import { COLOUR, FONT, TARGET, typePx } from '../theme/theme';

type TypedTextProps = Omit<TextInputProps, 'style' | 'placeholderTextColor'> & {
  /** What it is called for those who listen. */
  readonly label: string;
};

/** A line of text to be typed, on paper like everything the user holds. */
export function TypedText({ label, ...props }: TypedTextProps) {
  return (
    <TextInput
      aria-label={label}
      placeholderTextColor={COLOUR.inkSoft}
      autoCorrect={false}
      spellCheck={false}
      {...props}
      style={styles.input}
    />
  );
}

const styles = StyleSheet.create({
  input: {
    flexGrow: 1,
    flexShrink: 1,
    minWidth: 120,
    minHeight: TARGET,
    paddingHorizontal: 10,
    borderRadius: 6,
    backgroundColor: COLOUR.paper,
    color: COLOUR.ink,
    fontFamily: FONT.medium,
    fontSize: typePx(16),
  },
});
