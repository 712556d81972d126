/**
 * The inner loop of a development to sRGB bytes, four pixels at a time; src/colour/develop.ts says
 * the same.
 */

/** Balanced light of a channel, cut where the first channel clips. */
@inline
function balanced(counts: v128, blacks: v128, shares: v128): v128 {
  const light = f32x4.mul(shares, f32x4.sub(f32x4.convert_i32x4_s(counts), blacks));
  return f32x4.pmin(f32x4.splat(1), f32x4.pmax(f32x4.splat(0), light));
}

/** Addresses in the tone table of a row of the matrix times four pixels. */
@inline
function toned(
  a: v128,
  b: v128,
  c: v128,
  r: v128,
  g: v128,
  bl: v128,
  tones: v128,
  tops: v128,
): v128 {
  const sum = f32x4.add(
    f32x4.add(f32x4.mul(a, r), f32x4.mul(b, g)),
    f32x4.add(f32x4.mul(c, bl), f32x4.splat(0.5)),
  );
  const step = i32x4.min_s(tops, i32x4.max_s(i32x4.splat(0), i32x4.trunc_sat_f32x4_s(sum)));
  return i32x4.add(tones, step);
}

/** An opaque pixel of the bytes at three addresses. */
@inline
function pixelOf(r: usize, g: usize, b: usize): u32 {
  return (load<u8>(r) | ((<u32>load<u8>(g)) << 8)) | (((<u32>load<u8>(b)) << 16) | 0xff000000);
}

/**
 * Writes n opaque RGBA pixels.
 *
 * @param raw interleaved 16-bit values, none above white, and 16 bytes more behind the last
 * @param n a multiple of four
 * @param black level of no light
 * @param kr balanced linear share 0..1 of a raw count, red; likewise kg and kb
 * @param matrix nine floats that turn balanced camera RGB into steps of the tone table
 * @param tone bytes for 0..steps
 */
export function developPixels(
  raw: usize,
  n: i32,
  black: f32,
  kr: f32,
  kg: f32,
  kb: f32,
  matrix: usize,
  tone: usize,
  steps: i32,
  rgba: usize,
): void {
  const blacks = f32x4.splat(black);
  const krs = f32x4.splat(kr);
  const kgs = f32x4.splat(kg);
  const kbs = f32x4.splat(kb);
  const tops = i32x4.splat(steps);
  const tones = i32x4.splat(<i32>tone);
  const low = i32x4.splat(65535);
  const m0 = v128.load32_splat(matrix);
  const m1 = v128.load32_splat(matrix, 4);
  const m2 = v128.load32_splat(matrix, 8);
  const m3 = v128.load32_splat(matrix, 12);
  const m4 = v128.load32_splat(matrix, 16);
  const m5 = v128.load32_splat(matrix, 20);
  const m6 = v128.load32_splat(matrix, 24);
  const m7 = v128.load32_splat(matrix, 28);
  const m8 = v128.load32_splat(matrix, 32);
  const last = rgba + ((<usize>n) << 2);
  if (rgba < last) do {
    // Twelve values: 0 to 7 in a, 4 to 11 in b.
    const a = v128.load(raw);
    const b = v128.load(raw, 8);
    // prettier-ignore
    const reds = v128.and(low, v128.shuffle<u8>(a, b, 0, 1, 0, 0, 6, 7, 0, 0, 12, 13, 0, 0, 26, 27, 0, 0));
    // prettier-ignore
    const greens = v128.and(low, v128.shuffle<u8>(a, b, 2, 3, 0, 0, 8, 9, 0, 0, 14, 15, 0, 0, 28, 29, 0, 0));
    // prettier-ignore
    const blues = v128.and(low, v128.shuffle<u8>(a, b, 4, 5, 0, 0, 10, 11, 0, 0, 24, 25, 0, 0, 30, 31, 0, 0));
    const r = balanced(reds, blacks, krs);
    const g = balanced(greens, blacks, kgs);
    const bl = balanced(blues, blacks, kbs);
    const R = toned(m0, m1, m2, r, g, bl, tones, tops);
    const G = toned(m3, m4, m5, r, g, bl, tones, tops);
    const B = toned(m6, m7, m8, r, g, bl, tones, tops);
    store<u32>(rgba, pixelOf(i32x4.extract_lane(R, 0), i32x4.extract_lane(G, 0), i32x4.extract_lane(B, 0)));
    store<u32>(rgba, pixelOf(i32x4.extract_lane(R, 1), i32x4.extract_lane(G, 1), i32x4.extract_lane(B, 1)), 4);
    store<u32>(rgba, pixelOf(i32x4.extract_lane(R, 2), i32x4.extract_lane(G, 2), i32x4.extract_lane(B, 2)), 8);
    store<u32>(rgba, pixelOf(i32x4.extract_lane(R, 3), i32x4.extract_lane(G, 3), i32x4.extract_lane(B, 3)), 12);
    raw += 24;
    rgba += 16;
  } while (rgba < last);
}
