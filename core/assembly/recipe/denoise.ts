/** Denoising: noise made even by roots, and wavelets of the spline whose small details go. */
import { twice } from '../lanes';

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
