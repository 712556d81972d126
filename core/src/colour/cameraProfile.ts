import { bradfordAdaptation } from './adaptation';
import { xyzFromChromaticity, chromaticityFromXyz, type Chromaticity } from './chromaticity';
import { correlatedTemperature } from './correlatedTemperature';
import { CIE_D50, CIE_D65 } from './illuminants';
import { diagonal, invert, multiplyMat, multiplyVec, type Mat3, type Vec3 } from './mat3';
import { XYZ_TO_SRGB } from './srgb';

/**
 * Exif light source codes (Exif 3.0) of the lights matrices are made for, and their temperatures.
 */
const CALIBRATION_KELVIN: Readonly<Record<number, number>> = {
  17: 2856,
  20: 5503,
  21: 6504,
  22: 7504,
  23: 5003,
};
export const CALIBRATION_A = 17;
export const CALIBRATION_D65 = 21;

/** How a camera sees colour under one light, as DNG states it. */
export interface Calibration {
  /** Exif light source code. */
  readonly illuminant: number;
  /** XYZ under that light to camera values (DNG ColorMatrix). */
  readonly colorMatrix: Mat3;
  /**
   * White-balanced camera values to XYZ under D50 (DNG ForwardMatrix); null when the file has none.
   */
  readonly forwardMatrix: Mat3 | null;
}

/** One or two calibrations, warmer light first. */
export type CameraProfile = readonly [Calibration] | readonly [Calibration, Calibration];

/** Temperature of the light a calibration is for; that of D65 where the code names none we know. */
export const calibrationKelvin = ({ illuminant }: Calibration): number =>
  CALIBRATION_KELVIN[illuminant] ?? 6504;

const mixed = (a: Mat3, b: Mat3, share: number): Mat3 =>
  a.map((v, i) => v * share + b[i] * (1 - share)) as unknown as Mat3;

/**
 * Matrices of a profile for a light of this temperature: interpolated linearly over the reciprocal
 * of the temperature, held beyond the two calibrations (DNG specification, "Mapping camera color
 * space to CIE XYZ space").
 */
export function profileAt(
  profile: CameraProfile,
  kelvin: number,
): { colorMatrix: Mat3; forwardMatrix: Mat3 | null } {
  const [warm, cool] = profile;
  if (!cool) return warm;
  const w = 1 / calibrationKelvin(warm);
  const c = 1 / calibrationKelvin(cool);
  const share = Math.min(1, Math.max(0, (1 / kelvin - c) / (w - c)));
  return {
    colorMatrix: mixed(warm.colorMatrix, cool.colorMatrix, share),
    forwardMatrix:
      warm.forwardMatrix && cool.forwardMatrix
        ? mixed(warm.forwardMatrix, cool.forwardMatrix, share)
        : null,
  };
}

/**
 * Camera values of a neutral surface under this light, largest = 1: what DNG calls AsShotNeutral.
 */
export function asShotNeutral(
  profile: CameraProfile,
  white: Chromaticity,
): [number, number, number] {
  const { colorMatrix } = profileAt(profile, correlatedTemperature(white).kelvin);
  const camera = multiplyVec(colorMatrix, xyzFromChromaticity(white));
  const top = Math.max(...camera);
  return [camera[0] / top, camera[1] / top, camera[2] / top];
}

const MAX_STEPS = 30;
const CLOSE_ENOUGH = 1e-7;

/**
 * Chromaticity of the light that makes these camera values neutral: the DNG specification's search,
 * from D50 on, because the matrices depend on the temperature that is looked for.
 */
export function whiteFromNeutral(profile: CameraProfile, neutral: Vec3): Chromaticity {
  let white: Chromaticity = CIE_D50;
  for (let step = 0; step < MAX_STEPS; step++) {
    const { colorMatrix } = profileAt(profile, correlatedTemperature(white).kelvin);
    const found = chromaticityFromXyz(multiplyVec(invert(colorMatrix), neutral));
    if (!Number.isFinite(found.x) || !Number.isFinite(found.y) || found.y <= 0) return CIE_D50;
    const moved = Math.abs(found.x - white.x) + Math.abs(found.y - white.y);
    white = found;
    if (moved < CLOSE_ENOUGH) break;
  }
  return white;
}

/**
 * Matrix from white-balanced camera values (neutral = 1, 1, 1) to linear sRGB: through the forward
 * matrices to D50 and on to D65 (Bradford); without forward matrices through the colour matrix,
 * adapting the scene's white (DNG specification).
 */
export function balancedCameraToSrgb(profile: CameraProfile, white: Chromaticity): Mat3 {
  const { colorMatrix, forwardMatrix } = profileAt(profile, correlatedTemperature(white).kelvin);
  const d65 = xyzFromChromaticity(CIE_D65);
  if (forwardMatrix) {
    // What the matrix calls white is what must come out white, whatever digits it was rounded to.
    const pcsWhite = multiplyVec(forwardMatrix, [1, 1, 1]);
    return multiplyMat(XYZ_TO_SRGB, multiplyMat(bradfordAdaptation(pcsWhite, d65), forwardMatrix));
  }
  const whiteXyz = xyzFromChromaticity(white);
  const toXyz = multiplyMat(invert(colorMatrix), diagonal(multiplyVec(colorMatrix, whiteXyz)));
  return multiplyMat(XYZ_TO_SRGB, multiplyMat(bradfordAdaptation(whiteXyz, d65), toXyz));
}
