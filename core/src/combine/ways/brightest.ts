import { hasTrails, isSameExposure, isSameFocus } from './facts';
import type { CombineWay } from './way';

/** Trails: the brightest each photosite has seen. */
export const BRIGHTEST: CombineWay<'brightest'> = {
  id: 'brightest',
  finishes: false,
  rawsOnly: false,
  maxFrames: Infinity,
  fits: (stack) =>
    hasTrails(stack) ? 0.95 : isSameExposure(stack) && isSameFocus(stack) ? 0.4 : 0,
};
