/**
 * The inner loops of the monitors: eight raw pixels, or four developed ones, at a time;
 * src/monitor/plainMonitor.ts says the same. Counts are kept in two sets of tables, for even and
 * odd pixels: neighbours are alike, and adding to one place twice in a row makes the second wait.
 */
import { blueOf, count, greenOf, redOf, weighted } from './lanes';

/** Counts one pixel in a set of tables, size bytes each. */
@inline
function countPixel(r: u32, g: u32, b: u32, light: u32, tables: usize, size: usize): void {
  count(tables + ((<usize>r) << 2));
  count(tables + size + ((<usize>g) << 2));
  count(tables + 2 * size + ((<usize>b) << 2));
  count(tables + 3 * size + ((<usize>light) << 2));
}

@inline
function marked(mask: v128, bit: i16): v128 {
  return v128.and(mask, i16x8.splat(bit));
}

/**
 * Writes a mark a pixel, and adds to the counts of any clipped, crushed, zebra, tone.
 *
 * @param raw interleaved 16-bit values, none above white, white below 32768
 * @param n a multiple of eight
 * @param even tables of 32-bit counts by level, red, green, blue, luminance one after the other,
 *   size bytes each; likewise odd
 */
export function countPixels(
  raw: usize,
  n: i32,
  white: i32,
  crushed: i32,
  lr: i32,
  lg: i32,
  lb: i32,
  zebra: i32,
  toneFrom: i32,
  toneTo: i32,
  even: usize,
  odd: usize,
  size: usize,
  marks: usize,
  counts: usize,
): void {
  let any = 0;
  let dark = 0;
  let striped = 0;
  let toned = 0;
  const whites = i16x8.splat(<i16>white);
  const zebras = i16x8.splat(<i16>zebra);
  const brights = i16x8.min_s(whites, zebras);
  const darks = i16x8.splat(<i16>crushed);
  const froms = i16x8.splat(<i16>toneFrom);
  const tos = i16x8.splat(<i16>toneTo);
  const wr = i16x8.splat(<i16>lr);
  const wg = i16x8.splat(<i16>lg);
  const wb = i16x8.splat(<i16>lb);
  const last = marks + <usize>n;
  if (marks < last) do {
    const first = v128.load(raw);
    const second = v128.load(raw, 16);
    const third = v128.load(raw, 32);
    const r = redOf(first, second, third);
    const g = greenOf(first, second, third);
    const b = blueOf(first, second, third);
    const light = i16x8.min_s(whites, weighted(r, g, b, wr, wg, wb));
    // Clipped channels: 1, 2, 4.
    const overR = i16x8.ge_s(r, whites);
    const overG = i16x8.ge_s(g, whites);
    const overB = i16x8.ge_s(b, whites);
    any += popcnt(i16x8.bitmask(v128.or(v128.or(overR, overG), overB)));
    let mark = v128.or(v128.or(marked(overR, 1), marked(overG, 2)), marked(overB, 4));
    // The strongest channel decides on zebra and crushing.
    const most = i16x8.max_s(i16x8.max_s(r, g), b);
    const zebraed = i16x8.ge_s(most, zebras);
    striped += popcnt(i16x8.bitmask(zebraed));
    mark = v128.or(mark, marked(zebraed, 16));
    const lost = v128.andnot(i16x8.le_s(most, darks), i16x8.ge_s(most, brights));
    dark += popcnt(i16x8.bitmask(lost));
    mark = v128.or(mark, marked(lost, 8));
    const tone = v128.and(i16x8.ge_s(light, froms), i16x8.le_s(light, tos));
    toned += popcnt(i16x8.bitmask(tone));
    mark = v128.or(mark, marked(tone, 32));
    v128.store64_lane(marks, i8x16.narrow_i16x8_u(mark, mark), 0);
    countPixel(
      i16x8.extract_lane_u(r, 0),
      i16x8.extract_lane_u(g, 0),
      i16x8.extract_lane_u(b, 0),
      i16x8.extract_lane_u(light, 0),
      even,
      size,
    );
    countPixel(
      i16x8.extract_lane_u(r, 1),
      i16x8.extract_lane_u(g, 1),
      i16x8.extract_lane_u(b, 1),
      i16x8.extract_lane_u(light, 1),
      odd,
      size,
    );
    countPixel(
      i16x8.extract_lane_u(r, 2),
      i16x8.extract_lane_u(g, 2),
      i16x8.extract_lane_u(b, 2),
      i16x8.extract_lane_u(light, 2),
      even,
      size,
    );
    countPixel(
      i16x8.extract_lane_u(r, 3),
      i16x8.extract_lane_u(g, 3),
      i16x8.extract_lane_u(b, 3),
      i16x8.extract_lane_u(light, 3),
      odd,
      size,
    );
    countPixel(
      i16x8.extract_lane_u(r, 4),
      i16x8.extract_lane_u(g, 4),
      i16x8.extract_lane_u(b, 4),
      i16x8.extract_lane_u(light, 4),
      even,
      size,
    );
    countPixel(
      i16x8.extract_lane_u(r, 5),
      i16x8.extract_lane_u(g, 5),
      i16x8.extract_lane_u(b, 5),
      i16x8.extract_lane_u(light, 5),
      odd,
      size,
    );
    countPixel(
      i16x8.extract_lane_u(r, 6),
      i16x8.extract_lane_u(g, 6),
      i16x8.extract_lane_u(b, 6),
      i16x8.extract_lane_u(light, 6),
      even,
      size,
    );
    countPixel(
      i16x8.extract_lane_u(r, 7),
      i16x8.extract_lane_u(g, 7),
      i16x8.extract_lane_u(b, 7),
      i16x8.extract_lane_u(light, 7),
      odd,
      size,
    );
    raw += 48;
    marks += 8;
  } while (marks < last);
  store<u32>(counts, load<u32>(counts) + any);
  store<u32>(counts, load<u32>(counts, 4) + dark, 4);
  store<u32>(counts, load<u32>(counts, 8) + striped, 8);
  store<u32>(counts, load<u32>(counts, 12) + toned, 12);
}

/** Tables of 256 counts follow each other so many bytes apart. */
const TABLE: usize = 1024;
const ZEBRA_BIT: u8 = 16;

/**
 * Luma at or above zebra sets bit 16 of the pixel's mark.
 *
 * @param rgba n developed pixels, a multiple of four
 * @param even four tables of 256 counts: red, green, blue, luma (weights in 1/65536); likewise odd
 * @returns how many are under the zebra
 */
export function countPicture(
  rgba: usize,
  n: i32,
  lr: i32,
  lg: i32,
  lb: i32,
  zebra: i32,
  even: usize,
  odd: usize,
  marks: usize,
): i32 {
  const bytes = i32x4.splat(255);
  const zebras = i32x4.splat(zebra);
  const wr = i32x4.splat(lr);
  const wg = i32x4.splat(lg);
  const wb = i32x4.splat(lb);
  const half = i32x4.splat(32768);
  let striped = 0;
  const last = rgba + ((<usize>n) << 2);
  if (rgba < last) do {
    const pixels = v128.load(rgba);
    const r = v128.and(pixels, bytes);
    const g = v128.and(i32x4.shr_u(pixels, 8), bytes);
    const b = v128.and(i32x4.shr_u(pixels, 16), bytes);
    const sum = i32x4.add(
      i32x4.add(i32x4.mul(r, wr), i32x4.mul(g, wg)),
      i32x4.add(i32x4.mul(b, wb), half),
    );
    const luma = i32x4.shr_u(sum, 16);
    let bits = i32x4.bitmask(i32x4.ge_s(luma, zebras));
    striped += popcnt(bits);
    while (bits) {
      const at = marks + <usize>ctz(bits);
      store<u8>(at, load<u8>(at) | ZEBRA_BIT);
      bits &= bits - 1;
    }
    countPixel(
      i32x4.extract_lane(r, 0),
      i32x4.extract_lane(g, 0),
      i32x4.extract_lane(b, 0),
      i32x4.extract_lane(luma, 0),
      even,
      TABLE,
    );
    countPixel(
      i32x4.extract_lane(r, 1),
      i32x4.extract_lane(g, 1),
      i32x4.extract_lane(b, 1),
      i32x4.extract_lane(luma, 1),
      odd,
      TABLE,
    );
    countPixel(
      i32x4.extract_lane(r, 2),
      i32x4.extract_lane(g, 2),
      i32x4.extract_lane(b, 2),
      i32x4.extract_lane(luma, 2),
      even,
      TABLE,
    );
    countPixel(
      i32x4.extract_lane(r, 3),
      i32x4.extract_lane(g, 3),
      i32x4.extract_lane(b, 3),
      i32x4.extract_lane(luma, 3),
      odd,
      TABLE,
    );
    rgba += 16;
    marks += 4;
  } while (rgba < last);
  return striped;
}
