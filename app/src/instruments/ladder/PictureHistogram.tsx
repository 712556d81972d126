import { memo, useEffect, useRef } from 'react';
import { StyleSheet, Text, View } from 'react-native';
import Svg, { Path } from 'react-native-svg';
import { PICTURE_BINS } from '@velmo/core/monitor';
import { COLOUR, FONT, typePx } from '../../theme/theme';
import { curveHeights, type HeightScale, peakOf, sidewaysCurve } from './histogramPath';

interface PictureHistogramProps {
  readonly width: number;
  readonly height: number;
  readonly scale: HeightScale;
  /** Whose bytes they are, in a short word. */
  readonly of: 'JPEG' | 'shown';
  /** Calls back with pixels per byte value of red, green, blue and luma; returns how to stop. */
  readonly subscribe: (listener: (histogram: Int32Array) => void) => () => void;
}

/** Room for the words above and below. */
const HEAD = 18;
const CHANNELS = [COLOUR.red, COLOUR.green, COLOUR.blue];
const LUMA = 3;

/**
 * The developed picture's histogram on its side, 0 at the foot and 255 at the top: what the JPEG
 * will hold.
 */
export const PictureHistogram = memo(function PictureHistogram(props: PictureHistogramProps) {
  const { width, height, scale, of, subscribe } = props;
  const host = useRef<View>(null);
  const room = height - 2 * HEAD;
  useEffect(() => {
    const paths = (host.current as unknown as HTMLElement).querySelectorAll('path');
    return subscribe((histogram) => {
      const peak = peakOf(histogram, PICTURE_BINS);
      [LUMA, 0, 1, 2].forEach((channel, i) => {
        const curve = histogram.subarray(channel * PICTURE_BINS, (channel + 1) * PICTURE_BINS);
        const d = sidewaysCurve(curveHeights(curve, peak, scale), width, room, i === 0);
        paths[i]?.setAttribute('d', d);
      });
    });
  }, [subscribe, width, room, scale]);
  return (
    <View
      style={[styles.strip, { width, height }]}
      role="img"
      aria-label={`Histogram of the ${of === 'JPEG' ? 'JPEG' : 'picture as shown'}, 0 to 255`}
      testID="picture-histogram"
    >
      <Text style={styles.word}>{`${of} 255`}</Text>
      <View ref={host}>
        <Svg width={width} height={room}>
          <Path d="" fill="#e4e0d6" fillOpacity={0.5} />
          {CHANNELS.map((colour) => (
            <Path key={colour} d="" fill="none" stroke={colour} strokeWidth={1.2} />
          ))}
        </Svg>
      </View>
      <Text style={styles.word}>0</Text>
    </View>
  );
});

const styles = StyleSheet.create({
  strip: {
    backgroundColor: 'rgba(22,22,22,0.72)',
    borderRightWidth: 1,
    borderRightColor: COLOUR.line,
    overflow: 'hidden',
    pointerEvents: 'none',
  },
  word: {
    height: HEAD,
    lineHeight: HEAD,
    fontFamily: FONT.medium,
    fontSize: typePx(13),
    color: COLOUR.light,
    textAlign: 'center',
    fontVariant: ['tabular-nums'],
  },
});
