import { DAY_7000_B, DAY_7000_G, DAY_7000_R } from '../rays/colours';
import {
  abs,
  add,
  any,
  atMost,
  both,
  cellRandom,
  div,
  either,
  floor,
  got,
  k,
  less,
  max,
  min,
  mul,
  neg,
  not,
  select,
  sqrt,
  sub,
  valueNoise,
  type Four,
} from '../rays/four';
import {
  dot,
  exp,
  fractalNoise,
  mix,
  onlyWhere,
  setLight,
  sin,
  smoothstep,
  squared,
  addLight,
} from '../rays/functions';
import { BLUE, GREEN, RED } from '../rays/registers';
import { background, HAZE_L } from './background';
import { shadeMatt } from './shade';
import { solids, sunAt } from './solids';
import { shadeEarth, sparkle } from './surfaces';

const NEAR_PAN_FROM = 3.9;
const NEAR_PAN_TO = 11.2;
const YARD_END = 24;

/** What is left of dividing by a length. */
function remainder(v: Four, length: number): Four {
  return sub(v, mul(floor(div(v, k(length))), k(length)));
}

/**
 * What a level point of the ground is made of: below 0 water, above it land, with the salt crust
 * between.
 */
function landShare(x: Four, z: Four, footprint: Four): Four {
  const wave = mul(k(0.22), fractalNoise(mul(x, k(0.8)), z, 1.7, 5, footprint));
  const near = add(add(k(NEAR_PAN_FROM), mul(k(0.35), sin(mul(x, k(0.37))))), wave);
  const bend = sin(add(mul(x, k(0.21)), k(1)));
  const far = add(add(k(NEAR_PAN_TO), mul(k(0.2), bend)), wave);
  const nearPan = max(sub(near, z), sub(z, far));
  const row = sub(remainder(sub(z, k(YARD_END)), 11), k(9.4));
  const column = sub(abs(remainder(add(x, k(400)), 17)), k(15.6));
  const farPans = add(max(row, column), mul(wave, k(0.6)));
  return select(less(z, k(NEAR_PAN_TO + 2)), nearPan, select(less(z, k(YARD_END)), k(1), farPans));
}

/** Level ground: brine, salt crust, trodden earth, with the air before it. */
export function shadeGround(
  x: Four,
  z: Four,
  dx: Four,
  dy: Four,
  dz: Four,
  t: Four,
  footprintRad: Four,
): void {
  // A level surface is seen foreshortened: the footprint is long. Average over its geometric mean.
  const long = sqrt(min(k(30), div(k(1), max(k(0.02), neg(dy)))));
  const footprint = mul(mul(footprintRad, t), long);
  const land = landShare(x, z, footprint);
  const wet = less(land, k(0));
  if (any(not(wet))) shadeLand(x, z, land, footprint);
  if (any(wet)) {
    const r = got(RED);
    const g = got(GREEN);
    const b = got(BLUE);
    shadeBrine(x, z, dx, dy, dz, t, footprintRad, footprint, neg(land));
    onlyWhere(wet, r, g, b);
  }
  const air = sub(k(1), exp(mul(t, k(-1 / 900))));
  setLight(
    mix(got(RED), k(HAZE_L * DAY_7000_R), air),
    mix(got(GREEN), k(HAZE_L * DAY_7000_G), air),
    mix(got(BLUE), k(HAZE_L * DAY_7000_B), air),
  );
}

function shadeLand(x: Four, z: Four, land: Four, footprint: Four): void {
  const sun = sunAt(x, k(0.02), z);
  const inYard = both(less(k(NEAR_PAN_TO), z), less(z, k(YARD_END)));
  const yard = select(inYard, k(0.95), k(0.42));
  const torn = mul(k(0.25), valueNoise(mul(x, k(2.1)), mul(z, k(2.1))));
  const margin = smoothstep(0.5, 0.05, add(land, torn));
  shadeEarth(x, z, sun, footprint, max(yard, margin));
  const salty = either(less(k(0.6), margin), inYard);
  sparkle(x, z, footprint, select(salty, sun, k(0)));
}

function shadeBrine(
  x: Four,
  z: Four,
  dx: Four,
  dy: Four,
  dz: Four,
  t: Four,
  footprintRad: Four,
  footprint: Four,
  depth: Four,
): void {
  const e = 0.03;
  const h = ripple(x, z, footprint);
  const nx = mul(sub(h, ripple(add(x, k(e)), z, footprint)), k(1 / e));
  const nz = mul(sub(h, ripple(x, add(z, k(e)), footprint)), k(1 / e));
  const m = div(k(1), sqrt(add(add(mul(nx, nx), mul(nz, nz)), k(1))));
  const towards = neg(mul(add(add(mul(dx, nx), dy), mul(dz, nz)), m));
  const facing = max(k(0.02), towards);
  // Schlick's approximation of Fresnel reflection for brine (n = 1.38).
  const grazing = sub(k(1), facing);
  const grazing2 = mul(grazing, grazing);
  const mirror = add(k(0.026), mul(k(0.974), mul(mul(grazing2, grazing2), grazing)));
  const twice = mul(mul(k(2), facing), m);
  const rx = add(dx, mul(twice, nx));
  const ry = max(k(0.004), add(dy, twice));
  const rz = add(dz, mul(twice, nz));
  const inverse = div(k(1), sqrt(dot(rx, ry, rz, rx, ry, rz)));
  const ux = mul(rx, inverse);
  const uy = mul(ry, inverse);
  const uz = mul(rz, inverse);
  const hit = less(solids(x, k(0.001), z, ux, uy, uz, mul(footprintRad, k(2))), k(Infinity));
  let mirroredR = got(RED);
  let mirroredG = got(GREEN);
  let mirroredB = got(BLUE);
  if (any(not(hit))) {
    background(ux, uy, uz, mul(footprintRad, k(3)));
    onlyWhere(not(hit), mirroredR, mirroredG, mirroredB);
    mirroredR = got(RED);
    mirroredG = got(GREEN);
    mirroredB = got(BLUE);
  }
  const shade = sunAt(x, k(0), z);
  const silt = add(k(0.8), mul(k(0.35), fractalNoise(x, z, 1.1, 4, footprint)));
  const crust = mul(smoothstep(0.9, 0, depth), k(0.3));
  shadeMatt(
    add(mul(k(0.21), silt), crust),
    add(mul(k(0.135), silt), crust),
    add(mul(k(0.115), silt), crust),
    k(0),
    k(1),
    k(0),
    shade,
    k(1),
  );
  const through = mul(sub(k(1), mirror), k(0.8));
  setLight(
    add(mul(got(RED), through), mul(mirroredR, mirror)),
    add(mul(got(GREEN), through), mul(mirroredG, mirror)),
    add(mul(got(BLUE), through), mul(mirroredB, mirror)),
  );
  brineGlint(x, z, t, footprint, shade);
}

const GLINT_CELL_M = 0.16;
const GLINT_M = 0.004;

/**
 * Points of the chop that mirror the sun for an instant; more of them where the ripples run high.
 */
function brineGlint(x: Four, z: Four, t: Four, footprint: Four, sunlit: Four): void {
  const ix = floor(div(x, k(GLINT_CELL_M)));
  const iz = floor(div(z, k(GLINT_CELL_M)));
  const patch = smoothstep(0.1, 0.5, valueNoise(mul(x, k(0.6)), mul(z, k(0.35))));
  const chosen = atMost(cellRandom(ix, iz, 12), mul(k(0.035), patch));
  const glints = both(atMost(k(0.5), sunlit), chosen);
  if (!any(glints)) return;
  const cx = add(add(ix, k(0.3)), mul(k(0.4), cellRandom(ix, iz, 13)));
  const cz = add(add(iz, k(0.3)), mul(k(0.4), cellRandom(ix, iz, 14)));
  const across = sub(x, mul(cx, k(GLINT_CELL_M)));
  const along = div(sub(z, mul(cz, k(GLINT_CELL_M))), mul(k(0.25), t));
  const radius = max(k(GLINT_M), mul(k(1.2), footprint));
  const near = atMost(add(mul(across, across), mul(along, along)), mul(radius, radius));
  const light = mul(k(3e6), squared(div(k(GLINT_M), radius)));
  addLight(select(both(glints, near), light, k(0)));
}

function ripple(x: Four, z: Four, footprint: Four): Four {
  return mul(k(0.0035), fractalNoise(mul(x, k(0.6)), mul(z, k(1.6)), 0.5, 4, footprint));
}
