import type { Plate } from './plate';

/** Dark: the plate that Velmo opens with. */
export const graphite: Plate = {
  id: 'graphite',
  about: 'Neutral greys that leave colour to the picture.',
  colours: {},
  veil: null,
};
