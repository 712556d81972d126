import { useEffect, useId, useRef } from 'react';
import { StyleSheet, View } from 'react-native';
import Svg, { Defs, Line, Path, Pattern, Rect, Text as SvgText } from 'react-native-svg';
import { BINS_PER_STOP, LADDER_BINS, ladderBin } from '@velmo/core/monitor';
import { COLOUR, FONT } from '../theme/theme';
import { useSlide } from './useSlide';
import { SLIDABLE } from './webStyles';
import { histogramHeights, histogramPeak, sidewaysPath } from './histogramPath';

/** What the ladder stands on: a histogram in stops from mid-grey. */
export interface LadderReading {
  readonly histogram: Uint32Array;
  readonly clipStops: number;
  readonly floorStops: number;
}

interface LadderProps {
  readonly width: number;
  readonly height: number;
  readonly clipStops: number;
  readonly floorStops: number;
  /** Calls back with every new reading; returns how to stop. */
  readonly subscribe: (listener: (reading: LadderReading) => void) => () => void;
  /** Spoken: "highlights 1/3 stop under clipping". */
  readonly valueText: string;
  /** Drag or keys: brighter (+) or darker by clicks. Left out: the ladder only shows. */
  readonly onNudge?: (clicks: number) => void;
}

/** Stops from mid-grey at the ladder's ends: room above clipping, room below most noise floors. */
const TOP_STOPS = 3.7;
const BOTTOM_STOPS = -9;

/** A vertical scale of stops with the raw histogram on it, sideways. */
export function Ladder(props: LadderProps) {
  const { width, height, clipStops, floorStops, subscribe, valueText, onNudge } = props;
  const pxPerStop = height / (TOP_STOPS - BOTTOM_STOPS);
  const y = (stops: number): number => (TOP_STOPS - stops) * pxPerStop;
  // Several ladders may be on the page: each needs a hatch of its own name.
  const hatch = `hatch-${useId().replace(/\W/g, '')}`;
  const host = useRef<View>(null);
  useLadderDrag(host, pxPerStop / 3, onNudge);
  const fill = useRef<Path | null>(null);
  const lines = useRef<(Path | null)[]>([]);

  useEffect(() => {
    const first = ladderBin(BOTTOM_STOPS);
    const last = ladderBin(TOP_STOPS - 1e-6);
    const reach = width * 0.62;
    return subscribe(({ histogram }) => {
      const peak = histogramPeak(histogram);
      const path = (channel: number, closed: boolean): string =>
        sidewaysPath(
          histogramHeights(histogram, channel, peak),
          first,
          last,
          width,
          height,
          pxPerStop / BINS_PER_STOP,
          reach,
          closed,
        );
      // A stored raw has no luminance channel; its green stands in for the body of the histogram.
      const body = histogram.length > 3 * LADDER_BINS ? 3 : 1;
      setPath(fill.current, path(body, true));
      for (let c = 0; c < 3; c++) setPath(lines.current[c], path(c, false));
    });
  }, [subscribe, width, height, pxPerStop]);

  return (
    <View
      ref={host}
      style={[styles.ladder, onNudge && SLIDABLE, { width, height }]}
      testID="ladder"
      {...(onNudge
        ? {
            role: 'slider' as const,
            tabIndex: 0 as const,
            'aria-label': 'Ladder',
            'aria-orientation': 'vertical',
            'aria-valuemin': 0,
            'aria-valuemax': 100,
            'aria-valuenow': Math.round((100 * clipStops) / TOP_STOPS),
            'aria-valuetext': valueText,
            onKeyDown: keyNudge(onNudge),
          }
        : { role: 'img' as const, 'aria-label': `Raw histogram in stops: ${valueText}` })}
    >
      <Svg width={width} height={height}>
        <Defs>
          <Pattern id={hatch} width={8} height={8} patternUnits="userSpaceOnUse">
            <Path d="M-2 2L2 -2M0 8L8 0M6 10L10 6" stroke={COLOUR.clipped} strokeWidth={1.5} />
          </Pattern>
        </Defs>
        <Path ref={fill} d="" fill="#e4e0d6" fillOpacity={0.5} />
        <Path
          ref={(p) => void (lines.current[0] = p)}
          d=""
          fill="none"
          stroke={COLOUR.red}
          strokeWidth={1.5}
        />
        <Path
          ref={(p) => void (lines.current[1] = p)}
          d=""
          fill="none"
          stroke={COLOUR.green}
          strokeWidth={1.5}
        />
        <Path
          ref={(p) => void (lines.current[2] = p)}
          d=""
          fill="none"
          stroke={COLOUR.blue}
          strokeWidth={1.5}
        />
        <Rect
          x={0}
          y={0}
          width={width}
          height={Math.max(0, y(clipStops))}
          fill={`url(#${hatch})`}
        />
        <Line
          x1={0}
          x2={width}
          y1={y(clipStops)}
          y2={y(clipStops)}
          stroke={COLOUR.clipped}
          strokeWidth={2}
        />
        <Line
          x1={0}
          x2={width}
          y1={y(floorStops)}
          y2={y(floorStops)}
          stroke={COLOUR.crushed}
          strokeWidth={2}
          strokeDasharray="2 4"
        />
        {STOP_MARKS.map((stop) => (
          <Line
            key={stop}
            x1={0}
            x2={stop % 2 === 0 ? 9 : 6}
            y1={y(stop)}
            y2={y(stop)}
            stroke={COLOUR.light}
            strokeWidth={1.5}
          />
        ))}
        {STOP_MARKS.filter((stop) => stop % 2 === 0).map((stop) => (
          <SvgText
            key={stop}
            x={13}
            y={y(stop) + 5}
            fontSize={13}
            fontFamily={FONT.medium}
            fill={COLOUR.light}
          >
            {stop > 0 ? `+${stop}` : stop < 0 ? `−${-stop}` : '0'}
          </SvgText>
        ))}
        <Path d={`M0 ${y(0) - 6}L9 ${y(0)}L0 ${y(0) + 6}Z`} fill={COLOUR.vermilion} />
      </Svg>
    </View>
  );
}

const STOP_MARKS = [3, 2, 1, 0, -1, -2, -3, -4, -5, -6, -7, -8];

const setPath = (path: Path | null, d: string): void =>
  path?.setNativeProps({ style: { d } } as never);

const keyNudge =
  (onNudge: (clicks: number) => void) =>
  (event: React.KeyboardEvent): void => {
    const clicks = {
      ArrowUp: 1,
      ArrowRight: 1,
      ArrowDown: -1,
      ArrowLeft: -1,
      PageUp: 3,
      PageDown: -3,
    }[event.key];
    if (clicks === undefined) return;
    event.preventDefault();
    onNudge(clicks);
  };

/** Slides the light along the ladder: a third of a stop a detent, the picture follows exactly. */
function useLadderDrag(
  ladder: React.RefObject<View | null>,
  pxPerClick: number,
  onNudge: ((clicks: number) => void) | undefined,
): void {
  const moved = useRef(0);
  useSlide(ladder, {
    onStart() {
      moved.current = 0;
    },
    onMove(_x, y) {
      const clicks = Math.round(-y / pxPerClick);
      if (clicks === moved.current) return;
      onNudge?.(clicks - moved.current);
      moved.current = clicks;
    },
  });
}

const styles = StyleSheet.create({
  ladder: { backgroundColor: 'rgba(22,22,22,0.72)', overflow: 'hidden' },
});
