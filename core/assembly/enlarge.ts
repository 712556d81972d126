/**
 * The inner loop of light that is laid enlarged over other light; src/sensor/addEnlarged.ts says
 * the same.
 */

/**
 * Adds a row of RGB floats, between two rows of a smaller picture, to a row of a larger one; what
 * would be below 0 is 0.
 *
 * @param top row of the smaller picture, of `width` pixels; likewise bottom
 * @param share of the bottom one, 0..1
 * @param row room for a row of the smaller picture, and 16 bytes more
 * @param from pixel of the smaller picture that is begun with; to: the one after the last
 * @param factor pixels of the larger picture along a pixel of the smaller
 * @param out row of the larger picture, with 16 bytes more behind it
 */
export function enlargeRow(
  top: usize,
  bottom: usize,
  share: f32,
  row: usize,
  width: i32,
  from: i32,
  to: i32,
  factor: i32,
  out: usize,
): void {
  const below = f32x4.splat(share);
  const above = f32x4.splat(1 - share);
  const bytes = <usize>width * 12;
  for (let i: usize = 0; i < bytes; i += 16) {
    const high = f32x4.mul(above, v128.load(top + i));
    v128.store(row + i, f32x4.add(high, f32x4.mul(below, v128.load(bottom + i))));
  }
  const rgb = i32x4(-1, -1, -1, 0);
  const apart = <usize>factor * 12;
  for (let phase = 0; phase < factor; phase++) {
    const offset: f32 = (<f32>phase + 0.5) / <f32>factor - 0.5;
    const near = f32x4.splat(abs(offset));
    const own = f32x4.splat(1 - abs(offset));
    const step = offset < 0 ? -1 : 1;
    let at = out + <usize>(from * factor + phase) * 12;
    for (let x = from; x < to; x++) {
      // At the edges there is no neighbour: the pixel stands for it.
      const beside = x + step;
      const other = beside < 0 || beside >= width ? x : beside;
      const light = f32x4.add(
        f32x4.mul(own, v128.load(row + <usize>x * 12)),
        f32x4.mul(near, v128.load(row + <usize>other * 12)),
      );
      // The fourth float is the next pixel's: it stays as it is.
      const sum = f32x4.add(v128.load(at), v128.and(light, rgb));
      v128.store(at, f32x4.max(f32x4.splat(0), sum));
      at += apart;
    }
  }
}
