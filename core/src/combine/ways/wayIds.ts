/** The ways in which frames become one: hold the whole range, all sharp, less noise, what stays, trails, sum. */
export const WAY_IDS = ['merge', 'focus', 'average', 'median', 'brightest', 'sum'] as const;
export type WayId = (typeof WAY_IDS)[number];
