/** The inner loop of the photosite's tent; src/simulate/lensBlur.ts says the same. */

/**
 * A row of the tent [1 2 1] in both directions, four values at a time. `column` keeps the sums down
 * the rows, with three values of room before and behind it for the pixels at the edges.
 *
 * @param above a row of n floats, three a pixel; likewise here and below
 * @param n how many, three at least; up to three more are read and written behind the last
 * @param column room for n + 6 floats and a vector
 * @param out receives the row
 */
export function tentRow(above: usize, here: usize, below: usize, n: i32, column: usize, out: usize): void {
  const bytes = (<usize>n) << 2;
  const two = f32x4.splat(2);
  const share = f32x4.splat(0.0625);
  const sums = column + 12;
  for (let i: usize = 0; i < bytes; i += 16) {
    const middle = f32x4.mul(two, v128.load(here + i));
    v128.store(sums + i, f32x4.add(f32x4.add(v128.load(above + i), middle), v128.load(below + i)));
  }
  for (let k: usize = 0; k < 12; k += 4) {
    store<f32>(column + k, load<f32>(sums + k));
    store<f32>(sums + bytes + k, load<f32>(sums + bytes - 12 + k));
  }
  for (let i: usize = 0; i < bytes; i += 16) {
    const middle = f32x4.mul(two, v128.load(sums + i));
    const sum = f32x4.add(f32x4.add(v128.load(column + i), middle), v128.load(sums + i + 12));
    v128.store(out + i, f32x4.mul(sum, share));
  }
}
