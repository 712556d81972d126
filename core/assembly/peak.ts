/**
 * The inner loops of focus peaking, eight pixels at a time; src/monitor/plainPeaks.ts says the
 * same.
 */

/**
 * Luma of n pixels, a multiple of eight, from 16-bit raw values; weights in 1/256, between 0 and
 * most.
 */
export function lumaOf(
  raw: usize,
  n: i32,
  red: i32,
  green: i32,
  blue: i32,
  most: i32,
  out: usize,
): void {
  // Red and green in turn; blue and nothing.
  const redGreen = i32x4.splat(red | (green << 16));
  const blueAlone = i32x4.splat(blue);
  const top = i16x8.splat(<i16>most);
  const last = out + ((<usize>n) << 1);
  if (out < last) do {
    const a = v128.load(raw);
    const b = v128.load(raw, 16);
    const c = v128.load(raw, 32);
    const low = i32x4.add(
      i32x4.dot_i16x8_s(v128.shuffle<u16>(a, b, 0, 1, 3, 4, 6, 7, 9, 10), redGreen),
      i32x4.dot_i16x8_s(v128.shuffle<u16>(a, b, 2, 0, 5, 0, 8, 0, 11, 0), blueAlone),
    );
    const high = i32x4.add(
      i32x4.dot_i16x8_s(v128.shuffle<u16>(b, c, 4, 5, 7, 8, 10, 11, 13, 14), redGreen),
      i32x4.dot_i16x8_s(v128.shuffle<u16>(b, c, 6, 0, 9, 0, 12, 0, 15, 0), blueAlone),
    );
    const luma = i16x8.narrow_i32x4_u(i32x4.shr_s(low, 8), i32x4.shr_s(high, 8));
    v128.store(out, i16x8.min_u(luma, top));
    raw += 48;
    out += 16;
  } while (out < last);
}

@inline
function away(v: i32): i32 {
  return v >= 0 ? v : -v;
}

/** A second difference at an address, step bytes being a pixel on. */
@inline
function bendAt(at: usize, step: usize): i32 {
  return away((<i32>load<u16>(at) << 1) - load<u16>(at - step) - load<u16>(at + step));
}

/**
 * Where bends of eight pixels, twice whose luma is given, are a large part of their edges' heights:
 * those between two pixels apart, or to the line between these.
 */
@inline
function steep(bends: v128, twice: v128, before: v128, after: v128, parts: v128): v128 {
  const line = i16x8.abs(i16x8.sub(i16x8.sub(twice, before), after));
  const heights = i16x8.max_s(i16x8.abs(i16x8.sub(after, before)), line);
  const whole = i16x8.splat(256);
  return i16x8.narrow_i32x4_s(
    i32x4.ge_s(i32x4.extmul_low_i16x8_s(bends, whole), i32x4.extmul_low_i16x8_s(heights, parts)),
    i32x4.ge_s(i32x4.extmul_high_i16x8_s(bends, whole), i32x4.extmul_high_i16x8_s(heights, parts)),
  );
}

/**
 * Marks the peaks of a row of luma but for two pixels at either end.
 *
 * @param thresholds 16 bits for every level
 * @param floor the lowest of them
 * @param share in 1/32768, what a threshold is at least of the light over black
 * @param bit set in marks, a byte a pixel
 * @returns how many were marked
 */
export function markRow(
  luma: usize,
  width: i32,
  thresholds: usize,
  floor: i32,
  black: i32,
  share: i32,
  part: i32,
  marks: usize,
  bit: i32,
): i32 {
  const floors = i16x8.splat(<i16>floor);
  const blacks = i16x8.splat(<i16>black);
  const shares = i16x8.splat(<i16>share);
  const one = i16x8.splat(1);
  const parts = i16x8.splat(<i16>part);
  const row = (<usize>width) << 1;
  const end = width - 2;
  let marked = 0;
  for (let x = 2; x < end; x += 8) {
    const from = luma + ((<usize>x) << 1);
    const here = v128.load(from);
    // What no threshold lies under; rounding may have gone up by one.
    const lowest = i16x8.sub(i16x8.q15mulr_sat_s(i16x8.sub(here, blacks), shares), one);
    const least8 = i16x8.max_s(floors, lowest);
    const twice = i16x8.add(here, here);
    const across = i16x8.abs(i16x8.sub(i16x8.sub(twice, v128.load(from - 2)), v128.load(from, 2)));
    const along = i16x8.abs(i16x8.sub(i16x8.sub(twice, v128.load(from - row)), v128.load(from + row)));
    const over = i16x8.gt_s(across, least8);
    const overAlong = i16x8.gt_s(along, least8);
    if (!v128.any_true(v128.or(over, overAlong))) continue;
    const steepAcross = steep(across, twice, v128.load(from - 4), v128.load(from, 4), parts);
    const steepAlong = steep(along, twice, v128.load(from - 2 * row), v128.load(from + 2 * row), parts);
    const bitsAcross = i16x8.bitmask(v128.and(over, steepAcross));
    const bitsAlong = i16x8.bitmask(v128.and(overAlong, steepAlong));
    let bits = bitsAcross | bitsAlong;
    while (bits) {
      const lane = ctz(bits);
      const place = x + lane;
      bits &= bits - 1;
      if (place >= end) break;
      const at = luma + ((<usize>place) << 1);
      const least = <i32>load<u16>(thresholds + ((<usize>load<u16>(at)) << 1));
      if (
        ((bitsAcross >> lane) & 1 && bendAt(at, 2) > least) ||
        ((bitsAlong >> lane) & 1 && bendAt(at, row) > least)
      ) {
        store<u8>(marks + place, load<u8>(marks + place) | <u8>bit);
        marked++;
      }
    }
  }
  return marked;
}
