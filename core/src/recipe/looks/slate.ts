import type { Look } from './look';

/** Greys as the eye sees brightness. */
export const slate: Look = {
  id: 'slate',
  contrast: 0.15,
  highlights: 0,
  shadows: 0,
  saturation: 0,
  greys: [0.2, 0.7, 0.1],
};
