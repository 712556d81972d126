import { cellRandom, fractalNoise, smoothstep } from '../texture';
import { shadeMatt } from './shade';
import { SHED } from './shed';

/** Matt materials of the pans. Each writes cd/m2 on BT.709 primaries to `rgb`. Lengths in metres. */

const albedo = new Float64Array(3);
const setAlbedo = (r: number, g: number, b: number): Float64Array => {
  albedo[0] = r;
  albedo[1] = g;
  albedo[2] = b;
  return albedo;
};

/** Raked salt: runnels down the slope, clods, crystals. `u` runs around the heap, `v` down it. */
export function shadeSalt(
  u: number,
  v: number,
  nx: number,
  ny: number,
  nz: number,
  sunlit: number,
  open: number,
  footprint: number,
  rgb: Float64Array,
): void {
  const e = Math.max(0.012, footprint);
  const here = saltRelief(u, v, footprint);
  // The relief's slope tilts the normal around and down the heap.
  const du = (saltRelief(u + e, v, footprint) - here) / e;
  const dv = (saltRelief(u, v + e, footprint) - here) / e;
  const side = Math.sqrt(nx * nx + nz * nz) || 1;
  const tx = nz / side;
  const tz = -nx / side;
  let mx = nx - du * tx + dv * nx * ny * 0.8;
  let my = ny - dv * side * 0.8;
  let mz = nz - du * tz + dv * nz * ny * 0.8;
  const m = Math.sqrt(mx * mx + my * my + mz * mz);
  mx /= m;
  my /= m;
  mz /= m;
  const crystal = fractalNoise(u * 1.3, v, 0.03, 5, footprint);
  const damp = smoothstep(0.15, 0.75, fractalNoise(u + 40, v, 2.2, 3, footprint));
  const base = 0.8 + 0.05 * crystal - 0.1 * damp;
  const hollow = Math.min(1, 0.9 + 2.2 * here);
  shadeMatt(setAlbedo(base, base * 0.985, base * 0.965), mx, my, mz, sunlit, open * hollow, rgb);
  sparkle(u, v, footprint, sunlit, rgb);
}

const saltRelief = (u: number, v: number, footprint: number): number =>
  0.07 * fractalNoise(u * 1.7, v * 0.55, 0.9, 3, footprint) +
  0.035 * fractalNoise(u, v + 9, 0.16, 4, footprint);

/**
 * Crystal facets that happen to mirror the sun: millimetre glints far above the salt's own luminance. A pixel
 * wider than the facet dilutes it, so a longer lens sees fewer, brighter specks.
 */
export function sparkle(
  u: number,
  v: number,
  footprint: number,
  sunlit: number,
  rgb: Float64Array,
): void {
  if (sunlit < 0.5) return;
  const cell = 0.11;
  const iu = Math.floor(u / cell);
  const iv = Math.floor(v / cell);
  if (cellRandom(iu, iv, 3) > 0.045) return;
  const cu = (iu + 0.2 + 0.6 * cellRandom(iu, iv, 4)) * cell;
  const cv = (iv + 0.2 + 0.6 * cellRandom(iu, iv, 5)) * cell;
  const facet = 0.0016;
  const radius = Math.max(facet, 1.2 * footprint);
  const d2 = (u - cu) ** 2 + (v - cv) ** 2;
  if (d2 > radius * radius) return;
  const light = 2.2e6 * cellRandom(iu, iv, 6) ** 2 * (facet / radius) ** 2;
  for (let c = 0; c < 3; c++) rgb[c] += light;
}

/** Trodden earth of a dike with dried salt in its hollows and a stone here and there. */
export function shadeEarth(
  x: number,
  z: number,
  sunlit: number,
  footprint: number,
  saltShare: number,
  rgb: Float64Array,
): void {
  const e = Math.max(0.006, footprint);
  const h = earthRelief(x, z, footprint);
  const hx = (earthRelief(x + e, z, footprint) - h) / e;
  const hz = (earthRelief(x, z + e, footprint) - h) / e;
  const m = Math.sqrt(hx * hx + 1 + hz * hz);
  const tone = 1 + 0.35 * fractalNoise(x + 7, z, 0.5, 5, footprint);
  const crust = saltShare * smoothstep(-0.1, 0.35, fractalNoise(x - 21, z + 3, 0.8, 6, footprint));
  const stone = smoothstep(0.42, 0.5, fractalNoise(x + 2, z + 60, 0.09, 2, footprint));
  const r = (0.3 - 0.06 * stone) * tone;
  const g = (0.235 - 0.02 * stone) * tone;
  const b = (0.165 + 0.03 * stone) * tone;
  const w = 0.62;
  setAlbedo(r + (w - r) * crust, g + (w - g) * crust, b + (w * 0.97 - b) * crust);
  shadeMatt(albedo, -hx / m, 1 / m, -hz / m, sunlit, Math.min(1, 0.92 + 4 * h), rgb);
}

const earthRelief = (x: number, z: number, footprint: number): number =>
  0.03 * fractalNoise(x, z, 0.35, 4, footprint) +
  0.008 * fractalNoise(x, z + 31, 0.05, 3, footprint);

/** Tarred, weathered boards; `a` runs along the wall, `y` up it. */
export function shadeBoards(
  a: number,
  y: number,
  nx: number,
  nz: number,
  sunlit: number,
  footprint: number,
  rgb: Float64Array,
): void {
  const width = 0.19;
  const board = Math.floor(a / width);
  const across = a / width - board;
  const tone = 0.7 + 0.6 * cellRandom(board, 1, 8);
  const grain = fractalNoise(a * 9, y * 0.7, 0.5, 6, footprint * 3);
  const seamWidth = Math.max(0.035, footprint / width);
  const seam = 1 - 0.75 * (1 - smoothstep(0, seamWidth, Math.min(across, 1 - across)));
  const stain = smoothstep(0.9, 0.1, y) * 0.06 * (1 + fractalNoise(a, y, 0.6, 3, footprint));
  const base = 0.052 * tone * (1 + 0.45 * grain);
  setAlbedo(base * 1.12 + stain, base + stain, base * 0.86 + stain);
  shadeMatt(albedo, nx, 0, nz, sunlit, 0.85 * seam, rgb);
  for (let c = 0; c < 3; c++) rgb[c] *= seam;
}

/** Rust-red tiles in rows; `along` runs along the eaves, `down` from ridge to eaves. */
export function shadeTiles(
  along: number,
  down: number,
  nx: number,
  ny: number,
  sunlit: number,
  footprint: number,
  rgb: Float64Array,
): void {
  const row = Math.floor(down / 0.28);
  const shift = row % 2 === 0 ? 0 : 0.11;
  const column = Math.floor((along + shift) / 0.22);
  const within = down / 0.28 - row;
  const edge = smoothstep(0, Math.max(0.16, footprint / 0.28), within);
  const tone =
    0.75 + 0.5 * cellRandom(column, row, 9) + 0.2 * fractalNoise(along, down, 0.3, 4, footprint);
  const bleach = 0.07 * smoothstep(0.1, 0.6, fractalNoise(along, down + 50, 1.4, 3, footprint));
  setAlbedo(0.27 * tone + bleach, 0.125 * tone + bleach, 0.085 * tone + bleach);
  shadeMatt(albedo, nx, ny, 0, sunlit * (0.45 + 0.55 * edge), 0.7 + 0.3 * edge, rgb);
}

/** Middle of the open doorway in the shed's front, and the luminance of the dark behind it in cd/m2. */
export const DOORWAY_X = (SHED.x0 + SHED.x1) / 2 - 0.4;
export const DOORWAY_L = 16;

/** True where the shed's front has its open doorway. */
export const inDoorway = (x: number, y: number): boolean =>
  Math.abs(x - DOORWAY_X) < 1.1 && y < 2.35;

/** Distance from the shed's front at which a doorway point's light comes from the floor inside. */
export function shadeDoorway(y: number, rgb: Float64Array): void {
  const floor = smoothstep(0.9, 0, y);
  const level = DOORWAY_L + 130 * floor * floor;
  rgb[0] = level * 1.08;
  rgb[1] = level;
  rgb[2] = level * 0.84;
}
