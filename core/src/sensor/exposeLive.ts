import { NORMAL_MASK, NORMAL_TABLE, rowStream } from './noise';
import type { PhotositeResponse } from './sensorModel';

/**
 * A live, raw-like frame: every pixel holds red, green and blue raw values of the photosites under it, binned.
 * Noise is the normal limit throughout, because bins hold many photosites' electrons.
 *
 * @param light camera-space light, interleaved RGB, `3 * pixels`
 * @param electronsPerLight electrons of a bin per unit of light
 * @param seed a new one for every frame
 * @param out raw values (black level included), interleaved RGB, `3 * pixels`
 */
export function exposeLive(
  light: Float32Array,
  response: PhotositeResponse,
  electronsPerLight: number,
  seed: number,
  out: Uint16Array,
): void {
  const { blackLevel, whiteLevel } = response;
  const dnPerE = 1 / response.electronsPerDn;
  const readVarianceE = response.readNoiseE ** 2;
  const n = light.length;
  // All below in raw counts: mean = light * a; variance = mean * dnPerE + read variance.
  const a = electronsPerLight * dnPerE;
  const readVarianceDn = readVarianceE * dnPerE * dnPerE;
  // Light beyond this clips whatever the noise; skipping it keeps the square root out of skies and salt.
  const clipped = (whiteLevel - blackLevel) * 1.02 + 8;
  let state = rowStream(seed, n);
  for (let i = 0; i < n; i++) {
    const mean = light[i] * a;
    if (mean > clipped) {
      out[i] = whiteLevel;
      continue;
    }
    state ^= state << 13;
    state ^= state >>> 17;
    state ^= state << 5;
    const dn =
      blackLevel +
      mean +
      Math.sqrt(mean * dnPerE + readVarianceDn) * NORMAL_TABLE[state & NORMAL_MASK] +
      0.5;
    out[i] = dn < 0 ? 0 : dn > whiteLevel ? whiteLevel : dn;
  }
}
