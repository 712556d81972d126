import { noiseAt, NOISE_CLASSES } from '../consequence/isoNoise';
import { nominalIso } from '../exposure/nominal';
import type { Rule } from './finding';
import { retime, toTripod } from './repairs';

const COARSE = NOISE_CLASSES.length - 1;

/** ISO so high that mid-grey itself is coarse. */
export const noise: Rule = (input) => {
  const { context, solution } = input;
  if (!context.optics) return null;
  const iso = Math.round(solution.isoClick);
  const reading = noiseAt(context.optics, iso);
  if (reading.grade < COARSE) return null;
  let lower = iso;
  while (lower > input.baseIsoClick && noiseAt(context.optics, lower).grade === COARSE) lower--;
  const longer = Math.round(solution.timeClick) + iso - lower;
  return {
    id: 'noise',
    weight: 30,
    text: `ISO ${nominalIso(iso)} is coarse: SNR ${reading.midGrey.toFixed(1)} at mid-grey.`,
    repairs: context.steady ? retime(input, longer) : toTripod(input),
  };
};
