import { CFA_RGGB, type PhotositeResponse } from './sensorModel';
import { hash32, NORMAL_MASK, NORMAL_TABLE, POISSON_LIMIT_E, rowStream, xorshift32 } from './noise';

export interface MosaicExposure {
  readonly response: PhotositeResponse;
  /** Electrons per unit of camera-space light in the plane. */
  readonly electronsPerLight: number;
  readonly seed: number;
}

/** Fixed pattern of the photosites' gain: the same for every frame of a sensor. */
const FIXED_PATTERN_SEED = 0x5a17;

/**
 * Turns a band of light into Bayer raw values: photon noise, fixed-pattern gain, read noise, ADC.
 *
 * @param light camera-space light, interleaved RGB, `width * rows * 3`, any unit `electronsPerLight` is per
 * @param width photosites in a row; even
 * @param rows rows in this band
 * @param firstRow row of the whole frame at which the band starts; even
 * @param out raw values (black level included), `width * rows`
 */
export function exposeMosaic(
  light: Float32Array,
  width: number,
  rows: number,
  firstRow: number,
  exposure: MosaicExposure,
  out: Uint16Array,
): void {
  const { response, electronsPerLight, seed } = exposure;
  const { readNoiseE, prnu, blackLevel, whiteLevel } = response;
  const dnPerE = 1 / response.electronsPerDn;
  for (let y = 0; y < rows; y++) {
    const row = firstRow + y;
    let state = rowStream(seed, row);
    let fixed = rowStream(FIXED_PATTERN_SEED, row);
    const cfaRow = (row & 1) << 1;
    for (let x = 0; x < width; x++) {
      const i = y * width + x;
      const channel = CFA_RGGB[cfaRow | (x & 1)];
      fixed = xorshift32(fixed);
      const mean =
        light[3 * i + channel] * electronsPerLight * (1 + prnu * NORMAL_TABLE[fixed & NORMAL_MASK]);
      state = xorshift32(state);
      let electrons: number;
      if (mean > POISSON_LIMIT_E) {
        electrons = mean + Math.sqrt(mean) * NORMAL_TABLE[state & NORMAL_MASK];
      } else {
        electrons = poissonCount(mean, state);
      }
      state = xorshift32(state);
      electrons += readNoiseE * NORMAL_TABLE[(state >>> 8) & NORMAL_MASK];
      const dn = Math.round(blackLevel + electrons * dnPerE);
      out[i] = dn < 0 ? 0 : dn > whiteLevel ? whiteLevel : dn;
    }
  }
}

/** A Poisson count of this mean (at most POISSON_LIMIT_E) from 32 random bits, by inversion. */
export function poissonCount(mean: number, randomBits: number): number {
  if (!(mean > 0)) return 0;
  const u = (hash32(randomBits, 0x9d2c) + 0.5) / 4294967296;
  let p = Math.exp(-mean);
  let cumulative = p;
  let count = 0;
  while (u > cumulative && count < 200) {
    count++;
    p *= mean / count;
    cumulative += p;
  }
  return count;
}
