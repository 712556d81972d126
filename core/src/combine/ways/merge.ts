import { exposureSpread } from './facts';
import type { CombineWay } from './way';

/** Exposures that lie further apart than this, in stops, are a bracket. */
const BRACKET_STOPS = 0.5;

/** The whole range of a bracket. */
export const MERGE: CombineWay<'merge'> = {
  id: 'merge',
  finishes: true,
  rawsOnly: true,
  maxFrames: 12,
  fits: (stack) => (exposureSpread(stack) > BRACKET_STOPS ? 1 : 0.1),
};
