import type { Plate } from './plate';

/** Light, for a screen in full sun. */
export const sunlight: Plate = {
  id: 'sunlight',
  about: 'Black and white alone, as much contrast as the screen has.',
  colours: {
    body: '#000000',
    panel: '#141414',
    line: '#ffffff',
    ink: '#000000',
    inkSoft: '#000000',
    paper: '#ffffff',
    paperCap: '#ffffff',
    paperEdge: '#000000',
    darkCap: '#141414',
    darkEdge: '#ffffff',
    light: '#ffffff',
    lightSoft: '#ffffff',
    clipped: '#ff7db4',
    crushed: '#3df0dc',
    red: '#ffa896',
    green: '#a4f5b2',
    blue: '#b4ceff',
  },
  veil: null,
};
