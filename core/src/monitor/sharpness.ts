import type { PhotositeResponse } from '../sensor/sensorModel';

/** How much fine detail a piece of the sensor shows. */
export interface Sharpness {
  /**
   * Strength of detail as a share of the mean signal: rms of the modified Laplacian, noise taken
   * off. 0 = none.
   */
  readonly detail: number;
  /** The same detail in standard deviations of what noise alone would show. */
  readonly sure: number;
  /** Mean signal over its noise, for one photosite. */
  readonly signalToNoise: number;
}

/**
 * Sharpness of a piece of an RGGB mosaic by the modified Laplacian of Nayar and Nakagawa 1994,
 * |2G - left - right| and |2G - above - below|, of green photosites two apart. Squared instead of
 * absolute, so that the share of noise, which the sensor model knows, can be taken off: the measure
 * neither grows with ISO nor changes with the exposure.
 *
 * @param raw mosaic, `width * height`, RGGB from the top left, both even and at least 8
 * Throws RangeError on a smaller piece.
 */
export function sharpnessOf(
  raw: Uint16Array,
  width: number,
  height: number,
  { blackLevel, electronsPerDn, readNoiseE, prnu }: PhotositeResponse,
): Sharpness {
  if (width < 8 || height < 8) throw new RangeError('sharpness needs at least 8 x 8 photosites');
  let energy = 0;
  let sum = 0;
  let n = 0;
  const two = 2 * width;
  for (let y = 2; y < height - 2; y++)
    for (let x = 2 + ((y & 1) === 0 ? 1 : 0), i = y * width + x; x < width - 2; x += 2, i += 2) {
      const g = 2 * raw[i];
      const across = g - raw[i - 2] - raw[i + 2];
      const along = g - raw[i - two] - raw[i + two];
      energy += across * across + along * along;
      sum += raw[i];
      n++;
    }
  const mean = Math.max(0, sum / n - blackLevel);
  // Photon and read noise, unequal photosites, and rounding to whole counts.
  const variance =
    mean / electronsPerDn + (readNoiseE / electronsPerDn) ** 2 + (prnu * mean) ** 2 + 1 / 12;
  const noise = 12 * variance;
  const signal = energy / n - noise;
  // Neighbouring terms share photosites: about a third of them is independent.
  const spread = noise * Math.sqrt(6 / n);
  return {
    detail: Math.sqrt(Math.max(0, signal)) / Math.max(1, mean),
    sure: signal / spread,
    signalToNoise: mean / Math.sqrt(variance),
  };
}
