import { hasTrails, isSameExposure, isSameFocus } from './facts';
import type { CombineWay } from './way';

/** Less noise: the mean of frames of one exposure. */
export const AVERAGE: CombineWay<'average'> = {
  id: 'average',
  finishes: false,
  rawsOnly: false,
  maxFrames: Infinity,
  fits: (stack) =>
    isSameExposure(stack) && isSameFocus(stack) ? (hasTrails(stack) ? 0.6 : 0.9) : 0,
};
