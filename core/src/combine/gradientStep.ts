/**
 * Sums over n pixels: of products of gradients, and of gradients with the difference that is left.
 */
export interface GradientSums {
  readonly n: number;
  readonly xx: number;
  readonly xy: number;
  readonly yy: number;
  readonly xe: number;
  readonly ye: number;
}

/**
 * The least-squares step of one plane against another, but only in directions in which the picture
 * has more gradient than its noise makes by itself: along bare lines nothing tells how far they
 * moved, and noise would be fitted.
 *
 * @param noise standard deviation of one plane
 */
export function gradientStep(
  { n, xx, xy, yy, xe, ye }: GradientSums,
  noise: number,
): { readonly sx: number; readonly sy: number } {
  const half = (xx + yy) / 2;
  const root = Math.hypot((xx - yy) / 2, xy);
  const angle = 0.5 * Math.atan2(2 * xy, xx - yy);
  // Central differences of noise have half its variance.
  const least = n * noise * noise + 1e-12;
  let [sx, sy] = [0, 0];
  for (const [value, turn] of [
    [half + root, 0],
    [half - root, Math.PI / 2],
  ]) {
    if (value <= least) continue;
    const [vx, vy] = [Math.cos(angle + turn), Math.sin(angle + turn)];
    const along = (vx * xe + vy * ye) / value;
    sx += along * vx;
    sy += along * vy;
  }
  return { sx, sy };
}
