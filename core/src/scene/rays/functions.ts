import {
  abs,
  add,
  any,
  div,
  floor,
  got,
  k,
  less,
  max,
  min,
  mul,
  neg,
  powerOfTwo,
  put,
  select,
  sub,
  valueNoise,
  type Four,
  type Mask,
} from './four';
import { BLUE, GREEN, RED } from './registers';

/** What a place needs beside the arithmetic. Errors are of the order of 32-bit rounding. */

/** `a` and a share of the way to `b`. */
export function mix(a: Four, b: Four, share: Four): Four {
  return add(a, mul(sub(b, a), share));
}

/** Held to 0..1. */
export function clamped(v: Four): Four {
  return min(k(1), max(k(0), v));
}

/** Cubic step from 0 at `from` to 1 at `to`. */
export function smoothstep(from: number, to: number, v: Four): Four {
  const t = clamped(mul(sub(v, k(from)), k(1 / (to - from))));
  return mul(mul(t, t), sub(k(3), add(t, t)));
}

export function squared(v: Four): Four {
  return mul(v, v);
}

export function dot(ax: Four, ay: Four, az: Four, bx: Four, by: Four, bz: Four): Four {
  return add(add(mul(ax, bx), mul(ay, by)), mul(az, bz));
}

/** -1, 0 or 1. */
export function sign(v: Four): Four {
  return select(less(v, k(0)), k(-1), select(less(k(0), v), k(1), k(0)));
}

/** 2 to the power of v, by its series within half a step of a whole power. */
export function exp2(v: Four): Four {
  const held = max(k(-126), min(k(126), v));
  const whole = floor(add(held, k(0.5)));
  const t = sub(held, whole);
  let sum = add(mul(t, k(0.000154035303933816)), k(0.00133335581464284));
  sum = add(mul(sum, t), k(0.00961812910762848));
  sum = add(mul(sum, t), k(0.0555041086648216));
  sum = add(mul(sum, t), k(0.240226506959101));
  sum = add(mul(sum, t), k(0.693147180559945));
  return mul(add(mul(sum, t), k(1)), powerOfTwo(whole));
}

/** e to the power of v. */
export function exp(v: Four): Four {
  return exp2(mul(v, k(1.4426950408889634)));
}

/** Sine of so many whole turns, by its series within a quarter turn. */
export function sineOfTurns(turns: Four): Four {
  const t = sub(turns, floor(add(turns, k(0.5))));
  const folded = select(
    less(k(0.25), t),
    sub(k(0.5), t),
    select(less(t, k(-0.25)), sub(k(-0.5), t), t),
  );
  const a = mul(folded, k(6.283185307179586));
  const z = mul(a, a);
  let sum = add(mul(z, k(-2.505210838544172e-8)), k(2.755731922398589e-6));
  sum = add(mul(sum, z), k(-0.0001984126984126984));
  sum = add(mul(sum, z), k(0.008333333333333333));
  sum = add(mul(sum, z), k(-0.16666666666666666));
  return add(mul(mul(sum, z), a), a);
}

export function sin(v: Four): Four {
  return sineOfTurns(mul(v, k(0.15915494309189535)));
}

export function cos(v: Four): Four {
  return sineOfTurns(add(mul(v, k(0.15915494309189535)), k(0.25)));
}

/** Angle of (x, y) in -pi..pi (the polynomial of Cephes' atanf, S. L. Moshier, below tan(pi/8)). */
export function atan2(y: Four, x: Four): Four {
  const ax = abs(x);
  const ay = abs(y);
  const q = div(min(ax, ay), max(max(ax, ay), k(1e-30)));
  const far = less(k(0.41421356237309503), q);
  const t = select(far, div(sub(q, k(1)), add(q, k(1))), q);
  const z = mul(t, t);
  let sum = add(mul(z, k(0.0805374449538)), k(-0.138776856032));
  sum = add(mul(sum, z), k(0.199777106478));
  sum = add(mul(sum, z), k(-0.333329491539));
  const small = add(mul(mul(sum, z), t), t);
  const within = add(small, select(far, k(0.7853981633974483), k(0)));
  const first = select(less(ax, ay), sub(k(1.5707963267948966), within), within);
  const right = select(less(x, k(0)), sub(k(3.141592653589793), first), first);
  return select(less(y, k(0)), neg(right), right);
}

/**
 * Fractal noise in about -1..1: octaves from `wavelength` downwards, each half as high as the last,
 * fading out where they would be finer than two footprints. Lengths share one unit.
 */
export function fractalNoise(
  x: Four,
  y: Four,
  wavelength: number,
  octaves: number,
  footprint: Four,
): Four {
  let sum = k(0);
  let amplitude = 0.55;
  let frequency = 1 / wavelength;
  // Footprints a wave, less what an octave needs to be seen at all.
  let fineness = div(k(0.5 * wavelength), footprint);
  for (let i = 0; i < octaves; i++) {
    const room = sub(fineness, k(1));
    if (!any(less(k(0), room))) break;
    const share = mul(k(amplitude), clamped(room));
    const across = add(mul(x, k(frequency)), k(i * 17.3));
    const along = sub(mul(y, k(frequency)), k(i * 9.1));
    sum = add(sum, mul(share, valueNoise(across, along)));
    amplitude *= 0.55;
    frequency *= 1 / 0.47;
    fineness = mul(fineness, k(0.47));
  }
  return sum;
}

/** Sets the light towards the camera. */
export function setLight(r: Four, g: Four, b: Four): void {
  put(RED, r);
  put(GREEN, g);
  put(BLUE, b);
}

/** Adds white light to it. */
export function addLight(light: Four): void {
  put(RED, add(got(RED), light));
  put(GREEN, add(got(GREEN), light));
  put(BLUE, add(got(BLUE), light));
}

/** Keeps the light that was set where the mask holds; elsewhere it is what it was. */
export function onlyWhere(mask: Mask, r: Four, g: Four, b: Four): void {
  put(RED, select(mask, got(RED), r));
  put(GREEN, select(mask, got(GREEN), g));
  put(BLUE, select(mask, got(BLUE), b));
}
