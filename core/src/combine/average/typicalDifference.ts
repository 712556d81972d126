/** Bins of level, narrower towards the dark, where noise changes fastest. */
export const LEVEL_BINS = 48;
/** A bin with fewer samples says nothing. */
export const MIN_SAMPLES = 200;

/** Bin of a level given as a share of clipping light. */
export const binOf = (share: number): number =>
  Math.min(LEVEL_BINS - 1, Math.max(0, Math.floor(LEVEL_BINS * Math.sqrt(share))));

/** Sizes of difference are counted in eighths of a doubling, from 2^-20 of clipping light up. */
const PER_OCTAVE = 8;
const MIN_LOG = -20;
const SIZES = -MIN_LOG * PER_OCTAVE;
/** Median of the size of a normal variable in standard deviations. */
const NORMAL_MEDIAN = 0.6745;

/**
 * How much two frames typically differ at a level: by medians, so that what moved between them does
 * not count. Two frames differ by the root of two times the noise of one.
 */
export class TypicalDifference {
  private readonly counts = new Uint32Array(LEVEL_BINS * SIZES);
  private readonly totals = new Uint32Array(LEVEL_BINS);

  /**
   * @param share level, 0..1 of clipping light
   * @param difference of two frames there, in the same unit
   */
  add(share: number, difference: number): void {
    const bin = binOf(share);
    const size = PER_OCTAVE * (Math.log2(Math.abs(difference) + 1e-9) - MIN_LOG);
    this.counts[bin * SIZES + Math.min(SIZES - 1, Math.max(0, Math.floor(size)))]++;
    this.totals[bin]++;
  }

  /**
   * Standard deviation of one frame about a level, from the bins on both sides where its own says
   * nothing; 0 unknown.
   */
  sigmaAt(share: number): number {
    const own = binOf(share);
    for (let away = 0; away < LEVEL_BINS; away++)
      for (const bin of [own - away, own + away])
        if (this.totals[bin] >= MIN_SAMPLES) return this.medianOf(bin) / NORMAL_MEDIAN / Math.SQRT2;
    return 0;
  }

  private medianOf(bin: number): number {
    let below = 0;
    const half = this.totals[bin] / 2;
    for (let size = 0; size < SIZES; size++) {
      const here = this.counts[bin * SIZES + size];
      if (below + here >= half) {
        const inside = here > 0 ? (half - below) / here : 0.5;
        return size === 0 ? 0 : 2 ** ((size + inside) / PER_OCTAVE + MIN_LOG);
      }
      below += here;
    }
    return 0;
  }
}
