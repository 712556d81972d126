/** Where things stand at the sluice; metres, water level 0, the camera over the near bank. */
export const EYE_M = 1.7;
export const WALL_Z = 7;
/** Far edge of the pool, at the wall's foot. */
export const POOL_Z1 = 6.95;
/** Near edge of the pool. */
export const POOL_Z0 = 2.5;
export const WALL_TOP = 2.7;
/** The sheet of water that falls over the sill. */
export const SHEET = { x0: -2.1, x1: -0.35, mid: -1.2, y1: 1.75, z: 6.9 } as const;
