/** The inner loops of a bracket's merge; src/combine/merge/mergeLoops.ts says the same. */

/** Four 16-bit values at an address as numbers, black taken off, in shares of the range. */
@inline
function shares(at: usize, black: v128, unit: v128): v128 {
  const whole = i32x4.extend_low_i16x8_u(v128.load64_zero(at));
  return f32x4.mul(f32x4.sub(f32x4.convert_i32x4_u(whole), black), unit);
}

/**
 * A row of the least exposed frame: its light, and the inverse of its variance.
 *
 * @param raw n values of 16 bits; n a multiple of 4
 * @param light room for n floats, likewise weight
 */
export function beginRow(
  raw: usize, n: i32, black: f32, unit: f32, scale: f32, offset: f32, light: usize, weight: usize,
): void {
  const b = f32x4.splat(black);
  const u = f32x4.splat(unit);
  const s = f32x4.splat(scale);
  const o = f32x4.splat(offset);
  const zero = f32x4.splat(0);
  const one = f32x4.splat(1);
  const end = raw + ((<usize>n) << 1);
  for (; raw < end; raw += 8, light += 16, weight += 16) {
    const v = shares(raw, b, u);
    v128.store(light, v);
    const variance = f32x4.add(f32x4.mul(s, f32x4.max(v, zero)), o);
    v128.store(weight, f32x4.div(one, variance));
  }
}

/**
 * A row of a frame that was given more, where it is predicted to hold the light.
 *
 * @param given how many times as much it was given
 * @param held light up to which it is relied on
 * @param near share of its range beyond which it is not
 */
export function addRow(
  raw: usize, n: i32, black: f32, unit: f32, scale: f32, offset: f32,
  given: f32, held: f32, near: f32, light: usize, weight: usize,
): void {
  const b = f32x4.splat(black);
  const u = f32x4.splat(unit);
  const s = f32x4.splat(scale * given);
  const o = f32x4.splat(offset);
  const g2 = f32x4.splat(given * given);
  const per = f32x4.splat(1 / given);
  const most = f32x4.splat(held);
  const nearWhite = f32x4.splat(near);
  const zero = f32x4.splat(0);
  const end = raw + ((<usize>n) << 1);
  for (; raw < end; raw += 8, light += 16, weight += 16) {
    const before = v128.load(light);
    const v = shares(raw, b, u);
    const holds = v128.and(f32x4.le(before, most), f32x4.le(v, nearWhite));
    if (!v128.any_true(holds)) continue;
    const w = f32x4.div(g2, f32x4.add(f32x4.mul(s, f32x4.max(before, zero)), o));
    const old = v128.load(weight);
    const sum = f32x4.add(old, w);
    const step = f32x4.div(f32x4.mul(f32x4.sub(f32x4.mul(v, per), before), w), sum);
    v128.store(light, v128.bitselect(f32x4.add(before, step), before, holds));
    v128.store(weight, v128.bitselect(sum, old, holds));
  }
}

/**
 * Squares of how a row of two frames differs, over the variance of that, added to its cells.
 *
 * @param a the less exposed, its unit times the ratio of exposures
 * @param cellSamples samples of a cell, a multiple of 4; the row has `cells` whole ones
 * @param scale variance a unit of light, and offset without any
 * @param bright where both are brighter, they say nothing of each other
 * @param unknownA share from which on nothing is known of a, likewise of b
 * @param sums a float a cell, likewise counts of what was compared
 */
export function pairRow(
  a: usize, b: usize, cells: i32, cellSamples: i32, blackA: f32, unitA: f32, blackB: f32, unitB: f32,
  scale: f32, offset: f32, tolerance: f32, bright: f32, unknownA: f32, unknownB: f32, sums: usize, counts: usize,
): void {
  const bA = f32x4.splat(blackA);
  const uA = f32x4.splat(unitA);
  const bB = f32x4.splat(blackB);
  const uB = f32x4.splat(unitB);
  const s = f32x4.splat(scale);
  const o = f32x4.splat(offset);
  const t = f32x4.splat(tolerance);
  const limit = f32x4.splat(bright);
  const endA = f32x4.splat(unknownA);
  const endB = f32x4.splat(unknownB);
  const zero = f32x4.splat(0);
  const one = f32x4.splat(1);
  const half = f32x4.splat(0.5);
  for (let c = 0; c < cells; c++, sums += 4, counts += 4) {
    let sum = zero;
    let n = zero;
    for (const end = a + ((<usize>cellSamples) << 1); a < end; a += 8, b += 8) {
      const va = shares(a, bA, uA);
      const vb = shares(b, bB, uB);
      const known = v128.and(f32x4.lt(va, endA), f32x4.lt(vb, endB));
      const says = v128.and(known, v128.or(f32x4.le(va, limit), f32x4.le(vb, limit)));
      const la = f32x4.min(va, one);
      const lb = f32x4.min(vb, one);
      const d = f32x4.sub(la, lb);
      const level = f32x4.mul(half, f32x4.add(f32x4.max(la, zero), f32x4.max(lb, zero)));
      const variance = f32x4.add(
        f32x4.mul(f32x4.add(f32x4.mul(t, level), s), level),
        o,
      );
      sum = f32x4.add(sum, v128.and(says, f32x4.div(f32x4.mul(d, d), variance)));
      n = f32x4.add(n, v128.and(says, one));
    }
    store<f32>(sums, load<f32>(sums) + total(sum));
    store<f32>(counts, load<f32>(counts) + total(n));
  }
}

/** Sum of four. */
@inline
function total(v: v128): f32 {
  return (
    f32x4.extract_lane(v, 0) + f32x4.extract_lane(v, 1) + f32x4.extract_lane(v, 2) + f32x4.extract_lane(v, 3)
  );
}
