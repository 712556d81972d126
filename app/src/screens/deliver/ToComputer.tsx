import { useEffect } from 'react';
import { StyleSheet, Text, View } from 'react-native';
import type { DeliveryChoices } from '../../deliver/deliveryPlan';
import {
  forgetComputer,
  handOff,
  resumeHandoff,
  retryHandoff,
  stopHandoff,
} from '../../handoff/handOff';
import { handoffStore } from '../../handoff/handoffStore';
import { Button } from '../../instruments/Button';
import { useStore } from '../../state/store';
import { SCREEN_TEXT } from '../../theme/screenText';
import { handoffWords } from './handoffWords';

interface ToComputerProps {
  readonly ids: readonly string[];
  readonly choices: DeliveryChoices;
}

/** Sends frames to the computer that Velmo comes from, while something else is done here. */
export function ToComputer({ ids, choices }: ToComputerProps) {
  useEffect(() => void resumeHandoff(), []);
  const state = useStore(handoffStore, (s) => s);
  const { isRead, pairing, phase } = state;
  const says = handoffWords(state);
  if (!isRead) return null;
  if (!pairing)
    return (
      <Text style={SCREEN_TEXT.about}>
        Straight to a computer: start Velmo there with “npm run demo -- --lan”, and scan the code
        that it shows with this device.
      </Text>
    );
  return (
    <>
      <View style={styles.row}>
        <Button label={`Send to ${pairing.computer}`} onPress={() => void handOff(ids, choices)} />
        {phase !== 'idle' && phase !== 'sending' && (
          <Button label="Try now" onPress={retryHandoff} />
        )}
        {phase !== 'idle' && <Button label="Stop sending" onPress={stopHandoff} />}
        {phase === 'idle' && (
          <Button
            quiet
            label="Forget it"
            name={`Forget it: ${pairing.computer}`}
            onPress={() => void forgetComputer()}
          />
        )}
      </View>
      {says && (
        <Text
          style={SCREEN_TEXT.text}
          role={phase === 'waiting' || phase === 'held' ? 'alert' : 'status'}
        >
          {says}
        </Text>
      )}
      <Text style={SCREEN_TEXT.about}>
        Into its folder {pairing.folder}. Only what has not arrived is sent; nothing there is
        overwritten. It goes on while you photograph, as long as Velmo is open.
      </Text>
    </>
  );
}

const styles = StyleSheet.create({
  row: { flexDirection: 'row', flexWrap: 'wrap', gap: 8 },
});
