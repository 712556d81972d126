import { daylight } from '../light';
import { fractalNoise } from '../texture';
import { skyAt } from './sky';

const HILL = daylight(8200);
/** Luminance of the haze between here and the hills, cd/m2, and its colour. */
export const HAZE_L = 4900;
export const HAZE = daylight(7000);

/** Sky with two ridges of far hills before it. */
export function background(
  dx: number,
  dy: number,
  dz: number,
  footprintRad: number,
  rgb: Float64Array,
): void {
  if (dy < 0.075) {
    const azimuth = Math.atan2(dx, dz);
    const near = 0.012 + 0.016 * fractalNoise(azimuth + 12, 5, 0.55, 7, footprintRad);
    if (dy < near) {
      hill(0.62, azimuth, dy, footprintRad, rgb);
      return;
    }
    const far = 0.026 + 0.03 * fractalNoise(azimuth + 3, 0, 0.55, 7, footprintRad);
    if (dy < far) {
      hill(0.8, azimuth, dy, footprintRad, rgb);
      return;
    }
  }
  skyAt(dx, dy, dz, footprintRad, rgb);
}

function hill(
  air: number,
  azimuth: number,
  elevation: number,
  footprintRad: number,
  rgb: Float64Array,
): void {
  const wood = 1 + 0.5 * fractalNoise(azimuth * 3, elevation * 9, 0.05, 6, footprintRad * 3);
  const ground = 1400 * wood;
  rgb[0] = ground * 0.72 * (1 - air) + HAZE_L * 0.82 * HILL[0] * air;
  rgb[1] = ground * 0.92 * (1 - air) + HAZE_L * 0.82 * HILL[1] * air;
  rgb[2] = ground * 0.8 * (1 - air) + HAZE_L * 0.82 * HILL[2] * air;
}
