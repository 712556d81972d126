import { solveSpd } from './solveSpd';
import { CODES } from './videoResponse';

/** How hard the curve is kept smooth against what the pixels say, per pixel and picture. */
const SMOOTHNESS = 2e-2;
const LAST = CODES - 1;
const MIDDLE = CODES / 2;

/** The hat of Debevec & Malik 1997, eq. 4: trust in a code falls to nothing where pictures clip. */
const trust = (code: number): number => Math.max(0, Math.min(code, LAST - code)) / MIDDLE;

/**
 * The response of one channel, as the logarithm of the light that makes each code, 0 at code 128:
 * Debevec & Malik, "Recovering High Dynamic Range Radiance Maps from Photographs" (SIGGRAPH 1997),
 * eq. 3. The pixels' own lights are eliminated from the normal equations, so that thousands of
 * pixels cost no more than a hundred.
 *
 * Codes may lie between two whole ones, as means over several frames do: the curve is linear
 * between them.
 *
 * @param codes of every pixel in every picture, pixel by pixel: `logExposure.length` values each
 * @param logExposure natural logarithm of each picture's exposure, in any unit
 * @returns 256 natural logarithms
 * @throws RangeError when the pictures say too little to draw a curve from
 */
export function recoverCurve(codes: Float32Array, logExposure: readonly number[]): Float64Array {
  const pictures = logExposure.length;
  const a = new Float64Array(CODES * CODES);
  const b = new Float64Array(CODES);
  // Sums over the pictures of one pixel, of weights and of what multiplies its light.
  const touched = new Int32Array(2 * pictures);
  const row = new Float64Array(CODES);
  for (let p = 0; p < codes.length; p += pictures) {
    let weightSum = 0;
    let exposureSum = 0;
    let n = 0;
    for (let j = 0; j < pictures; j++) {
      const code = codes[p + j];
      const w = trust(code) ** 2;
      if (w === 0) continue;
      const low = Math.min(LAST - 1, Math.floor(code));
      const f = code - low;
      const g = 1 - f;
      a[low * CODES + low] += w * g * g;
      a[low * CODES + low + 1] += w * g * f;
      a[(low + 1) * CODES + low] += w * g * f;
      a[(low + 1) * CODES + low + 1] += w * f * f;
      b[low] += w * g * logExposure[j];
      b[low + 1] += w * f * logExposure[j];
      row[low] += w * g;
      row[low + 1] += w * f;
      touched[n++] = low;
      touched[n++] = low + 1;
      weightSum += w;
      exposureSum += w * logExposure[j];
    }
    if (n > 0) eliminate(a, b, row, touched.subarray(0, n).sort(), weightSum, exposureSum);
  }
  smooth(a, SMOOTHNESS * codes.length);
  // Light has no unit here: the middle code's is 1.
  a[MIDDLE * CODES + MIDDLE] += codes.length;
  return solveSpd(a, b);
}

/** Takes one pixel's light out of the normal equations, and empties its row. */
function eliminate(
  a: Float64Array,
  b: Float64Array,
  row: Float64Array,
  touched: Int32Array,
  weightSum: number,
  exposureSum: number,
): void {
  for (let i = 0; i < touched.length; i++) {
    const u = touched[i];
    if (i > 0 && touched[i - 1] === u) continue;
    for (let k = 0; k < touched.length; k++) {
      const v = touched[k];
      if (k > 0 && touched[k - 1] === v) continue;
      a[u * CODES + v] -= (row[u] * row[v]) / weightSum;
    }
    b[u] -= (row[u] * exposureSum) / weightSum;
  }
  for (const code of touched) row[code] = 0;
}

/** Adds the curve's second differences, weighted by the hat. */
function smooth(a: Float64Array, strength: number): void {
  for (let z = 1; z < LAST; z++) {
    const w = strength * trust(z) ** 2;
    for (let i = -1; i <= 1; i++)
      for (let j = -1; j <= 1; j++)
        a[(z + i) * CODES + z + j] += w * (i === 0 ? -2 : 1) * (j === 0 ? -2 : 1);
  }
}
