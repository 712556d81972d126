import type { AidStrength } from '@velmo/core/aids';

/** How strongly aids are drawn. */
export const OPACITY: Readonly<Record<AidStrength, number>> = {
  faint: 0.35,
  middle: 0.65,
  strong: 1,
};
