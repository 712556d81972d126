import type { Vec3 } from '../colour/mat3';
import { circleRadius, type PicturePoint } from '../exposure/metering';

/** What a circle of the picture reads, in the unit of its pixels. */
export interface SpotReading {
  /** Mean luminance. */
  readonly luminance: number;
  /** Mean of the channel that is strongest there. */
  readonly peak: number;
}

/**
 * Reads a circle of an interleaved RGB picture.
 *
 * @param share the circle's share of the picture's area
 * @param luminanceRow weights of red, green, blue in luminance
 */
export function readSpot(
  rgb: Float32Array | Uint16Array,
  width: number,
  height: number,
  at: PicturePoint,
  share: number,
  luminanceRow: Vec3,
): SpotReading {
  const radius = circleRadius(share, width, height);
  const cx = at.x * width;
  const cy = at.y * height;
  const sums = [0, 0, 0];
  let pixels = 0;
  const y1 = Math.min(height - 1, Math.floor(cy + radius));
  const x1 = Math.min(width - 1, Math.floor(cx + radius));
  for (let y = Math.max(0, Math.floor(cy - radius)); y <= y1; y++)
    for (let x = Math.max(0, Math.floor(cx - radius)); x <= x1; x++) {
      if ((x + 0.5 - cx) ** 2 + (y + 0.5 - cy) ** 2 > radius * radius) continue;
      const i = 3 * (y * width + x);
      sums[0] += rgb[i];
      sums[1] += rgb[i + 1];
      sums[2] += rgb[i + 2];
      pixels++;
    }
  const n = Math.max(1, pixels);
  return {
    luminance:
      (sums[0] * luminanceRow[0] + sums[1] * luminanceRow[1] + sums[2] * luminanceRow[2]) / n,
    peak: Math.max(...sums) / n,
  };
}
