/**
 * The ways in which frames become one: hold the whole range, blend pictures, all sharp, less noise,
 * what stays, trails, stars as points, sum.
 */
export const WAY_IDS = [
  'merge',
  'fuse',
  'focus',
  'average',
  'median',
  'brightest',
  'stars',
  'sum',
] as const;
export type WayId = (typeof WAY_IDS)[number];
