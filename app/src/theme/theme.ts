/** Colours, type and targets. Neutral greys (r = g = b) near the Window, so that nothing leans on the picture. */
export const COLOUR = {
  body: '#1f1f1f',
  panel: '#2a2a2a',
  line: '#3d3d3d',
  ink: '#1c1b19',
  inkSoft: '#5c574c',
  paper: '#ede8dc',
  light: '#ece9e2',
  lightSoft: '#a9a69f',
  vermilion: '#d9482b',
  clipped: '#ff4f92',
  crushed: '#17bead',
  red: '#e8836f',
  green: '#7fc08a',
  blue: '#86a8e0',
} as const;

export const FONT = {
  regular: 'BarlowSemiCondensed_400Regular',
  medium: 'BarlowSemiCondensed_500Medium',
  semibold: 'BarlowSemiCondensed_600SemiBold',
} as const;

/** Smallest side of anything a finger should hit. */
export const TARGET = 44;
