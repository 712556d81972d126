/** The ways in which frames become one: hold the whole range, blend pictures, all sharp, less noise, what stays, trails, sum. */
export const WAY_IDS = ['merge', 'fuse', 'focus', 'average', 'median', 'brightest', 'sum'] as const;
export type WayId = (typeof WAY_IDS)[number];
