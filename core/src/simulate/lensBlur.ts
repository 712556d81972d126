import { KeptRoutines, padded } from '../wasm';
import { TENT_WASM } from './tentWasm';

/** The inner loop; addresses in bytes. See core/assembly/tent.ts. */
interface TentRoutines {
  tentRow(above: number, here: number, below: number, n: number, column: number, out: number): void;
}

/** The same in TypeScript. */
function plainRoutines(buffer: ArrayBuffer): TentRoutines {
  const floats = new Float32Array(buffer);
  return {
    tentRow(above, here, below, n, column, out) {
      const [a, h, b, c, o] = [above, here, below, column, out].map((address) => address >> 2);
      for (let i = 0; i < n; i++) floats[c + i] = floats[a + i] + 2 * floats[h + i] + floats[b + i];
      for (let i = 0; i < n; i++) {
        const left = c + (i < 3 ? i : i - 3);
        const right = c + (i >= n - 3 ? i : i + 3);
        floats[o + i] = (floats[left] + 2 * floats[c + i] + floats[right]) * 0.0625;
      }
    },
  };
}

const kept = new KeptRoutines(TENT_WASM, plainRoutines);

/**
 * Blurs a band by the tent [1 2 1] in both directions: the lens's and low-pass filter's share of
 * the sharpness, and what keeps edges from aliasing at one ray a photosite.
 *
 * @param rgb interleaved RGB of `width` x `rows + 2`: one row of margin above and below
 * @param out receives `width` x `rows`
 * @param plain true: without WebAssembly in any case
 */
export function tentBlur(
  rgb: Float32Array,
  width: number,
  rows: number,
  out: Float32Array,
  plain = false,
): void {
  const stride = 3 * width;
  // Three rows in a ring, their sums, and the row that is made of them.
  const apart = padded(4 * stride);
  const [columnAt, outAt] = [3 * apart, 4 * apart];
  const { buffer, routines } = kept.of(5 * apart, plain);
  const floats = new Float32Array(buffer);
  const line = floats.subarray(outAt / 4, outAt / 4 + stride);
  const at = (y: number): number => (y % 3) * apart;
  for (let y = 0; y < rows + 2; y++) {
    floats.set(rgb.subarray(y * stride, (y + 1) * stride), at(y) / 4);
    if (y < 2) continue;
    routines.tentRow(at(y - 2), at(y - 1), at(y), stride, columnAt, outAt);
    out.set(line, (y - 2) * stride);
  }
}
