import type { Look } from './look';

/** Steep and full, as the pans at midday. */
export const noon: Look = {
  id: 'noon',
  contrast: 0.35,
  highlights: -0.35,
  shadows: 0,
  saturation: 0.2,
  greys: null,
};
