import { useState } from 'react';
import { StyleSheet, TextInput, View } from 'react-native';
import { Button } from '../../instruments/Button';
import { COLOUR, FONT, TARGET } from '../../theme/theme';

interface NameFieldProps {
  readonly label: string;
  /** "Make", "Rename" */
  readonly action: string;
  readonly most: number;
  readonly name?: string;
  readonly onName: (name: string) => void;
}

/** A name to be typed, and what is done with it. */
export function NameField({ label, action, most, name = '', onName }: NameFieldProps) {
  const [text, setText] = useState(name);
  const typed = text.trim().replace(/\s+/g, ' ');
  const done = (): void => {
    if (typed !== '') onName(typed);
  };
  return (
    <View style={styles.field}>
      <TextInput
        aria-label={label}
        value={text}
        maxLength={most}
        onChangeText={setText}
        onSubmitEditing={done}
        placeholder={label}
        placeholderTextColor={COLOUR.inkSoft}
        autoFocus
        autoCorrect={false}
        spellCheck={false}
        style={styles.input}
      />
      <Button label={action} disabled={typed === ''} onPress={done} />
    </View>
  );
}

const styles = StyleSheet.create({
  field: { flexDirection: 'row', alignItems: 'center', gap: 6, flexGrow: 1 },
  input: {
    flex: 1,
    minWidth: 120,
    minHeight: TARGET,
    paddingHorizontal: 10,
    borderRadius: 6,
    backgroundColor: COLOUR.paper,
    color: COLOUR.ink,
    fontFamily: FONT.medium,
    fontSize: 16,
  },
});
