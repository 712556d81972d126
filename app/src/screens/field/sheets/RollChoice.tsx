import { useRouter } from 'expo-router';
import { useState } from 'react';
import { StyleSheet, Text, View } from 'react-native';
import { Button } from '../../../instruments/Button';
import { useStore } from '../../../state/store';
import { currentRollStore, setCurrentRoll } from '../../../storage/rolls/currentRoll';
import { useRolls } from '../../../storage/rolls/rollQueries';
import { paramsOfView, wholeRoll } from '../../../storage/rolls/rollView';
import { COLOUR, FONT, typePx } from '../../../theme/theme';
import { NewRoll } from '../../roll/NewRoll';

/** Rolls that are offered in Field: the newest. All of them are where rolls are. */
const MAX_OFFERED = 5;

/** The roll frames are made into: one of the newest, none, or a new one. */
export function RollChoice() {
  const router = useRouter();
  const { data: rolls = [] } = useRolls();
  const current = useStore(currentRollStore, (roll) => roll);
  const [making, setMaking] = useState(false);
  const [loose] = rolls.filter(({ id }) => id === '');
  const newest = rolls.filter(({ id }) => id !== '' && id !== current.id).slice(0, MAX_OFFERED);
  const others = loose && current.id !== '' ? [...newest, loose] : newest;
  return (
    <View style={styles.rolls} role="group" aria-label="Roll">
      <Text style={styles.label}>Roll</Text>
      <Button pressed label={current.name} onPress={() => {}} />
      {others.map(({ id, name }) => (
        <Button
          key={id}
          label={name}
          name={`Expose into ${name}`}
          onPress={() => setCurrentRoll({ id, name })}
        />
      ))}
      {making ? (
        <NewRoll
          onMade={({ id, name }) => {
            setMaking(false);
            setCurrentRoll({ id, name });
          }}
        />
      ) : (
        <Button label="New roll ..." onPress={() => setMaking(true)} />
      )}
      <Button
        quiet
        label="Open it ›"
        onPress={() =>
          router.push({ pathname: '/frames', params: paramsOfView(wholeRoll(current.id)) })
        }
      />
    </View>
  );
}

const styles = StyleSheet.create({
  rolls: { flexDirection: 'row', flexWrap: 'wrap', alignItems: 'center', gap: 6 },
  label: { fontFamily: FONT.medium, fontSize: typePx(15), color: COLOUR.lightSoft, minWidth: 52 },
});
