import { useState } from 'react';
import { StyleSheet, View } from 'react-native';
import { Button } from '../../instruments/Button';
import { TypedText } from '../../instruments/TypedText';

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
      <TypedText
        label={label}
        value={text}
        maxLength={most}
        onChangeText={setText}
        onSubmitEditing={done}
        placeholder={label}
        autoFocus
      />
      <Button label={action} disabled={typed === ''} onPress={done} />
    </View>
  );
}

const styles = StyleSheet.create({
  field: { flexDirection: 'row', alignItems: 'center', gap: 6, flexGrow: 1 },
});
