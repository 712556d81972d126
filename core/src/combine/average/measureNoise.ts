import { LINEAR_WHITE } from '../../response/videoResponse';
import type { NoiseProfile } from '../../sensor/noiseProfile';
import { NoiseCurve } from './noiseCurve';
import { OUTSIDE } from './shiftedFrame';
import { TypicalDifference } from './typicalDifference';

/** Noise of single frames and of their average, measured on even surfaces of the picture itself. */
export interface StackNoise {
  readonly before: NoiseProfile;
  readonly after: NoiseProfile;
  /** How many times less noise the average has. */
  readonly timesLess: number;
}

/** Every so many rows are looked at: enough samples, a fraction of the time. */
const ROWS = 2;
/** Levels so near to clipping, or to nothing, have their noise cut off. */
const MIN_LEVEL = 0.002;
const MAX_LEVEL = 0.9;
/**
 * A surface is even where the step to its neighbours is no more than this many times the noise of
 * one frame.
 */
const EVEN = 1;
/** Two frames that differ by more than so many standard deviations show something that moved. */
const MOVED = 5 * Math.SQRT2;

/**
 * Noise before: half the squared difference of two single frames. After: a quarter of that of the
 * averages of every second frame, which share no frame, and whose mean is the picture. Both on the
 * same even surfaces.
 *
 * @param single two frames laid on each other by whole pixels, linear, OUTSIDE where one does not
 *   reach
 * @param sums sums of odd and of even frames; counts how many are in each
 * @param data the average
 * @returns null where there is too little to measure on
 */
export function measureNoise(
  single: { readonly a: Float32Array; readonly b: Float32Array },
  sums: readonly [Float32Array, Float32Array],
  counts: readonly [Uint8Array, Uint8Array],
  data: Uint16Array,
  width: number,
  height: number,
): StackNoise | null {
  // What one frame's noise is anywhere, edges included: only to tell what is even and what moved.
  const rough = new TypicalDifference();
  const before = new NoiseCurve();
  const after = new NoiseCurve();
  const row = 3 * width;
  const visit = (each: (i: number, level: number, difference: number) => void): void => {
    for (let y = 1; y < height - 1; y += ROWS)
      for (let i = y * row + 3; i < (y + 1) * row - 3; i++) {
        const level = data[i] / LINEAR_WHITE;
        if (level < MIN_LEVEL || level > MAX_LEVEL) continue;
        const [a, b] = [single.a[i], single.b[i]];
        if (a === OUTSIDE || b === OUTSIDE || a === LINEAR_WHITE || b === LINEAR_WHITE) continue;
        each(i, level, (a - b) / LINEAR_WHITE);
      }
  };
  visit((_, level, difference) => rough.add(level, difference));
  // Rounding to codes hides noise smaller than them: the typical difference may be none.
  const noise = Float64Array.from({ length: 1024 }, (_, k) =>
    Math.max(1e-4, rough.sigmaAt((k + 0.5) / 1024)),
  );
  visit((i, level, difference) => {
    const sigma = noise[Math.min(1023, Math.floor(1024 * level))];
    if (Math.abs(difference) > MOVED * sigma) return;
    const across = data[i + 3] - data[i - 3];
    const down = data[i + row] - data[i - row];
    const step = (across * across + down * down) / (4 * LINEAR_WHITE * LINEAR_WHITE);
    if (step > EVEN * EVEN * sigma * sigma) return;
    const [n, m] = [counts[0][i], counts[1][i]];
    if (n === 0 || m === 0) return;
    before.add(level, 0.5 * difference * difference);
    const d = (sums[0][i] / n - sums[1][i] / m) / LINEAR_WHITE;
    // Halves of n and m frames differ by s2 (1/n + 1/m); all together have s2 / (n + m).
    after.add(level, (d * d * n * m) / (n + m) ** 2);
  });
  const [was, is, timesLess] = [before.model, after.model, before.timesLess(after)];
  return was && is && timesLess ? { before: was, after: is, timesLess } : null;
}
