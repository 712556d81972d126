import type { Look } from './look';

/** Greys through a red filter: dark skies, light wood and skin. */
export const rust: Look = {
  id: 'rust',
  contrast: 0.3,
  highlights: -0.2,
  shadows: 0,
  saturation: 0,
  greys: [1.1, 0.2, -0.3],
};
