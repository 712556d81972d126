import { isSameExposure, isSameFocus } from './facts';
import type { CombineWay } from './way';

/** A median of two is their mean. */
const MIN_FRAMES = 3;

/** What stays: the median leaves out whoever passed through some of the frames. */
export const MEDIAN: CombineWay<'median'> = {
  id: 'median',
  finishes: false,
  rawsOnly: false,
  maxFrames: Infinity,
  fits: (stack) =>
    stack.length >= MIN_FRAMES && isSameExposure(stack) && isSameFocus(stack) ? 0.5 : 0,
};
