import {
  abs,
  add,
  any,
  both,
  div,
  except,
  got,
  k,
  less,
  min,
  mul,
  put,
  select,
  sub,
  type Four,
} from '../rays/four';
import { clamped, mix, onlyWhere, setLight, sin, smoothstep } from '../rays/functions';
import {
  BLUE,
  COVER,
  DISTANCE,
  GREEN,
  RED,
  REFLECTANCE,
  WHITE_B,
  WHITE_G,
  WHITE_R,
} from '../rays/registers';
import { DUSK_LX, duskSky, setDusk } from './dusk';
import { flowNoise } from './flow';
import {
  EYE_M,
  POOL_Z1,
  SHEET_MIDDLE,
  SHEET_X0,
  SHEET_X1,
  SHEET_Y1,
  SHEET_Z,
  WHEEL_X,
  WHEEL_Y,
  WHEEL_Z,
} from './place';
import { wheelCover } from './wheel';

/** Speeds in m/s: water falling over the sill, and the pool running towards the camera. */
const FALL_M_S = 3.6;
const POOL_M_S = 0.9;

/** Reflectances: foam, water a light meets from beside the camera, wet wood. */
const FOAM_R = 0.78;
const WATER_R = 0.02;
const WOOD_R = 0.07;

/** Foam in the dusk: what a white, matt surface sends back, cd/m2. */
const FOAM_L = (FOAM_R * DUSK_LX) / Math.PI;
const WOOD_L = (WOOD_R * DUSK_LX) / Math.PI;

/** A layer's light lies a little nearer than the still surface it replaces. */
const ON_TOP = 0.95;

/** Sets the light of the pool and its reflectance. */
function pool(
  x: Four,
  z: Four,
  dx: Four,
  dy: Four,
  dz: Four,
  f: Four,
  startS: number,
  timeS: number,
): void {
  const travel = POOL_M_S * timeS;
  const moved = POOL_M_S * (startS + timeS / 2);
  const ripple = flowNoise(mul(x, k(1.6)), z, moved, 0.7, 4, f, travel);
  const up = sub(mul(k(0.13), ripple), dy);
  duskSky(dx, abs(up), dz);
  const grazing = sub(k(1), clamped(up));
  const grazing2 = mul(grazing, grazing);
  const fresnel = add(k(0.03), mul(k(0.97), mul(mul(grazing2, grazing2), grazing)));
  // Foam is born under the fall and thins out downstream.
  const beside = smoothstep(2.6, 0.4, abs(sub(x, k(SHEET_MIDDLE))));
  const born = mul(smoothstep(2.4, POOL_Z1, z), beside);
  const foams = less(k(0.02), born);
  let torn = k(0);
  if (any(foams)) torn = select(foams, flowNoise(x, z, moved, 0.45, 4, f, travel), k(0));
  const foam = mul(born, smoothstep(0.05, 0.55, add(mul(k(0.35), born), torn)));
  const share = mul(k(0.85), foam);
  const r = add(mul(got(RED), fresnel), mul(k(0.16), got(WHITE_R)));
  const g = add(mul(got(GREEN), fresnel), mul(k(0.16), got(WHITE_G)));
  const b = add(mul(got(BLUE), fresnel), mul(k(0.16), got(WHITE_B)));
  setLight(
    mix(r, mul(k(FOAM_L), got(WHITE_R)), share),
    mix(g, mul(k(FOAM_L), got(WHITE_G)), share),
    mix(b, mul(k(FOAM_L), got(WHITE_B)), share),
  );
  put(REFLECTANCE, add(k(WATER_R), mul(k(FOAM_R - WATER_R), share)));
}

/** Sets the light of the falling water and its reflectance. */
function sheet(x: Four, y: Four, f: Four, startS: number, timeS: number): void {
  const travel = FALL_M_S * timeS;
  const moved = FALL_M_S * 0.55 * (startS + timeS / 2);
  const strand = flowNoise(mul(x, k(2.6)), mul(y, k(0.55)), moved, 0.5, 6, f, travel);
  const drop = mul(sub(k(SHEET_Y1), y), k(0.35 / SHEET_Y1));
  const white = smoothstep(-0.25, 0.65, add(strand, drop));
  const share = add(k(0.12), mul(k(0.88), white));
  setDusk(mul(share, k(FOAM_L)));
  put(REFLECTANCE, mul(share, k(FOAM_R)));
}

/**
 * Falling water, the pool under it and the turning wheel along four rays, while the shutter is
 * open. Sets COVER, the share of time in which they cover the ray, too.
 */
export function lookMoving(
  dx: Four,
  dy: Four,
  dz: Four,
  footprintRad: Four,
  startS: number,
  timeS: number,
): void {
  const tSheet = div(k(SHEET_Z), dz);
  const y = add(k(EYE_M), mul(tSheet, dy));
  const x = mul(tSheet, dx);
  const tPool = select(less(dy, k(0)), div(k(-EYE_M), dy), k(Infinity));
  const within = both(less(k(SHEET_X0), x), less(x, k(SHEET_X1)));
  const onSheet = both(within, both(less(k(0), y), less(y, k(SHEET_Y1))));
  const onPool = except(less(mul(tPool, dz), k(POOL_Z1)), onSheet);
  put(REFLECTANCE, k(0));
  let cover = k(0);
  let distance = k(Infinity);
  if (any(onPool)) {
    const t = select(onPool, tPool, k(1));
    pool(mul(t, dx), mul(t, dz), dx, dy, dz, mul(footprintRad, t), startS, timeS);
    cover = select(onPool, k(1), cover);
    distance = select(onPool, mul(t, k(ON_TOP)), distance);
  }
  if (any(onSheet)) {
    const r = got(RED);
    const g = got(GREEN);
    const b = got(BLUE);
    const under = got(REFLECTANCE);
    sheet(x, y, mul(footprintRad, tSheet), startS, timeS);
    onlyWhere(onSheet, r, g, b);
    put(REFLECTANCE, select(onSheet, got(REFLECTANCE), under));
    const edge = min(sub(x, k(SHEET_X0)), sub(k(SHEET_X1), x));
    const ragged = add(edge, mul(k(0.03), sin(mul(k(9), y))));
    cover = select(onSheet, mul(k(0.96), smoothstep(0, 0.12, ragged)), cover);
    distance = select(onSheet, mul(tSheet, k(ON_TOP)), distance);
  }
  const tWheel = div(k(WHEEL_Z), dz);
  const wx = sub(mul(tWheel, dx), k(WHEEL_X));
  const wy = sub(add(k(EYE_M), mul(tWheel, dy)), k(WHEEL_Y));
  const ahead = less(tWheel, tPool);
  const turning = wheelCover(wx, wy, mul(footprintRad, tWheel), startS, timeS);
  const wood = select(ahead, turning, k(0));
  const seen = less(k(0), wood);
  if (any(seen)) {
    const behind = mul(sub(k(1), wood), cover);
    const all = add(wood, behind);
    const r = got(RED);
    const g = got(GREEN);
    const b = got(BLUE);
    const level = mul(wood, k(WOOD_L));
    // Where there is nothing behind it, nothing was lit.
    setLight(
      div(add(mul(level, got(WHITE_R)), mul(behind, select(less(k(0), behind), r, k(0)))), all),
      div(add(mul(level, got(WHITE_G)), mul(behind, select(less(k(0), behind), g, k(0)))), all),
      div(add(mul(level, got(WHITE_B)), mul(behind, select(less(k(0), behind), b, k(0)))), all),
    );
    onlyWhere(seen, r, g, b);
    const under = got(REFLECTANCE);
    const mixed = div(add(mul(wood, k(WOOD_R)), mul(behind, under)), all);
    put(REFLECTANCE, select(seen, mixed, under));
    cover = select(seen, all, cover);
    distance = select(seen, tWheel, distance);
  }
  put(DISTANCE, distance);
  put(COVER, cover);
}
