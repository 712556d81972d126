/** The inner loop of a blur by a kernel of few places; src/optics/shakeBlur.ts says the same. */

/**
 * Sixteen values of a row at a time: the sum over all taps of the row at a tap's offset times its
 * share.
 *
 * @param from a row of floats
 * @param n how many, a multiple of sixteen
 * @param taps pairs of a byte offset from the row and a share, up to last
 * @param out receives n floats
 */
export function blurRow(from: usize, n: i32, taps: usize, last: usize, out: usize): void {
  const end = out + ((<usize>n) << 2);
  if (out < end) do {
    let a = f32x4.splat(0);
    let b = f32x4.splat(0);
    let c = f32x4.splat(0);
    let d = f32x4.splat(0);
    let tap = taps;
    if (tap < last) do {
      const at = from + load<u32>(tap);
      const share = v128.load32_splat(tap, 4);
      a = f32x4.add(a, f32x4.mul(share, v128.load(at)));
      b = f32x4.add(b, f32x4.mul(share, v128.load(at, 16)));
      c = f32x4.add(c, f32x4.mul(share, v128.load(at, 32)));
      d = f32x4.add(d, f32x4.mul(share, v128.load(at, 48)));
      tap += 8;
    } while (tap < last);
    v128.store(out, a);
    v128.store(out, b, 16);
    v128.store(out, c, 32);
    v128.store(out, d, 48);
    from += 64;
    out += 64;
  } while (out < end);
}
