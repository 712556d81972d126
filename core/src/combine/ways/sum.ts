import { areRaws, isSameExposure, isSameFocus } from './facts';
import type { CombineWay } from './way';

/** One long exposure out of short ones: their light added. */
export const SUM: CombineWay<'sum'> = {
  id: 'sum',
  finishes: false,
  maxFrames: Infinity,
  fits: (stack) => (areRaws(stack) && isSameExposure(stack) && isSameFocus(stack) ? 0.3 : 0),
};
