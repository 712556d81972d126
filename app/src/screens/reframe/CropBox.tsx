import Svg, { G, Line, Path, Rect } from 'react-native-svg';
import { COLOUR } from '../../theme/theme';

interface CropBoxProps {
  /** Size of what it lies over, CSS pixels. */
  readonly width: number;
  readonly height: number;
  readonly left: number;
  readonly top: number;
  readonly across: number;
  readonly down: number;
  /** Finer lines, to level by. */
  readonly fine: boolean;
}

const TAB_LONG = 26;
const TAB_THICK = 6;

/** Shares of the sides at which lines are drawn: thirds, and sixths between them. */
const THIRDS = [1 / 3, 2 / 3];
const SIXTHS = [1 / 6, 1 / 2, 5 / 6];

/** What is kept of a picture: a window in dark paper, with tabs to take it by. */
export function CropBox({ width, height, left, top, across, down, fine }: CropBoxProps) {
  const [right, bottom] = [left + across, top + down];
  const edge = { x: left, y: top, width: across, height: down, fill: 'none' };
  const lines = (shares: readonly number[], opacity: number) => (
    <G opacity={opacity}>
      {shares.map((share) => (
        <G key={share}>
          <Line
            x1={left + share * across}
            x2={left + share * across}
            y1={top}
            y2={bottom}
            stroke={COLOUR.paper}
          />
          <Line
            y1={top + share * down}
            y2={top + share * down}
            x1={left}
            x2={right}
            stroke={COLOUR.paper}
          />
        </G>
      ))}
    </G>
  );
  const tabs = [0, 0.5, 1].flatMap((y) =>
    [0, 0.5, 1].filter((x) => x !== 0.5 || y !== 0.5).map((x) => ({ x, y })),
  );
  return (
    <Svg width={width} height={height} style={{ position: 'absolute', pointerEvents: 'none' }}>
      <Path
        d={`M0 0H${width}V${height}H0ZM${left} ${top}V${bottom}H${right}V${top}Z`}
        fill="#141414"
        fillOpacity={0.72}
      />
      {lines(THIRDS, 0.55)}
      {fine && lines(SIXTHS, 0.3)}
      <Rect {...edge} stroke={COLOUR.ink} strokeWidth={4} strokeOpacity={0.6} />
      <Rect {...edge} stroke={COLOUR.paper} strokeWidth={2} />
      {tabs.map(({ x, y }) => {
        const isCorner = x !== 0.5 && y !== 0.5;
        const w = isCorner ? 14 : x === 0.5 ? TAB_LONG : TAB_THICK;
        const h = isCorner ? 14 : y === 0.5 ? TAB_LONG : TAB_THICK;
        return (
          <Rect
            key={`${x} ${y}`}
            x={left + x * across - w / 2}
            y={top + y * down - h / 2}
            width={w}
            height={h}
            rx={2}
            fill={COLOUR.paper}
            stroke={COLOUR.ink}
            strokeOpacity={0.6}
          />
        );
      })}
    </Svg>
  );
}
