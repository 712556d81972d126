import { daylight } from '../light';

const ZENITH = daylight(15000);
const GLOW = daylight(4200);

/** Luminance of the sky after sunset, cd/m2: overhead, and added towards the horizon. */
const ZENITH_L = 9.5;
const GLOW_L = 26;

/** Illuminance of the open dusk sky in lux and its colour. */
export const DUSK_LX = 58;
export const duskLight = daylight(9500);

/** Luminance of the clear dusk sky at a sine of elevation. */
export const duskLuminance = (up: number): number => ZENITH_L + GLOW_L * Math.exp(-up * 6.5);

/** Writes the sky's light along a direction with dy >= 0 to rgb (cd/m2). */
export function duskSky(dx: number, dy: number, dz: number, rgb: Float64Array): void {
  // Brighter where the sun went down, left of the axis; level over a frame's width.
  const glow = GLOW_L * Math.exp(-dy * 6.5) * (1 - 0.12 * dx) * (dz > 0 ? 1 : 0.7);
  for (let c = 0; c < 3; c++) rgb[c] = ZENITH_L * ZENITH[c] + glow * GLOW[c];
}
