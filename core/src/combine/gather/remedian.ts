/** Frames of a level whose median goes on to the next. */
const BASE = 7;

/** Values of one frame and how many frames they stand for. */
interface Weighted {
  readonly values: Float32Array;
  readonly weight: number;
}

/**
 * Median of any number of frames, sample by sample, whose memory grows with the logarithm of their
 * number: medians of medians of seven (the remedian, Rousseeuw and Bassett 1990). Exact for up to
 * seven frames; at the end those that have not gone on are weighed by what they stand for.
 */
export class Remedian {
  private readonly levels: Float32Array[][] = [[]];

  /** @param frame is kept until its median goes on */
  add(frame: Float32Array): void {
    this.put(frame, 0);
  }

  private put(frame: Float32Array, level: number): void {
    (this.levels[level] ??= []).push(frame);
    const full = this.levels[level];
    if (full.length < BASE) return;
    const median = weightedMedian(full.map((values) => ({ values, weight: 1 })));
    full.length = 0;
    this.put(median, level + 1);
  }

  /** Changes all that is kept: frames of another kind follow. */
  change(by: (frame: Float32Array) => Float32Array): void {
    for (const level of this.levels) level.forEach((frame, i) => (level[i] = by(frame)));
  }

  /** The median so far. Throws RangeError before the first frame. */
  median(): Float32Array {
    const all = this.levels.flatMap((frames, level) =>
      frames.map((values): Weighted => ({ values, weight: BASE ** level })),
    );
    if (all.length === 0) throw new RangeError('there is no frame');
    return weightedMedian(all);
  }
}

/** Of each sample the value at which half of the weight is reached; of two halves the mean. */
function weightedMedian(frames: readonly Weighted[]): Float32Array {
  const n = frames.length;
  const half = frames.reduce((sum, { weight }) => sum + weight, 0) / 2;
  const out = new Float32Array(frames[0].values.length);
  const values = new Float32Array(n);
  const weights = new Float32Array(n);
  for (let i = 0; i < out.length; i++) {
    for (let k = 0; k < n; k++) {
      const v = frames[k].values[i];
      let at = k;
      for (; at > 0 && values[at - 1] > v; at--) {
        values[at] = values[at - 1];
        weights[at] = weights[at - 1];
      }
      values[at] = v;
      weights[at] = frames[k].weight;
    }
    let [k, sum] = [0, weights[0]];
    while (sum < half) sum += weights[++k];
    out[i] = sum === half ? (values[k] + values[k + 1]) / 2 : values[k];
  }
  return out;
}
