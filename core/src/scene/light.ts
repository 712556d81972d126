import { daylightChromaticity } from '../colour/illuminants';
import { planckChromaticity } from '../colour/planck';
import { xyzFromChromaticity, type Chromaticity } from '../colour/chromaticity';
import { multiplyVec } from '../colour/mat3';
import { SRGB_TO_XYZ, XYZ_TO_SRGB } from '../colour/srgb';
import type { SceneSample } from './scene';

/** Scene-linear light or reflectance on BT.709 primaries; [1, 1, 1] is CIE D65 of Y = 1. */
export type SceneRgb = readonly [number, number, number];

/** Light of a chromaticity at Y = 1. */
export const lightOf = (white: Chromaticity): SceneRgb =>
  multiplyVec(XYZ_TO_SRGB, xyzFromChromaticity(white));

/** Daylight of a colour temperature at Y = 1. */
export const daylight = (kelvin: number): SceneRgb => lightOf(daylightChromaticity(kelvin));

/** Light of a black body, such as a filament, at Y = 1. */
export const glow = (kelvin: number): SceneRgb => lightOf(planckChromaticity(kelvin));

const M = SRGB_TO_XYZ;

/**
 * Writes scene RGB (cd/m2 on BT.709 primaries), a distance and a reflectance as a sample. Negative light is cut at 0.
 */
export function writeSample(
  out: SceneSample,
  r: number,
  g: number,
  b: number,
  distanceM: number,
  reflectance = 0,
): void {
  out[0] = Math.max(0, M[0] * r + M[1] * g + M[2] * b);
  out[1] = Math.max(0, M[3] * r + M[4] * g + M[5] * b);
  out[2] = Math.max(0, M[6] * r + M[7] * g + M[8] * b);
  out[3] = distanceM;
  out[4] = reflectance;
}
