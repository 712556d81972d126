import { chromaticityFromXyz, type Chromaticity } from './chromaticity';
import { integrateXyz, spectrumOf, type Spectrum } from './observer';

/** Second radiation constant in nm K (CODATA). */
const C2_NM_K = 1.438777e7;

/**
 * Relative spectrum of a black body (Planck's law), 1 at 560 nm.
 * Throws RangeError for a temperature that is not 500 K or more.
 */
export function planckSpectrum(kelvin: number): Spectrum {
  if (!(kelvin >= 500)) throw new RangeError(`a black body needs 500 K or more, not ${kelvin} K`);
  const radiance = (nm: number): number => (560 / nm) ** 5 / Math.expm1(C2_NM_K / (nm * kelvin));
  const at560 = radiance(560);
  return spectrumOf((nm) => radiance(nm) / at560);
}

/** Chromaticity of a black body over the CIE 1931 observer. Throws RangeError below 500 K. */
export const planckChromaticity = (kelvin: number): Chromaticity =>
  chromaticityFromXyz(integrateXyz(planckSpectrum(kelvin)));
