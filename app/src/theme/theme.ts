/**
 * Colours of the graphite plate, and of what others do not change. Neutral greys (r = g = b) near
 * the Window, so that nothing leans on the picture.
 */
const GRAPHITE = {
  body: '#1f1f1f',
  panel: '#2a2a2a',
  line: '#3d3d3d',
  ink: '#1c1b19',
  inkSoft: '#5c574c',
  paper: '#ede8dc',
  paperCap: '#dcd6c7',
  paperEdge: '#bdb39b',
  darkCap: '#333333',
  darkEdge: '#4a4a4a',
  light: '#ece9e2',
  lightSoft: '#a9a69f',
  vermilion: '#d9482b',
  clipped: '#ff4f92',
  crushed: '#17bead',
  red: '#e8836f',
  green: '#7fc08a',
  blue: '#86a8e0',
} as const;

export type ColourName = keyof typeof GRAPHITE;
/** Colours that every plate has. */
export const COLOUR_NAMES = Object.keys(GRAPHITE) as readonly ColourName[];

/** The CSS variable that a plate sets a colour by. */
export const variableOf = (name: ColourName): string => `--velmo-${name}`;

/** Colours of the plate in use: what it does not set is graphite's. */
export const COLOUR = Object.fromEntries(
  COLOUR_NAMES.map((name) => [name, `var(${variableOf(name)}, ${GRAPHITE[name]})`]),
) as Readonly<Record<ColourName, string>>;

/** A colour of the plate in use as it is now, for canvases: they know no variables. */
export const drawnColour = (name: ColourName): string =>
  document.documentElement.style.getPropertyValue(variableOf(name)) || GRAPHITE[name];

/** The CSS variable that makes all type larger. */
export const TYPE_VARIABLE = '--velmo-type';
/** How much larger type is by choice. */
export const LARGE_TYPE = 1.15;

/**
 * A size of type, or a height of lines, in pixels: larger where that has been chosen. Typed as the
 * numbers that styles take; a style sheet of the web takes the words.
 */
export const typePx = (px: number): number =>
  `calc(${px}px * var(${TYPE_VARIABLE}, 1))` as unknown as number;

/** The typeface by weight. */
export const FONT = {
  regular: 'BarlowSemiCondensed_400Regular',
  medium: 'BarlowSemiCondensed_500Medium',
  semibold: 'BarlowSemiCondensed_600SemiBold',
} as const;

/**
 * Bands printed on tapes: a shade for each grade, light tape and dark. Text passes WCAG AA on every
 * shade.
 */
export const BAND_COLOUR = {
  paper: {
    note: ['#d9d3c3', '#cfc8b6', '#c6bda8', '#bdb39b'],
    caution: ['#e6d3a0', '#e6d3a0', '#e6d3a0', '#e6d3a0'],
    fault: ['#efc3b6', '#efc3b6', '#efc3b6', '#efc3b6'],
    zone: ['#d3c4f0', '#bda8e6', '#d3c4f0', '#bda8e6'],
    text: { note: '#45413a', caution: '#5a4308', fault: '#84220d', zone: '#42286f' },
  },
  dark: {
    note: ['#363636', '#3e3e3d', '#474542', '#504d47'],
    caution: ['#4b4120', '#4b4120', '#4b4120', '#4b4120'],
    fault: ['#5a2c22', '#5a2c22', '#5a2c22', '#5a2c22'],
    zone: ['#4a3a6e', '#5d4a8a', '#4a3a6e', '#5d4a8a'],
    text: { note: '#cfccc5', caution: '#f0dca0', fault: '#ffc9bb', zone: '#e2d6ff' },
  },
} as const;

/** Smallest side of anything a finger should hit. */
export const TARGET = 44;
