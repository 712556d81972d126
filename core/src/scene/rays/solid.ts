import {
  add,
  any,
  atMost,
  both,
  div,
  either,
  except,
  got,
  k,
  less,
  max,
  min,
  mul,
  neg,
  put,
  same,
  select,
  sqrt,
  sub,
  type Four,
  type Mask,
} from './four';
import { sign } from './functions';
import { HIT_NX, HIT_NY, HIT_NZ, HIT_T } from './registers';

/**
 * Solids that a place is built of, in metres. Each keeps the nearer of what the registers HIT_T,
 * HIT_NX, HIT_NY, HIT_NZ hold and where the ray meets it, and says where it is the nearer one.
 */

/** Forgets what was hit. */
export function clearHit(): void {
  put(HIT_T, k(Infinity));
}

export function keepHit(where: Mask, t: Four, nx: Four, ny: Four, nz: Four): void {
  put(HIT_T, select(where, t, got(HIT_T)));
  put(HIT_NX, select(where, nx, got(HIT_NX)));
  put(HIT_NY, select(where, ny, got(HIT_NY)));
  put(HIT_NZ, select(where, nz, got(HIT_NZ)));
}

/** An upright box, its edges along the axes. */
export function hitBox(
  x0: number,
  x1: number,
  y0: number,
  y1: number,
  z0: number,
  z1: number,
  ox: Four,
  oy: Four,
  oz: Four,
  dx: Four,
  dy: Four,
  dz: Four,
): Mask {
  const ix = div(k(1), dx);
  const iy = div(k(1), dy);
  const iz = div(k(1), dz);
  const lowX = mul(sub(k(x0), ox), ix);
  const highX = mul(sub(k(x1), ox), ix);
  const lowY = mul(sub(k(y0), oy), iy);
  const highY = mul(sub(k(y1), oy), iy);
  const lowZ = mul(sub(k(z0), oz), iz);
  const highZ = mul(sub(k(z1), oz), iz);
  const ax = min(lowX, highX);
  const ay = min(lowY, highY);
  const enter = max(max(ax, ay), min(lowZ, highZ));
  const leave = min(min(max(lowX, highX), max(lowY, highY)), max(lowZ, highZ));
  const ahead = both(atMost(k(1e-4), enter), less(enter, got(HIT_T)));
  const meets = both(ahead, atMost(enter, leave));
  if (!any(meets)) return meets;
  const atX = same(enter, ax);
  const atY = except(same(enter, ay), atX);
  keepHit(
    meets,
    enter,
    select(atX, neg(sign(dx)), k(0)),
    select(atY, neg(sign(dy)), k(0)),
    select(either(atX, atY), k(0), neg(sign(dz))),
  );
  return meets;
}

/** A standing cylinder with a lid. */
export function hitCylinder(
  x: number,
  z: number,
  radius: number,
  y0: number,
  y1: number,
  ox: Four,
  oy: Four,
  oz: Four,
  dx: Four,
  dy: Four,
  dz: Four,
): Mask {
  const px = sub(ox, k(x));
  const pz = sub(oz, k(z));
  const a = add(mul(dx, dx), mul(dz, dz));
  const b = add(mul(px, dx), mul(pz, dz));
  const c = sub(add(mul(px, px), mul(pz, pz)), k(radius * radius));
  const disc = sub(mul(b, b), mul(a, c));
  const inReach = both(less(k(0), disc), less(k(0), a));
  if (!any(inReach)) return inReach;
  const side = div(sub(neg(b), sqrt(max(k(0), disc))), a);
  const y = add(oy, mul(side, dy));
  const onSide = both(both(atMost(k(y0), y), atMost(y, k(y1))), inReach);
  const meetsSide = both(onSide, both(less(k(1e-4), side), less(side, got(HIT_T))));
  if (any(meetsSide))
    keepHit(
      meetsSide,
      side,
      mul(add(px, mul(side, dx)), k(1 / radius)),
      k(0),
      mul(add(pz, mul(side, dz)), k(1 / radius)),
    );
  const above = both(less(dy, k(0)), less(k(y1), oy));
  if (!any(above)) return meetsSide;
  const down = div(sub(k(y1), oy), dy);
  const lx = add(px, mul(down, dx));
  const lz = add(pz, mul(down, dz));
  const onLid = atMost(add(mul(lx, lx), mul(lz, lz)), k(radius * radius));
  const near = both(less(k(1e-4), down), less(down, got(HIT_T)));
  const meetsLid = both(both(above, onLid), near);
  keepHit(meetsLid, down, k(0), k(1), k(0));
  return either(meetsSide, meetsLid);
}
