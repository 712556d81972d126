import { StyleSheet, Text, View } from 'react-native';
import { useStore } from '../../../state/store';
import { FONT } from '../../../theme/theme';
import { fieldStore } from '../session/fieldState';

/** Seconds to the first frame, large enough to be read from where the photographer stands. */
export function Countdown({ width, height }: { width: number; height: number }) {
  const seconds = useStore(fieldStore, (s) => s.countdownS);
  if (seconds === null) return null;
  const size = Math.round(0.6 * Math.min(width, height));
  return (
    <View style={styles.over} role="timer" aria-live="assertive" testID="countdown">
      <Text style={[styles.number, { fontSize: size, lineHeight: size }]}>{seconds}</Text>
    </View>
  );
}

const styles = StyleSheet.create({
  over: {
    position: 'absolute',
    left: 0,
    right: 0,
    top: 0,
    bottom: 0,
    alignItems: 'center',
    justifyContent: 'center',
    pointerEvents: 'none',
  },
  number: {
    fontFamily: FONT.semibold,
    fontVariant: ['tabular-nums'],
    color: '#ffffff',
    textShadowColor: 'rgba(0,0,0,0.9)',
    textShadowRadius: 16,
  },
});
