import { nominalTime } from '../../exposure/nominal';
import { handheldTimeClick } from '../../optics/shake/shake';
import type { Rule } from '../finding';
import { toTripod } from '../repairs';

/** The frame that stands would be steady, but a longer one of the series would not. */
export const seriesShake: Rule = (input) => {
  const { context, solution, series } = input;
  const { optics, steady, stabiliserStops } = context;
  if (!series || !optics || steady) return null;
  const limit = handheldTimeClick(optics.focalLength35Mm, stabiliserStops);
  const longest = series.longestTimeClick;
  if (longest <= limit || Math.round(solution.timeClick) > limit) return null;
  return {
    id: 'series-shake',
    weight: 58,
    text: `The longest frame, ${nominalTime(longest)} s, will shake at ${Math.round(optics.focalLength35Mm)} mm.`,
    repairs: toTripod(input),
  };
};
