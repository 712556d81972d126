/**
 * Best fraction with numerator and denominator below the limit, by continued fractions.
 * 1/128 stays 1/128; 2^(-20/3) becomes the nearest fraction there is room for.
 */
export function toRational(value: number, limit = 2 ** 31 - 1): [number, number] {
  if (!Number.isFinite(value)) throw new RangeError('a rational must be finite');
  const sign = value < 0 ? -1 : 1;
  const target = Math.abs(value);
  let [h0, k0, h1, k1] = [0, 1, 1, 0];
  let x = target;
  for (let i = 0; i < 40; i++) {
    const whole = Math.floor(x);
    const h2 = whole * h1 + h0;
    const k2 = whole * k1 + k0;
    if (h2 > limit || k2 > limit) break;
    [h0, k0, h1, k1] = [h1, k1, h2, k2];
    const rest = x - whole;
    if (rest < 1e-12 || Math.abs(h1 / k1 - target) <= target * 1e-10) break;
    x = 1 / rest;
  }
  return [sign * h1, k1];
}

/** Rationals of many values, flattened for a TIFF field. */
export const toRationals = (values: readonly number[], limit?: number): number[] =>
  values.flatMap((v) => toRational(v, limit));

/** Values in steps of 1/10000, as colour matrices are written. */
export const toTenThousandths = (values: readonly number[]): number[] =>
  values.flatMap((v) => [Math.round(v * 10000), 10000]);
