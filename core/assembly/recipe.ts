/**
 * The inner loops of developing a raw by a recipe, four pixels at a time, over planes of floats;
 * src/recipe/develop/plainLoops.ts says the same. Counts of pixels are multiples of four.
 */

/** Raw values as light: those of even columns times `even`, of odd ones times `odd`. */
export function mosaicRow(
  raw: usize,
  n: i32,
  black: f32,
  even: f32,
  odd: f32,
  pedestal: f32,
  out: usize,
): void {
  const blacks = f32x4.splat(black);
  const scales = f32x4(even, odd, even, odd);
  const pedestals = f32x4.splat(pedestal);
  const last = out + ((<usize>n) << 2);
  if (out < last) do {
    const counts = f32x4.convert_i32x4_s(v128.load16x4_u(raw));
    v128.store(out, f32x4.add(f32x4.mul(f32x4.sub(counts, blacks), scales), pedestals));
    raw += 8;
    out += 16;
  } while (out < last);
}

@inline
function twice(v: v128): v128 {
  return f32x4.add(v, v);
}

/**
 * Green of a row of a mosaic, along the direction in which less changes, and what the mosaic holds
 * more than that where it is not green.
 *
 * @param up2 mosaic rows two and one above, the row, one and two below; two values beside either
 *   end are read
 * @param first 1: the first value is green
 */
export function greenRow(
  up2: usize,
  up: usize,
  here: usize,
  down: usize,
  down2: usize,
  n: i32,
  first: i32,
  green: usize,
  difference: usize,
): void {
  const isGreen = first ? i32x4(-1, 0, -1, 0) : i32x4(0, -1, 0, -1);
  const half = f32x4.splat(0.5);
  const quarter = f32x4.splat(0.25);
  const none = f32x4.splat(0);
  const last = green + ((<usize>n) << 2);
  if (green < last) do {
    const c = v128.load(here);
    const w = v128.load(here - 4);
    const e = v128.load(here, 4);
    const s = v128.load(down);
    const nn = v128.load(up);
    const both = twice(c);
    const bendAcross = f32x4.sub(f32x4.sub(both, v128.load(here - 8)), v128.load(here, 8));
    const bendAlong = f32x4.sub(f32x4.sub(both, v128.load(up2)), v128.load(down2));
    const changeAcross = f32x4.add(f32x4.abs(f32x4.sub(w, e)), f32x4.abs(bendAcross));
    const changeAlong = f32x4.add(f32x4.abs(f32x4.sub(nn, s)), f32x4.abs(bendAlong));
    const across = f32x4.add(
      f32x4.mul(half, f32x4.add(w, e)),
      f32x4.mul(quarter, bendAcross),
    );
    const along = f32x4.add(f32x4.mul(half, f32x4.add(nn, s)), f32x4.mul(quarter, bendAlong));
    const mean = f32x4.mul(half, f32x4.add(across, along));
    const one = v128.bitselect(along, mean, f32x4.lt(changeAlong, changeAcross));
    const value = v128.bitselect(across, one, f32x4.lt(changeAcross, changeAlong));
    const g = v128.bitselect(c, f32x4.max(none, value), isGreen);
    v128.store(green, g);
    v128.store(difference, f32x4.sub(c, g));
    up2 += 16;
    up += 16;
    here += 16;
    down += 16;
    down2 += 16;
    green += 16;
    difference += 16;
  } while (green < last);
}

/**
 * Red and blue of a row by their differences from green, which are 0 where it was measured.
 *
 * @param above differences of the rows above, here and below; one value beside either end is read
 * @param own the colour that this row of the mosaic holds beside green, and the other one
 */
export function colourRow(
  above: usize,
  here: usize,
  below: usize,
  green: usize,
  n: i32,
  pedestal: f32,
  own: usize,
  middle: usize,
  other: usize,
): void {
  const half = f32x4.splat(0.5);
  const quarter = f32x4.splat(0.25);
  const pedestals = f32x4.splat(pedestal);
  const last = own + ((<usize>n) << 2);
  if (own < last) do {
    const g = f32x4.sub(v128.load(green), pedestals);
    const beside = f32x4.add(v128.load(here - 4), v128.load(here, 4));
    const corners = f32x4.add(
      f32x4.add(v128.load(above - 4), v128.load(above, 4)),
      f32x4.add(v128.load(below - 4), v128.load(below, 4)),
    );
    const upright = f32x4.add(v128.load(above), v128.load(below));
    v128.store(own, f32x4.add(g, f32x4.add(v128.load(here), f32x4.mul(half, beside))));
    v128.store(middle, g);
    v128.store(
      other,
      f32x4.add(g, f32x4.add(f32x4.mul(half, upright), f32x4.mul(quarter, corners))),
    );
    above += 16;
    here += 16;
    below += 16;
    green += 16;
    own += 16;
    middle += 16;
    other += 16;
  } while (own < last);
}

/** A row of the spline 1, 4, 6, 4, 1 over five rows. */
export function splineRows(
  a: usize,
  b: usize,
  c: usize,
  d: usize,
  e: usize,
  n: i32,
  out: usize,
): void {
  const far = f32x4.splat(0.0625);
  const near = f32x4.splat(0.25);
  const middle = f32x4.splat(0.375);
  const last = out + ((<usize>n) << 2);
  if (out < last) do {
    const sides = f32x4.mul(far, f32x4.add(v128.load(a), v128.load(e)));
    const next = f32x4.mul(near, f32x4.add(v128.load(b), v128.load(d)));
    v128.store(out, f32x4.add(f32x4.add(sides, next), f32x4.mul(middle, v128.load(c))));
    a += 16;
    b += 16;
    c += 16;
    d += 16;
    e += 16;
    out += 16;
  } while (out < last);
}

/** Takes the smooth of a row off it, which it becomes, and keeps of the detail what is no noise. */
export function shrinkRow(
  row: usize,
  smooth: usize,
  kept: usize,
  n: i32,
  square: f32,
): void {
  const squares = f32x4.splat(square);
  const last = row + ((<usize>n) << 2);
  if (row < last) do {
    const s = v128.load(smooth);
    const d = f32x4.sub(v128.load(row), s);
    const d2 = f32x4.mul(d, d);
    const shrunk = f32x4.sub(d, f32x4.div(f32x4.mul(squares, d), d2));
    const more = v128.and(shrunk, f32x4.gt(d2, squares));
    v128.store(kept, f32x4.add(v128.load(kept), more));
    v128.store(row, s);
    row += 16;
    smooth += 16;
    kept += 16;
  } while (row < last);
}

/** Adds a row to another. */
export function addRow(row: usize, more: usize, n: i32): void {
  const last = row + ((<usize>n) << 2);
  if (row < last) do {
    v128.store(row, f32x4.add(v128.load(row), v128.load(more)));
    row += 16;
    more += 16;
  } while (row < last);
}

@inline
function rooted(light: usize, times: f32, plus: f32): v128 {
  const v = f32x4.add(v128.load(light), f32x4.splat(plus));
  return f32x4.mul(f32x4.splat(times), f32x4.sqrt(f32x4.max(f32x4.splat(1e-12), v)));
}

/**
 * Light as roots whose noise is 1: red less green, (red + 2 green + blue) / 4, blue less green.
 *
 * @param noise of red, green, blue in turn: times and plus of a root
 */
export function stabiliseRow(red: usize, green: usize, blue: usize, n: i32, noise: usize): void {
  const last = red + ((<usize>n) << 2);
  const quarter = f32x4.splat(0.25);
  if (red < last) do {
    const r = rooted(red, load<f32>(noise), load<f32>(noise, 4));
    const g = rooted(green, load<f32>(noise, 8), load<f32>(noise, 12));
    const b = rooted(blue, load<f32>(noise, 16), load<f32>(noise, 20));
    v128.store(red, f32x4.sub(r, g));
    v128.store(green, f32x4.mul(quarter, f32x4.add(f32x4.add(r, b), twice(g))));
    v128.store(blue, f32x4.sub(b, g));
    red += 16;
    green += 16;
    blue += 16;
  } while (red < last);
}

@inline
function squared(v: v128, times: f32, minus: f32): v128 {
  return f32x4.sub(f32x4.mul(f32x4.splat(times), f32x4.mul(v, v)), f32x4.splat(minus));
}

/** The way back. @param noise of red, green, blue in turn: times and minus of a square */
export function restoreRow(red: usize, green: usize, blue: usize, n: i32, noise: usize): void {
  const last = red + ((<usize>n) << 2);
  const quarter = f32x4.splat(0.25);
  if (red < last) do {
    const a = v128.load(red);
    const b = v128.load(blue);
    const g = f32x4.sub(v128.load(green), f32x4.mul(quarter, f32x4.add(a, b)));
    v128.store(red, squared(f32x4.add(g, a), load<f32>(noise), load<f32>(noise, 4)));
    v128.store(green, squared(g, load<f32>(noise, 8), load<f32>(noise, 12)));
    v128.store(blue, squared(f32x4.add(g, b), load<f32>(noise, 16), load<f32>(noise, 20)));
    red += 16;
    green += 16;
    blue += 16;
  } while (red < last);
}

/** Base-2 logarithms of positive values, but for 5 millionths. */
@inline
function log2Of(v: v128): v128 {
  const bits = i32x4.sub(v, i32x4.splat(0x3f800000));
  const whole = f32x4.convert_i32x4_s(i32x4.shr_s(bits, 23));
  const t = f32x4.sub(
    v128.or(v128.and(v, i32x4.splat(0x007fffff)), i32x4.splat(0x3f800000)),
    f32x4.splat(1),
  );
  let q = f32x4.add(f32x4.splat(0.09720727), f32x4.mul(t, f32x4.splat(-0.02595345)));
  q = f32x4.add(f32x4.splat(-0.18363433), f32x4.mul(t, q));
  q = f32x4.add(f32x4.splat(0.27629831), f32x4.mul(t, q));
  q = f32x4.add(f32x4.splat(-0.44262243), f32x4.mul(t, q));
  const one = f32x4.splat(1);
  const part = f32x4.mul(t, f32x4.add(one, f32x4.mul(f32x4.sub(t, one), q)));
  return f32x4.add(whole, part);
}

/** Four floats of a table, at whole places. */
@inline
function four(table: usize, places: v128): v128 {
  const at = i32x4.add(i32x4.splat(<i32>table), i32x4.shl(places, 2));
  const a = v128.load32_zero(<usize>i32x4.extract_lane(at, 0));
  const b = v128.load32_lane(<usize>i32x4.extract_lane(at, 1), a, 1);
  const c = v128.load32_lane(<usize>i32x4.extract_lane(at, 2), b, 2);
  return v128.load32_lane(<usize>i32x4.extract_lane(at, 3), c, 3);
}

/** Values of a table over square roots, mirrored for what is below none where `mirrored`. */
@inline
function looked(table: usize, tops: v128, scales: v128, v: v128): v128 {
  const square = f32x4.max(f32x4.splat(0), f32x4.mul(scales, v));
  const at = f32x4.min(tops, f32x4.sqrt(square));
  return four(table, i32x4.trunc_sat_f32x4_s(f32x4.add(at, f32x4.splat(0.5))));
}

@inline
function mirrored(table: usize, tops: v128, scales: v128, v: v128): v128 {
  const sign = v128.and(v, i32x4.splat(<i32>0x80000000));
  return v128.or(looked(table, tops, scales, f32x4.abs(v)), sign);
}

@inline
function row3(matrix: usize, r: v128, g: v128, b: v128): v128 {
  return f32x4.add(
    f32x4.add(
      f32x4.mul(v128.load32_splat(matrix), r),
      f32x4.mul(v128.load32_splat(matrix, 4), g),
    ),
    f32x4.mul(v128.load32_splat(matrix, 8), b),
  );
}

@inline
function mixed(from: usize, to: usize, share: v128): v128 {
  const a = v128.load(from);
  return f32x4.add(a, f32x4.mul(share, f32x4.sub(v128.load(to), a)));
}

/** Powers of two, but for a millionth; within what a float holds. */
@inline
function exp2Of(v: v128): v128 {
  const floor = f32x4.floor(v);
  const t = f32x4.sub(v, floor);
  let q = f32x4.add(f32x4.splat(0.00919093), f32x4.mul(t, f32x4.splat(0.00178898)));
  q = f32x4.add(f32x4.splat(0.05566863), f32x4.mul(t, q));
  q = f32x4.add(f32x4.splat(0.24020262), f32x4.mul(t, q));
  q = f32x4.add(f32x4.splat(0.69314799), f32x4.mul(t, q));
  const part = f32x4.add(f32x4.splat(1), f32x4.mul(t, q));
  const whole = i32x4.shl(i32x4.trunc_sat_f32x4_s(floor), 23);
  return i32x4.add(part, whole);
}

/** t * t * (3 - 2 t) of a value's way from 0 to 1. */
@inline
function smoothed(v: v128): v128 {
  const t = f32x4.min(f32x4.splat(1), f32x4.max(f32x4.splat(0), v));
  return f32x4.mul(f32x4.mul(t, t), f32x4.sub(f32x4.splat(3), twice(t)));
}

/** x (27 + x^2) / (27 + 9 x^2), and 1 from 3 on: near to tanh. */
@inline
function bent(v: v128): v128 {
  const x = f32x4.min(f32x4.splat(3), f32x4.max(f32x4.splat(-3), v));
  const x2 = f32x4.mul(x, x);
  const over = f32x4.add(f32x4.splat(27), f32x4.mul(f32x4.splat(9), x2));
  return f32x4.div(f32x4.mul(x, f32x4.add(f32x4.splat(27), x2)), over);
}

/** Stops by which light is moved that lies `own` from mid-grey, its neighbourhood `parts`. */
@inline
function moved(own: v128, parts: v128, gains: usize): v128 {
  const contrast = f32x4.mul(
    v128.load32_splat(gains),
    bent(f32x4.mul(own, v128.load32_splat(gains, 4))),
  );
  const bright = f32x4.add(v128.load32_splat(gains, 12), f32x4.mul(parts, v128.load32_splat(gains, 16)));
  const dark = f32x4.add(v128.load32_splat(gains, 24), f32x4.mul(parts, v128.load32_splat(gains, 28)));
  return f32x4.add(
    contrast,
    f32x4.add(
      f32x4.mul(v128.load32_splat(gains, 8), smoothed(bright)),
      f32x4.mul(v128.load32_splat(gains, 20), smoothed(dark)),
    ),
  );
}

/**
 * Light to the signal.
 *
 * @param plan floats: rebalance 3, matrix 9, colour, exposure, mid-grey's inverse, luma 3, scale,
 *   steps, gains 8 (contrast: stops, and how fast; highlights and shadows: stops, and the way from
 *   0 to 1 as offset and slope), matrix to the output 9
 * @param curve table over square roots
 * @param signal likewise, of the output; 0: the curve gives the signal
 * @param gains 0: light is not moved by its tones
 * @param slope slopes and offsets of large parts along the rows above and below, and the share of
 *   the one below
 */
export function toneRow(
  red: usize,
  green: usize,
  blue: usize,
  n: i32,
  plan: usize,
  curve: usize,
  signal: usize,
  gains: i32,
  slope: usize,
  slopeBelow: usize,
  offset: usize,
  offsetBelow: usize,
  share: f32,
  outRed: usize,
  outGreen: usize,
  outBlue: usize,
): void {
  const one = f32x4.splat(1);
  const colour = v128.load32_splat(plan, 48);
  const exposure = v128.load32_splat(plan, 52);
  const overGrey = v128.load32_splat(plan, 56);
  const scales = v128.load32_splat(plan, 72);
  const tops = v128.load32_splat(plan, 76);
  const squares = f32x4.mul(tops, tops);
  const shares = f32x4.splat(share);
  const colourful = load<f32>(plan, 48) != 1;
  const last = red + ((<usize>n) << 2);
  if (red < last) do {
    const r = f32x4.min(one, f32x4.mul(v128.load(red), v128.load32_splat(plan)));
    const g = f32x4.min(one, f32x4.mul(v128.load(green), v128.load32_splat(plan, 4)));
    const b = f32x4.min(one, f32x4.mul(v128.load(blue), v128.load32_splat(plan, 8)));
    let R = row3(plan + 12, r, g, b);
    let G = row3(plan + 24, r, g, b);
    let B = row3(plan + 36, r, g, b);
    if (gains || colourful) {
      const luminance = row3(plan + 60, R, G, B);
      let gain = one;
      if (gains) {
        // The least there is a logarithm of here.
        const stops = log2Of(f32x4.max(f32x4.splat(1e-12), f32x4.mul(luminance, overGrey)));
        const a = mixed(slope, slopeBelow, shares);
        const parts = f32x4.add(
          f32x4.add(f32x4.mul(a, f32x4.sub(stops, exposure)), mixed(offset, offsetBelow, shares)),
          exposure,
        );
        gain = exp2Of(moved(stops, parts, plan + 80));
        slope += 16;
        slopeBelow += 16;
        offset += 16;
        offsetBelow += 16;
      }
      const grey = f32x4.mul(gain, f32x4.mul(luminance, f32x4.sub(one, colour)));
      const kept = f32x4.mul(gain, colour);
      R = f32x4.add(grey, f32x4.mul(kept, R));
      G = f32x4.add(grey, f32x4.mul(kept, G));
      B = f32x4.add(grey, f32x4.mul(kept, B));
    }
    if (signal) {
      const cr = mirrored(curve, tops, scales, R);
      const cg = mirrored(curve, tops, scales, G);
      const cb = mirrored(curve, tops, scales, B);
      v128.store(outRed, looked(signal, tops, squares, row3(plan + 112, cr, cg, cb)));
      v128.store(outGreen, looked(signal, tops, squares, row3(plan + 124, cr, cg, cb)));
      v128.store(outBlue, looked(signal, tops, squares, row3(plan + 136, cr, cg, cb)));
    } else {
      v128.store(outRed, looked(curve, tops, scales, R));
      v128.store(outGreen, looked(curve, tops, scales, G));
      v128.store(outBlue, looked(curve, tops, scales, B));
    }
    red += 16;
    green += 16;
    blue += 16;
    outRed += 16;
    outGreen += 16;
    outBlue += 16;
  } while (red < last);
}

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
