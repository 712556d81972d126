import type { ThinLens } from './depthOfField';

/** Metres to dioptres, the unit of focus: 1/m, 0 for infinity. */
export const dioptresOf = (distanceM: number): number => 1 / distanceM;

/** Dioptres to metres; infinity and beyond give Infinity. */
export const distanceOf = (dioptres: number): number => (dioptres > 0 ? 1 / dioptres : Infinity);

/**
 * Diameter on the sensor in mm of the blur of a point at `distanceM` behind a lens focused at
 * `focusedM`: b = f^2 |d - s| / (N d (s - f)), the thin-lens formula. Both may be Infinity.
 */
export function blurDiameterMm(
  { focalLengthMm, fNumber }: ThinLens,
  focusedM: number,
  distanceM: number,
): number {
  const f = focalLengthMm / 1000;
  const apart = Math.abs(dioptresOf(focusedM) - dioptresOf(distanceM));
  return (1000 * f * f * apart) / (fNumber * (1 - f * dioptresOf(focusedM)));
}

/** Wavelength in mm that stands for white light: 550 nm. */
const WAVELENGTH_MM = 550e-6;

/** Diameter in mm of the Airy disc: 2.44 wavelengths times the f-number. */
export const airyDiameterMm = ({ fNumber }: Pick<ThinLens, 'fNumber'>): number =>
  2.44 * WAVELENGTH_MM * fNumber;

/**
 * Diameter in mm of a point's image, with diffraction as its floor: blur and Airy disc added in
 * quadrature.
 */
export const spotDiameterMm = (lens: ThinLens, focusedM: number, distanceM: number): number =>
  Math.hypot(blurDiameterMm(lens, focusedM, distanceM), airyDiameterMm(lens));

/** How a picture is out of focus: everything its blur depends on but the distances in it. */
export interface Defocus {
  /** Where the lens is focused, in dioptres; below 0 = beyond infinity. */
  readonly dioptres: number;
  /** Radius in pixels of the blur of what lies one dioptre off. */
  readonly pxPerDioptre: number;
}

/**
 * The defocus of a picture whose pixels cover this angle (as a tangent): seen from the lens, a blur
 * is as wide as the aperture is at the distance between object and focus.
 */
export function defocusOf(
  { focalLengthMm, fNumber }: ThinLens,
  dioptres: number,
  pixelTangent: number,
): Defocus {
  const f = focalLengthMm / 1000;
  return {
    dioptres,
    pxPerDioptre: f / fNumber / 2 / (1 - f * dioptres) / pixelTangent,
  };
}

/** Blur radius in pixels at a distance; positive nearer than the focus, negative beyond it. */
export const blurRadiusPx = ({ dioptres, pxPerDioptre }: Defocus, distanceM: number): number =>
  pxPerDioptre * (dioptresOf(distanceM) - dioptres);

/** Blur radii beyond this are not drawn any larger. */
export const MAX_BLUR_PX = 64;

/**
 * Farthest that blur spreads in a picture with these nearest and farthest things, in whole pixels.
 */
export function blurReachPx(defocus: Defocus, nearestM: number, farthestM: number): number {
  const most = Math.max(
    Math.abs(blurRadiusPx(defocus, nearestM)),
    Math.abs(blurRadiusPx(defocus, farthestM)),
  );
  return most < MIN_BLUR_PX ? 0 : Math.ceil(Math.min(MAX_BLUR_PX, most)) + 2;
}

/**
 * Blur of a smaller radius than this leaves a picture as it is: far under what the lens itself
 * spreads.
 */
export const MIN_BLUR_PX = 0.3;
