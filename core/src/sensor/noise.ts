/**
 * Seeded noise. Every row of a frame has a stream of its own, so a frame cut into bands and
 * rendered in any order, by any number of workers, has the same noise.
 */

/** 32-bit mix of two words (finaliser of MurmurHash3, public domain). */
export function hash32(a: number, b: number): number {
  let h = Math.imul(a ^ 0x9e3779b9, 0x85ebca6b) ^ Math.imul(b + 0x165667b1, 0xc2b2ae35);
  h ^= h >>> 16;
  h = Math.imul(h, 0x85ebca6b);
  h ^= h >>> 13;
  h = Math.imul(h, 0xc2b2ae35);
  h ^= h >>> 16;
  return h >>> 0;
}

const TABLE_BITS = 14;
const TABLE_SIZE = 1 << TABLE_BITS;

/**
 * Inverse of the standard normal distribution (Acklam's rational approximation, relative error
 * 1.2e-9).
 */
function inverseNormal(p: number): number {
  const a = [
    -39.69683028665376, 220.9460984245205, -275.9285104469687, 138.357751867269, -30.66479806614716,
    2.506628277459239,
  ];
  const b = [
    -54.47609879822406, 161.5858368580409, -155.6989798598866, 66.80131188771972,
    -13.28068155288572,
  ];
  const c = [
    -0.007784894002430293, -0.3223964580411365, -2.400758277161838, -2.549732539343734,
    4.374664141464968, 2.938163982698783,
  ];
  const d = [0.007784695709041462, 0.3224671290700398, 2.445134137142996, 3.754408661907416];
  if (p > 0.5) return -inverseNormal(1 - p);
  if (p < 0.02425) {
    const q = Math.sqrt(-2 * Math.log(p));
    return (
      (((((c[0] * q + c[1]) * q + c[2]) * q + c[3]) * q + c[4]) * q + c[5]) /
      ((((d[0] * q + d[1]) * q + d[2]) * q + d[3]) * q + 1)
    );
  }
  const q = p - 0.5;
  const r = q * q;
  return (
    ((((((a[0] * r + a[1]) * r + a[2]) * r + a[3]) * r + a[4]) * r + a[5]) * q) /
    (((((b[0] * r + b[1]) * r + b[2]) * r + b[3]) * r + b[4]) * r + 1)
  );
}

/** Normal deviates, evenly spaced in probability, scaled to unit variance. */
function buildNormalTable(size: number): Float32Array {
  const table = new Float32Array(size);
  let sumOfSquares = 0;
  for (let i = 0; i < size; i++) {
    table[i] = inverseNormal((i + 0.5) / size);
    sumOfSquares += table[i] * table[i];
  }
  const scale = 1 / Math.sqrt(sumOfSquares / size);
  for (let i = 0; i < size; i++) table[i] *= scale;
  return table;
}

let normals: Float32Array | null = null;

/**
 * Standard normal deviates, evenly spaced in probability: index it with NORMAL_MASK random bits.
 * Built when it is first asked for: the live picture's first frame needs none of it.
 */
export const normalTable = (): Float32Array => (normals ??= buildNormalTable(TABLE_SIZE));
export const NORMAL_MASK = TABLE_SIZE - 1;

/** The same, small enough to stay in the fastest cache: three indices fit into one random word. */
export const SMALL_NORMAL_BITS = 10;
export const SMALL_NORMAL_TABLE = buildNormalTable(1 << SMALL_NORMAL_BITS);

/**
 * Signals below this many electrons get true Poisson counts; above it the normal limit is close
 * enough.
 */
export const POISSON_LIMIT_E = 40;

/** xorshift32 (Marsaglia 2003): next state of a stream; the state must not be 0. */
export function xorshift32(state: number): number {
  let s = state;
  s ^= s << 13;
  s ^= s >>> 17;
  s ^= s << 5;
  return s >>> 0;
}

/** Start of a stream for a seed and a row. */
export const rowStream = (seed: number, row: number): number => hash32(seed, row) || 1;
