import type { Look } from './look';

/** Greys through a green filter: light plants, dark boards. */
export const kelp: Look = {
  id: 'kelp',
  contrast: 0.2,
  highlights: 0,
  shadows: 0.15,
  saturation: 0,
  greys: [-0.1, 1.1, 0],
};
