import type { Chromaticity } from './chromaticity';
import { xyzFromChromaticity } from './chromaticity';
import { bradfordAdaptation } from './adaptation';
import { CIE_D65 } from './illuminants';
import { diagonal, invert, multiplyMat, multiplyVec, type Mat3, type Vec3 } from './mat3';
import { XYZ_TO_SRGB } from './srgb';

/**
 * Camera values of a neutral surface under this light, largest = 1: what DNG calls AsShotNeutral.
 */
export function asShotNeutral(xyzToCamera: Mat3, white: Chromaticity): [number, number, number] {
  const camera = multiplyVec(xyzToCamera, xyzFromChromaticity(white));
  const top = Math.max(...camera);
  return [camera[0] / top, camera[1] / top, camera[2] / top];
}

/**
 * Matrix from white-balanced camera values (neutral = 1, 1, 1) to linear sRGB, with Bradford adaptation of the
 * scene's white to D65 (the DNG specification's mapping of camera colour to XYZ, with sRGB as the target).
 */
export function balancedCameraToSrgb(xyzToCamera: Mat3, white: Chromaticity): Mat3 {
  const whiteXyz = xyzFromChromaticity(white);
  const cameraWhite = multiplyVec(xyzToCamera, whiteXyz);
  const toXyz = multiplyMat(invert(xyzToCamera), diagonal(cameraWhite));
  const adapted = multiplyMat(bradfordAdaptation(whiteXyz, xyzFromChromaticity(CIE_D65)), toXyz);
  return multiplyMat(XYZ_TO_SRGB, adapted);
}

/**
 * Chromaticity of the light that makes these camera values neutral (the DNG specification's search for the
 * white point, with a single colour matrix and so in one step).
 */
export function whiteFromNeutral(xyzToCamera: Mat3, neutral: Vec3): Chromaticity {
  const xyz = multiplyVec(invert(xyzToCamera), neutral);
  const sum = xyz[0] + xyz[1] + xyz[2];
  return { x: xyz[0] / sum, y: xyz[1] / sum };
}
