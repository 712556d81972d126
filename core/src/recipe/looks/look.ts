import type { Development } from '../development';

/** What a look decides; all else stays as it is. */
export const LOOK_PARTS = ['contrast', 'highlights', 'shadows', 'saturation', 'greys'] as const;

/** A recipe of our own for tones and colours: nothing that a hand could not set. */
export interface Look extends Pick<Development, (typeof LOOK_PARTS)[number]> {
  readonly id: string;
}
