import { useState } from 'react';
import { StyleSheet, Text, View } from 'react-native';
import { Button } from '../../instruments/Button';
import { useRolls } from '../../storage/rolls/rollQueries';
import { COLOUR, FONT, typePx } from '../../theme/theme';
import { NewRoll } from './NewRoll';
import type { Deciding } from './useDeciding';

interface MoveChoiceProps {
  readonly ids: readonly string[];
  readonly deciding: Deciding;
  readonly onDone: () => void;
}

/** The rolls frames can be moved to, a new one among them. */
export function MoveChoice({ ids, deciding, onDone }: MoveChoiceProps) {
  const { data: rolls = [] } = useRolls();
  const [making, setMaking] = useState(false);
  const move = (id: string, name: string): void => {
    deciding.move(ids, id, name);
    onDone();
  };
  return (
    <View style={styles.choice} role="group" aria-label="Move to">
      <Text style={styles.label}>Move to</Text>
      {rolls.map(({ id, name }) => (
        <Button key={id} label={name} name={`Move to ${name}`} onPress={() => move(id, name)} />
      ))}
      {making ? (
        <NewRoll onMade={({ id, name }) => move(id, name)} />
      ) : (
        <Button label="New roll ..." onPress={() => setMaking(true)} />
      )}
      <Button quiet label="Cancel" onPress={onDone} />
    </View>
  );
}

const styles = StyleSheet.create({
  choice: { flexDirection: 'row', flexWrap: 'wrap', alignItems: 'center', gap: 6 },
  label: { fontFamily: FONT.medium, fontSize: typePx(15), color: COLOUR.lightSoft },
});
