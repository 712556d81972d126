import { chromaticityFromXyz, type Chromaticity } from './chromaticity';
import { daylightSpectrum } from './daylight';
import { integrateXyz, type Spectrum } from './observer';
import { planckSpectrum } from './planck';

/** A light of a known spectrum: a black body (filament, flame) or a phase of daylight. */
export interface LightSource {
  readonly locus: 'planckian' | 'daylight';
  readonly kelvin: number;
}

/**
 * CIE standard illuminants A and D65 as sources; D65 lies at 1.4388/1.4380 times its nominal
 * temperature (CIE 15).
 */
export const SOURCE_A: LightSource = { locus: 'planckian', kelvin: 2855.5 };
export const SOURCE_D50: LightSource = { locus: 'daylight', kelvin: (5000 * 1.4388) / 1.438 };
export const SOURCE_D55: LightSource = { locus: 'daylight', kelvin: (5500 * 1.4388) / 1.438 };
export const SOURCE_D65: LightSource = { locus: 'daylight', kelvin: (6500 * 1.4388) / 1.438 };

/**
 * Relative spectrum of a source, 1 at 560 nm. Throws RangeError off the daylight locus (4000..25000
 * K).
 */
export const sourceSpectrum = ({ locus, kelvin }: LightSource): Spectrum =>
  locus === 'daylight' ? daylightSpectrum(kelvin) : planckSpectrum(kelvin);

/** Chromaticity of a source over the CIE 1931 observer. */
export const sourceChromaticity = (source: LightSource): Chromaticity =>
  chromaticityFromXyz(integrateXyz(sourceSpectrum(source)));
