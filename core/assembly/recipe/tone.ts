/** Light to the signal: balance, matrix, tones by neighbourhood, curve. */
import { row3, twice } from '../lanes';

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
function mixed(from: usize, to: usize, share: v128): v128 {
  const a = v128.load(from);
  return f32x4.add(a, f32x4.mul(share, f32x4.sub(v128.load(to), a)));
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
