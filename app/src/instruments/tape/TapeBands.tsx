import equal from 'fast-deep-equal';
import { memo } from 'react';
import Svg, { Rect } from 'react-native-svg';
import type { Band } from '@velmo/core/consequence';
import type { ClickRange } from '@velmo/core/exposure';
import { BAND_COLOUR } from '../../theme/theme';
import { bandSegments } from './bandSegments';
import { TapeLabels } from './TapeLabels';

const HEIGHT = 15;
/** Room for words past the tape's end. */
const PAST_END_PX = 110;

interface TapeBandsProps {
  readonly bands: readonly Band[];
  readonly range: ClickRange;
  readonly paper: boolean;
  readonly clickPx: number;
}

/**
 * What a tape's values do to the picture, printed along its foot; drawn again only when they say
 * something else.
 */
export const TapeBands = memo(function TapeBands({ bands, range, paper, clickPx }: TapeBandsProps) {
  const segments = bandSegments(bands, range);
  const colours = BAND_COLOUR[paper ? 'paper' : 'dark'];
  const end = (range.max - range.min + 0.5) * clickPx;
  return (
    <>
      <Svg
        width={(range.max - range.min + 1) * clickPx + PAST_END_PX}
        height={HEIGHT}
        style={{ marginLeft: -clickPx / 2 }}
      >
        {segments.map(({ band, from, to }) => (
          <Rect
            key={`${band.id}${from}`}
            x={(from - range.min) * clickPx}
            y={0}
            width={(to - from + 1) * clickPx}
            height={HEIGHT}
            fill={colours[band.weight][band.grade ?? 0]}
          />
        ))}
      </Svg>
      <TapeLabels
        labels={segments.map(({ band, from, to }) => {
          const right = (to - range.min + 0.5) * clickPx;
          return {
            key: `${band.id}${from}`,
            text: band.label,
            colour: colours.text[band.weight],
            from: (from - range.min - 0.5) * clickPx,
            // The last one may write on over the end of the tape.
            to: right >= end ? right + PAST_END_PX : right,
          };
        })}
      />
    </>
  );
}, equal);
