import { StyleSheet, View } from 'react-native';
import { COLOUR } from '../../theme/theme';
import { ladderY } from './ladderPlace';

const BAR_PX = 5;
const APART_PX = 3;
const MARGIN_PX = 4;

/** What one frame holds, in stops from mid-grey as the ladder now stands. */
export interface HeldRange {
  readonly clipStops: number;
  readonly floorStops: number;
}

/** Pixels that so many bars take. */
export const ladderBarsWidth = (bars: number): number =>
  bars * BAR_PX + (bars - 1) * APART_PX + 2 * MARGIN_PX;

interface LadderBarsProps {
  readonly bars: readonly HeldRange[];
  readonly height: number;
  /** Spoken. */
  readonly label: string;
}

/** Slim bars beside a ladder, one a frame: from the tone it clips to the one it loses in noise. */
export function LadderBars({ bars, height, label }: LadderBarsProps) {
  return (
    <View
      role="img"
      aria-label={label}
      style={[styles.strip, { height, width: ladderBarsWidth(bars.length) }]}
      testID="ladder-bars"
    >
      {bars.map(({ clipStops, floorStops }, i) => {
        const top = ladderY(clipStops, height);
        return (
          <View
            key={i}
            style={[
              styles.bar,
              {
                left: MARGIN_PX + i * (BAR_PX + APART_PX),
                top,
                height: Math.max(2, ladderY(floorStops, height) - top),
              },
            ]}
          />
        );
      })}
    </View>
  );
}

const styles = StyleSheet.create({
  strip: { backgroundColor: 'rgba(22,22,22,0.72)', pointerEvents: 'none' },
  bar: {
    position: 'absolute',
    width: BAR_PX,
    borderRadius: 2,
    backgroundColor: COLOUR.paper,
    borderTopWidth: 2,
    borderTopColor: COLOUR.clipped,
  },
});
