import type { Chromaticity } from './chromaticity';

/** Chromaticities of the CIE standard illuminants (CIE 15), 2 degree observer. */
export const CIE_A: Chromaticity = { x: 0.44758, y: 0.40745 };
export const CIE_D50: Chromaticity = { x: 0.34567, y: 0.3585 };
export const CIE_D55: Chromaticity = { x: 0.33242, y: 0.34743 };
export const CIE_D65: Chromaticity = { x: 0.31272, y: 0.32903 };
export const CIE_D75: Chromaticity = { x: 0.29902, y: 0.31485 };

/**
 * Chromaticity of the CIE daylight locus (CIE 15) at a correlated colour temperature.
 * Throws RangeError outside 4000..25000 K, where the locus is not defined.
 */
export function daylightChromaticity(kelvin: number): Chromaticity {
  if (!(kelvin >= 4000 && kelvin <= 25000))
    throw new RangeError(`daylight locus is defined for 4000..25000 K, not ${kelvin} K`);
  const t = kelvin;
  const x =
    t <= 7000
      ? -4.607e9 / t ** 3 + 2.9678e6 / t ** 2 + 0.09911e3 / t + 0.244063
      : -2.0064e9 / t ** 3 + 1.9018e6 / t ** 2 + 0.24748e3 / t + 0.23704;
  return { x, y: -3 * x * x + 2.87 * x - 0.275 };
}
