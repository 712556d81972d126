import {
  DAY_11000_B,
  DAY_11000_G,
  DAY_11000_R,
  DAY_5400_B,
  DAY_5400_G,
  DAY_5400_R,
} from '../rays/colours';
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
  neg,
  not,
  put,
  same,
  select,
  sqrt,
  sub,
  type Four,
  type Mask,
} from '../rays/four';
import { dot, exp2, fractalNoise, onlyWhere, setLight, sign, smoothstep } from '../rays/functions';
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
import { clearHit, hitBox, keepHit } from '../rays/solid';
import { DOOR_X, DOOR_X0, DOOR_X1, ROOM_Z1, YARD_L } from './place';

/**
 * A long dark shed seen from its dark end: racks of drying salt, and a door into the sun. Metres,
 * floor at 0.
 */
const EYE_M = 1.6;
const ROOM_X = 3.4;
const ROOM_Y1 = 3.9;
const ROOM_Z0 = -1.5;
const DOOR_Y1 = 2.35;
const DOOR_AREA = (DOOR_X1 - DOOR_X0) * DOOR_Y1;

const DOOR_MEAN_L = 6800;
/** Light thrown about inside, lux at the door's end; it halves every 3.6 m. */
const ROOM_LX = 250;

/** What a ray met: a tray of salt, wood, the room's boards, its floor. */
const TRAY = 0;
const WOOD = 1;
const WALL = 2;
const FLOOR = 3;
const KIND = OWN;

/** Lets a solid be of a kind where it is the nearest. */
function be(kind: number, where: Mask): void {
  put(KIND, select(where, k(kind), got(KIND)));
}

const TRAY_M = 0.13;

function tray(
  x0: number,
  x1: number,
  y: number,
  z0: number,
  z1: number,
  dx: Four,
  dy: Four,
  dz: Four,
): void {
  be(TRAY, hitBox(x0, x1, y, y + TRAY_M, z0, z1, k(0), k(EYE_M), k(0), dx, dy, dz));
}

function post(x: number, z: number, dx: Four, dy: Four, dz: Four): void {
  const where = hitBox(
    x - 0.09,
    x + 0.09,
    0,
    ROOM_Y1,
    z - 0.09,
    z + 0.09,
    k(0),
    k(EYE_M),
    k(0),
    dx,
    dy,
    dz,
  );
  be(WOOD, where);
}

function beam(z: number, dx: Four, dy: Four, dz: Four): void {
  const where = hitBox(
    -ROOM_X,
    ROOM_X,
    3.05,
    3.3,
    z - 0.12,
    z + 0.12,
    k(0),
    k(EYE_M),
    k(0),
    dx,
    dy,
    dz,
  );
  be(WOOD, where);
}

/** Trays of salt in two tiers on both sides, and the posts that carry them and the roof. */
function hitInside(dx: Four, dy: Four, dz: Four): void {
  tray(-3.1, -1.55, 0.75, 2.6, 5.6, dx, dy, dz);
  tray(-3.1, -1.55, 1.75, 2.6, 5.6, dx, dy, dz);
  tray(-3.1, -1.55, 0.75, 6.4, 9.8, dx, dy, dz);
  tray(-3.1, -1.55, 1.75, 6.4, 9.8, dx, dy, dz);
  tray(1.75, 3.1, 0.75, 3.4, 6.4, dx, dy, dz);
  tray(1.75, 3.1, 1.75, 3.4, 6.4, dx, dy, dz);
  tray(1.75, 3.1, 0.75, 7.2, 10, dx, dy, dz);
  post(-1.45, 2.5, dx, dy, dz);
  post(-1.45, 6, dx, dy, dz);
  post(-1.45, 9.9, dx, dy, dz);
  post(1.65, 3.3, dx, dy, dz);
  post(1.65, 6.8, dx, dy, dz);
  post(1.65, 10.1, dx, dy, dz);
  beam(2.5, dx, dy, dz);
  beam(6, dx, dy, dz);
  beam(9.4, dx, dy, dz);
}

/** Lux from half of the door, whose middle is so high. */
function doorLight(height: number, x: Four, y: Four, lz: Four, nx: Four, ny: Four, nz: Four): Four {
  const lx = sub(k(DOOR_X), x);
  const ly = sub(k(height), y);
  const d2 = add(dot(lx, ly, lz, lx, ly, lz), k(DOOR_AREA / (2 * Math.PI)));
  const d = sqrt(d2);
  const facing = max(k(0), div(dot(nx, ny, nz, lx, ly, lz), d));
  return div(mul(mul(k(DOOR_MEAN_L * (DOOR_AREA / 2)), facing), div(lz, d)), d2);
}

/** Lux at a point inside: the door as a source of area, and what the room throws about. */
function illuminance(x: Four, y: Four, z: Four, nx: Four, ny: Four, nz: Four): Four {
  const lz = sub(k(ROOM_Z1), z);
  // Low and high half of the door, so that what lies close to it is lit smoothly.
  const low = doorLight(DOOR_Y1 * 0.25, x, y, lz, nx, ny, nz);
  const high = doorLight(DOOR_Y1 * 0.75, x, y, lz, nx, ny, nz);
  const corner = add(mul(smoothstep(0, 0.6, sub(k(ROOM_Y1), y)), k(0.85)), k(0.15));
  const depth = mul(k(ROOM_LX), exp2(mul(lz, k(-1 / 3.6))));
  const open = add(k(0.35), mul(k(0.65), sub(k(1), mul(k(0.6), ny))));
  return add(mul(k(0.35), add(low, high)), mul(mul(depth, open), corner));
}

/** The yard behind the door: trodden salt in the sun, a far heap, sky. */
function outside(dx: Four, dy: Four, dz: Four, footprintRad: Four): void {
  const ground = select(less(dy, k(0)), div(k(-EYE_M), dy), k(Infinity));
  const slope = sub(k(1), mul(abs(sub(div(dx, dz), k(0.05))), k(1 / 0.12)));
  const onHeap = both(less(dy, mul(k(0.09), slope)), less(k(-0.02), dy));
  const onYard = except(less(ground, k(200)), onHeap);
  let level = k(0);
  if (any(onHeap)) {
    const rough = fractalNoise(mul(dx, k(40)), mul(dy, k(40)), 0.8, 5, mul(footprintRad, k(40)));
    level = mul(k(YARD_L), add(k(0.8), mul(k(0.16), rough)));
  }
  if (any(onYard)) {
    const f = mul(footprintRad, ground);
    const tread = fractalNoise(mul(ground, dx), mul(ground, dz), 0.7, 6, f);
    level = select(onYard, mul(k(YARD_L), add(k(0.9), mul(k(0.22), tread))), level);
  }
  const salt = either(onHeap, onYard);
  setLight(
    select(salt, mul(level, k(DAY_5400_R)), k(3600 * (0.6 * DAY_11000_R + 0.4))),
    select(salt, mul(level, k(DAY_5400_G)), k(3600 * (0.6 * DAY_11000_G + 0.4))),
    select(salt, mul(level, k(DAY_5400_B)), k(3600 * (0.6 * DAY_11000_B + 0.4))),
  );
  put(DISTANCE, select(onHeap, k(28), select(onYard, ground, k(Infinity))));
}

/** Reflectance of what a ray met, as light. */
function surface(kind: Four, x: Four, y: Four, z: Four, f: Four): void {
  const isTray = same(kind, k(TRAY));
  const isWood = same(kind, k(WOOD));
  const isWall = same(kind, k(WALL));
  const isFloor = same(kind, k(FLOOR));
  setLight(k(0), k(0), k(0));
  if (any(isTray)) trayOfSalt(x, y, z, f);
  if (any(isWood)) {
    const r = got(RED);
    const g = got(GREEN);
    const b = got(BLUE);
    const grain = fractalNoise(mul(add(x, z), k(7)), y, 0.5, 5, mul(f, k(2)));
    setLight(
      add(k(0.11), mul(k(0.04), grain)),
      add(k(0.085), mul(k(0.03), grain)),
      add(k(0.06), mul(k(0.02), grain)),
    );
    onlyWhere(isWood, r, g, b);
  }
  if (any(isFloor)) {
    const r = got(RED);
    const g = got(GREEN);
    const b = got(BLUE);
    planks(x, z, f);
    onlyWhere(isFloor, r, g, b);
  }
  if (any(isWall)) {
    const r = got(RED);
    const g = got(GREEN);
    const b = got(BLUE);
    boards(x, y, z, f);
    onlyWhere(isWall, r, g, b);
  }
}

function trayOfSalt(x: Four, y: Four, z: Four, f: Four): void {
  const top = less(k(0), got(HIT_NY));
  const salt = add(k(0.72), mul(k(0.12), fractalNoise(x, z, 0.12, 6, f)));
  const grain = fractalNoise(mul(z, k(0.5)), mul(y, k(8)), 0.3, 5, f);
  setLight(
    select(top, salt, add(k(0.17), mul(k(0.05), grain))),
    select(top, mul(salt, k(0.985)), add(k(0.125), mul(k(0.04), grain))),
    select(top, mul(salt, k(0.96)), add(k(0.08), mul(k(0.03), grain))),
  );
}

function planks(x: Four, z: Four, f: Four): void {
  const across = mul(x, k(1 / 0.22));
  const plank = floor(across);
  const off = abs(sub(sub(across, plank), k(0.5)));
  const seam = select(less(k(0.47), off), k(0.4), k(1));
  const tone = mul(add(k(0.75), mul(k(0.5), cellRandom(plank, k(1), 3))), seam);
  const spilt = mul(k(0.4), smoothstep(0.15, 0.55, fractalNoise(add(x, k(4)), z, 0.9, 6, f)));
  setLight(
    add(mul(k(0.15), tone), spilt),
    add(mul(k(0.115), tone), spilt),
    add(mul(k(0.08), tone), mul(spilt, k(0.97))),
  );
}

function boards(x: Four, y: Four, z: Four, f: Four): void {
  const end = same(got(HIT_NX), k(0));
  const board = floor(mul(select(end, x, z), k(1 / 0.19)));
  const tone = add(k(0.65), mul(k(0.7), cellRandom(board, k(3), 9)));
  const along = add(mul(board, k(3)), z);
  const grain = fractalNoise(along, mul(y, k(0.6)), 0.4, 5, mul(f, k(2)));
  setLight(
    add(mul(k(0.062), tone), mul(k(0.015), grain)),
    add(mul(k(0.05), tone), mul(k(0.012), grain)),
    add(mul(k(0.038), tone), mul(k(0.01), grain)),
  );
}

/** The drying shed along four rays from the camera. */
export function look(dx: Four, dy: Four, dz: Four, footprintRad: Four): void {
  clearHit();
  put(KIND, k(WALL));
  hitInside(dx, dy, dz);
  // The room itself is met from inside: the nearest far plane.
  const tx = abs(div(k(ROOM_X), dx));
  const ty = abs(div(sub(select(less(k(0), dy), k(ROOM_Y1), k(0)), k(EYE_M)), dy));
  const tz = abs(div(select(less(k(0), dz), k(ROOM_Z1), k(ROOM_Z0)), dz));
  const shell = min(tx, min(ty, tz));
  const onShell = less(shell, got(HIT_T));
  const atEnd = both(both(onShell, same(shell, tz)), less(k(0), dz));
  const x0 = mul(shell, dx);
  const y0 = add(k(EYE_M), mul(shell, dy));
  const inFrame = both(both(less(k(DOOR_X0), x0), less(x0, k(DOOR_X1))), less(y0, k(DOOR_Y1)));
  const inDoor = both(atEnd, inFrame);
  if (any(inDoor)) {
    outside(dx, dy, dz, footprintRad);
    if (!any(not(inDoor))) return;
  }
  const r = got(RED);
  const g = got(GREEN);
  const b = got(BLUE);
  const away = got(DISTANCE);
  keepHit(
    onShell,
    shell,
    select(same(shell, tx), neg(sign(dx)), k(0)),
    select(same(shell, ty), neg(sign(dy)), k(0)),
    select(same(shell, tz), neg(sign(dz)), k(0)),
  );
  be(WALL, onShell);
  be(FLOOR, both(onShell, less(k(0), got(HIT_NY))));
  const t = got(HIT_T);
  const nx = got(HIT_NX);
  const ny = got(HIT_NY);
  const nz = got(HIT_NZ);
  const x = mul(t, dx);
  const y = add(k(EYE_M), mul(t, dy));
  const z = mul(t, dz);
  surface(got(KIND), x, y, z, mul(footprintRad, t));
  const level = mul(illuminance(x, y, z, nx, ny, nz), k(1 / Math.PI));
  const facing = abs(dot(dx, dy, dz, nx, ny, nz));
  put(REFLECTANCE, select(inDoor, k(0), mul(got(GREEN), facing)));
  setLight(
    mul(mul(got(RED), level), got(WHITE_R)),
    mul(mul(got(GREEN), level), got(WHITE_G)),
    mul(mul(got(BLUE), level), got(WHITE_B)),
  );
  onlyWhere(not(inDoor), r, g, b);
  put(DISTANCE, select(inDoor, away, t));
}
