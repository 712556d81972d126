import type { Plate } from './plate';

/**
 * For eyes that have got used to the dark: red alone, which rods hardly see, and never more than
 * NIGHT_LUMINANCE of the screen's white. The picture is no brighter: what it holds is read from the
 * ladder.
 */
export const night: Plate = {
  id: 'night',
  about: 'Deep red and dim: eyes stay used to the dark. The picture is shown in red as well.',
  colours: {
    body: '#000000',
    panel: '#161616',
    line: '#6a6a6a',
    ink: '#000000',
    inkSoft: '#000000',
    paper: '#c8c8c8',
    paperCap: '#b4b4b4',
    paperEdge: '#808080',
    light: '#ffffff',
    lightSoft: '#e0e0e0',
    vermilion: '#757575',
  },
  veil: '#600000',
};

/** Luminance of the veil's red, as a share of white (IEC 61966-2-1: 0.2126 lin(96/255)). */
export const NIGHT_LUMINANCE = 0.025;
