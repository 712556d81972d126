import { useState } from 'react';
import { View } from 'react-native';
import Svg, { Circle, Line, Rect, Text as SvgText } from 'react-native-svg';
import type { FigureLadder as Ladder, FigureMark, FigureTone } from '@velmo/core/notes';
import { COLOUR, FONT } from '../../theme/theme';

interface FigureLadderProps {
  readonly ladder: Ladder;
  readonly marks: readonly FigureMark[];
}

const ROW_PX = 24;
const BAR_PX = 8;
const FOOT_PX = 26;
const SIDE_PX = 12;
const TYPE_PX = 13;

/** Each tone has a shape of its own, so that it reads without colour. */
const TONES: Readonly<Record<FigureTone, { colour: string; dashes?: string; filled: boolean }>> = {
  plain: { colour: COLOUR.light, filled: false },
  good: { colour: COLOUR.paper, filled: true },
  lost: { colour: COLOUR.clipped, dashes: '3 3', filled: false },
};

const TONE_WORDS: Readonly<Record<FigureTone, string>> = { plain: '', good: '', lost: ', lost' };

/** What stands where, for those who listen. */
const spoken = ({ engrave, unit }: Ladder, marks: readonly FigureMark[]): string =>
  `${unit}: ${marks
    .map(({ label, from, to, tone }) => {
      const [low, high] = [engrave(from), engrave(to)];
      return `${label} ${low === high ? `at ${low}` : `from ${low} to ${high}`}${TONE_WORDS[tone]}`;
    })
    .join('; ')}`;

/** A note's ladder, lying: its marks one under the other, what is engraved at its foot. */
export function FigureLadder({ ladder, marks }: FigureLadderProps) {
  const [width, setWidth] = useState(0);
  const { low, high, every, engrave, unit } = ladder;
  const height = ROW_PX * marks.length;
  const x = (value: number): number => {
    const share = (Math.min(high, Math.max(low, value)) - low) / (high - low);
    return SIDE_PX + share * (width - 2 * SIDE_PX);
  };
  const first = Math.ceil(low / every) * every;
  const count = Math.floor((high - first) / every + 1e-9) + 1;
  const engraved = Array.from({ length: count }, (_, i) => first + i * every);
  return (
    <View
      role="img"
      aria-label={spoken(ladder, marks)}
      onLayout={({ nativeEvent }) => setWidth(nativeEvent.layout.width)}
    >
      {width > 0 && (
        <Svg width={width} height={height + FOOT_PX + TYPE_PX + 4}>
          {engraved.map((value) => (
            <Line
              key={value}
              x1={x(value)}
              x2={x(value)}
              y1={0}
              y2={height + 6}
              stroke={COLOUR.line}
              strokeWidth={1}
            />
          ))}
          <Line
            x1={SIDE_PX}
            x2={width - SIDE_PX}
            y1={height + 6}
            y2={height + 6}
            stroke={COLOUR.lightSoft}
            strokeWidth={1.5}
          />
          {engraved.map((value) => (
            <SvgText
              key={value}
              x={x(value)}
              y={height + 6 + TYPE_PX + 3}
              fontSize={TYPE_PX}
              fontFamily={FONT.medium}
              fill={COLOUR.light}
              textAnchor="middle"
            >
              {engrave(value)}
            </SvgText>
          ))}
          <SvgText
            x={width - SIDE_PX}
            y={height + FOOT_PX + TYPE_PX + 2}
            fontSize={TYPE_PX}
            fontFamily={FONT.regular}
            fill={COLOUR.lightSoft}
            textAnchor="end"
          >
            {unit}
          </SvgText>
          {marks.map((mark, row) => (
            <Mark
              key={mark.label}
              mark={mark}
              from={x(mark.from)}
              to={x(mark.to)}
              y={row * ROW_PX + ROW_PX / 2}
              width={width}
            />
          ))}
        </Svg>
      )}
    </View>
  );
}

interface MarkProps {
  readonly mark: FigureMark;
  readonly from: number;
  readonly to: number;
  readonly y: number;
  readonly width: number;
}

function Mark({ mark: { label, tone }, from, to, y, width }: MarkProps) {
  const { colour, dashes, filled } = TONES[tone];
  const fill = filled ? colour : COLOUR.panel;
  // Its words stand where there is more room.
  const onLeft = from > width - to;
  return (
    <>
      {to - from < BAR_PX ? (
        <Circle
          cx={(from + to) / 2}
          cy={y}
          r={BAR_PX / 2 + 1}
          fill={fill}
          stroke={colour}
          strokeWidth={2}
          strokeDasharray={dashes}
        />
      ) : (
        <Rect
          x={from}
          y={y - BAR_PX / 2}
          width={to - from}
          height={BAR_PX}
          rx={2}
          fill={fill}
          stroke={colour}
          strokeWidth={2}
          strokeDasharray={dashes}
        />
      )}
      <SvgText
        x={onLeft ? from - 10 : to + 10}
        y={y + TYPE_PX / 2 - 2}
        fontSize={TYPE_PX}
        fontFamily={FONT.medium}
        fill={COLOUR.light}
        textAnchor={onLeft ? 'end' : 'start'}
      >
        {label}
      </SvgText>
    </>
  );
}
