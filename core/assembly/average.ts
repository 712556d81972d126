/** The inner loops of an average; src/combine/average/averageLoops.ts says the same. */

/** Lanes of four comparisons, sixteen at a time, as bytes: 255 where they hold. */
@inline
function bytesOf(a: v128, b: v128, c: v128, d: v128): v128 {
  return i8x16.narrow_i16x8_s(i16x8.narrow_i32x4_s(a, b), i16x8.narrow_i32x4_s(c, d));
}

/**
 * Linear light of a row from a column on; beyond its ends, that of its ends.
 *
 * @param bytes of the row, `4 * width`
 * @param table 3 x 256 floats
 * @param line room for `3 * count` floats
 */
export function linearRow(
  bytes: usize, width: i32, from: i32, count: i32, table: usize, line: usize,
): void {
  const last = width - 1;
  for (let k = 0, x = from; k < count; k++, x++, line += 12) {
    const i = bytes + ((<usize>(x < 0 ? 0 : x > last ? last : x)) << 2);
    store<f32>(line, load<f32>(table + ((<usize>load<u8>(i)) << 2)));
    store<f32>(line, load<f32>(table + 1024 + ((<usize>load<u8>(i, 1)) << 2)), 4);
    store<f32>(line, load<f32>(table + 2048 + ((<usize>load<u8>(i, 2)) << 2)), 8);
  }
}

/** A row between its pixels: each value of four that lie three apart; n a multiple of 4. */
export function acrossRow(line: usize, n: i32, w0: f32, w1: f32, w2: f32, w3: f32, to: usize): void {
  const a = f32x4.splat(w0);
  const b = f32x4.splat(w1);
  const c = f32x4.splat(w2);
  const d = f32x4.splat(w3);
  for (const end = to + ((<usize>n) << 2); to < end; to += 16, line += 16) {
    const near = f32x4.add(f32x4.mul(a, v128.load(line)), f32x4.mul(b, v128.load(line, 12)));
    const far = f32x4.add(f32x4.mul(c, v128.load(line, 24)), f32x4.mul(d, v128.load(line, 36)));
    v128.store(to, f32x4.add(near, far));
  }
}

/** Four values between four rows. */
@inline
function between(p: usize, q: usize, r: usize, s: usize, a: v128, b: v128, c: v128, d: v128): v128 {
  const near = f32x4.add(f32x4.mul(a, v128.load(p)), f32x4.mul(b, v128.load(q)));
  const far = f32x4.add(f32x4.mul(c, v128.load(r)), f32x4.mul(d, v128.load(s)));
  return f32x4.max(f32x4.add(near, far), f32x4.splat(0));
}

/** Which of four values lie near enough to the middle; adds those to their sums. */
@inline
function added(v: v128, middle: usize, most: usize, sum: usize): v128 {
  const away = f32x4.abs(f32x4.sub(v, v128.load(middle)));
  const near = f32x4.le(away, v128.load(most));
  v128.store(sum, f32x4.add(v128.load(sum), v128.and(v, near)));
  return near;
}

/**
 * A row between four rows, added to the sums where it lies near enough to the middle.
 *
 * @param p rows, likewise q, r, s
 * @param middle what lies there as the first frames say, most how far a value may lie from it
 * @param sum light so far, count how many values, clipped how many of them clip: bytes
 * @param clip the level at which each clips, n floats
 * @returns how many values were left out
 */
export function gatherRow(
  p: usize, q: usize, r: usize, s: usize, w0: f32, w1: f32, w2: f32, w3: f32, n: i32,
  middle: usize, most: usize, sum: usize, count: usize, clipped: usize, clip: usize,
): i32 {
  const a = f32x4.splat(w0);
  const b = f32x4.splat(w1);
  const c = f32x4.splat(w2);
  const d = f32x4.splat(w3);
  let left = 0;
  const whole = n & ~15;
  for (let k = 0; k < whole; k += 16) {
    const at = (<usize>k) << 2;
    const v0 = between(p + at, q + at, r + at, s + at, a, b, c, d);
    const v1 = between(p + at + 16, q + at + 16, r + at + 16, s + at + 16, a, b, c, d);
    const v2 = between(p + at + 32, q + at + 32, r + at + 32, s + at + 32, a, b, c, d);
    const v3 = between(p + at + 48, q + at + 48, r + at + 48, s + at + 48, a, b, c, d);
    const near = bytesOf(
      added(v0, middle + at, most + at, sum + at),
      added(v1, middle + at + 16, most + at + 16, sum + at + 16),
      added(v2, middle + at + 32, most + at + 32, sum + at + 32),
      added(v3, middle + at + 48, most + at + 48, sum + at + 48),
    );
    const there = count + <usize>k;
    v128.store(there, i8x16.sub(v128.load(there), near));
    left += 16 - popcnt(i8x16.bitmask(near));
    const clips = v128.and(near, bytesOf(
      f32x4.ge(v0, v128.load(clip + at)),
      f32x4.ge(v1, v128.load(clip + at + 16)),
      f32x4.ge(v2, v128.load(clip + at + 32)),
      f32x4.ge(v3, v128.load(clip + at + 48)),
    ));
    if (!v128.any_true(clips)) continue;
    const those = clipped + <usize>k;
    v128.store(those, i8x16.sub(v128.load(those), clips));
  }
  for (let k = whole; k < n; k++) {
    const at = (<usize>k) << 2;
    const near = w0 * load<f32>(p + at) + w1 * load<f32>(q + at);
    const far = w2 * load<f32>(r + at) + w3 * load<f32>(s + at);
    const v = max<f32>(near + far, 0);
    if (!(abs<f32>(v - load<f32>(middle + at)) <= load<f32>(most + at))) {
      left++;
      continue;
    }
    store<f32>(sum + at, load<f32>(sum + at) + v);
    const there = count + <usize>k;
    store<u8>(there, load<u8>(there) + 1);
    if (v < load<f32>(clip + at)) continue;
    const those = clipped + <usize>k;
    store<u8>(those, load<u8>(those) + 1);
  }
  return left;
}
