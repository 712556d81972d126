import { memo } from 'react';
import Svg, { Line, Text as SvgText } from 'react-native-svg';
import type { ClickRange } from '@velmo/core/exposure';
import { COLOUR, FONT } from '../../theme/theme';
import type { TapeScale } from './tapeScale';

/** Room beside the first and last detent, so that their numbers are not cut. */
const MARGIN = 40;

interface TapeRulerProps {
  readonly scale: TapeScale;
  readonly range: ClickRange;
  readonly paper: boolean;
  readonly clickPx: number;
  /** Clicks from detent to detent. */
  readonly step: number;
  readonly height: number;
}

/**
 * The engraving of a tape: detents in thirds, numbers at whole stops. Drawn once, then only moved.
 */
export const TapeRuler = memo(function TapeRuler(props: TapeRulerProps) {
  const { scale, range, paper, clickPx, step, height } = props;
  const ink = paper ? COLOUR.ink : COLOUR.light;
  const soft = paper ? COLOUR.inkSoft : COLOUR.lightSoft;
  const count = Math.floor((range.max - range.min) / step) + 1;
  const clicks = Array.from({ length: count }, (_, i) => range.min + i * step);
  const isMajor = (click: number): boolean => !scale.engraved && click % scale.majorEvery === 0;
  const engraved =
    scale.engraved ??
    clicks.filter(isMajor).map((click) => ({ click, text: scale.engrave(click) }));
  return (
    <Svg
      width={(range.max - range.min) * clickPx + 2 * MARGIN}
      height={height}
      style={{ marginLeft: -MARGIN }}
    >
      {clicks.map((click) => {
        const x = MARGIN + (click - range.min) * clickPx;
        const major = isMajor(click);
        return (
          <Line
            key={click}
            x1={x}
            x2={x}
            y1={0}
            y2={major ? 12 : 7}
            stroke={major ? ink : soft}
            strokeWidth={1.5}
          />
        );
      })}
      {engraved.map(({ click, text }) => (
        <SvgText
          key={click}
          x={MARGIN + (click - range.min) * clickPx}
          y={height > 46 ? 31 : 27}
          fontSize={15}
          fontFamily={FONT.medium}
          textAnchor="middle"
          fill={ink}
        >
          {text}
        </SvgText>
      ))}
    </Svg>
  );
});
