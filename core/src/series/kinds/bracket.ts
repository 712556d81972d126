import { bracketFrames } from '../bracket';
import { STILL, type SeriesDefinition } from './definition';

/** The same picture at exposures that lie apart by so many clicks. */
export const bracket: SeriesDefinition<'bracket'> = {
  first: { kind: 'bracket', frames: 3, stepClicks: 3, order: 'middle-first' },
  frames: ({ frames }) => frames,
  steps: (series, about, { ranges }) =>
    bracketFrames(series, about, ranges).map(
      ({ timeClick, isoClick, offsetClicks, missingClicks }) => ({
        ...STILL,
        moves: { timeClick, isoClick },
        biasClicks: offsetClicks - missingClicks,
      }),
    ),
};
