import { DEFAULT_SCENE } from '../../camera/simulated/live/earlyShot';
import { StyleSheet, Text, View } from 'react-native';
import type { RefusalReason } from '../../camera/device/refusal';
import { Button } from '../../instruments/Button';
import { useStore } from '../../state/store';
import { COLOUR, FONT, typePx } from '../../theme/theme';
import { session } from './session/fieldSession';
import { fieldStore } from './session/fieldState';

const TITLES: Readonly<Record<RefusalReason, string>> = {
  ask: 'May Velmo use the camera?',
  denied: 'Camera not allowed',
  missing: 'No camera found',
  busy: 'Camera in use',
  lost: 'Camera gone',
  stalled: 'The camera sends no picture',
  unsupported: 'Camera not available',
  insecure: 'Camera needs a secure address',
  browser: 'This browser is too old',
};

/** Stands in the Window's place when a camera cannot be had: why, and the ways out. */
export function Refusal({ width, height }: { width: number; height: number }) {
  const refusal = useStore(fieldStore, (s) => s.refusal);
  const choice = useStore(fieldStore, (s) => s.choice);
  if (!refusal) return null;
  return (
    <View style={[styles.panel, { width, height }]} role="alert">
      <Text style={styles.title}>{TITLES[refusal.reason]}</Text>
      <Text style={styles.text}>{refusal.message}</Text>
      {refusal.reason !== 'insecure' && (
        <Button
          label={refusal.reason === 'ask' ? 'Allow the camera' : 'Try again'}
          onPress={() => void session.openCamera(choice, true)}
        />
      )}
      {refusal.reason !== 'browser' && (
        <Button
          label="Use the simulated camera"
          onPress={() => void session.openCamera({ device: 'simulated', scene: DEFAULT_SCENE })}
        />
      )}
    </View>
  );
}

const styles = StyleSheet.create({
  panel: {
    backgroundColor: '#141414',
    alignItems: 'center',
    justifyContent: 'center',
    padding: 20,
    gap: 12,
  },
  title: { fontFamily: FONT.semibold, fontSize: typePx(22), color: COLOUR.light },
  text: {
    fontFamily: FONT.regular,
    fontSize: typePx(17),
    lineHeight: typePx(23),
    color: COLOUR.light,
    textAlign: 'center',
    maxWidth: 360,
  },
});
