import { memo, useEffect, useRef } from 'react';
import { StyleSheet, View } from 'react-native';
import { BINS_PER_STOP, LADDER_BINS, ladderBin } from '@velmo/core/monitor';
import { drawnColour } from '../../theme/theme';
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
const CHANNELS = ['red', 'green', 'blue'] as const;
const BODY = 'rgba(228, 224, 214, 0.5)';

/**
 * The raw histogram, sideways, on a canvas: new readings are drawn without a render. (Hiding all
 * SVG of Field, this one redrawn at every frame, took WebKit's page from 25 to 48 drawings a
 * second.)
 */
export const LadderHistogram = memo(function LadderHistogram(props: LadderHistogramProps) {
  const { width, height, subscribe, look } = props;
  const { size, scale } = look;
  const host = useRef<View>(null);
  useEffect(() => {
    const canvas = document.createElement('canvas');
    const ratio = window.devicePixelRatio || 1;
    canvas.width = Math.round(width * ratio);
    canvas.height = Math.round(height * ratio);
    Object.assign(canvas.style, { width: `${width}px`, height: `${height}px`, display: 'block' });
    (host.current as unknown as HTMLElement).append(canvas);
    // Few lines: quicker drawn in memory than handed to a GPU. Null where the browser draws nothing
    // at all.
    const context = canvas.getContext('2d', { willReadFrequently: true });
    const stop = subscribe(({ histogram }) => {
      if (!context) return;
      context.setTransform(ratio, 0, 0, ratio, 0, 0);
      context.clearRect(0, 0, width, height);
      drawHistogram(context, histogram, { width, height, look: { size, scale } });
    });
    return () => {
      stop();
      canvas.remove();
    };
  }, [subscribe, width, height, size, scale]);
  return <View ref={host} style={styles.layer} />;
});

interface Place {
  readonly width: number;
  readonly height: number;
  readonly look: HistogramLook;
}

/** Its body, and each channel as a line. */
function drawHistogram(
  context: CanvasRenderingContext2D,
  histogram: Uint32Array,
  { width, height, look }: Place,
): void {
  const pxPerBin = ladderPxPerStop(height) / BINS_PER_STOP;
  const peak = peakOf(histogram, LADDER_BINS);
  const pathOf = (channel: number, closed: boolean): Path2D =>
    new Path2D(
      sidewaysPath(
        histogramHeights(histogram, channel, peak, look.scale),
        FIRST,
        LAST,
        width,
        height,
        pxPerBin,
        width * REACH[look.size],
        closed,
      ),
    );
  // A stored raw has no luminance channel; its green stands in for the body of the histogram.
  context.fillStyle = BODY;
  context.fill(pathOf(histogram.length > 3 * LADDER_BINS ? 3 : 1, true));
  context.lineWidth = 1.5;
  CHANNELS.forEach((colour, channel) => {
    context.strokeStyle = drawnColour(colour);
    context.stroke(pathOf(channel, false));
  });
}

const styles = StyleSheet.create({
  layer: { position: 'absolute', left: 0, top: 0, pointerEvents: 'none' },
});
