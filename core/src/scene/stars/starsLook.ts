import {
  DAY_5200_B,
  DAY_5200_G,
  DAY_5200_R,
  DAY_6000_B,
  DAY_6000_G,
  DAY_6000_R,
  GLOW_2600_B,
  GLOW_2600_G,
  GLOW_2600_R,
} from '../rays/colours';
import {
  abs,
  add,
  any,
  div,
  either,
  except,
  floor,
  got,
  k,
  less,
  max,
  min,
  mul,
  neg,
  not,
  put,
  select,
  sub,
  type Four,
} from '../rays/four';
import {
  atan2,
  dot,
  exp,
  fractalNoise,
  mix,
  onlyWhere,
  setLight,
  smoothstep,
  squared,
} from '../rays/functions';
import { BLUE, DISTANCE, GREEN, RED, REFLECTANCE } from '../rays/registers';
import { AIR_L, TOWN_L } from './place';

const EYE_M = 1.6;

const BAND_L = 0.0019;
/** Illuminance of the whole sky on the ground, lux. */
const SKY_LX = 0.007;

/** Pole of the faint band: it crosses the picture from lower left to upper right. */
const BAND_POLE_X = -0.56;
const BAND_POLE_Y = 0.62;
const BAND_POLE_Z = -0.55;

function nightSky(dx: Four, dy: Four, dz: Four, footprintRad: Four): void {
  const town = mul(k(TOWN_L), exp(mul(max(k(0), dy), k(-9))));
  const off = dot(dx, dy, dz, k(BAND_POLE_X), k(BAND_POLE_Y), k(BAND_POLE_Z));
  let band = mul(k(BAND_L), exp(neg(squared(mul(off, k(1 / 0.13))))));
  const seen = less(k(1e-5), band);
  if (any(seen)) {
    const cx = add(mul(dx, k(3)), k(8));
    const cy = add(mul(dy, k(3)), mul(dz, k(2)));
    const clouds = fractalNoise(cx, cy, 0.6, 6, mul(footprintRad, k(3)));
    const wy = add(mul(dy, k(4)), dz);
    const torn = fractalNoise(mul(dx, k(4)), wy, 0.5, 5, mul(footprintRad, k(4)));
    const rift = mul(smoothstep(0.1, 0.5, torn), exp(neg(squared(mul(off, k(1 / 0.05))))));
    const share = sub(add(k(1), mul(k(0.8), clouds)), mul(k(0.9), rift));
    band = select(seen, mul(band, max(k(0.1), share)), band);
  }
  setLight(
    add(add(k(AIR_L * DAY_5200_R), mul(town, k(GLOW_2600_R))), mul(band, k(DAY_6000_R))),
    add(add(k(AIR_L * DAY_5200_G), mul(town, k(GLOW_2600_G))), mul(band, k(DAY_6000_G))),
    add(add(k(AIR_L * DAY_5200_B), mul(town, k(GLOW_2600_B))), mul(band, k(DAY_6000_B))),
  );
}

/** The highest that heaps and dikes stand: no ray above it asks for the skyline. */
const HIGHEST = 0.15;

/** A heap before the sky: raises the skyline. */
function heap(top: Four, at: number, width: number, height: number, azimuth: Four, f: Four): Four {
  const slope = sub(k(1), mul(abs(sub(azimuth, k(at))), k(1 / width)));
  const covers = less(k(0), slope);
  if (!any(covers)) return top;
  const wide = mul(f, k(6));
  const rough = mul(k(0.006), fractalNoise(mul(azimuth, k(6)), k(height * 50), 0.4, 5, wide));
  const here = add(mul(k(height), min(slope, k(0.92))), rough);
  return select(covers, max(top, here), top);
}

/** Sine of the elevation up to which heaps and dikes stand before the sky. */
function skyline(dx: Four, dz: Four, f: Four): Four {
  const azimuth = atan2(dx, dz);
  const dikes = fractalNoise(add(azimuth, k(3)), k(0), 0.5, 6, f);
  let top = add(k(0.012), mul(k(0.01), dikes));
  top = heap(top, -0.42, 0.26, 0.105, azimuth, f);
  top = heap(top, -0.05, 0.17, 0.065, azimuth, f);
  return heap(top, 0.46, 0.31, 0.125, azimuth, f);
}

/** Dark pans: still brine that mirrors the sky, and dikes. */
function pans(dx: Four, dy: Four, dz: Four, t: Four, footprintRad: Four): void {
  const x = mul(t, dx);
  const z = mul(t, dz);
  const f = mul(footprintRad, t);
  const bend = add(z, mul(k(0.4), fractalNoise(x, k(1), 4, 4, f)));
  const rows = mul(bend, k(1 / 7));
  // What is left of dividing by 7, with the sign of the number.
  const whole = select(less(rows, k(0)), neg(floor(neg(rows))), floor(rows));
  const within = sub(bend, mul(whole, k(7)));
  const dike = smoothstep(0.02, 0.1, sub(abs(sub(within, k(3.5))), k(2.9)));
  const crust = fractalNoise(x, z, 0.8, 6, f);
  const earth = mul(add(k(0.22), mul(k(0.1), crust)), k(SKY_LX / Math.PI));
  nightSky(dx, min(k(1), sub(mul(k(0.01), crust), dy)), dz, footprintRad);
  const up = add(k(1), dy);
  const up2 = mul(up, up);
  const fresnel = add(k(0.05), mul(k(0.95), mul(mul(up2, up2), up)));
  const r = add(mul(got(RED), fresnel), k(0.00012 * DAY_5200_R));
  const g = add(mul(got(GREEN), fresnel), k(0.00012 * DAY_5200_G));
  const b = add(mul(got(BLUE), fresnel), k(0.00012 * DAY_5200_B));
  setLight(
    mix(r, mul(earth, k(DAY_5200_R)), dike),
    mix(g, mul(earth, k(DAY_5200_G)), dike),
    mix(b, mul(earth, k(DAY_5200_B)), dike),
  );
  put(REFLECTANCE, select(less(k(0.5), dike), k(0.25), k(0.02)));
}

/**
 * The pans under the stars along four rays from the camera; the stars themselves are painted over
 * it.
 */
export function look(dx: Four, dy: Four, dz: Four, footprintRad: Four): void {
  let sky = less(k(HIGHEST), dy);
  if (any(not(sky))) sky = less(skyline(dx, dz, footprintRad), dy);
  if (any(sky)) nightSky(dx, dy, dz, footprintRad);
  put(DISTANCE, k(Infinity));
  put(REFLECTANCE, k(0));
  if (!any(not(sky))) return;
  const isHeap = except(less(k(-0.008), dy), sky);
  const ground = not(either(sky, isHeap));
  if (any(isHeap)) {
    const r = got(RED);
    const g = got(GREEN);
    const b = got(BLUE);
    const wide = mul(footprintRad, k(30));
    const rough = fractalNoise(mul(dx, k(30)), mul(dy, k(30)), 0.8, 5, wide);
    const salt = add(k(0.6), mul(k(0.12), rough));
    const level = mul(salt, k((0.5 * SKY_LX) / Math.PI));
    setLight(mul(level, k(DAY_5200_R)), mul(level, k(DAY_5200_G)), mul(level, k(DAY_5200_B)));
    onlyWhere(isHeap, r, g, b);
    put(DISTANCE, select(isHeap, k(45), got(DISTANCE)));
    put(REFLECTANCE, select(isHeap, salt, k(0)));
  }
  if (any(ground)) {
    const r = got(RED);
    const g = got(GREEN);
    const b = got(BLUE);
    const reflectance = got(REFLECTANCE);
    const t = select(ground, div(k(-EYE_M), dy), k(1));
    pans(dx, dy, dz, t, footprintRad);
    onlyWhere(ground, r, g, b);
    put(DISTANCE, select(ground, t, got(DISTANCE)));
    put(REFLECTANCE, select(ground, got(REFLECTANCE), reflectance));
  }
}
