import {
  abs,
  add,
  any,
  atMost,
  both,
  div,
  got,
  k,
  less,
  mul,
  put,
  select,
  sub,
  type Four,
  type Mask,
} from '../rays/four';
import { SHED_NX, SHED_NY, SHED_NZ, SHED_ROOF, SHED_T } from './registers';
import { SHED_MIDDLE, SHED_X0, SHED_X1, SHED_Z0 } from './place';

const SHED_Z1 = 31;
const EAVES = 3;
const RIDGE = 5.1;
const OVERHANG = 0.45;

const HALF = (SHED_X1 - SHED_X0) / 2;
const ROOF_SLOPE = (RIDGE - EAVES) / HALF;
const ROOF_LENGTH = Math.sqrt(1 + ROOF_SLOPE * ROOF_SLOPE);
/** Of a circle about its plan. */
const BOUNDS = 6.4;

/** Nearest hit of a ray with the shed, by the registers: SHED_T is Infinity where it misses. */
export function hitShed(ox: Four, oy: Four, oz: Four, dx: Four, dy: Four, dz: Four): void {
  put(SHED_T, k(Infinity));
  const cx = sub(k(SHED_MIDDLE), ox);
  const cz = sub(k((SHED_Z0 + SHED_Z1) / 2), oz);
  const across = sub(mul(cx, dz), mul(cz, dx));
  const length2 = add(mul(dx, dx), mul(dz, dz));
  const inBounds = atMost(mul(across, across), mul(k(BOUNDS * BOUNDS), length2));
  if (!any(inBounds)) return;
  hitRoof(-1, inBounds, ox, oy, oz, dx, dy, dz);
  hitRoof(1, inBounds, ox, oy, oz, dx, dy, dz);
  hitFront(inBounds, ox, oy, oz, dx, dy, dz);
  hitSide(SHED_X0, -1, inBounds, ox, oy, oz, dx, dy, dz);
  hitSide(SHED_X1, 1, inBounds, ox, oy, oz, dx, dy, dz);
}

function setHit(where: Mask, t: Four, nx: number, ny: number, nz: number, roof: number): void {
  put(SHED_T, select(where, t, got(SHED_T)));
  put(SHED_NX, select(where, k(nx), got(SHED_NX)));
  put(SHED_NY, select(where, k(ny), got(SHED_NY)));
  put(SHED_NZ, select(where, k(nz), got(SHED_NZ)));
  put(SHED_ROOF, select(where, k(roof), got(SHED_ROOF)));
}

function nearer(t: Four): Mask {
  return both(less(k(0.001), t), less(t, got(SHED_T)));
}

function within(v: Four, from: number, to: number): Mask {
  return both(atMost(k(from), v), atMost(v, k(to)));
}

/** One plane of the roof, y = ridge - |x - middle| * slope, with overhang on all sides. */
function hitRoof(
  side: number,
  inBounds: Mask,
  ox: Four,
  oy: Four,
  oz: Four,
  dx: Four,
  dy: Four,
  dz: Four,
): void {
  const slope = k(side * ROOF_SLOPE);
  const height = sub(sub(k(RIDGE), oy), mul(slope, sub(ox, k(SHED_MIDDLE))));
  const t = div(height, add(dy, mul(slope, dx)));
  const out = mul(sub(add(ox, mul(t, dx)), k(SHED_MIDDLE)), k(side));
  const z = add(oz, mul(t, dz));
  const onPlane = both(
    within(out, 0, HALF + OVERHANG),
    within(z, SHED_Z0 - OVERHANG, SHED_Z1 + OVERHANG),
  );
  const where = both(both(inBounds, nearer(t)), onPlane);
  setHit(where, t, (side * ROOF_SLOPE) / ROOF_LENGTH, 1 / ROOF_LENGTH, 0, 1);
}

/** The front wall with its gable. */
function hitFront(
  inBounds: Mask,
  ox: Four,
  oy: Four,
  oz: Four,
  dx: Four,
  dy: Four,
  dz: Four,
): void {
  const t = div(sub(k(SHED_Z0), oz), dz);
  const x = add(ox, mul(t, dx));
  const y = add(oy, mul(t, dy));
  const roof = sub(k(RIDGE), mul(abs(sub(x, k(SHED_MIDDLE))), k(ROOF_SLOPE)));
  const onWall = both(within(x, SHED_X0, SHED_X1), both(atMost(k(0), y), atMost(y, roof)));
  setHit(both(both(inBounds, nearer(t)), onWall), t, 0, 0, -1, 0);
}

function hitSide(
  plane: number,
  side: number,
  inBounds: Mask,
  ox: Four,
  oy: Four,
  oz: Four,
  dx: Four,
  dy: Four,
  dz: Four,
): void {
  const t = div(sub(k(plane), ox), dx);
  const y = add(oy, mul(t, dy));
  const z = add(oz, mul(t, dz));
  const onWall = both(within(z, SHED_Z0, SHED_Z1), within(y, 0, EAVES));
  setHit(both(both(inBounds, nearer(t)), onWall), t, side, 0, 0, 0);
}
