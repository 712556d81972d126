/**
 * Solves A x = b for a symmetric positive definite A by Cholesky's method, in place.
 *
 * @param a n x n, row by row; its lower triangle is overwritten
 * @param b n values; overwritten by x
 * @throws RangeError when A is not positive definite
 */
export function solveSpd(a: Float64Array, b: Float64Array): Float64Array {
  const n = b.length;
  for (let j = 0; j < n; j++) {
    let d = a[j * n + j];
    for (let k = 0; k < j; k++) d -= a[j * n + k] ** 2;
    if (!(d > 0)) throw new RangeError('the matrix is not positive definite');
    const diagonal = Math.sqrt(d);
    a[j * n + j] = diagonal;
    for (let i = j + 1; i < n; i++) {
      let sum = a[i * n + j];
      for (let k = 0; k < j; k++) sum -= a[i * n + k] * a[j * n + k];
      a[i * n + j] = sum / diagonal;
    }
  }
  for (let i = 0; i < n; i++) {
    let sum = b[i];
    for (let k = 0; k < i; k++) sum -= a[i * n + k] * b[k];
    b[i] = sum / a[i * n + i];
  }
  for (let i = n - 1; i >= 0; i--) {
    let sum = b[i];
    for (let k = i + 1; k < n; k++) sum -= a[k * n + i] * b[k];
    b[i] = sum / a[i * n + i];
  }
  return b;
}
