import {
  abs,
  add,
  any,
  atMost,
  both,
  div,
  except,
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
import { atan2, fractalNoise, onlyWhere, smoothstep } from '../rays/functions';
import { BLUE, GREEN, RED } from '../rays/registers';
import { footRadius, hitHeap } from './heap';
import {
  HEAP_ROUND,
  HEAP_SLOPE,
  HEAP_T,
  HEAP_TOP,
  HEAP_X,
  HEAP_Z,
  POST_HEIGHT,
  POST_RADIUS,
  POST_T,
  POST_X,
  POST_Z,
  SHED_NX,
  SHED_NY,
  SHED_NZ,
  SHED_ROOF,
  SHED_T,
} from './registers';
import { shadeMatt, SUN_X, SUN_Y, SUN_Z } from './shade';
import { SHED_MIDDLE } from './place';
import { hitShed } from './shed';
import { inDoorway, shadeBoards, shadeDoorway, shadeSalt, shadeTiles } from './surfaces';

/**
 * Directions (sine of elevation) between which heaps can be seen, from the camera or mirrored in
 * the near pan.
 */
const HEAP_BAND_LOW = -0.16;
const HEAP_BAND_HIGH = 0.45;
/** Posts stand nearer than this. */
const POSTS_END = 9;

/** Nearest heap along a ray, by the registers. */
function hitHeaps(ox: Four, oy: Four, oz: Four, dx: Four, dy: Four, dz: Four): void {
  put(HEAP_T, k(Infinity));
  meetHeap(1.3, 17.5, 4.3, 0.72, 0.35, ox, oy, oz, dx, dy, dz);
  meetHeap(-7.6, 25, 4.0, 0.7, 0.4, ox, oy, oz, dx, dy, dz);
  meetHeap(-16.2, 33, 4.2, 0.71, 0.4, ox, oy, oz, dx, dy, dz);
  meetHeap(-26.5, 43, 4.1, 0.69, 0.45, ox, oy, oz, dx, dy, dz);
  meetHeap(22, 46, 4.2, 0.7, 0.4, ox, oy, oz, dx, dy, dz);
}

function meetHeap(
  x: number,
  z: number,
  height: number,
  slope: number,
  round: number,
  ox: Four,
  oy: Four,
  oz: Four,
  dx: Four,
  dy: Four,
  dz: Four,
): void {
  const top = height + slope * round;
  const t = hitHeap(x, z, top, slope, round, ox, oy, oz, dx, dy, dz);
  const nearer = less(t, got(HEAP_T));
  if (!any(nearer)) return;
  put(HEAP_T, select(nearer, t, got(HEAP_T)));
  put(HEAP_X, select(nearer, k(x), got(HEAP_X)));
  put(HEAP_Z, select(nearer, k(z), got(HEAP_Z)));
  put(HEAP_TOP, select(nearer, k(top), got(HEAP_TOP)));
  put(HEAP_SLOPE, select(nearer, k(slope), got(HEAP_SLOPE)));
  put(HEAP_ROUND, select(nearer, k(round), got(HEAP_ROUND)));
}

/** Share of the sun that reaches a point: 0 behind a heap or the shed. */
export function sunAt(x: Four, y: Four, z: Four): Four {
  hitHeaps(x, y, z, k(SUN_X), k(SUN_Y), k(SUN_Z));
  hitShed(x, y, z, k(SUN_X), k(SUN_Y), k(SUN_Z));
  return select(less(min(got(HEAP_T), got(SHED_T)), k(Infinity)), k(0), k(1));
}

/** Nearest mooring post in the near pan along a ray, by the registers. */
function hitPosts(ox: Four, oy: Four, oz: Four, dx: Four, dy: Four, dz: Four): void {
  put(POST_T, k(Infinity));
  if (!any(less(oz, k(POSTS_END)))) return;
  meetPost(-2.35, 6.6, 0.065, 0.95, ox, oy, oz, dx, dy, dz);
  meetPost(-2.0, 7.4, 0.06, 0.8, ox, oy, oz, dx, dy, dz);
  meetPost(-1.68, 8.3, 0.06, 0.88, ox, oy, oz, dx, dy, dz);
}

function meetPost(
  x: number,
  z: number,
  radius: number,
  height: number,
  ox: Four,
  oy: Four,
  oz: Four,
  dx: Four,
  dy: Four,
  dz: Four,
): void {
  const px = sub(ox, k(x));
  const pz = sub(oz, k(z));
  const a = add(mul(dx, dx), mul(dz, dz));
  const b = add(mul(px, dx), mul(pz, dz));
  const c = sub(add(mul(px, px), mul(pz, pz)), k(radius * radius));
  const disc = sub(mul(b, b), mul(a, c));
  const meets = both(less(k(0), disc), less(oz, k(POSTS_END)));
  if (!any(meets)) return;
  const t = div(sub(neg(b), sqrt(max(k(0), disc))), a);
  const y = add(oy, mul(t, dy));
  const onPost = both(atMost(k(0), y), atMost(y, k(height)));
  const ahead = both(less(k(0.001), t), less(t, got(POST_T)));
  const nearer = both(meets, both(ahead, onPost));
  put(POST_T, select(nearer, t, got(POST_T)));
  put(POST_X, select(nearer, k(x), got(POST_X)));
  put(POST_Z, select(nearer, k(z), got(POST_Z)));
  put(POST_RADIUS, select(nearer, k(radius), got(POST_RADIUS)));
  put(POST_HEIGHT, select(nearer, k(height), got(POST_HEIGHT)));
}

/** Nearest heap, shed or post along a ray, and its light; returns the distance or Infinity. */
export function solids(
  ox: Four,
  oy: Four,
  oz: Four,
  dx: Four,
  dy: Four,
  dz: Four,
  footprintRad: Four,
): Four {
  put(HEAP_T, k(Infinity));
  // A ragged outline: rays wobble by a fraction of a degree before they meet the smooth cone.
  const inBand = both(less(k(HEAP_BAND_LOW), dy), less(dy, k(HEAP_BAND_HIGH)));
  if (any(inBand)) {
    const rough = fractalNoise(mul(dx, k(40)), mul(dy, k(40)), 0.9, 6, mul(footprintRad, k(40)));
    hitHeaps(ox, oy, oz, dx, add(dy, mul(k(0.0035), rough)), dz);
    put(HEAP_T, select(inBand, got(HEAP_T), k(Infinity)));
  }
  hitShed(ox, oy, oz, dx, dy, dz);
  hitPosts(ox, oy, oz, dx, dy, dz);
  // Shading asks for the sun, which takes the registers anew.
  const heapT = got(HEAP_T);
  const shedT = got(SHED_T);
  const postT = got(POST_T);
  const t = min(heapT, min(shedT, postT));
  const found = less(t, k(Infinity));
  if (!any(found)) return t;
  const onPost = both(found, same(t, postT));
  const onShed = except(both(found, same(t, shedT)), onPost);
  const onHeap = except(except(found, onPost), onShed);
  const x = add(ox, mul(t, dx));
  const y = add(oy, mul(t, dy));
  const z = add(oz, mul(t, dz));
  const footprint = mul(footprintRad, t);
  const slope = got(HEAP_SLOPE);
  const round = got(HEAP_ROUND);
  const foot = footRadius(got(HEAP_TOP), slope, round);
  const heapX = got(HEAP_X);
  const heapZ = got(HEAP_Z);
  if (any(onShed)) shadeShed(x, y, z, footprint);
  if (any(onHeap)) {
    const r = got(RED);
    const g = got(GREEN);
    const b = got(BLUE);
    shadeHeap(sub(x, heapX), sub(z, heapZ), heapX, slope, round, foot, x, y, z, footprint);
    onlyWhere(onHeap, r, g, b);
  }
  if (any(onPost)) {
    const r = got(RED);
    const g = got(GREEN);
    const b = got(BLUE);
    shadePost(x, y, z, footprint);
    onlyWhere(onPost, r, g, b);
  }
  return t;
}

/** @param px, pz from the heap's axis */
function shadeHeap(
  px: Four,
  pz: Four,
  heapX: Four,
  slope: Four,
  round: Four,
  foot: Four,
  x: Four,
  y: Four,
  z: Four,
  footprint: Four,
): void {
  const r2 = add(mul(px, px), mul(pz, pz));
  const steep = div(slope, sqrt(add(r2, mul(round, round))));
  const nx = mul(steep, px);
  const nz = mul(steep, pz);
  const m = div(k(1), sqrt(add(add(mul(nx, nx), mul(nz, nz)), k(1))));
  const sun = sunAt(add(x, k(0.05 * SUN_X)), add(y, k(0.05)), add(z, k(0.05 * SUN_Z)));
  // Arc length at the foot as the coordinate around the heap; the seam faces away from the camera.
  const angle = atan2(neg(px), neg(pz));
  const around = add(mul(mul(angle, foot), k(0.6)), mul(heapX, k(10)));
  const down = sqrt(mul(r2, add(k(1), mul(slope, slope))));
  const open = add(mul(smoothstep(0, 0.5, y), k(0.25)), k(0.75));
  shadeSalt(around, down, mul(nx, m), m, mul(nz, m), sun, open, footprint);
}

function shadeShed(x: Four, y: Four, z: Four, footprint: Four): void {
  const nx = got(SHED_NX);
  const ny = got(SHED_NY);
  const nz = got(SHED_NZ);
  const roof = less(k(0), got(SHED_ROOF));
  const front = less(nz, k(0));
  const doorway = both(front, inDoorway(x, y));
  if (any(roof)) {
    const facing = less(k(0), add(mul(nx, k(SUN_X)), mul(ny, k(SUN_Y))));
    const down = mul(abs(sub(x, k(SHED_MIDDLE))), k(1.22));
    shadeTiles(z, down, nx, ny, select(facing, k(1), k(0)), footprint);
  }
  if (any(except(not(roof), doorway))) {
    const r = got(RED);
    const g = got(GREEN);
    const b = got(BLUE);
    const sx = add(x, add(mul(k(0.05), nx), k(0.02 * SUN_X)));
    const sun = sunAt(sx, add(y, k(0.02)), add(z, mul(k(0.05), nz)));
    shadeBoards(select(front, x, z), y, nx, nz, sun, footprint);
    onlyWhere(not(roof), r, g, b);
  }
  if (any(doorway)) {
    const r = got(RED);
    const g = got(GREEN);
    const b = got(BLUE);
    shadeDoorway(y);
    onlyWhere(doorway, r, g, b);
  }
}

function shadePost(x: Four, y: Four, z: Four, footprint: Four): void {
  const radius = got(POST_RADIUS);
  const nx = div(sub(x, got(POST_X)), radius);
  const nz = div(sub(z, got(POST_Z)), radius);
  const around = mul(atan2(nx, neg(nz)), k(0.5));
  const grain = fractalNoise(around, mul(y, k(0.12)), 0.09, 5, footprint);
  const crust = smoothstep(0.28, 0.06, add(y, mul(k(0.06), grain)));
  const top = smoothstep(0, 0.05, add(sub(y, got(POST_HEIGHT)), k(0.05)));
  const worn = add(add(k(0.16), mul(k(0.1), grain)), mul(k(0.12), top));
  const r = mul(worn, k(1.1));
  const g = mul(worn, k(0.97));
  const b = mul(worn, k(0.82));
  shadeMatt(
    add(r, mul(sub(k(0.66), worn), crust)),
    add(g, mul(sub(k(0.65), worn), crust)),
    add(b, mul(sub(k(0.63), worn), crust)),
    nx,
    k(0.05),
    nz,
    k(1),
    k(0.9),
  );
}
