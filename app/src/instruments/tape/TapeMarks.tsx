import equal from 'fast-deep-equal';
import { memo } from 'react';
import Svg, { Path } from 'react-native-svg';
import type { ClickRange } from '@velmo/core/exposure';
import { COLOUR } from '../../theme/theme';

const SIZE = 5;
const TOP = 6;

interface TapeMarksProps {
  /** Clicks that are marked. */
  readonly marks: readonly number[];
  readonly range: ClickRange;
  readonly paper: boolean;
  readonly clickPx: number;
}

/** Lozenges on a tape where the frames of a series will stand; drawn again only when they move. */
export const TapeMarks = memo(function TapeMarks({ marks, range, paper, clickPx }: TapeMarksProps) {
  const fill = paper ? COLOUR.ink : COLOUR.paper;
  const edge = paper ? COLOUR.paper : COLOUR.panel;
  return (
    <Svg
      width={(range.max - range.min) * clickPx + 4 * SIZE}
      height={TOP + 2 * SIZE}
      style={{ marginLeft: -2 * SIZE }}
      testID="tape-marks"
    >
      {marks.map((click) => {
        const x = 2 * SIZE + (click - range.min) * clickPx;
        return (
          <Path
            key={click}
            d={`M${x} ${TOP - SIZE}l${SIZE} ${SIZE}l${-SIZE} ${SIZE}l${-SIZE} ${-SIZE}z`}
            fill={fill}
            stroke={edge}
            strokeWidth={1.5}
          />
        );
      })}
    </Svg>
  );
}, equal);
