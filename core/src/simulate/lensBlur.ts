/**
 * Blurs a band by the tent [1 2 1] in both directions: the lens's and low-pass filter's share of
 * the sharpness, and what keeps edges from aliasing at one ray a photosite.
 *
 * @param rgb interleaved RGB of `width` x `rows + 2`: one row of margin above and below
 * @param out receives `width` x `rows`
 */
export function tentBlur(rgb: Float32Array, width: number, rows: number, out: Float32Array): void {
  const stride = 3 * width;
  const column = new Float32Array(stride);
  for (let y = 0; y < rows; y++) {
    const above = y * stride;
    const here = above + stride;
    const below = here + stride;
    for (let i = 0; i < stride; i++)
      column[i] = rgb[above + i] + 2 * rgb[here + i] + rgb[below + i];
    const o = y * stride;
    for (let i = 0; i < stride; i++) {
      const left = i < 3 ? i : i - 3;
      const right = i >= stride - 3 ? i : i + 3;
      out[o + i] = (column[left] + 2 * column[i] + column[right]) * 0.0625;
    }
  }
}
