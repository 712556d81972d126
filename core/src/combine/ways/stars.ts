import { areRaws, isLongInTheDark } from './facts';
import type { CombineWay } from './way';

/** Stars as points: the sky turned back by its own rotation, the ground as it stood. */
export const STARS: CombineWay<'stars'> = {
  id: 'stars',
  finishes: false,
  maxFrames: Infinity,
  fits: (stack) => (areRaws(stack) && isLongInTheDark(stack) ? 0.92 : 0),
};
