import { noiseAt } from '../consequence/isoNoise';
import { nominalTime } from '../exposure/nominal';
import { handheldTimeClick } from '../optics/shake/shake';
import type { Rule } from './finding';
import { retime, toTripod } from './repairs';

/** Longer than a hand holds still. */
export const shake: Rule = (input) => {
  const { context, solution } = input;
  const { optics, steady, stabiliserStops } = context;
  if (!optics || steady) return null;
  const limit = handheldTimeClick(optics.focalLength35Mm, stabiliserStops);
  const time = Math.round(solution.timeClick);
  if (time <= limit) return null;
  const shorter = retime(input, limit);
  const wouldBeCoarse = noiseAt(optics, Math.round(solution.isoClick) + time - limit).grade >= 3;
  const tripod = toTripod(input);
  return {
    id: 'shake',
    weight: 60 + Math.min(20, time - limit),
    text: `${nominalTime(time)} s will shake at ${Math.round(optics.focalLength35Mm)} mm.`,
    repairs: wouldBeCoarse ? [...tripod, ...shorter] : [...shorter, ...tripod],
  };
};
