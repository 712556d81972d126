import { solveSpd } from '../../response/solveSpd';

/** Coefficients of an equation, and what they are to add up to. */
export type Equation = readonly [coefficients: readonly number[], sum: number];

/** Least squares by the normal equations; null where they leave something open. */
export function leastSquares(rows: readonly Equation[], unknowns: number): Float64Array | null {
  const matrix = new Float64Array(unknowns * unknowns);
  const vector = new Float64Array(unknowns);
  for (const [coefficients, sum] of rows)
    for (let i = 0; i < unknowns; i++) {
      vector[i] += coefficients[i] * sum;
      for (let j = 0; j < unknowns; j++)
        matrix[i * unknowns + j] += coefficients[i] * coefficients[j];
    }
  try {
    return solveSpd(matrix, vector);
  } catch (error) {
    if (error instanceof RangeError) return null;
    throw error;
  }
}
