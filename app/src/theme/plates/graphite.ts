import type { Plate } from './plate';

export const graphite: Plate = {
  id: 'graphite',
  about: 'Neutral greys that leave colour to the picture.',
  colours: {},
  veil: null,
};
