import { areRaws, exposureSpread } from './facts';
import type { CombineWay } from './way';

/** Exposures that lie further apart than this, in stops, are a bracket. */
const BRACKET_STOPS = 0.5;

/** The quick way for pictures without a raw: each place from the ones that show it best. */
export const FUSE: CombineWay<'fuse'> = {
  id: 'fuse',
  finishes: false,
  rawsOnly: false,
  maxFrames: 9,
  fits: (stack) => (areRaws(stack) ? 0 : exposureSpread(stack) > BRACKET_STOPS ? 1 : 0.35),
};
