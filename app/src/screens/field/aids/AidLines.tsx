import { StyleSheet, View } from 'react-native';
import Svg, { Path } from 'react-native-svg';
import { frameBox, gridLines, type Aids } from '@velmo/core/aids';
import { COLOUR } from '../../../theme/theme';
import { OPACITY } from './strength';

interface AidLinesProps {
  readonly aids: Aids;
  readonly width: number;
  readonly height: number;
}

const p = (v: number): string => v.toFixed(1);

/**
 * Grid and frame lines over the picture: light hair lines, cased dark so that they show on both.
 */
export function AidLines({ aids, width, height }: AidLinesProps) {
  const { grid, frame, strength } = aids;
  const lines =
    grid === 'off'
      ? ''
      : gridLines(grid, width, height)
          .map(({ x1, y1, x2, y2 }) => `M${p(x1)} ${p(y1)}L${p(x2)} ${p(y2)}`)
          .join('');
  const box = frame === 'off' ? null : frameBox(frame, width, height);
  const framed = box
    ? `M${p(box.x)} ${p(box.y)}h${p(box.width)}v${p(box.height)}h${p(-box.width)}z`
    : '';
  if (!lines && !framed) return null;
  return (
    <View style={styles.layer} testID="aid-lines">
      <Svg width={width} height={height} opacity={OPACITY[strength]} fill="none">
        <Path d={lines + framed} stroke={COLOUR.ink} strokeWidth={2.5} strokeOpacity={0.5} />
        <Path d={lines} stroke={COLOUR.light} strokeWidth={1} />
        <Path d={framed} stroke={COLOUR.light} strokeWidth={1.5} strokeDasharray="14 5" />
      </Svg>
    </View>
  );
}

const styles = StyleSheet.create({
  layer: { position: 'absolute', left: 0, top: 0, pointerEvents: 'none' },
});
