/** CIE 15: L*, a*, b* of linear sRGB under D65. */
export function labOfLinearSrgb(
  r: number,
  g: number,
  b: number,
): { readonly l: number; readonly a: number; readonly b: number } {
  // Rows of IEC 61966-2-1's matrix over its own white.
  const x = (0.4124564 * r + 0.3575761 * g + 0.1804375 * b) / 0.95047;
  const y = 0.2126729 * r + 0.7151522 * g + 0.072175 * b;
  const z = (0.0193339 * r + 0.119192 * g + 0.9503041 * b) / 1.08883;
  const f = (t: number): number =>
    t > 216 / 24389 ? Math.cbrt(t) : (24389 / 27) * (t / 116) + 16 / 116;
  return { l: 116 * f(y) - 16, a: 500 * (f(x) - f(y)), b: 200 * (f(y) - f(z)) };
}
