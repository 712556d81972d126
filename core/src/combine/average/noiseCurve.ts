import type { NoiseProfile } from '../../sensor/noiseProfile';
import { binOf, MIN_SAMPLES, LEVEL_BINS as BINS } from './typicalDifference';

/** Level at the middle of a bin. */
const levelOf = (bin: number): number => ((bin + 0.5) / BINS) ** 2;

/** Variance of a signal by its level, gathered sample by sample. */
export class NoiseCurve {
  private readonly squares = new Float64Array(BINS);
  private readonly counts = new Float64Array(BINS);

  /**
   * @param share level, 0..1 of clipping light
   * @param square squared deviation of a sample from what it should be, in the same unit squared
   */
  add(share: number, square: number): void {
    const bin = binOf(share);
    this.squares[bin] += square;
    this.counts[bin]++;
  }

  /**
   * How many times less noisy another signal of the same scene is: root of the mean ratio of
   * variances. Null unknown.
   */
  timesLess(other: NoiseCurve): number | null {
    let [sum, weights] = [0, 0];
    for (let bin = 0; bin < BINS; bin++) {
      const n = Math.min(this.counts[bin], other.counts[bin]);
      const [a, b] = [this.squares[bin], other.squares[bin]];
      if (n < MIN_SAMPLES || !(a > 0) || !(b > 0)) continue;
      sum += n * Math.log(a / this.counts[bin] / (b / other.counts[bin]));
      weights += n;
    }
    return weights > 0 ? Math.exp(sum / weights / 2) : null;
  }

  /**
   * The straight line nearest to the variances, bins weighted by how well they are known; null
   * where nothing is.
   */
  get model(): NoiseProfile | null {
    let [s, sx, sxx, sy, sxy] = [0, 0, 0, 0, 0];
    for (let bin = 0; bin < BINS; bin++) {
      const n = this.counts[bin];
      if (n < MIN_SAMPLES) continue;
      const [x, y] = [levelOf(bin), this.squares[bin] / n];
      // A variance from n samples is known to sqrt(2 / n) of itself.
      const w = n / Math.max(y, 1e-12) ** 2;
      s += w;
      sx += w * x;
      sxx += w * x * x;
      sy += w * y;
      sxy += w * x * y;
    }
    if (s === 0) return null;
    const det = s * sxx - sx * sx;
    const scale = det > 1e-9 * s * sxx ? Math.max(0, (s * sxy - sx * sy) / det) : 0;
    const offset = Math.max(0, (sy - scale * sx) / s);
    // A line that would start below nothing goes through it.
    return offset > 0 ? { scale, offset } : { scale: sxx > 0 ? Math.max(0, sxy / sxx) : 0, offset };
  }
}
