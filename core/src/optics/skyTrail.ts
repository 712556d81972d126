/** Length of the sidereal day in seconds. */
const SIDEREAL_DAY_S = 86164.1;

/** How fast the sky turns, in radians a second: 15.04 arcseconds a second. */
export const SKY_RATE_RAD_S = (2 * Math.PI) / SIDEREAL_DAY_S;

/**
 * Longest trail, in pixels of the file, that passes for a point at 100 % (common practice: about 4
 * to 5).
 */
export const TRAIL_LIMIT_PX = 5;

/**
 * Pixels a star trails by in this time.
 *
 * @param cosDeclination 1 on the celestial equator, 0 at the pole
 */
export const trailPx = (timeS: number, cosDeclination: number, pixelAngleRad: number): number =>
  (SKY_RATE_RAD_S * timeS * cosDeclination) / pixelAngleRad;

/**
 * The 500 rule (common practice): longest time in seconds for points, by 35 mm-equivalent focal
 * length.
 */
export const fiveHundredRuleS = (focalLength35Mm: number): number => 500 / focalLength35Mm;
