import type { Mat3 } from './mat3';

/**
 * Linear XYZ (D65) to linear sRGB and back (IEC 61966-2-1, derived from its primaries and white).
 */
export const XYZ_TO_SRGB: Mat3 = [
  3.2404542, -1.5371385, -0.4985314, -0.969266, 1.8760108, 0.041556, 0.0556434, -0.2040259,
  1.0572252,
];
export const SRGB_TO_XYZ: Mat3 = [
  0.4124564, 0.3575761, 0.1804375, 0.2126729, 0.7151522, 0.072175, 0.0193339, 0.119192, 0.9503041,
];

/** Linear light 0..1 to the sRGB signal 0..1 (IEC 61966-2-1). */
export const encodeSrgb = (linear: number): number =>
  linear <= 0.0031308 ? 12.92 * linear : 1.055 * linear ** (1 / 2.4) - 0.055;

/** sRGB signal 0..1 to linear light 0..1 (IEC 61966-2-1). */
export const decodeSrgb = (signal: number): number =>
  signal <= 0.04045 ? signal / 12.92 : ((signal + 0.055) / 1.055) ** 2.4;

/** Luma weights of BT.709. */
export const BT709_LUMA = [0.2126, 0.7152, 0.0722] as const;
