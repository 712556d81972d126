/**
 * What several loops need of vectors; all of it is inlined. AssemblyScript: pointers are in bytes,
 * lanes are named before offsets. A loop is `if (more) do {} while (more)`: one branch a turn, up
 * to a tenth faster than `while` (but for the taps of a spread, where it is slower).
 */

/** Red of eight pixels of three 16-bit values, which lie at 0 3 6 of a, 1 4 7 of b, 2 5 of c. */
// prettier-ignore
@inline
export function redOf(a: v128, b: v128, c: v128): v128 {
  const ab = v128.shuffle<u8>(a, b, 0, 1, 6, 7, 12, 13, 18, 19, 24, 25, 30, 31, 0, 0, 0, 0);
  return v128.shuffle<u8>(ab, c, 0, 1, 2, 3, 4, 5, 6, 7, 8, 9, 10, 11, 20, 21, 26, 27);
}

/** Green of the same: a place further. */
// prettier-ignore
@inline
export function greenOf(a: v128, b: v128, c: v128): v128 {
  const ab = v128.shuffle<u8>(a, b, 2, 3, 8, 9, 14, 15, 20, 21, 26, 27, 0, 0, 0, 0, 0, 0);
  return v128.shuffle<u8>(ab, c, 0, 1, 2, 3, 4, 5, 6, 7, 8, 9, 16, 17, 22, 23, 28, 29);
}

/** Blue of the same: two places further. */
// prettier-ignore
@inline
export function blueOf(a: v128, b: v128, c: v128): v128 {
  const ab = v128.shuffle<u8>(a, b, 4, 5, 10, 11, 16, 17, 22, 23, 28, 29, 0, 0, 0, 0, 0, 0);
  return v128.shuffle<u8>(ab, c, 0, 1, 2, 3, 4, 5, 6, 7, 8, 9, 18, 19, 24, 25, 30, 31);
}

/** Weighted sums of eight pixels' channels, weights in 1/256. */
@inline
export function weighted(r: v128, g: v128, b: v128, wr: v128, wg: v128, wb: v128): v128 {
  const low = i32x4.add(
    i32x4.add(i32x4.extmul_low_i16x8_s(r, wr), i32x4.extmul_low_i16x8_s(g, wg)),
    i32x4.extmul_low_i16x8_s(b, wb),
  );
  const high = i32x4.add(
    i32x4.add(i32x4.extmul_high_i16x8_s(r, wr), i32x4.extmul_high_i16x8_s(g, wg)),
    i32x4.extmul_high_i16x8_s(b, wb),
  );
  return i16x8.narrow_i32x4_u(i32x4.shr_s(low, 8), i32x4.shr_s(high, 8));
}

/** Adds one to the 32-bit count at an address. */
@inline
export function count(at: usize): void {
  store<u32>(at, load<u32>(at) + 1);
}

/** A sum with itself. */
@inline
export function twice(v: v128): v128 {
  return f32x4.add(v, v);
}

/** A row of a matrix of floats by three values. */
@inline
export function row3(matrix: usize, r: v128, g: v128, b: v128): v128 {
  return f32x4.add(
    f32x4.add(
      f32x4.mul(v128.load32_splat(matrix), r),
      f32x4.mul(v128.load32_splat(matrix, 4), g),
    ),
    f32x4.mul(v128.load32_splat(matrix, 8), b),
  );
}
