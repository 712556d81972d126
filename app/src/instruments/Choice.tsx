import { StyleSheet, Text, View } from 'react-native';
import { COLOUR, FONT, typePx } from '../theme/theme';
import { Button } from './Button';

interface ChoiceProps<T> {
  readonly label: string;
  /** The options speak for themselves: the label is only for those who listen. */
  readonly unlabelled?: boolean;
  readonly options: readonly {
    readonly value: T;
    readonly label: string;
    readonly name?: string;
  }[];
  readonly value: T;
  readonly onChoose: (value: T) => void;
}

/** One of a few, all in sight. */
export function Choice<T extends string | number | boolean>(props: ChoiceProps<T>) {
  const { label, unlabelled, options, value, onChoose } = props;
  return (
    <View style={styles.row} role="group" aria-label={label}>
      {!unlabelled && <Text style={styles.label}>{label}</Text>}
      {options.map((option) => (
        <Button
          key={String(option.value)}
          label={option.label}
          name={option.name}
          pressed={option.value === value}
          onPress={() => onChoose(option.value)}
        />
      ))}
    </View>
  );
}

const styles = StyleSheet.create({
  row: { flexDirection: 'row', alignItems: 'center', flexWrap: 'wrap', gap: 6 },
  label: { fontFamily: FONT.medium, fontSize: typePx(15), color: COLOUR.lightSoft, minWidth: 44 },
});
