/**
 * The inner loops of focus peaking, eight pixels at a time; src/monitor/plainPeaks.ts says the
 * same.
 */
import { blueOf, greenOf, redOf, weighted } from './lanes';

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
  const wr = i16x8.splat(<i16>red);
  const wg = i16x8.splat(<i16>green);
  const wb = i16x8.splat(<i16>blue);
  const top = i16x8.splat(<i16>most);
  const last = out + ((<usize>n) << 1);
  if (out < last) do {
    const a = v128.load(raw);
    const b = v128.load(raw, 16);
    const c = v128.load(raw, 32);
    const luma = weighted(redOf(a, b, c), greenOf(a, b, c), blueOf(a, b, c), wr, wg, wb);
    v128.store(out, i16x8.min_u(luma, top));
    raw += 48;
    out += 16;
  } while (out < last);
}

@inline
function away(v: i32): i32 {
  return v >= 0 ? v : -v;
}

/**
 * True when the bend at an address is over the threshold and a large part of its edge's height, step
 * bytes being a pixel on.
 */
function isPeak(at: usize, step: usize, least: i32, part: i32): bool {
  const twice = <i32>load<u16>(at) << 1;
  const bend = away(twice - load<u16>(at - step) - load<u16>(at + step));
  if (bend <= least) return false;
  const before = <i32>load<u16>(at - 2 * step);
  const after = <i32>load<u16>(at + 2 * step);
  let height = away(after - before);
  const line = away(twice - before - after);
  if (line > height) height = line;
  return bend << 8 >= part * height;
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
    const across = i16x8.sub(i16x8.sub(twice, v128.load(from - 2)), v128.load(from, 2));
    const along = i16x8.sub(i16x8.sub(twice, v128.load(from - row)), v128.load(from + row));
    let bits = i16x8.bitmask(
      v128.or(i16x8.gt_s(i16x8.abs(across), least8), i16x8.gt_s(i16x8.abs(along), least8)),
    );
    while (bits) {
      const place = x + ctz(bits);
      bits &= bits - 1;
      if (place >= end) break;
      const at = luma + ((<usize>place) << 1);
      const least = <i32>load<u16>(thresholds + ((<usize>load<u16>(at)) << 1));
      if (isPeak(at, 2, least, part) || isPeak(at, row, least, part)) {
        store<u8>(marks + place, load<u8>(marks + place) | <u8>bit);
        marked++;
      }
    }
  }
  return marked;
}
