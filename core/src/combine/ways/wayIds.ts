/** The ways in which frames become one: hold the whole range, less noise, what stays, trails, sum. */
export const WAY_IDS = ['merge', 'average', 'median', 'brightest', 'sum'] as const;
export type WayId = (typeof WAY_IDS)[number];
