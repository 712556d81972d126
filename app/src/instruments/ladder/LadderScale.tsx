import { memo, useId } from 'react';
import Svg, { Defs, Line, Path, Pattern, Rect, Text as SvgText } from 'react-native-svg';
import { COLOUR, FONT } from '../../theme/theme';
import { LADDER_BOTTOM_STOPS, ladderY } from './ladderPlace';

interface LadderScaleProps {
  readonly width: number;
  readonly height: number;
  readonly clipStops: number;
  readonly floorStops: number;
  /** A word stands at its foot: no figure under it. */
  readonly footed: boolean;
}

/** Height of a word at the foot. */
const FOOT_PX = 20;
const HALF_FIGURE_PX = 5;

const STOP_MARKS = [3, 2, 1, 0, -1, -2, -3, -4, -5, -6, -7, -8];

/**
 * What is engraved on the ladder: stops, mid-grey, where the raw clips and where noise takes over.
 */
export const LadderScale = memo(function LadderScale(props: LadderScaleProps) {
  const { width, height, clipStops, floorStops, footed } = props;
  // Several ladders may be on the page: each needs a hatch of its own name.
  const hatch = `hatch-${useId().replace(/\W/g, '')}`;
  const y = (stops: number): number => ladderY(stops, height);
  const lowest = footed ? height - FOOT_PX : height;
  const figures = STOP_MARKS.filter((stop) => stop % 2 === 0 && y(stop) + HALF_FIGURE_PX <= lowest);
  return (
    <Svg width={width} height={height}>
      <Defs>
        <Pattern id={hatch} width={8} height={8} patternUnits="userSpaceOnUse">
          <Path d="M-2 2L2 -2M0 8L8 0M6 10L10 6" stroke={COLOUR.clipped} strokeWidth={1.5} />
        </Pattern>
      </Defs>
      <Rect x={0} y={0} width={width} height={y(clipStops)} fill={`url(#${hatch})`} />
      <Line
        x1={0}
        x2={width}
        y1={y(clipStops)}
        y2={y(clipStops)}
        stroke={COLOUR.clipped}
        strokeWidth={2}
      />
      {floorStops > LADDER_BOTTOM_STOPS && (
        <Line
          x1={0}
          x2={width}
          y1={y(floorStops)}
          y2={y(floorStops)}
          stroke={COLOUR.crushed}
          strokeWidth={2}
          strokeDasharray="2 4"
        />
      )}
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
      {figures.map((stop) => (
        <SvgText
          key={stop}
          x={13}
          y={y(stop) + HALF_FIGURE_PX}
          fontSize={13}
          fontFamily={FONT.medium}
          fill={COLOUR.light}
        >
          {stop > 0 ? `+${stop}` : stop < 0 ? `−${-stop}` : '0'}
        </SvgText>
      ))}
      <Path d={`M0 ${y(0) - 6}L9 ${y(0)}L0 ${y(0) + 6}Z`} fill={COLOUR.vermilion} />
    </Svg>
  );
});
