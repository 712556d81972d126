import { memo } from 'react';
import Svg, { Line, Text as SvgText } from 'react-native-svg';
import type { ClickRange } from '@velmo/core/exposure';
import { COLOUR, FONT } from '../theme/theme';
import type { TapeScale } from './tapeScale';

const HEIGHT = 52;
/** Room beside the first and last detent, so that their numbers are not cut. */
const MARGIN = 40;

interface TapeRulerProps {
  readonly scale: TapeScale;
  readonly range: ClickRange;
  readonly paper: boolean;
  readonly clickPx: number;
}

/** The engraving of a tape: detents in thirds, numbers at whole stops. Drawn once, then only moved. */
export const TapeRuler = memo(function TapeRuler({ scale, range, paper, clickPx }: TapeRulerProps) {
  const ink = paper ? COLOUR.ink : COLOUR.light;
  const soft = paper ? COLOUR.inkSoft : COLOUR.lightSoft;
  const clicks = Array.from({ length: range.max - range.min + 1 }, (_, i) => range.min + i);
  return (
    <Svg
      width={(range.max - range.min) * clickPx + 2 * MARGIN}
      height={HEIGHT}
      style={{ marginLeft: -MARGIN }}
    >
      {clicks.map((click) => {
        const x = MARGIN + (click - range.min) * clickPx;
        const major = ((click % scale.majorEvery) + scale.majorEvery) % scale.majorEvery === 0;
        return (
          <Line
            key={click}
            x1={x}
            x2={x}
            y1={0}
            y2={major ? 14 : 8}
            stroke={major ? ink : soft}
            strokeWidth={1.5}
          />
        );
      })}
      {clicks
        .filter((click) => click % scale.majorEvery === 0)
        .map((click) => (
          <SvgText
            key={click}
            x={MARGIN + (click - range.min) * clickPx}
            y={32}
            fontSize={15}
            fontFamily={FONT.medium}
            textAnchor="middle"
            fill={ink}
          >
            {scale.engrave(click)}
          </SvgText>
        ))}
    </Svg>
  );
});
