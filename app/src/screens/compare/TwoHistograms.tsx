import { View } from 'react-native';
import Svg, { Line, Path, Text as SvgText } from 'react-native-svg';
import { binStops, LADDER_BINS, ladderBin } from '@velmo/core/monitor';
import { curveHeights } from '../../instruments/ladder/histogramPath';
import { COLOUR, FONT } from '../../theme/theme';

interface TwoHistogramsProps {
  readonly histograms: readonly [Uint32Array, Uint32Array];
  /** What the second is called; the first is A. */
  readonly second: string;
  readonly width: number;
  readonly height: number;
}

/** Stops from mid-grey that are shown, and every how many one is named. */
const LOW = -10;
const HIGH = 3;
const EVERY = 2;
const FOOT = 18;

/**
 * Raw histograms of two frames laid over each other, in stops: A drawn through, the other dashed.
 */
export function TwoHistograms({ histograms, second, width, height }: TwoHistogramsProps) {
  const [first, last] = [ladderBin(LOW), ladderBin(HIGH - 1e-6)];
  const peak = Math.max(
    1,
    ...histograms.flatMap((h) => Array.from(h.subarray(1, LADDER_BINS - 1))),
  );
  const x = (bin: number): number => ((bin - first + 0.5) / (last - first + 1)) * width;
  const foot = height - FOOT;
  const path = (histogram: Uint32Array): string => {
    const heights = curveHeights(histogram, peak, 'linear');
    let d = '';
    for (let bin = first; bin <= last; bin++)
      d += `${d === '' ? 'M' : 'L'}${x(bin).toFixed(1)} ${(foot - heights[bin] * (foot - 4)).toFixed(1)}`;
    return d;
  };
  const marks = Array.from(
    { length: (HIGH - LOW) / EVERY },
    (_, i) => LOW + EVERY * (i + 1),
  ).filter((stops) => stops < HIGH);
  return (
    <View
      role="img"
      aria-label={`Raw histograms of both frames, in stops: A drawn through, ${second} dashed`}
    >
      <Svg width={width} height={height}>
        {marks.map((stops) => {
          const at = x(ladderBin(stops) + (stops - binStops(ladderBin(stops))));
          return (
            <Line
              key={stops}
              x1={at}
              x2={at}
              y1={0}
              y2={foot}
              stroke={COLOUR.line}
              strokeWidth={1}
            />
          );
        })}
        {marks.map((stops) => (
          <SvgText
            key={stops}
            x={x(ladderBin(stops))}
            y={height - 4}
            fill={COLOUR.lightSoft}
            fontFamily={FONT.regular}
            fontSize={13}
            textAnchor="middle"
          >
            {stops > 0 ? `+${stops}` : `${stops}`.replace('-', '−')}
          </SvgText>
        ))}
        <Path d={path(histograms[0])} stroke={COLOUR.light} strokeWidth={1.5} fill="none" />
        <Path
          d={path(histograms[1])}
          stroke={COLOUR.lightSoft}
          strokeWidth={2}
          strokeDasharray="5 4"
          fill="none"
        />
      </Svg>
    </View>
  );
}
