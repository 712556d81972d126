import { memo } from 'react';
import Svg, { Rect, Text as SvgText } from 'react-native-svg';
import type { Band } from '@velmo/core/consequence';
import type { ClickRange } from '@velmo/core/exposure';
import { BAND_COLOUR, FONT } from '../theme/theme';
import { bandSegments } from './bandSegments';

const HEIGHT = 15;
const FONT_SIZE = 12;
/** Width of a letter of the narrow face at this size, on average. */
const LETTER_PX = 5.4;
/** A long band says its name again after this many pixels, so that it can be read wherever the tape stands. */
const REPEAT_PX = 190;

/** Room for words past the tape's end. */
const PAST_END_PX = 110;

interface TapeBandsProps {
  /** The bands as JSON: they are drawn again only when they change. */
  readonly bands: string;
  readonly range: ClickRange;
  readonly paper: boolean;
  readonly clickPx: number;
}

/** What a tape's values do to the picture, printed along its foot. */
export const TapeBands = memo(function TapeBands({ bands, range, paper, clickPx }: TapeBandsProps) {
  const segments = bandSegments(JSON.parse(bands) as Band[], range);
  return (
    <Svg
      width={(range.max - range.min + 1) * clickPx + PAST_END_PX}
      height={HEIGHT}
      style={{ marginLeft: -clickPx / 2 }}
    >
      {segments.map(({ band, from, to }) => {
        const x = (from - range.min) * clickPx;
        const width = (to - from + 1) * clickPx;
        const colour = BAND_COLOUR[paper ? 'paper' : 'dark'][band.weight][band.grade ?? 0];
        return (
          <Rect key={`${band.id}${from}`} x={x} y={0} width={width} height={HEIGHT} fill={colour} />
        );
      })}
      {segments.flatMap(({ band, from, to }, index) => {
        const x = (from - range.min) * clickPx + 5;
        // The last one may write on over the end of the tape.
        const more = index === segments.length - 1 ? PAST_END_PX : 0;
        const room = (to - from + 1) * clickPx - 8 + more;
        const length = band.label.length * LETTER_PX;
        const times = Math.max(0, Math.floor((room - length) / REPEAT_PX) + 1);
        return Array.from({ length: times }, (_, i) => (
          <SvgText
            key={`${band.id}${from}/${i}`}
            x={x + i * REPEAT_PX}
            y={11.5}
            fontSize={FONT_SIZE}
            fontFamily={FONT.medium}
            fill={BAND_COLOUR[paper ? 'paper' : 'dark'].text[band.weight]}
          >
            {band.label}
          </SvgText>
        ));
      })}
    </Svg>
  );
});
