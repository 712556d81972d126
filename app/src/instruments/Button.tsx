import { Pressable, StyleSheet, Text, type StyleProp, type ViewStyle } from 'react-native';
import { COLOUR, FONT, TARGET, typePx } from '../theme/theme';

interface ButtonProps {
  readonly label: string;
  readonly onPress: () => void;
  /** Spoken name, where it says more than the label. */
  readonly name?: string;
  readonly quiet?: boolean;
  readonly pressed?: boolean;
  /** It stands on paper. */
  readonly ink?: boolean;
  readonly disabled?: boolean;
  readonly style?: StyleProp<ViewStyle>;
}

/** A plain button. Quiet ones have no frame. */
export function Button({
  label,
  onPress,
  name,
  quiet,
  pressed,
  ink,
  disabled,
  style,
}: ButtonProps) {
  return (
    <Pressable
      role="button"
      aria-label={name}
      aria-pressed={pressed}
      disabled={disabled}
      onPress={onPress}
      style={[
        styles.button,
        !quiet && styles.framed,
        ink && styles.ink,
        pressed && (ink ? styles.pressedInk : styles.pressed),
        style,
      ]}
    >
      <Text
        style={[styles.label, Boolean(ink) !== Boolean(pressed) && styles.labelInk]}
        numberOfLines={label.includes('\n') ? 2 : 1}
      >
        {label}
      </Text>
    </Pressable>
  );
}

const styles = StyleSheet.create({
  button: {
    minHeight: TARGET,
    minWidth: TARGET,
    paddingHorizontal: 10,
    justifyContent: 'center',
    alignItems: 'center',
    borderRadius: 6,
  },
  framed: { borderWidth: 1, borderColor: COLOUR.lightSoft, paddingHorizontal: 12 },
  pressed: { backgroundColor: COLOUR.paper },
  ink: { borderColor: COLOUR.inkSoft },
  pressedInk: { backgroundColor: COLOUR.ink },
  label: {
    fontFamily: FONT.medium,
    fontSize: typePx(16),
    lineHeight: typePx(19),
    textAlign: 'center',
    color: COLOUR.light,
  },
  labelInk: { color: COLOUR.ink },
});
