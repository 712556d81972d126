import { daylightChromaticity } from '../colour/illuminants';
import { planckChromaticity } from '../colour/planck';
import { xyzFromChromaticity, type Chromaticity } from '../colour/chromaticity';
import { multiplyVec } from '../colour/mat3';
import { XYZ_TO_SRGB } from '../colour/srgb';

/** Scene-linear light or reflectance on BT.709 primaries; [1, 1, 1] is CIE D65 of Y = 1. */
export type SceneRgb = readonly [number, number, number];

/** Light of a chromaticity at Y = 1. */
export const lightOf = (white: Chromaticity): SceneRgb =>
  multiplyVec(XYZ_TO_SRGB, xyzFromChromaticity(white));

/** Daylight of a colour temperature at Y = 1. */
export const daylight = (kelvin: number): SceneRgb => lightOf(daylightChromaticity(kelvin));

/** Light of a black body, such as a filament, at Y = 1. */
export const glow = (kelvin: number): SceneRgb => lightOf(planckChromaticity(kelvin));
