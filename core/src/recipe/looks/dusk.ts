import type { Look } from './look';

/** Deep darks, quiet colours. */
export const dusk: Look = {
  id: 'dusk',
  contrast: 0.25,
  highlights: -0.5,
  shadows: -0.35,
  saturation: -0.1,
  greys: null,
};
