import type { NeutralSample } from '../colour/neutralReading';
import { circleRadius, type PicturePoint } from '../exposure/metering';
import type { PhotositeResponse } from '../sensor/sensorModel';

/**
 * Reads a circle of a raw-like frame as something neutral would be read.
 *
 * @param raw interleaved RGB raw values (black level included)
 * @param share the circle's share of the picture's area
 * @param response of the pixels, so that noise is not taken for colour
 */
export function sampleNeutral(
  raw: Uint16Array,
  width: number,
  height: number,
  at: PicturePoint,
  share: number,
  response: PhotositeResponse,
): NeutralSample {
  const { blackLevel, whiteLevel, electronsPerDn, readNoiseE } = response;
  const radius = circleRadius(share, width, height);
  const cx = at.x * width;
  const cy = at.y * height;
  const sum = [0, 0, 0];
  const clipped = [0, 0, 0];
  let n = 0;
  for (let y = Math.max(0, Math.ceil(cy - radius)); y < Math.min(height, cy + radius); y++)
    for (let x = Math.max(0, Math.ceil(cx - radius)); x < Math.min(width, cx + radius); x++) {
      if ((x + 0.5 - cx) ** 2 + (y + 0.5 - cy) ** 2 > radius * radius) continue;
      n++;
      const i = 3 * (y * width + x);
      for (let c = 0; c < 3; c++) {
        sum[c] += raw[i + c] - blackLevel;
        if (raw[i + c] >= whiteLevel) clipped[c]++;
      }
    }
  const count = Math.max(1, n);
  const mean = sum.map((v) => v / count);
  const noiseOf = (dn: number): number =>
    Math.sqrt(Math.max(0, dn) / electronsPerDn + (readNoiseE / electronsPerDn) ** 2);
  return {
    mean: [mean[0], mean[1], mean[2]],
    clippedShare: [clipped[0] / count, clipped[1] / count, clipped[2] / count],
    snr: Math.min(...mean.map((dn) => dn / noiseOf(dn))),
    unevenness: unevennessOf(raw, width, height, at, radius, response, mean),
  };
}

/**
 * How much the pixels' colour spreads beyond what noise explains: relative, the worse of red and
 * blue over green.
 */
function unevennessOf(
  raw: Uint16Array,
  width: number,
  height: number,
  at: PicturePoint,
  radius: number,
  { blackLevel, electronsPerDn, readNoiseE }: PhotositeResponse,
  mean: readonly number[],
): number {
  // Deviations of each pixel from the mean's colour at its own green: sums of squares and the noise
  // expected in them.
  const cx = at.x * width;
  const cy = at.y * height;
  const read2 = (readNoiseE / electronsPerDn) ** 2;
  const spread = [0, 0];
  const level = [0, 0];
  for (let y = Math.max(0, Math.ceil(cy - radius)); y < Math.min(height, cy + radius); y++)
    for (let x = Math.max(0, Math.ceil(cx - radius)); x < Math.min(width, cx + radius); x++) {
      if ((x + 0.5 - cx) ** 2 + (y + 0.5 - cy) ** 2 > radius * radius) continue;
      const i = 3 * (y * width + x);
      const green = raw[i + 1] - blackLevel;
      for (let k = 0; k < 2; k++) {
        const value = raw[i + 2 * k] - blackLevel;
        const ratio = mean[2 * k] / Math.max(1, mean[1]);
        const expected = ratio * green;
        const noise2 =
          Math.max(0, value) / electronsPerDn +
          read2 +
          ratio * ratio * (Math.max(0, green) / electronsPerDn + read2);
        spread[k] += (value - expected) ** 2 - noise2;
        level[k] += expected * expected;
      }
    }
  return Math.max(...spread.map((s, k) => Math.sqrt(Math.max(0, s) / Math.max(1e-9, level[k]))));
}
