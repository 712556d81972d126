import { isSameExposure, isSameFocus } from './facts';
import type { CombineWay } from './way';

/** One long exposure out of short ones: their light added. */
export const SUM: CombineWay<'sum'> = {
  id: 'sum',
  finishes: false,
  rawsOnly: true,
  maxFrames: Infinity,
  fits: (stack) => (isSameExposure(stack) && isSameFocus(stack) ? 0.3 : 0),
};
