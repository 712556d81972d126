import { DAY_6000_B, DAY_6000_G, DAY_6000_R } from '../rays/colours';
import {
  abs,
  add,
  any,
  both,
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
  same,
  select,
  sqrt,
  sub,
  type Four,
} from '../rays/four';
import {
  atan2,
  cos,
  dot,
  exp,
  fractalNoise,
  onlyWhere,
  setLight,
  smoothstep,
  squared,
} from '../rays/functions';
import {
  BLUE,
  DISTANCE,
  GREEN,
  HIT_NX,
  HIT_NY,
  HIT_NZ,
  HIT_T,
  OWN,
  RED,
  REFLECTANCE,
  WHITE_B,
  WHITE_G,
  WHITE_R,
} from '../rays/registers';
import { clearHit, hitBox, hitCylinder } from '../rays/solid';
import { SKY_L, TOWN_L } from './place';

/** A small light at the end of a mole, at night. Metres, sea level 0. */
const EYE_M = 2.2;
/** Axis of the tower. */
const TOWER_X = 2.6;
const TOWER_Z = 27;
const LANTERN_RADIUS = 0.8;
const LANTERN_Y0 = 6.5;
/** Where its lamp hangs. */
const LAMP_Y = 7.4;

/**
 * Luminance of the lantern's glass in cd/m2: between the rings, and at the brightest of the middle
 * one.
 */
const GLASS_L = 95;
const BULL_EYE_L = 520;
/** Luminous intensity towards the shore in candela: mean luminance times the lantern's face. */
const LAMP_CD = 600;
/** What the sky gives the ground, lux. */
const NIGHT_LX = 0.02;

/** What a ray met. */
const MOLE = 0;
const TOWER = 1;
const LANTERN = 2;
const DARK = 3;
const PART = OWN;

/** Sets light in the colours of the lamp and of the night sky. */
function setLit(lamp: Four, night: Four): void {
  setLight(
    add(mul(lamp, got(WHITE_R)), mul(night, k(DAY_6000_R))),
    add(mul(lamp, got(WHITE_G)), mul(night, k(DAY_6000_G))),
    add(mul(lamp, got(WHITE_B)), mul(night, k(DAY_6000_B))),
  );
}

/** The lens of the lantern: prisms in rings around a bull's eye, behind dark glazing bars. */
function lanternLight(around: Four, height: Four, f: Four): void {
  const v = sub(height, k(0.9));
  const bars = add(mul(around, k(4 / Math.PI)), k(20.5));
  const bar = abs(sub(sub(bars, floor(bars)), k(0.5)));
  const inBar = less(mul(bar, k(LANTERN_RADIUS)), add(k(0.028), mul(f, k(0.3))));
  const r = sqrt(add(squared(mul(around, k(0.75))), mul(v, v)));
  const ring = add(k(0.5), mul(k(0.5), cos(mul(r, k((2 * Math.PI) / 0.21)))));
  const sharp = mul(mul(k(230), smoothstep(0.35, 0.8, ring)), exp(mul(r, k(-0.8))));
  const eye = mul(k(BULL_EYE_L - GLASS_L), exp(neg(squared(mul(r, k(1 / 0.17))))));
  const side = max(k(0.15), cos(around));
  const level = min(k(BULL_EYE_L), mul(add(add(k(GLASS_L), sharp), eye), side));
  const edge = mul(smoothstep(0, 0.06, height), smoothstep(1.8, 1.74, height));
  setLit(mul(mul(level, edge), select(inBar, k(0.03), k(1))), k(0));
}

/** Light on a surface: the lantern, and the night sky. */
function lit(albedo: Four, x: Four, y: Four, z: Four, nx: Four, ny: Four, nz: Four): void {
  const lx = sub(k(TOWER_X), x);
  const ly = sub(k(LAMP_Y), y);
  const lz = sub(k(TOWER_Z), z);
  const d2 = dot(lx, ly, lz, lx, ly, lz);
  const facing = max(k(0), div(dot(nx, ny, nz, lx, ly, lz), sqrt(d2)));
  // The gallery shades what lies right under the lantern.
  const under = smoothstep(1.2, 2.6, sqrt(add(mul(lx, lx), mul(lz, lz))));
  const strength = mul(mul(mul(albedo, k(LAMP_CD / Math.PI)), facing), under);
  const open = add(k(0.6), mul(k(0.4), ny));
  setLit(div(strength, max(k(4), d2)), mul(mul(albedo, k(NIGHT_LX / Math.PI)), open));
}

function sky(dy: Four): void {
  const town = mul(k(TOWN_L * 0.8), exp(mul(max(k(0), dy), k(-14))));
  setLit(town, k(SKY_L));
}

function sea(x: Four, z: Four, t: Four, dx: Four, dy: Four, dz: Four, f: Four): void {
  const swell = fractalNoise(mul(x, k(0.7)), z, 2.4, 7, f);
  const chop = fractalNoise(add(mul(x, k(0.8)), k(9)), z, 0.35, 4, f);
  sky(add(abs(dy), mul(k(0.06), swell)));
  const up = sub(k(1), min(k(1), neg(dy)));
  const up2 = mul(up, up);
  const fresnel = add(k(0.04), mul(k(0.6), mul(mul(up2, up2), up)));
  // The lamp's broken reflection: a column of glitter under the lantern.
  const aside = sub(atan2(dx, dz), atan2(k(TOWER_X), k(TOWER_Z)));
  const spread = add(k(0.35), mul(k(0.035), t));
  const column = exp(neg(squared(div(mul(aside, t), spread))));
  const broken = smoothstep(0.12, 0.5, add(chop, mul(k(0.3), swell)));
  const glitter = mul(mul(mul(column, broken), smoothstep(6, 24, z)), k(6));
  setLight(
    add(mul(got(RED), fresnel), mul(glitter, got(WHITE_R))),
    add(mul(got(GREEN), fresnel), mul(glitter, got(WHITE_G))),
    add(mul(got(BLUE), fresnel), mul(glitter, got(WHITE_B))),
  );
}

/** Where the rocks on the shore end. */
function rockEdge(x: Four, f: Four): Four {
  const ragged = mul(k(2.2), fractalNoise(x, k(0), 3.1, 5, f));
  return sub(add(k(10.5), ragged), mul(k(0.25), abs(x)));
}

function relief(x: Four, z: Four, f: Four): Four {
  const coarse = mul(k(0.5), fractalNoise(x, z, 1.3, 6, f));
  return add(coarse, mul(k(0.12), fractalNoise(x, add(z, k(7)), 0.2, 4, f)));
}

/** Returns the rocks' reflectance. */
function rocks(x: Four, z: Four, f: Four): Four {
  const e = max(k(0.02), f);
  const here = relief(x, z, f);
  const nx = div(sub(here, relief(add(x, e), z, f)), e);
  const nz = div(sub(here, relief(x, add(z, e), f)), e);
  const m = div(k(1), sqrt(add(add(mul(nx, nx), mul(nz, nz)), k(1))));
  const grain = fractalNoise(add(x, k(2)), z, 0.4, 5, f);
  const albedo = mul(k(0.1), add(k(1), mul(k(0.5), grain)));
  lit(albedo, x, k(0.3), z, mul(nx, m), m, mul(nz, m));
  return albedo;
}

function cylinder(
  part: number,
  radius: number,
  y0: number,
  y1: number,
  dx: Four,
  dy: Four,
  dz: Four,
): void {
  const where = hitCylinder(TOWER_X, TOWER_Z, radius, y0, y1, k(0), k(EYE_M), k(0), dx, dy, dz);
  put(PART, select(where, k(part), got(PART)));
}

/** The mole and the tower on it: the nearest hit, by the registers. */
function hitSolid(dx: Four, dy: Four, dz: Four): void {
  clearHit();
  put(PART, k(MOLE));
  hitBox(-40, 6.5, -1, 1.3, 25, 29, k(0), k(EYE_M), k(0), dx, dy, dz);
  cylinder(TOWER, 1.05, 1.3, 6.2, dx, dy, dz);
  cylinder(DARK, 1.45, 6.2, 6.5, dx, dy, dz);
  cylinder(LANTERN, LANTERN_RADIUS, LANTERN_Y0, 8.3, dx, dy, dz);
  cylinder(DARK, 0.95, 8.3, 8.75, dx, dy, dz);
}

function shadeSolid(t: Four, dx: Four, dy: Four, dz: Four, footprintRad: Four): void {
  const part = got(PART);
  const x = mul(t, dx);
  const y = add(k(EYE_M), mul(t, dy));
  const z = mul(t, dz);
  const f = mul(footprintRad, t);
  const isLantern = same(part, k(LANTERN));
  if (any(not(isLantern))) {
    const grain = fractalNoise(x, add(mul(y, k(2)), z), 0.6, 6, f);
    const stone = add(k(1), mul(k(0.4), grain));
    const walls = mul(select(same(part, k(TOWER)), k(0.5), k(0.16)), stone);
    const albedo = select(same(part, k(DARK)), k(0.03), walls);
    lit(albedo, x, y, z, got(HIT_NX), got(HIT_NY), got(HIT_NZ));
  }
  if (any(isLantern)) {
    const r = got(RED);
    const g = got(GREEN);
    const b = got(BLUE);
    const around = atan2(sub(x, k(TOWER_X)), sub(k(TOWER_Z), z));
    lanternLight(around, sub(y, k(LANTERN_Y0)), f);
    onlyWhere(isLantern, r, g, b);
  }
}

/** The harbour along four rays from the camera. */
export function look(dx: Four, dy: Four, dz: Four, footprintRad: Four): void {
  hitSolid(dx, dy, dz);
  const hit = got(HIT_T);
  const ground = select(less(dy, k(0)), div(k(-EYE_M), dy), k(Infinity));
  const onGround = both(less(ground, hit), less(ground, k(3000)));
  const onSolid = except(less(hit, k(Infinity)), onGround);
  const beyond = not(either(onGround, onSolid));
  let reflectance = select(onSolid, k(0.2), k(0));
  if (any(beyond)) sky(dy);
  if (any(onSolid)) {
    const r = got(RED);
    const g = got(GREEN);
    const b = got(BLUE);
    shadeSolid(hit, dx, dy, dz, footprintRad);
    onlyWhere(onSolid, r, g, b);
  }
  if (any(onGround)) {
    const t = select(onGround, ground, k(1));
    const x = mul(t, dx);
    const z = mul(t, dz);
    const f = mul(footprintRad, t);
    const onRocks = both(onGround, less(z, rockEdge(x, f)));
    const onSea = except(onGround, onRocks);
    if (any(onRocks)) {
      const r = got(RED);
      const g = got(GREEN);
      const b = got(BLUE);
      reflectance = select(onRocks, mul(rocks(x, z, f), neg(dy)), reflectance);
      onlyWhere(onRocks, r, g, b);
    }
    if (any(onSea)) {
      const r = got(RED);
      const g = got(GREEN);
      const b = got(BLUE);
      sea(x, z, t, dx, dy, dz, f);
      onlyWhere(onSea, r, g, b);
    }
  }
  put(DISTANCE, select(onGround, ground, hit));
  put(REFLECTANCE, reflectance);
}
