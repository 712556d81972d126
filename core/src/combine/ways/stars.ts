import { isLongInTheDark } from './facts';
import type { CombineWay } from './way';

/** Stars as points: the sky turned back by its own rotation, the ground as it stood. */
export const STARS: CombineWay<'stars'> = {
  id: 'stars',
  finishes: false,
  rawsOnly: true,
  maxFrames: Infinity,
  fits: (stack) => (isLongInTheDark(stack) ? 0.92 : 0),
};
