import { CLICKS_PER_STOP } from '../../exposure/clicks';
import { hash32 } from '../../sensor/noise';
import { CIRCLE_35_MM } from '../circleOfConfusion';

/**
 * Angular speed of a hand-held camera in radians a second. It is what makes the reciprocal rule
 * (common practice) true: at 1/f35 s the image moves by the circle of confusion of 0.030 mm behind
 * a lens of f35 mm, whatever f35.
 */
export const HAND_SPEED_RAD_S = CIRCLE_35_MM;

/**
 * Longest hand-held time in seconds: the reciprocal rule, 1/f35, stretched by the stabiliser
 * (common practice).
 */
export const longestHandheldS = (focalLength35Mm: number, stabiliserStops: number): number =>
  2 ** stabiliserStops / focalLength35Mm;

/** The same in whole clicks, rounded down. */
export const handheldTimeClick = (focalLength35Mm: number, stabiliserStops = 0): number =>
  Math.floor(
    Math.log2(longestHandheldS(focalLength35Mm, stabiliserStops)) * CLICKS_PER_STOP + 1e-9,
  );

/** Pixels a hand-held camera smears the picture by in this time, on average. */
export const shakePx = (timeS: number, stabiliserStops: number, pixelAngleRad: number): number =>
  (HAND_SPEED_RAD_S * timeS) / 2 ** stabiliserStops / pixelAngleRad;

/** Tremor and sway of arms: frequencies in hertz and their share of the speed. */
const SWAY = [
  { hz: 1.1, share: 0.65 },
  { hz: 3.7, share: 0.55 },
  { hz: 8.9, share: 0.52 },
] as const;

/**
 * The way the picture takes over the sensor while the shutter is open: points x, y, x, y ... in
 * radians, evenly spaced in time, around their mean. The same seed gives the same way.
 *
 * @param points number of points, 2 or more
 */
export function shakePath(
  seed: number,
  timeS: number,
  stabiliserStops: number,
  points: number,
): Float64Array {
  const path = new Float64Array(2 * points);
  const speed = HAND_SPEED_RAD_S / 2 ** stabiliserStops;
  for (let axis = 0; axis < 2; axis++) {
    let mean = 0;
    for (let i = 0; i < points; i++) {
      const t = (timeS * i) / (points - 1);
      let at = 0;
      for (let k = 0; k < SWAY.length; k++) {
        const omega = 2 * Math.PI * SWAY[k].hz;
        const phase = (2 * Math.PI * hash32(seed + axis, k)) / 4294967296;
        // A sine of this amplitude has the wanted rms speed per axis: both axes together give
        // `speed`.
        at += ((speed * SWAY[k].share) / omega) * Math.sin(omega * t + phase);
      }
      path[2 * i + axis] = at;
      mean += at / points;
    }
    for (let i = 0; i < points; i++) path[2 * i + axis] -= mean;
  }
  return path;
}
