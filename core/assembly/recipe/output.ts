/** The signal sharpened, and as bytes or words. */
import { row3 } from '../lanes';

/** Lightness of the signal. @param luma weights of red, green, blue */
export function lumaRow(
  red: usize,
  green: usize,
  blue: usize,
  n: i32,
  luma: usize,
  out: usize,
): void {
  const last = red + ((<usize>n) << 2);
  if (red < last) do {
    v128.store(out, row3(luma, v128.load(red), v128.load(green), v128.load(blue)));
    red += 16;
    green += 16;
    blue += 16;
    out += 16;
  } while (red < last);
}

@inline
function lighter(at: usize, by: v128): void {
  const v = f32x4.add(v128.load(at), by);
  v128.store(at, f32x4.min(f32x4.splat(1), f32x4.max(f32x4.splat(0), v)));
}

/** Makes the signal's lightness differ more from its mean, but for what is as little as `core`. */
export function sharpenRow(
  red: usize,
  green: usize,
  blue: usize,
  luma: usize,
  mean: usize,
  n: i32,
  amount: f32,
  core: f32,
  limit: f32,
): void {
  const amounts = f32x4.splat(amount);
  const cores = f32x4.splat(core * core);
  const limits = f32x4.splat(limit);
  const last = red + ((<usize>n) << 2);
  if (red < last) do {
    const d = f32x4.sub(v128.load(luma), v128.load(mean));
    const d2 = f32x4.mul(d, d);
    const more = f32x4.div(f32x4.mul(f32x4.mul(amounts, d), d2), f32x4.add(d2, cores));
    const held = f32x4.max(f32x4.neg(limits), f32x4.min(limits, more));
    lighter(red, held);
    lighter(green, held);
    lighter(blue, held);
    red += 16;
    green += 16;
    blue += 16;
    luma += 16;
    mean += 16;
  } while (red < last);
}

@inline
function whole(at: usize, top: f32): v128 {
  const v = f32x4.add(f32x4.mul(v128.load(at), f32x4.splat(top)), f32x4.splat(0.5));
  return i32x4.trunc_sat_f32x4_u(v);
}

/** The signal as opaque RGBA bytes. */
export function bytesRow(red: usize, green: usize, blue: usize, n: i32, out: usize): void {
  const last = red + ((<usize>n) << 2);
  const opaque = i32x4.splat(<i32>0xff000000);
  if (red < last) do {
    const rg = v128.or(whole(red, 255), i32x4.shl(whole(green, 255), 8));
    v128.store(out, v128.or(v128.or(rg, opaque), i32x4.shl(whole(blue, 255), 16)));
    red += 16;
    green += 16;
    blue += 16;
    out += 16;
  } while (red < last);
}

/** The signal as RGB of 16 bits. */
export function wordsRow(red: usize, green: usize, blue: usize, n: i32, out: usize): void {
  const last = red + ((<usize>n) << 2);
  if (red < last) do {
    const rg = i16x8.narrow_i32x4_u(whole(red, 65535), whole(green, 65535));
    const b = i16x8.narrow_i32x4_u(whole(blue, 65535), whole(blue, 65535));
    v128.store(out, v128.shuffle<u16>(rg, b, 0, 4, 8, 1, 5, 9, 2, 6));
    v128.store64_lane(out, v128.shuffle<u16>(rg, b, 10, 3, 7, 11, 0, 0, 0, 0), 0, 16);
    red += 16;
    green += 16;
    blue += 16;
    out += 24;
  } while (red < last);
}
