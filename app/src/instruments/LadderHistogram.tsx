import { memo, useEffect, useRef } from 'react';
import { StyleSheet, View } from 'react-native';
import Svg, { Path } from 'react-native-svg';
import { BINS_PER_STOP, LADDER_BINS, ladderBin } from '@velmo/core/monitor';
import { COLOUR } from '../theme/theme';
import { histogramHeights, peakOf, sidewaysPath, type HeightScale } from './histogramPath';
import { LADDER_BOTTOM_STOPS, LADDER_TOP_STOPS, ladderPxPerStop } from './ladderPlace';

/** What the ladder stands on: a histogram in stops from mid-grey. */
export interface LadderReading {
  readonly histogram: Uint32Array;
}

/** How tall a histogram stands, and how counts become heights. */
export interface HistogramLook {
  readonly size: 'small' | 'large';
  readonly scale: HeightScale;
}

/** Share of the ladder's width that the peak takes. */
const REACH = { small: 0.3, large: 0.62 } as const;

interface LadderHistogramProps {
  readonly width: number;
  readonly height: number;
  /** Calls back with every new reading; returns how to stop. */
  readonly subscribe: (listener: (reading: LadderReading) => void) => () => void;
  readonly look: HistogramLook;
}

const FIRST = ladderBin(LADDER_BOTTOM_STOPS);
const LAST = ladderBin(LADDER_TOP_STOPS - 1e-6);
const CHANNELS = [COLOUR.red, COLOUR.green, COLOUR.blue];

/** The raw histogram, sideways. New readings go straight to the drawn paths: no render thirty times a second. */
export const LadderHistogram = memo(function LadderHistogram(props: LadderHistogramProps) {
  const { width, height, subscribe, look } = props;
  const { size, scale } = look;
  const host = useRef<View>(null);
  useEffect(() => {
    const paths = (host.current as unknown as HTMLElement).querySelectorAll('path');
    const pxPerBin = ladderPxPerStop(height) / BINS_PER_STOP;
    return subscribe(({ histogram }) => {
      const peak = peakOf(histogram, LADDER_BINS);
      // A stored raw has no luminance channel; its green stands in for the body of the histogram.
      const body = histogram.length > 3 * LADDER_BINS ? 3 : 1;
      [body, 0, 1, 2].forEach((channel, i) => {
        const heights = histogramHeights(histogram, channel, peak, scale);
        const d = sidewaysPath(
          heights,
          FIRST,
          LAST,
          width,
          height,
          pxPerBin,
          width * REACH[size],
          i === 0,
        );
        paths[i]?.setAttribute('d', d);
      });
    });
  }, [subscribe, width, height, size, scale]);
  return (
    <View ref={host} style={styles.layer}>
      <Svg width={width} height={height}>
        <Path d="" fill="#e4e0d6" fillOpacity={0.5} />
        {CHANNELS.map((colour) => (
          <Path key={colour} d="" fill="none" stroke={colour} strokeWidth={1.5} />
        ))}
      </Svg>
    </View>
  );
});

const styles = StyleSheet.create({
  layer: { position: 'absolute', left: 0, top: 0, pointerEvents: 'none' },
});
