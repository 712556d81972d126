import { daylightChromaticity } from '../../colour/illuminants';
import { daylight, writeSample } from '../light';
import type { Scene, SceneSample } from '../scene';
import { cellRandom, fractalNoise, smoothstep, valueNoise } from '../texture';
import { footRadius, hitHeap, type Heap } from './heap';
import { shadeMatt, SUN } from './shade';
import { hitShed, SHED, type ShedHit } from './shed';
import { skyAt } from './sky';
import {
  inDoorway,
  shadeBoards,
  shadeDoorway,
  shadeEarth,
  shadeSalt,
  shadeTiles,
  sparkle,
} from './surfaces';

const EYE_M = 1.65;

const HEAPS: readonly Heap[] = [
  { x: 1.3, z: 17.5, height: 4.3, slope: 0.72, round: 0.35 },
  { x: -7.6, z: 25, height: 4.0, slope: 0.7, round: 0.4 },
  { x: -16.2, z: 33, height: 4.2, slope: 0.71, round: 0.4 },
  { x: -26.5, z: 43, height: 4.1, slope: 0.69, round: 0.45 },
  { x: 22, z: 46, height: 4.2, slope: 0.7, round: 0.4 },
];

/** Mooring posts in the near pan; metres. */
const POSTS = [
  { x: -2.35, z: 6.6, radius: 0.065, height: 0.95 },
  { x: -2.0, z: 7.4, radius: 0.06, height: 0.8 },
  { x: -1.68, z: 8.3, radius: 0.06, height: 0.88 },
] as const;

/** Directions (sine of elevation) between which heaps can be seen, from the camera or mirrored in the near pan. */
const HEAP_BAND = { low: -0.16, high: 0.45 } as const;

const NEAR_PAN = { from: 3.9, to: 11.2 } as const;
const YARD_END = 24;
const FAR_END = 420;

const HILL = daylight(8200);
const HAZE_L = 4900;
const HAZE = daylight(7000);

const rgb = new Float64Array(3);
const other = new Float64Array(3);
const shedHit: ShedHit = { t: Infinity, nx: 0, ny: 0, nz: 0, roof: false };

/** Share of the sun that reaches a point: 0 behind a heap or the shed. */
function sunAt(x: number, y: number, z: number): number {
  for (const heap of HEAPS) if (hitHeap(heap, x, y, z, SUN[0], SUN[1], SUN[2]) < Infinity) return 0;
  hitShed(x, y, z, SUN[0], SUN[1], SUN[2], probe);
  return probe.t < Infinity ? 0 : 1;
}
const probe: ShedHit = { t: Infinity, nx: 0, ny: 0, nz: 0, roof: false };

/** Nearest heap, shed or post along a ray, shaded into `rgb`; returns the distance or Infinity. */
function solids(
  ox: number,
  oy: number,
  oz: number,
  dx: number,
  dy: number,
  dz: number,
  footprintRad: number,
): number {
  let t = Infinity;
  let heap: Heap | null = null;
  // A ragged outline: rays wobble by a fraction of a degree before they meet the smooth cone.
  if (dy > HEAP_BAND.low && dy < HEAP_BAND.high) {
    const wobble = 0.0035 * fractalNoise(dx * 40, dy * 40, 0.9, 6, footprintRad * 40);
    for (const h of HEAPS) {
      const hit = hitHeap(h, ox, oy, oz, dx, dy + wobble, dz);
      if (hit < t) {
        t = hit;
        heap = h;
      }
    }
  }
  hitShed(ox, oy, oz, dx, dy, dz, shedHit);
  let post = -1;
  if (oz < 9)
    for (let i = 0; i < POSTS.length; i++) {
      const hit = hitPost(i, ox, oy, oz, dx, dy, dz);
      if (hit < Math.min(t, shedHit.t)) {
        t = hit;
        post = i;
      }
    }
  if (post >= 0) shadePost(post, ox + t * dx, oy + t * dy, oz + t * dz, footprintRad * t);
  else if (shedHit.t < t) {
    t = shedHit.t;
    shadeShed(ox + t * dx, oy + t * dy, oz + t * dz, footprintRad * t);
  } else if (heap) shadeHeap(heap, ox + t * dx, oy + t * dy, oz + t * dz, footprintRad * t);
  return t;
}

function shadeHeap(h: Heap, x: number, y: number, z: number, footprint: number): void {
  const px = x - h.x;
  const pz = z - h.z;
  const rho = Math.sqrt(px * px + pz * pz + h.round * h.round);
  const nx = (h.slope * px) / rho;
  const nz = (h.slope * pz) / rho;
  const m = Math.sqrt(nx * nx + 1 + nz * nz);
  const sun = sunAt(x + 0.05 * SUN[0], y + 0.05, z + 0.05 * SUN[2]);
  // Arc length at the foot as the coordinate around the heap; the seam faces away from the camera.
  const around = Math.atan2(-px, -pz) * footRadius(h) * 0.6 + h.x * 10;
  const down = Math.sqrt((px * px + pz * pz) * (1 + h.slope * h.slope));
  const foot = smoothstep(0, 0.5, y) * 0.25 + 0.75;
  shadeSalt(around, down, nx / m, 1 / m, nz / m, sun, foot, footprint, rgb);
}

function shadeShed(x: number, y: number, z: number, footprint: number): void {
  const { nx, ny, nz, roof } = shedHit;
  if (roof) {
    const facing = nx * SUN[0] + ny * SUN[1] > 0 ? 1 : 0;
    const middle = (SHED.x0 + SHED.x1) / 2;
    shadeTiles(z, Math.abs(x - middle) * 1.22, nx, ny, facing, footprint, rgb);
    return;
  }
  if (nz !== 0 && inDoorway(x, y)) {
    shadeDoorway(y, rgb);
    return;
  }
  const along = nz !== 0 ? x : z;
  const sun = sunAt(x + 0.05 * nx + 0.02 * SUN[0], y + 0.02, z + 0.05 * nz);
  shadeBoards(along, y, nx, nz, sun, footprint, rgb);
}

function hitPost(
  i: number,
  ox: number,
  oy: number,
  oz: number,
  dx: number,
  dy: number,
  dz: number,
): number {
  const { x, z, radius, height } = POSTS[i];
  const px = ox - x;
  const pz = oz - z;
  const a = dx * dx + dz * dz;
  const b = px * dx + pz * dz;
  const disc = b * b - a * (px * px + pz * pz - radius * radius);
  if (disc <= 0) return Infinity;
  const t = (-b - Math.sqrt(disc)) / a;
  const y = oy + t * dy;
  return t > 1e-3 && y >= 0 && y <= height ? t : Infinity;
}

const postAlbedo = new Float64Array(3);

function shadePost(i: number, x: number, y: number, z: number, footprint: number): void {
  const { x: px, z: pz, radius, height } = POSTS[i];
  const nx = (x - px) / radius;
  const nz = (z - pz) / radius;
  const grain = fractalNoise(Math.atan2(nx, -nz) * 0.5, y * 0.12, 0.09, 5, footprint);
  const crust = smoothstep(0.28, 0.06, y + 0.06 * grain);
  const worn = 0.16 + 0.1 * grain + 0.12 * smoothstep(height - 0.05, height, y);
  postAlbedo[0] = worn * 1.1 + (0.66 - worn) * crust;
  postAlbedo[1] = worn * 0.97 + (0.65 - worn) * crust;
  postAlbedo[2] = worn * 0.82 + (0.63 - worn) * crust;
  shadeMatt(postAlbedo, nx, 0.05, nz, 1, 0.9, rgb);
}

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

function shadeGround(
  x: number,
  z: number,
  dx: number,
  dy: number,
  dz: number,
  t: number,
  footprintRad: number,
): void {
  // A level surface is seen foreshortened: the footprint is long. Average over its geometric mean.
  const footprint = footprintRad * t * Math.sqrt(Math.min(30, 1 / Math.max(0.02, -dy)));
  const land = landShare(x, z, footprint);
  if (land < 0) {
    shadeBrine(x, z, dx, dy, dz, t, footprintRad, footprint, -land);
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
  const hit = solids(x, 0.001, z, rx / length, ry / length, rz / length, footprintRad * 2);
  if (hit === Infinity) background(rx / length, ry / length, rz / length, footprintRad * 3);
  other.set(rgb);
  const shade = sunAt(x, 0, z);
  const silt = 0.8 + 0.35 * fractalNoise(x, z, 1.1, 4, footprint);
  const crust = smoothstep(0.9, 0, depth) * 0.3;
  bed[0] = 0.21 * silt + crust;
  bed[1] = 0.135 * silt + crust;
  bed[2] = 0.115 * silt + crust;
  shadeMatt(bed, 0, 1, 0, shade, 1, rgb);
  for (let c = 0; c < 3; c++) rgb[c] = rgb[c] * (1 - mirror) * 0.8 + other[c] * mirror;
  brineGlint(x, z, t, footprint, shade);
}
const bed = new Float64Array(3);

/** Points of the chop that mirror the sun for an instant; more of them where the ripples run high. */
function brineGlint(x: number, z: number, t: number, footprint: number, sunlit: number): void {
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

/** Sky with two ridges of far hills before it. */
function background(dx: number, dy: number, dz: number, footprintRad: number): void {
  if (dy < 0.075) {
    const azimuth = Math.atan2(dx, dz);
    const near = 0.012 + 0.016 * fractalNoise(azimuth + 12, 5, 0.55, 7, footprintRad);
    if (dy < near) {
      hill(0.62, azimuth, dy, footprintRad);
      return;
    }
    const far = 0.026 + 0.03 * fractalNoise(azimuth + 3, 0, 0.55, 7, footprintRad);
    if (dy < far) {
      hill(0.8, azimuth, dy, footprintRad);
      return;
    }
  }
  skyAt(dx, dy, dz, footprintRad, rgb);
}

function hill(air: number, azimuth: number, elevation: number, footprintRad: number): void {
  const wood = 1 + 0.5 * fractalNoise(azimuth * 3, elevation * 9, 0.05, 6, footprintRad * 3);
  const ground = 1400 * wood;
  rgb[0] = ground * 0.72 * (1 - air) + HAZE_L * 0.82 * HILL[0] * air;
  rgb[1] = ground * 0.92 * (1 - air) + HAZE_L * 0.82 * HILL[1] * air;
  rgb[2] = ground * 0.8 * (1 - air) + HAZE_L * 0.82 * HILL[2] * air;
}

/** White salt heaps in the sun, brine with glints, a dark shed, sky: contrast no single setting forgives. */
export const pansAtNoon: Scene = {
  id: 'pans-at-noon',
  name: 'Pans at noon',
  white: daylightChromaticity(5400),
  framing: { yawRad: 0.05, pitchRad: 0.0 },
  description: 'White salt in full sun beside a black shed: keep texture in the salt.',
  sample(dx: number, dy: number, dz: number, footprintRad: number, out: SceneSample): void {
    let t = solids(0, EYE_M, 0, dx, dy, dz, footprintRad);
    const ground = dy < 0 ? -EYE_M / dy : Infinity;
    if (ground < t && ground < FAR_END) {
      t = ground;
      shadeGround(t * dx, t * dz, dx, dy, dz, t, footprintRad);
    } else if (t === Infinity) {
      background(dx, dy, dz, footprintRad);
    }
    writeSample(out, rgb[0], rgb[1], rgb[2], t);
  },
};
