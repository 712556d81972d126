import { AVERAGE_WASM } from './averageWasm';
import { createRoutines, type Routines } from '../../wasm';

/** The inner loops; addresses in bytes. See core/assembly/average.ts. */
export interface AverageLoops {
  linearRow(
    bytes: number,
    width: number,
    from: number,
    count: number,
    table: number,
    line: number,
  ): void;
  acrossRow(
    line: number,
    n: number,
    w0: number,
    w1: number,
    w2: number,
    w3: number,
    to: number,
  ): void;
  gatherRow(
    p: number,
    q: number,
    r: number,
    s: number,
    w0: number,
    w1: number,
    w2: number,
    w3: number,
    n: number,
    middle: number,
    most: number,
    sum: number,
    count: number,
    clipped: number,
    clip: number,
  ): number;
}

/** The same in TypeScript. */
function plainLoops(buffer: ArrayBuffer): AverageLoops {
  const floats = new Float32Array(buffer);
  const codes = new Uint8Array(buffer);
  return {
    linearRow(bytes, width, from, count, table, line) {
      const t = table >> 2;
      for (let o = line >> 2, x = from, k = 0; k < count; k++, x++) {
        const i = bytes + 4 * (x < 0 ? 0 : x >= width ? width - 1 : x);
        for (let c = 0; c < 3; c++, o++) floats[o] = floats[t + 256 * c + codes[i + c]];
      }
    },
    acrossRow(line, n, w0, w1, w2, w3, to) {
      for (let k = 0, i = line >> 2, o = to >> 2; k < n; k++, i++, o++)
        floats[o] = w0 * floats[i] + w1 * floats[i + 3] + w2 * floats[i + 6] + w3 * floats[i + 9];
    },
    gatherRow(...args) {
      const [p, q, r, s] = args.slice(0, 4).map((address) => address >> 2);
      const [w0, w1, w2, w3, n] = args.slice(4);
      const [middle, most, sum] = args.slice(9, 12).map((address) => address >> 2);
      const [count, clipped, clip] = args.slice(12);
      let left = 0;
      for (let k = 0; k < n; k++) {
        const between =
          w0 * floats[p + k] + w1 * floats[q + k] + w2 * floats[r + k] + w3 * floats[s + k];
        const v = between > 0 ? between : 0;
        if (!(Math.abs(v - floats[middle + k]) <= floats[most + k])) {
          left++;
          continue;
        }
        floats[sum + k] += v;
        codes[count + k]++;
        if (v >= floats[(clip >> 2) + k]) codes[clipped + k]++;
      }
      return left;
    },
  };
}

/** The loops over a memory of their own. */
export const averageLoops = (bytes: number, plain: boolean): Routines<AverageLoops> =>
  createRoutines(AVERAGE_WASM, bytes, plainLoops, plain);
