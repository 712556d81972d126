import { KeptRoutines, padded } from '../wasm';
import { ENLARGE_WASM } from './enlargeWasm';

/** The inner loop; addresses in bytes. See core/assembly/enlarge.ts. */
interface EnlargeRoutines {
  enlargeRow(
    top: number,
    bottom: number,
    share: number,
    row: number,
    width: number,
    from: number,
    to: number,
    factor: number,
    out: number,
  ): void;
}

/** The same in TypeScript. */
function plainRoutines(buffer: ArrayBuffer): EnlargeRoutines {
  const floats = new Float32Array(buffer);
  return {
    enlargeRow(top, bottom, share, row, width, from, to, factor, out) {
      const [t, b, r] = [top >> 2, bottom >> 2, row >> 2];
      for (let i = 0; i < 3 * width; i++)
        floats[r + i] = (1 - share) * floats[t + i] + share * floats[b + i];
      for (let x = from; x < to; x++)
        for (let phase = 0; phase < factor; phase++) {
          const offset = (phase + 0.5) / factor - 0.5;
          const near = Math.abs(offset);
          // At the edges there is no neighbour: the pixel stands for it.
          const beside = x + (offset < 0 ? -1 : 1);
          const other = beside < 0 || beside >= width ? x : beside;
          const o = (out >> 2) + 3 * (x * factor + phase);
          for (let c = 0; c < 3; c++) {
            const light = (1 - near) * floats[r + 3 * x + c] + near * floats[r + 3 * other + c];
            floats[o + c] = Math.max(0, floats[o + c] + light);
          }
        }
    },
  };
}

const kept = new KeptRoutines(ENLARGE_WASM, plainRoutines);

/**
 * Adds RGB light, enlarged by a whole factor with linear steps, to other light; what would be below
 * 0 is 0. Where it adds nothing, nothing is touched.
 *
 * @param small interleaved RGB, `width` x `height` pixels
 * @param out `factor` times as wide and high
 * @param plain true: without WebAssembly in any case
 */
export function addEnlarged(
  small: Float32Array,
  width: number,
  height: number,
  factor: number,
  out: Float32Array,
  plain = false,
): void {
  const stride = 3 * width;
  const wide = stride * factor;
  const rowAt = padded(4 * stride * height);
  const outAt = rowAt + padded(4 * stride);
  const { buffer, routines } = kept.of(outAt + padded(4 * wide), plain);
  const floats = new Float32Array(buffer);
  floats.set(small);
  const line = outAt / 4;
  // From where in a row to where there is anything, for each row of the small picture.
  const first = new Int32Array(height);
  const last = new Int32Array(height);
  for (let y = 0; y < height; y++) {
    const [from, end] = [y * stride, (y + 1) * stride];
    let [low, high] = [from, end - 1];
    while (low < end && small[low] === 0) low++;
    while (high > low && small[high] === 0) high--;
    first[y] = low - from;
    last[y] = low < end ? high - from : -1;
  }
  for (let y = 0; y < height * factor; y++) {
    const v = Math.max(0, Math.min(height - 1, (y + 0.5) / factor - 0.5));
    const y0 = Math.floor(v);
    const y1 = Math.min(height - 1, y0 + 1);
    if (last[y0] < 0 && last[y1] < 0) continue;
    // The pixels that hold something, and one more on either side, which their light spreads into.
    const from = Math.max(0, Math.floor(Math.min(first[y0], first[y1]) / 3) - 1);
    const to = Math.min(width, Math.floor(Math.max(last[y0], last[y1]) / 3) + 2);
    const [begin, end] = [3 * from * factor, 3 * to * factor];
    floats.set(out.subarray(y * wide + begin, y * wide + end), line + begin);
    const [top, bottom] = [4 * y0 * stride, 4 * y1 * stride];
    routines.enlargeRow(top, bottom, v - y0, rowAt, width, from, to, factor, outAt);
    out.set(floats.subarray(line + begin, line + end), y * wide + begin);
  }
}
