import {
  add,
  any,
  both,
  cellRandom,
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
  not,
  put,
  select,
  sub,
  type Four,
  type Mask,
} from '../rays/four';
import { atan2, fractalNoise, onlyWhere, setLight, smoothstep } from '../rays/functions';
import {
  BLUE,
  DISTANCE,
  GREEN,
  HIT_NY,
  HIT_T,
  RED,
  REFLECTANCE,
  WHITE_B,
  WHITE_G,
  WHITE_R,
} from '../rays/registers';
import { clearHit, hitBox } from '../rays/solid';
import { duskSky, DUSK_LX } from './dusk';
import {
  EYE_M,
  POOL_Z0,
  POOL_Z1,
  SHEET_X0,
  SHEET_X1,
  SHEET_Y1,
  WALL_TOP,
  WALL_Z,
  WHEEL_X,
  WHEEL_Y,
} from './place';

/** Light of a matt surface in the dusk. */
function shade(r: Four, g: Four, b: Four, open: number): void {
  const level = k((DUSK_LX * open) / Math.PI);
  setLight(
    mul(mul(r, level), got(WHITE_R)),
    mul(mul(g, level), got(WHITE_G)),
    mul(mul(b, level), got(WHITE_B)),
  );
}

function stone(x: Four, y: Four, f: Four): void {
  const rows = mul(y, k(1 / 0.34));
  const row = floor(rows);
  const half = mul(row, k(0.5));
  const u = add(mul(x, k(1 / 0.62)), sub(half, floor(half)));
  const block = floor(u);
  const across = sub(u, block);
  const joint = either(
    less(min(across, sub(k(1), across)), k(0.02)),
    less(sub(rows, row), k(0.05)),
  );
  const plain = add(k(0.7), mul(k(0.6), cellRandom(block, row, 4)));
  const tone = mul(plain, select(joint, k(0.55), k(1)));
  const coarse = mul(k(0.5), fractalNoise(x, y, 0.3, 6, f));
  const fine = mul(k(0.35), fractalNoise(add(x, k(9)), y, 0.02, 5, f));
  const grain = add(add(k(1), coarse), fine);
  const line = mul(k(0.3), fractalNoise(x, k(3), 0.8, 3, f));
  const wet = sub(k(1), mul(k(0.55), smoothstep(0.8, 0.1, add(y, line))));
  const base = mul(mul(mul(k(0.17), tone), grain), wet);
  shade(mul(base, k(1.05)), base, mul(base, k(0.86)), 0.6);
}

function bank(x: Four, z: Four, f: Four): void {
  const turf = mul(k(0.5), fractalNoise(x, z, 0.5, 7, f));
  const blade = mul(k(0.6), fractalNoise(mul(x, k(3)), z, 0.05, 4, mul(f, k(2))));
  const base = mul(k(0.1), add(add(k(1), turf), blade));
  shade(mul(base, k(0.8)), base, mul(base, k(0.42)), 0.9);
}

function wood(x: Four, y: Four, f: Four): void {
  const grain = fractalNoise(mul(x, k(8)), y, 0.5, 5, mul(f, k(2)));
  const base = mul(k(0.075), add(k(1), mul(k(0.5), grain)));
  shade(mul(base, k(1.1)), mul(base, k(0.92)), mul(base, k(0.7)), 0.7);
}

function timber(
  x0: number,
  x1: number,
  y0: number,
  y1: number,
  z0: number,
  z1: number,
  dx: Four,
  dy: Four,
  dz: Four,
): Mask {
  return hitBox(x0, x1, y0, y1, z0, z1, k(0), k(EYE_M), k(0), dx, dy, dz);
}

/** The wooden gate over the sill, its frame, and the post that carries the wheel's axle. */
function hitTimber(dx: Four, dy: Four, dz: Four): Mask {
  const gate = timber(SHEET_X0 - 0.1, SHEET_X1 + 0.1, SHEET_Y1, 2.5, 6.82, 7, dx, dy, dz);
  const left = timber(SHEET_X0 - 0.32, SHEET_X0 - 0.08, 0, 3.3, 6.75, 7, dx, dy, dz);
  const right = timber(SHEET_X1 + 0.08, SHEET_X1 + 0.32, 0, 3.3, 6.75, 7, dx, dy, dz);
  const beam = timber(SHEET_X0 - 0.5, SHEET_X1 + 0.5, 3.1, 3.34, 6.75, 7, dx, dy, dz);
  const top = WHEEL_Y + 0.18;
  const post = timber(WHEEL_X - 0.13, WHEEL_X + 0.13, -0.2, top, 6.6, 6.85, dx, dy, dz);
  return either(either(gate, either(left, right)), either(beam, post));
}

/** All that keeps still at the sluice along four rays from the camera. */
export function look(dx: Four, dy: Four, dz: Four, footprintRad: Four): void {
  clearHit();
  hitBox(-9, 9, -0.2, WALL_TOP, WALL_Z, WALL_Z + 0.9, k(0), k(EYE_M), k(0), dx, dy, dz);
  const isTimber = hitTimber(dx, dy, dz);
  const hit = got(HIT_T);
  const ground = select(less(dy, k(0)), div(k(-EYE_M), dy), k(Infinity));
  const onGround = less(ground, hit);
  const onSolid = except(less(hit, k(Infinity)), onGround);
  const beyond = not(either(onGround, onSolid));
  let distance = min(ground, hit);
  if (any(beyond)) {
    const ragged = fractalNoise(add(atan2(dx, dz), k(4)), k(1), 0.5, 6, footprintRad);
    const ridge = less(dy, add(k(0.05), mul(k(0.05), ragged)));
    duskSky(dx, max(k(0), dy), dz);
    const r = got(RED);
    const g = got(GREEN);
    const b = got(BLUE);
    shade(k(0.05), k(0.06), k(0.055), 0.8);
    onlyWhere(ridge, r, g, b);
  }
  if (any(onGround)) {
    const r = got(RED);
    const g = got(GREEN);
    const b = got(BLUE);
    const t = select(onGround, ground, k(1));
    const x = mul(t, dx);
    const z = mul(t, dz);
    const f = mul(footprintRad, t);
    const edge = add(k(POOL_Z0), mul(k(0.12), fractalNoise(x, k(2), 1.1, 4, f)));
    const near = less(z, edge);
    const dry = either(near, less(k(POOL_Z1), z));
    bank(x, z, f);
    const bankR = got(RED);
    const bankG = got(GREEN);
    const bankB = got(BLUE);
    shade(k(0.09), k(0.1), k(0.1), 1);
    onlyWhere(not(dry), bankR, bankG, bankB);
    onlyWhere(onGround, r, g, b);
    distance = select(both(onGround, near), mul(t, k(0.9)), distance);
  }
  if (any(onSolid)) {
    const r = got(RED);
    const g = got(GREEN);
    const b = got(BLUE);
    const t = select(onSolid, hit, k(1));
    const x = mul(t, dx);
    const y = add(k(EYE_M), mul(t, dy));
    const f = mul(footprintRad, t);
    const isTop = less(k(0), got(HIT_NY));
    if (any(except(onSolid, isTimber))) stone(x, y, f);
    if (any(except(both(onSolid, isTop), isTimber))) {
      const stoneR = got(RED);
      const stoneG = got(GREEN);
      const stoneB = got(BLUE);
      bank(x, mul(t, dz), f);
      onlyWhere(isTop, stoneR, stoneG, stoneB);
    }
    if (any(both(onSolid, isTimber))) {
      const wallR = got(RED);
      const wallG = got(GREEN);
      const wallB = got(BLUE);
      wood(x, y, f);
      onlyWhere(isTimber, wallR, wallG, wallB);
    }
    onlyWhere(onSolid, r, g, b);
  }
  put(DISTANCE, distance);
  put(REFLECTANCE, select(beyond, k(0), k(0.15)));
}
