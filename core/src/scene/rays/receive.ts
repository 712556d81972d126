import {
  add,
  both,
  div,
  given,
  got,
  k,
  less,
  max,
  mul,
  put,
  select,
  type Four,
  type Whole,
} from './four';
import { BLUE, DISTANCE, GREEN, RED, REFLECTANCE } from './registers';
import { LAMP, OWN_SHARE, TO_XYZ } from './setting';

/** A row of a matrix of the setting, nothing below 0. */
export function weighed(row: Whole, x: Four, y: Four, z: Four): Four {
  const sum = add(add(mul(given(row), x), mul(given(row + 1), y)), mul(given(row + 2), z));
  return max(k(0), sum);
}

/**
 * Turns the light that a place sends along a ray (RED, GREEN, BLUE) into CIE XYZ in the same
 * registers, with what a lamp beside the lens adds: a wide, soft cone, in whose light a surface
 * keeps the tint it has under the place's own.
 *
 * @param lamp 1: the lamp is on
 * @param cosine of the angle from the lens' axis
 */
export function receive(lamp: Whole, cosine: Four): void {
  const red = got(RED);
  const green = got(GREEN);
  const blue = got(BLUE);
  let x = weighed(TO_XYZ, red, green, blue);
  let y = weighed(TO_XYZ + 3, red, green, blue);
  let z = weighed(TO_XYZ + 6, red, green, blue);
  if (lamp !== 0) {
    const reflectance = got(REFLECTANCE);
    const distance = got(DISTANCE);
    const lit = both(less(k(0), reflectance), less(distance, k(Infinity)));
    const cos2 = mul(cosine, cosine);
    const cos5 = mul(mul(cos2, cos2), cosine);
    const fall = div(cos5, max(k(0.01), mul(distance, distance)));
    const level = select(lit, mul(reflectance, fall), k(0));
    const perY = div(level, max(k(1e-9), y));
    const own = given(OWN_SHARE);
    x = add(mul(own, x), mul(given(LAMP), mul(x, perY)));
    y = add(mul(own, y), mul(given(LAMP + 1), level));
    z = add(mul(own, z), mul(given(LAMP + 2), mul(z, perY)));
  }
  put(RED, x);
  put(GREEN, y);
  put(BLUE, z);
}
