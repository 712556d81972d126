/** Where things stand at the sluice; metres, water level 0, the camera over the near bank. */
export const EYE_M = 1.7;
export const WALL_Z = 7;
/** Far edge of the pool, at the wall's foot. */
export const POOL_Z1 = 6.95;
/** Near edge of the pool. */
export const POOL_Z0 = 2.5;
export const WALL_TOP = 2.7;

/** The sheet of water that falls over the sill. */
export const SHEET_X0 = -2.1;
export const SHEET_X1 = -0.35;
export const SHEET_MIDDLE = -1.2;
export const SHEET_Y1 = 1.75;
export const SHEET_Z = 6.9;

/** The wheel, seen from the side, and how fast it turns, in radians a second. */
export const WHEEL_X = 1.75;
export const WHEEL_Y = 1.35;
export const WHEEL_Z = 6.2;
export const WHEEL_RADIUS = 1.6;
export const WHEEL_OMEGA = 0.85;

/** Luminance of the sky after sunset, cd/m2: overhead, and added towards the horizon. */
export const ZENITH_L = 9.5;
export const GLOW_L = 26;
