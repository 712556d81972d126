import {
  DAY_10500_B,
  DAY_10500_G,
  DAY_10500_R,
  DAY_5000_B,
  DAY_5000_G,
  DAY_5000_R,
  DAY_5300_B,
  DAY_5300_G,
  DAY_5300_R,
} from '../rays/colours';
import { add, k, max, mul, sub, type Four } from '../rays/four';
import { dot, setLight } from '../rays/functions';

const LENGTH = Math.sqrt(0.66 * 0.66 + 0.66 * 0.66 + 0.36 * 0.36);
/** The sun: left of the camera, a little behind it, hazy. Unit vector towards it. */
export const SUN_X = -0.66 / LENGTH;
export const SUN_Y = 0.66 / LENGTH;
export const SUN_Z = -0.36 / LENGTH;

/**
 * Illuminances in lux: sun on a surface facing it, whole sky on level ground, light thrown up by
 * the ground.
 */
const SUN_LX = 42000;
const SKY_LX = 9500;
const BOUNCE_LX = 5000;

/**
 * Light leaving a matt surface of a reflectance.
 *
 * @param sunlit share of the sun that reaches the point, 0..1
 * @param open share of the sky that reaches the point, 0..1
 */
export function shadeMatt(
  r: Four,
  g: Four,
  b: Four,
  nx: Four,
  ny: Four,
  nz: Four,
  sunlit: Four,
  open: Four,
): void {
  const facing = max(k(0), dot(nx, ny, nz, k(SUN_X), k(SUN_Y), k(SUN_Z)));
  const sun = mul(mul(k(SUN_LX / Math.PI), sunlit), facing);
  const half = mul(k(0.5), ny);
  const sky = mul(mul(k(SKY_LX / Math.PI), open), add(k(0.5), half));
  const bounce = mul(mul(k(BOUNCE_LX / Math.PI), open), sub(k(0.5), half));
  setLight(
    mul(r, dot(sun, sky, bounce, k(DAY_5300_R), k(DAY_10500_R), k(DAY_5000_R))),
    mul(g, dot(sun, sky, bounce, k(DAY_5300_G), k(DAY_10500_G), k(DAY_5000_G))),
    mul(b, dot(sun, sky, bounce, k(DAY_5300_B), k(DAY_10500_B), k(DAY_5000_B))),
  );
}
