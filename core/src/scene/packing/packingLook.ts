import {
  abs,
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
  same,
  select,
  sqrt,
  sub,
  type Four,
} from '../rays/four';
import { atan2, dot, fractalNoise, onlyWhere, setLight, smoothstep } from '../rays/functions';
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
import { clearHit, hitCylinder, keepHit } from '../rays/solid';
import { glassGlint, jarAlbedo, JAR_X, JAR_Z, meetJar } from './jar';
import {
  BENCH_Y,
  LAMP_X,
  LAMP_Y,
  LAMP_Z,
  CARD_X,
  CARD_Y,
  CARD_Z,
  CARD_REFLECTANCE,
  CARD_LX,
} from './place';

/**
 * A bench by lamplight: jars of salt between 0.3 and 1 m away and a grey card. Metres; the camera
 * is the origin, the bench lies below it.
 */
const WALL_Z = 1.45;
const CARD_HALF_WIDTH = 0.055;
const CARD_HALF_HEIGHT = 0.075;
const LEAN = 0.16;
const COS_LEAN = Math.cos(LEAN);
const CARD_NY = Math.sin(LEAN);
const CARD_NZ = -COS_LEAN;
/**
 * A fine cross printed in its middle: something to focus on. Half its length and half a line's
 * width.
 */
const CROSS_HALF_LENGTH = 0.009;
const CROSS_HALF_WIDTH = 0.0004;
const CROSS_REFLECTANCE = 0.04;

const ROOM_LX = 14;

/** Lux a surface facing the lamp would get at a metre, so that the card gets what is stated. */
const TO_LAMP_X = LAMP_X - CARD_X;
const TO_LAMP_Y = LAMP_Y - CARD_Y;
const TO_LAMP_Z = LAMP_Z - CARD_Z;
const TO_LAMP_2 = TO_LAMP_X * TO_LAMP_X + TO_LAMP_Y * TO_LAMP_Y + TO_LAMP_Z * TO_LAMP_Z;
const TO_LAMP_FACING = (TO_LAMP_Y * CARD_NY + TO_LAMP_Z * CARD_NZ) / Math.sqrt(TO_LAMP_2);
const LAMP_CD = ((CARD_LX - ROOM_LX) * TO_LAMP_2) / TO_LAMP_FACING;

/** Share of the lamp that a shaded point gets. */
const LIT = OWN + 5;

/** Shade of a jar between a point and the lamp. */
function shadeOfJar(
  x: number,
  z: number,
  radius: number,
  height: number,
  fill: number,
  px: Four,
  py: Four,
  pz: Four,
  y: Four,
  dx: Four,
  dy: Four,
  dz: Four,
): void {
  const where = hitCylinder(x, z, radius, BENCH_Y, BENCH_Y + height, px, py, pz, dx, dy, dz);
  if (!any(where)) return;
  // Glass over salt lets a little through at the top.
  const through = select(less(k(BENCH_Y + fill), y), k(0.55), k(0.06));
  put(LIT, select(both(where, less(k(0), got(LIT))), through, got(LIT)));
}

/** Distance along a ray to the card, or Infinity. */
function hitCard(ox: Four, oy: Four, oz: Four, dx: Four, dy: Four, dz: Four): Four {
  const facing = add(mul(dy, k(CARD_NY)), mul(dz, k(CARD_NZ)));
  const away = add(mul(sub(k(CARD_Y), oy), k(CARD_NY)), mul(sub(k(CARD_Z), oz), k(CARD_NZ)));
  const t = div(away, facing);
  const along = mul(sub(add(oy, mul(t, dy)), k(CARD_Y)), k(1 / COS_LEAN));
  const across = abs(sub(add(ox, mul(t, dx)), k(CARD_X)));
  const inside = both(less(across, k(CARD_HALF_WIDTH)), less(abs(along), k(CARD_HALF_HEIGHT)));
  return select(both(less(k(0.001), t), inside), t, k(Infinity));
}

/** Lux arriving at a point with this normal: lamp, unless something stands before it, and room. */
function illuminance(x: Four, y: Four, z: Four, nx: Four, ny: Four, nz: Four): Four {
  const lx = sub(k(LAMP_X), x);
  const ly = sub(k(LAMP_Y), y);
  const lz = sub(k(LAMP_Z), z);
  const d = sqrt(dot(lx, ly, lz, lx, ly, lz));
  const facing = div(dot(nx, ny, nz, lx, ly, lz), d);
  const faces = less(k(0), facing);
  if (!any(faces)) return k(ROOM_LX);
  const ox = add(x, mul(k(0.002), nx));
  const oy = add(y, mul(k(0.002), ny));
  const oz = add(z, mul(k(0.002), nz));
  const dx = div(lx, d);
  const dy = div(ly, d);
  const dz = div(lz, d);
  clearHit();
  put(HIT_T, d);
  put(LIT, select(less(hitCard(ox, oy, oz, dx, dy, dz), d), k(0), k(1)));
  shadeOfJar(-0.085, 0.34, 0.038, 0.115, 0.085, ox, oy, oz, y, dx, dy, dz);
  shadeOfJar(0.115, 0.47, 0.04, 0.125, 0.1, ox, oy, oz, y, dx, dy, dz);
  shadeOfJar(-0.2, 0.62, 0.043, 0.13, 0.11, ox, oy, oz, y, dx, dy, dz);
  shadeOfJar(0.3, 0.78, 0.045, 0.14, 0.1, ox, oy, oz, y, dx, dy, dz);
  shadeOfJar(-0.34, 0.95, 0.046, 0.14, 0.115, ox, oy, oz, y, dx, dy, dz);
  shadeOfJar(0.13, 1.05, 0.048, 0.145, 0.12, ox, oy, oz, y, dx, dy, dz);
  const lamp = div(mul(mul(k(LAMP_CD), facing), got(LIT)), mul(d, d));
  return add(k(ROOM_LX), select(faces, lamp, k(0)));
}

/** Share of a pixel that a line of the cross covers, `across` its middle. */
function lineCover(across: Four, along: Four, footprint: Four): Four {
  const inside = add(div(sub(k(CROSS_HALF_WIDTH), abs(across)), footprint), k(0.5));
  const most = min(k(1), div(k(2 * CROSS_HALF_WIDTH), footprint));
  const cover = min(most, max(k(0), inside));
  return select(less(k(CROSS_HALF_LENGTH), abs(along)), k(0), cover);
}

function cardAlbedo(x: Four, y: Four, footprint: Four): void {
  const u = sub(x, k(CARD_X));
  const v = mul(sub(y, k(CARD_Y)), k(1 / COS_LEAN));
  const line = max(lineCover(u, v, footprint), lineCover(v, u, footprint));
  const grey = add(k(CARD_REFLECTANCE), mul(line, k(CROSS_REFLECTANCE - CARD_REFLECTANCE)));
  setLight(grey, grey, grey);
}

function benchAlbedo(x: Four, z: Four, footprint: Four): void {
  const planks = add(mul(z, k(1 / 0.14)), k(0.3));
  const plank = floor(planks);
  const off = abs(sub(sub(planks, plank), k(0.5)));
  const seam = select(less(k(0.485), off), k(0.45), k(1));
  const gx = add(mul(x, k(0.9)), mul(plank, k(7)));
  const grain = fractalNoise(gx, mul(z, k(12)), 0.16, 6, mul(footprint, k(3)));
  const pores = fractalNoise(mul(x, k(1.5)), mul(z, k(9)), 0.012, 5, mul(footprint, k(2)));
  const plain = add(k(0.75), mul(k(0.3), cellRandom(plank, k(2), 5)));
  const tone = mul(add(add(plain, mul(k(0.28), grain)), mul(k(0.3), pores)), seam);
  const spots = fractalNoise(add(x, k(3)), add(z, k(8)), 0.2, 5, footprint);
  const dust = mul(k(0.3), smoothstep(0.2, 0.6, spots));
  setLight(
    add(mul(k(0.3), tone), dust),
    add(mul(k(0.19), tone), dust),
    add(mul(k(0.105), tone), dust),
  );
}

function wallAlbedo(x: Four, y: Four, footprint: Four): void {
  const lime = add(k(0.5), mul(k(0.06), fractalNoise(x, y, 0.3, 6, footprint)));
  const stain = fractalNoise(add(x, k(5)), add(y, k(1)), 0.7, 4, footprint);
  const damp = mul(k(0.06), smoothstep(0.1, 0.7, stain));
  setLight(sub(lime, damp), sub(mul(lime, k(0.97)), damp), sub(mul(lime, k(0.9)), damp));
}

/** The bench along four rays from the camera. */
export function look(dx: Four, dy: Four, dz: Four, footprintRad: Four): void {
  clearHit();
  meetJar(-0.085, 0.34, 0.038, 0.115, 0.085, dx, dy, dz);
  meetJar(0.115, 0.47, 0.04, 0.125, 0.1, dx, dy, dz);
  meetJar(-0.2, 0.62, 0.043, 0.13, 0.11, dx, dy, dz);
  meetJar(0.3, 0.78, 0.045, 0.14, 0.1, dx, dy, dz);
  meetJar(-0.34, 0.95, 0.046, 0.14, 0.115, dx, dy, dz);
  meetJar(0.13, 1.05, 0.048, 0.145, 0.12, dx, dy, dz);
  const jar = got(HIT_T);
  const bench = select(less(dy, k(0)), div(k(BENCH_Y), dy), k(Infinity));
  const wall = select(less(k(0), dz), div(k(WALL_Z), dz), k(Infinity));
  const card = hitCard(k(0), k(0), k(0), dx, dy, dz);
  const flat = min(bench, min(wall, card));
  const onFlat = less(flat, jar);
  const t = min(flat, jar);
  const away = same(t, k(Infinity));
  const onJar = not(either(onFlat, away));
  const onBench = both(onFlat, same(t, bench));
  const onCard = except(both(onFlat, same(t, card)), onBench);
  const onWall = except(except(onFlat, onBench), onCard);
  keepHit(
    onFlat,
    flat,
    k(0),
    select(onBench, k(1), select(onCard, k(CARD_NY), k(0))),
    select(onBench, k(0), select(onCard, k(CARD_NZ), k(-1))),
  );
  const nx = got(HIT_NX);
  const ny = got(HIT_NY);
  const nz = got(HIT_NZ);
  const x = mul(t, dx);
  const y = mul(t, dy);
  const z = mul(t, dz);
  const footprint = mul(footprintRad, t);
  let gloss = k(0);
  setLight(k(0), k(0), k(0));
  if (any(onJar)) {
    const around = atan2(sub(x, got(JAR_X)), sub(got(JAR_Z), z));
    jarAlbedo(y, around, footprint);
    const curved = except(onJar, less(k(0), ny));
    gloss = select(curved, glassGlint(x, y, z, dx, dy, dz), k(0));
  }
  if (any(onBench)) {
    const r = got(RED);
    const g = got(GREEN);
    const b = got(BLUE);
    benchAlbedo(x, z, footprint);
    onlyWhere(onBench, r, g, b);
  }
  if (any(onCard)) {
    const r = got(RED);
    const g = got(GREEN);
    const b = got(BLUE);
    cardAlbedo(x, y, footprint);
    onlyWhere(onCard, r, g, b);
  }
  if (any(onWall)) {
    const r = got(RED);
    const g = got(GREEN);
    const b = got(BLUE);
    wallAlbedo(x, y, footprint);
    onlyWhere(onWall, r, g, b);
  }
  const level = mul(illuminance(x, y, z, nx, ny, nz), k(1 / Math.PI));
  const facing = abs(dot(dx, dy, dz, nx, ny, nz));
  const green = got(GREEN);
  // Nothing is met behind the camera but the dark room.
  setLight(
    mul(select(away, k(0.4), add(mul(got(RED), level), gloss)), got(WHITE_R)),
    mul(select(away, k(0.4), add(mul(green, level), gloss)), got(WHITE_G)),
    mul(select(away, k(0.4), add(mul(got(BLUE), level), gloss)), got(WHITE_B)),
  );
  put(DISTANCE, select(away, k(3), t));
  put(REFLECTANCE, select(away, k(0), mul(green, facing)));
}
