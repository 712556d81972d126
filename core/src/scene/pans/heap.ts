import {
  add,
  any,
  atMost,
  both,
  div,
  k,
  less,
  max,
  min,
  mul,
  neg,
  select,
  sqrt,
  sub,
  type Four,
} from '../rays/four';
import { squared } from '../rays/functions';

/**
 * A salt heap: a cone with a rounded top, y = top - slope * sqrt(r^2 + round^2); metres. `top` is
 * the apex of the unrounded cone.
 */

/** Radius at which a heap meets the ground. */
export function footRadius(top: Four, slope: Four, round: Four): Four {
  return sqrt(sub(squared(div(top, slope)), squared(round)));
}

/**
 * Distance along a ray to a heap above ground, or Infinity. Rays start at (ox, oy, oz) with a unit
 * direction; oy is height above ground.
 */
export function hitHeap(
  x: number,
  z: number,
  top: number,
  slope: number,
  round: number,
  ox: Four,
  oy: Four,
  oz: Four,
  dx: Four,
  dy: Four,
  dz: Four,
): Four {
  const px = sub(ox, k(x));
  const pz = sub(oz, k(z));
  // Nothing of it lies outside the circle of its foot.
  const across = sub(mul(px, dz), mul(pz, dx));
  const level = add(mul(dx, dx), mul(dz, dz));
  const foot2 = (top / slope) * (top / slope) - round * round;
  if (!any(less(mul(across, across), mul(k(foot2), level)))) return k(Infinity);
  const k2 = k(slope * slope);
  // (top - y)^2 = slope^2 (r^2 + round^2) along the ray.
  const py = sub(k(top), oy);
  const a = sub(mul(dy, dy), mul(k2, level));
  const b = neg(add(mul(py, dy), mul(k2, add(mul(px, dx), mul(pz, dz)))));
  const around = add(add(mul(px, px), mul(pz, pz)), k(round * round));
  const c = sub(mul(py, py), mul(k2, around));
  const disc = sub(mul(b, b), mul(a, c));
  const meets = less(k(0), disc);
  if (!any(meets)) return k(Infinity);
  const root = sqrt(max(k(0), disc));
  const first = div(sub(neg(b), root), a);
  const second = div(sub(root, b), a);
  const nearest = min(onHeap(first, top, oy, dy), onHeap(second, top, oy, dy));
  return select(meets, nearest, k(Infinity));
}

/** The distance, where it lies ahead and on the half of the cone that stands. */
function onHeap(t: Four, top: number, oy: Four, dy: Four): Four {
  const y = add(oy, mul(t, dy));
  const stands = both(atMost(k(0), y), less(y, k(top)));
  return select(both(less(k(0.001), t), stands), t, k(Infinity));
}
