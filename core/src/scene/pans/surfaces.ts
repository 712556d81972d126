import {
  abs,
  add,
  any,
  atMost,
  both,
  cellRandom,
  div,
  floor,
  k,
  less,
  max,
  min,
  mul,
  neg,
  same,
  select,
  sqrt,
  sub,
  type Four,
  type Mask,
} from '../rays/four';
import {
  clamped,
  dot,
  fractalNoise,
  mix,
  setLight,
  smoothstep,
  squared,
  addLight,
} from '../rays/functions';
import { shadeMatt } from './shade';
import { DOORWAY_L, DOORWAY_X } from './place';

/** Matt materials of the pans: each gives the light they send back. Lengths in metres. */

/** Raked salt: runnels down the slope, clods, crystals. `u` runs around the heap, `v` down it. */
export function shadeSalt(
  u: Four,
  v: Four,
  nx: Four,
  ny: Four,
  nz: Four,
  sunlit: Four,
  open: Four,
  footprint: Four,
): void {
  const e = max(k(0.012), footprint);
  const here = saltRelief(u, v, footprint);
  // The relief's slope tilts the normal around and down the heap.
  const du = div(sub(saltRelief(add(u, e), v, footprint), here), e);
  const dv = div(sub(saltRelief(u, add(v, e), footprint), here), e);
  const length = sqrt(add(mul(nx, nx), mul(nz, nz)));
  const side = select(less(k(0), length), length, k(1));
  const tx = div(nz, side);
  const tz = neg(div(nx, side));
  const tilt = mul(mul(dv, ny), k(0.8));
  const mx = add(sub(nx, mul(du, tx)), mul(tilt, nx));
  const my = sub(ny, mul(mul(dv, side), k(0.8)));
  const mz = add(sub(nz, mul(du, tz)), mul(tilt, nz));
  const m = div(k(1), sqrt(dot(mx, my, mz, mx, my, mz)));
  const crystal = fractalNoise(mul(u, k(1.3)), v, 0.03, 5, footprint);
  const damp = smoothstep(0.15, 0.75, fractalNoise(add(u, k(40)), v, 2.2, 3, footprint));
  const base = sub(add(k(0.8), mul(k(0.05), crystal)), mul(k(0.1), damp));
  const hollow = min(k(1), add(k(0.9), mul(k(2.2), here)));
  shadeMatt(
    base,
    mul(base, k(0.985)),
    mul(base, k(0.965)),
    mul(mx, m),
    mul(my, m),
    mul(mz, m),
    sunlit,
    mul(open, hollow),
  );
  sparkle(u, v, footprint, sunlit);
}

function saltRelief(u: Four, v: Four, footprint: Four): Four {
  const coarse = fractalNoise(mul(u, k(1.7)), mul(v, k(0.55)), 0.9, 3, footprint);
  const fine = fractalNoise(u, add(v, k(9)), 0.16, 4, footprint);
  return add(mul(k(0.07), coarse), mul(k(0.035), fine));
}

const FACET_M = 0.0016;
const FACET_CELL_M = 0.11;

/**
 * Crystal facets that happen to mirror the sun: millimetre glints far above the salt's own
 * luminance. A pixel wider than the facet dilutes it, so a longer lens sees fewer, brighter specks.
 */
export function sparkle(u: Four, v: Four, footprint: Four, sunlit: Four): void {
  const iu = floor(div(u, k(FACET_CELL_M)));
  const iv = floor(div(v, k(FACET_CELL_M)));
  const chosen = atMost(cellRandom(iu, iv, 3), k(0.045));
  const glints = both(atMost(k(0.5), sunlit), chosen);
  if (!any(glints)) return;
  const cu = add(add(iu, k(0.2)), mul(k(0.6), cellRandom(iu, iv, 4)));
  const cv = add(add(iv, k(0.2)), mul(k(0.6), cellRandom(iu, iv, 5)));
  const du = sub(u, mul(cu, k(FACET_CELL_M)));
  const dv = sub(v, mul(cv, k(FACET_CELL_M)));
  const radius = max(k(FACET_M), mul(k(1.2), footprint));
  const near = atMost(add(mul(du, du), mul(dv, dv)), mul(radius, radius));
  const strength = mul(k(2.2e6), squared(cellRandom(iu, iv, 6)));
  const light = mul(strength, squared(div(k(FACET_M), radius)));
  addLight(select(both(glints, near), light, k(0)));
}

/** Trodden earth of a dike with dried salt in its hollows and a stone here and there. */
export function shadeEarth(x: Four, z: Four, sunlit: Four, footprint: Four, saltShare: Four): void {
  const e = max(k(0.006), footprint);
  const h = earthRelief(x, z, footprint);
  const hx = div(sub(earthRelief(add(x, e), z, footprint), h), e);
  const hz = div(sub(earthRelief(x, add(z, e), footprint), h), e);
  const m = div(k(1), sqrt(add(add(mul(hx, hx), mul(hz, hz)), k(1))));
  const shade = fractalNoise(add(x, k(7)), z, 0.5, 5, footprint);
  const tone = add(k(1), mul(k(0.35), shade));
  const salt = fractalNoise(sub(x, k(21)), add(z, k(3)), 0.8, 6, footprint);
  const crust = mul(saltShare, smoothstep(-0.1, 0.35, salt));
  const pebbles = fractalNoise(add(x, k(2)), add(z, k(60)), 0.09, 2, footprint);
  const stone = smoothstep(0.42, 0.5, pebbles);
  const r = mul(sub(k(0.3), mul(k(0.06), stone)), tone);
  const g = mul(sub(k(0.235), mul(k(0.02), stone)), tone);
  const b = mul(add(k(0.165), mul(k(0.03), stone)), tone);
  const open = min(k(1), add(k(0.92), mul(k(4), h)));
  shadeMatt(
    mix(r, k(0.62), crust),
    mix(g, k(0.62), crust),
    mix(b, k(0.62 * 0.97), crust),
    neg(mul(hx, m)),
    m,
    neg(mul(hz, m)),
    sunlit,
    open,
  );
}

function earthRelief(x: Four, z: Four, footprint: Four): Four {
  const coarse = fractalNoise(x, z, 0.35, 4, footprint);
  const fine = fractalNoise(x, add(z, k(31)), 0.05, 3, footprint);
  return add(mul(k(0.03), coarse), mul(k(0.008), fine));
}

const BOARD_M = 0.19;

/** Tarred, weathered boards; `a` runs along the wall, `y` up it. */
export function shadeBoards(
  a: Four,
  y: Four,
  nx: Four,
  nz: Four,
  sunlit: Four,
  footprint: Four,
): void {
  const boards = div(a, k(BOARD_M));
  const board = floor(boards);
  const across = sub(boards, board);
  const tone = add(k(0.7), mul(k(0.6), cellRandom(board, k(1), 8)));
  const grain = fractalNoise(mul(a, k(9)), mul(y, k(0.7)), 0.5, 6, mul(footprint, k(3)));
  const seamWidth = max(k(0.035), div(footprint, k(BOARD_M)));
  const edge = clamped(div(min(across, sub(k(1), across)), seamWidth));
  const step = mul(mul(edge, edge), sub(k(3), add(edge, edge)));
  const seam = sub(k(1), mul(k(0.75), sub(k(1), step)));
  const blotch = add(k(1), fractalNoise(a, y, 0.6, 3, footprint));
  const stain = mul(mul(smoothstep(0.9, 0.1, y), k(0.06)), blotch);
  const base = mul(mul(k(0.052), tone), add(k(1), mul(k(0.45), grain)));
  shadeMatt(
    mul(add(mul(base, k(1.12)), stain), seam),
    mul(add(base, stain), seam),
    mul(add(mul(base, k(0.86)), stain), seam),
    nx,
    k(0),
    nz,
    sunlit,
    mul(k(0.85), seam),
  );
}

const TILE_ROW_M = 0.28;
const TILE_M = 0.22;

/** Rust-red tiles in rows; `along` runs along the eaves, `down` from ridge to eaves. */
export function shadeTiles(
  along: Four,
  down: Four,
  nx: Four,
  ny: Four,
  sunlit: Four,
  footprint: Four,
): void {
  const rows = div(down, k(TILE_ROW_M));
  const row = floor(rows);
  const half = mul(row, k(0.5));
  const shift = select(same(floor(half), half), k(0), k(0.11));
  const column = floor(div(add(along, shift), k(TILE_M)));
  const wide = max(k(0.16), div(footprint, k(TILE_ROW_M)));
  const t = clamped(div(sub(rows, row), wide));
  const edge = mul(mul(t, t), sub(k(3), add(t, t)));
  const grain = mul(k(0.2), fractalNoise(along, down, 0.3, 4, footprint));
  const tone = add(add(k(0.75), mul(k(0.5), cellRandom(column, row, 9))), grain);
  const spots = fractalNoise(along, add(down, k(50)), 1.4, 3, footprint);
  const bleach = mul(k(0.07), smoothstep(0.1, 0.6, spots));
  shadeMatt(
    add(mul(k(0.27), tone), bleach),
    add(mul(k(0.125), tone), bleach),
    add(mul(k(0.085), tone), bleach),
    nx,
    ny,
    k(0),
    mul(sunlit, add(k(0.45), mul(k(0.55), edge))),
    add(k(0.7), mul(k(0.3), edge)),
  );
}

/** Where the shed's front has its open doorway. */
export function inDoorway(x: Four, y: Four): Mask {
  return both(less(abs(sub(x, k(DOORWAY_X))), k(1.1)), less(y, k(2.35)));
}

/** The dark behind the doorway, and the floor inside. */
export function shadeDoorway(y: Four): void {
  const floorShare = smoothstep(0.9, 0, y);
  const level = add(k(DOORWAY_L), mul(k(130), mul(floorShare, floorShare)));
  setLight(mul(level, k(1.08)), level, mul(level, k(0.84)));
}
