import { KeptRoutines } from '../../wasm';
import { MERGE_WASM } from './mergeWasm';

/** The inner loops; addresses in bytes. See core/assembly/merge.ts. */
export interface MergeLoops {
  beginRow(
    raw: number,
    n: number,
    black: number,
    unit: number,
    scale: number,
    offset: number,
    light: number,
    weight: number,
  ): void;
  addRow(
    raw: number,
    n: number,
    black: number,
    unit: number,
    scale: number,
    offset: number,
    given: number,
    held: number,
    near: number,
    light: number,
    weight: number,
  ): void;
  pairRow(
    a: number,
    b: number,
    cells: number,
    cellSamples: number,
    blackA: number,
    unitA: number,
    blackB: number,
    unitB: number,
    scale: number,
    offset: number,
    tolerance: number,
    bright: number,
    unknownA: number,
    unknownB: number,
    sums: number,
    counts: number,
  ): void;
}

const positive = (v: number): number => (v > 0 ? v : 0);

/** The same in TypeScript. */
function plainLoops(buffer: ArrayBuffer): MergeLoops {
  const floats = new Float32Array(buffer);
  const words = new Uint16Array(buffer);
  return {
    beginRow(raw, n, black, unit, scale, offset, lightAt, weightAt) {
      const [r, l, w] = [raw >> 1, lightAt >> 2, weightAt >> 2];
      for (let i = 0; i < n; i++) {
        const v = (words[r + i] - black) * unit;
        floats[l + i] = v;
        floats[w + i] = 1 / (scale * positive(v) + offset);
      }
    },
    addRow(raw, n, black, unit, scale, offset, given, held, near, lightAt, weightAt) {
      const [r, l, w] = [raw >> 1, lightAt >> 2, weightAt >> 2];
      for (let i = 0; i < n; i++) {
        const before = floats[l + i];
        const v = (words[r + i] - black) * unit;
        if (before > held || v > near) continue;
        const own = (given * given) / (scale * given * positive(before) + offset);
        const sum = floats[w + i] + own;
        floats[l + i] = before + ((v / given - before) * own) / sum;
        floats[w + i] = sum;
      }
    },
    pairRow(...args) {
      const [a, b, cells, cellSamples, blackA, unitA, blackB, unitB] = args;
      const [scale, offset, t, bright, unknownA, unknownB, s, c] = args.slice(8);
      let [i, j] = [a >> 1, b >> 1];
      for (let cell = 0; cell < cells; cell++) {
        let [sum, n] = [0, 0];
        for (let k = 0; k < cellSamples; k++, i++, j++) {
          const va = (words[i] - blackA) * unitA;
          const vb = (words[j] - blackB) * unitB;
          if (va >= unknownA || vb >= unknownB || (va > bright && vb > bright)) continue;
          const d = Math.min(1, va) - Math.min(1, vb);
          const level = (Math.min(1, positive(va)) + Math.min(1, positive(vb))) / 2;
          sum += (d * d) / ((t * level + scale) * level + offset);
          n++;
        }
        floats[(s >> 2) + cell] += sum;
        floats[(c >> 2) + cell] += n;
      }
    },
  };
}

/** The loops over a memory as large as is asked for, kept from call to call. */
export const mergeLoops = new KeptRoutines(MERGE_WASM, plainLoops);
