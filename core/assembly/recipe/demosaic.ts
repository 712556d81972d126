/** Demosaicking: green along where least changes, red and blue by their differences from it. */
import { twice } from '../lanes';

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
