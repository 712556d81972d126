import { daylight } from '../light';
import type { SceneRgb } from '../light';

/** The sun: left of the camera, a little behind it, hazy. Unit vector towards it. */
const length = Math.hypot(0.66, 0.66, 0.36);
export const SUN = [-0.66 / length, 0.66 / length, -0.36 / length] as const;

/** Illuminances in lux: sun on a surface facing it, whole sky on level ground, light thrown up by the ground. */
const SUN_LX = 42000;
const SKY_LX = 9500;
const BOUNCE_LX = 5000;

const SUN_COLOUR = daylight(5300);
const SKY_COLOUR = daylight(10500);
const BOUNCE_COLOUR = daylight(5000);

/**
 * Light leaving a matt surface, cd/m2 per channel, written to `rgb`.
 *
 * @param sunlit share of the sun that reaches the point, 0..1
 * @param open share of the sky that reaches the point, 0..1
 */
export function shadeMatt(
  albedo: SceneRgb | Float64Array,
  nx: number,
  ny: number,
  nz: number,
  sunlit: number,
  open: number,
  rgb: Float64Array,
): void {
  const sun = (SUN_LX * sunlit * Math.max(0, nx * SUN[0] + ny * SUN[1] + nz * SUN[2])) / Math.PI;
  const sky = (SKY_LX * open * (0.5 + 0.5 * ny)) / Math.PI;
  const bounce = (BOUNCE_LX * open * (0.5 - 0.5 * ny)) / Math.PI;
  for (let c = 0; c < 3; c++)
    rgb[c] = albedo[c] * (sun * SUN_COLOUR[c] + sky * SKY_COLOUR[c] + bounce * BOUNCE_COLOUR[c]);
}
