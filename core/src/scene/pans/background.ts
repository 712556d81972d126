import { DAY_8200_B, DAY_8200_G, DAY_8200_R } from '../rays/colours';
import { add, any, either, got, k, less, mul, not, select, sub, type Four } from '../rays/four';
import { atan2, fractalNoise, onlyWhere, setLight } from '../rays/functions';
import { BLUE, GREEN, RED } from '../rays/registers';
import { skyAt } from './sky';

/** Luminance of the haze between here and the hills, cd/m2. */
export const HAZE_L = 4900;

/** Sky with two ridges of far hills before it. */
export function background(dx: Four, dy: Four, dz: Four, footprintRad: Four): void {
  if (!any(less(dy, k(0.075)))) {
    skyAt(dx, dy, dz, footprintRad);
    return;
  }
  const azimuth = atan2(dx, dz);
  const low = fractalNoise(add(azimuth, k(12)), k(5), 0.55, 7, footprintRad);
  const near = less(dy, add(k(0.012), mul(k(0.016), low)));
  const high = fractalNoise(add(azimuth, k(3)), k(0), 0.55, 7, footprintRad);
  const hills = either(near, less(dy, add(k(0.026), mul(k(0.03), high))));
  if (any(not(hills))) skyAt(dx, dy, dz, footprintRad);
  if (!any(hills)) return;
  const r = got(RED);
  const g = got(GREEN);
  const b = got(BLUE);
  hill(select(near, k(0.62), k(0.8)), azimuth, dy, footprintRad);
  onlyWhere(hills, r, g, b);
}

function hill(air: Four, azimuth: Four, elevation: Four, footprintRad: Four): void {
  const footprint = mul(footprintRad, k(3));
  const trees = fractalNoise(mul(azimuth, k(3)), mul(elevation, k(9)), 0.05, 6, footprint);
  const ground = mul(mul(k(1400), add(k(1), mul(k(0.5), trees))), sub(k(1), air));
  const haze = mul(k(HAZE_L * 0.82), air);
  setLight(
    add(mul(ground, k(0.72)), mul(haze, k(DAY_8200_R))),
    add(mul(ground, k(0.92)), mul(haze, k(DAY_8200_G))),
    add(mul(ground, k(0.8)), mul(haze, k(DAY_8200_B))),
  );
}
