import { cellRandom, fractalNoise, smoothstep, valueNoise } from '../texture';
import { background, HAZE, HAZE_L } from './background';
import { shadeMatt } from './shade';
import { solids, sunAt } from './solids';
import { shadeEarth, sparkle } from './surfaces';

const NEAR_PAN = { from: 3.9, to: 11.2 } as const;
const YARD_END = 24;

const bed = new Float64Array(3);
const mirrored = new Float64Array(3);

/** What a level point of the ground is made of, 0 = water .. 1 = land, with the salt crust between. */
function landShare(x: number, z: number, footprint: number): number {
  const wave = 0.22 * fractalNoise(x * 0.8, z, 1.7, 5, footprint);
  if (z < NEAR_PAN.to + 2) {
    const near = NEAR_PAN.from + 0.35 * Math.sin(x * 0.37) + wave;
    const far = NEAR_PAN.to + 0.2 * Math.sin(x * 0.21 + 1) + wave;
    return z < near ? near - z : z > far ? z - far : -Math.min(z - near, far - z);
  }
  if (z < YARD_END) return 1;
  const row = ((z - YARD_END) % 11) - 9.4;
  const column = Math.abs((((x + 400) % 17) + 17) % 17) - 15.6;
  return Math.max(row, column) + wave * 0.6;
}

/** Level ground: brine, salt crust, trodden earth, with the air before it. */
export function shadeGround(
  x: number,
  z: number,
  dx: number,
  dy: number,
  dz: number,
  t: number,
  footprintRad: number,
  rgb: Float64Array,
): void {
  // A level surface is seen foreshortened: the footprint is long. Average over its geometric mean.
  const footprint = footprintRad * t * Math.sqrt(Math.min(30, 1 / Math.max(0.02, -dy)));
  const land = landShare(x, z, footprint);
  if (land < 0) {
    shadeBrine(x, z, dx, dy, dz, t, footprintRad, footprint, -land, rgb);
  } else {
    const sun = sunAt(x, 0.02, z);
    const yard = z > NEAR_PAN.to && z < YARD_END ? 0.95 : 0.42;
    const margin = smoothstep(0.5, 0.05, land + 0.25 * valueNoise(x * 2.1, z * 2.1));
    shadeEarth(x, z, sun, footprint, Math.max(yard, margin), rgb);
    if (margin > 0.6 || yard > 0.9) sparkle(x, z, footprint, sun, rgb);
  }
  const air = 1 - Math.exp(-t / 900);
  for (let c = 0; c < 3; c++) rgb[c] += (HAZE_L * HAZE[c] - rgb[c]) * air;
}

function shadeBrine(
  x: number,
  z: number,
  dx: number,
  dy: number,
  dz: number,
  t: number,
  footprintRad: number,
  footprint: number,
  depth: number,
  rgb: Float64Array,
): void {
  const e = 0.03;
  const h = ripple(x, z, footprint);
  const nx = (h - ripple(x + e, z, footprint)) / e;
  const nz = (h - ripple(x, z + e, footprint)) / e;
  const m = 1 / Math.sqrt(nx * nx + 1 + nz * nz);
  const facing = Math.max(0.02, -(dx * nx + dy + dz * nz) * m);
  // Schlick's approximation of Fresnel reflection for brine (n = 1.38).
  const mirror = 0.026 + 0.974 * (1 - facing) ** 5;
  const rx = dx + 2 * facing * nx * m;
  const ry = Math.max(0.004, dy + 2 * facing * m);
  const rz = dz + 2 * facing * nz * m;
  const length = Math.sqrt(rx * rx + ry * ry + rz * rz);
  const hit = solids(
    x,
    0.001,
    z,
    rx / length,
    ry / length,
    rz / length,
    footprintRad * 2,
    mirrored,
  );
  if (hit === Infinity)
    background(rx / length, ry / length, rz / length, footprintRad * 3, mirrored);
  const shade = sunAt(x, 0, z);
  const silt = 0.8 + 0.35 * fractalNoise(x, z, 1.1, 4, footprint);
  const crust = smoothstep(0.9, 0, depth) * 0.3;
  bed[0] = 0.21 * silt + crust;
  bed[1] = 0.135 * silt + crust;
  bed[2] = 0.115 * silt + crust;
  shadeMatt(bed, 0, 1, 0, shade, 1, rgb);
  for (let c = 0; c < 3; c++) rgb[c] = rgb[c] * (1 - mirror) * 0.8 + mirrored[c] * mirror;
  brineGlint(x, z, t, footprint, shade, rgb);
}

/** Points of the chop that mirror the sun for an instant; more of them where the ripples run high. */
function brineGlint(
  x: number,
  z: number,
  t: number,
  footprint: number,
  sunlit: number,
  rgb: Float64Array,
): void {
  if (sunlit < 0.5) return;
  const cell = 0.16;
  const ix = Math.floor(x / cell);
  const iz = Math.floor(z / cell);
  const patch = smoothstep(0.1, 0.5, valueNoise(x * 0.6, z * 0.35));
  if (cellRandom(ix, iz, 12) > 0.035 * patch) return;
  const cx = (ix + 0.3 + 0.4 * cellRandom(ix, iz, 13)) * cell;
  const cz = (iz + 0.3 + 0.4 * cellRandom(ix, iz, 14)) * cell;
  const size = 0.004;
  const radius = Math.max(size, 1.2 * footprint);
  const d2 = (x - cx) ** 2 + ((z - cz) / (0.25 * t)) ** 2;
  if (d2 > radius * radius) return;
  const light = 3e6 * (size / radius) ** 2;
  for (let c = 0; c < 3; c++) rgb[c] += light;
}

const ripple = (x: number, z: number, footprint: number): number =>
  0.0035 * fractalNoise(x * 0.6, z * 1.6, 0.5, 4, footprint);
