import type { Look } from './look';

/** Pale and open, as salt under a thin cloud. */
export const brine: Look = {
  id: 'brine',
  contrast: -0.2,
  highlights: -0.15,
  shadows: 0.4,
  saturation: -0.25,
  greys: null,
};
