import { StyleSheet, View } from 'react-native';
import Svg, { Path } from 'react-native-svg';
import { useStore } from '../../../state/store';
import { fieldStore, readingsStore } from '../session/fieldState';

const REACH = 22;
const GAP = 9;

/**
 * Four short lines that point at the place focus is looked for: dashed while searching, crossed
 * where nothing was found.
 */
export function FocusMark({ width, height }: { width: number; height: number }) {
  const focus = useStore(fieldStore, (s) => s.settings.focus);
  const asked = useStore(
    fieldStore,
    (s) =>
      s.activeTape === 'focus' ||
      (s.settings.focus.mode === 'auto' && !isMiddle(s.settings.focus.spot)),
  );
  const state = useStore(readingsStore, (r) => r?.focus?.state ?? null);
  if (focus.mode !== 'auto' || !asked || state === null || state === 'fixed') return null;
  const x = focus.spot.x * width;
  const y = focus.spot.y * height;
  const lines =
    `M${x - REACH} ${y}h${REACH - GAP}M${x + GAP} ${y}h${REACH - GAP}` +
    `M${x} ${y - REACH}v${REACH - GAP}M${x} ${y + GAP}v${REACH - GAP}`;
  const failed = state === 'dark' || state === 'flat';
  const cross = failed ? `M${x - 6} ${y - 6}l12 12M${x + 6} ${y - 6}l-12 12` : '';
  const dash = state === 'searching' ? '3 3' : undefined;
  return (
    <View style={styles.layer} testID="focus-mark">
      <Svg width={width} height={height}>
        <Path d={lines + cross} stroke="#161616" strokeWidth={5} strokeDasharray={dash} />
        <Path d={lines + cross} stroke="#c9a8ff" strokeWidth={2.5} strokeDasharray={dash} />
      </Svg>
    </View>
  );
}

const isMiddle = ({ x, y }: { x: number; y: number }): boolean => x === 0.5 && y === 0.5;

const styles = StyleSheet.create({
  layer: { position: 'absolute', left: 0, top: 0, pointerEvents: 'none' },
});
