import { fractalNoise, smoothstep } from '../texture';
import { footRadius, hitHeap, type Heap } from './heap';
import { shadeMatt, SUN } from './shade';
import { hitShed, SHED, type ShedHit } from './shed';
import { inDoorway, shadeBoards, shadeDoorway, shadeSalt, shadeTiles } from './surfaces';

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

const shedHit: ShedHit = { t: Infinity, nx: 0, ny: 0, nz: 0, roof: false };

/** Share of the sun that reaches a point: 0 behind a heap or the shed. */
export function sunAt(x: number, y: number, z: number): number {
  for (const heap of HEAPS) if (hitHeap(heap, x, y, z, SUN[0], SUN[1], SUN[2]) < Infinity) return 0;
  hitShed(x, y, z, SUN[0], SUN[1], SUN[2], probe);
  return probe.t < Infinity ? 0 : 1;
}
const probe: ShedHit = { t: Infinity, nx: 0, ny: 0, nz: 0, roof: false };

/** Nearest heap, shed or post along a ray, shaded into `rgb`; returns the distance or Infinity. */
export function solids(
  ox: number,
  oy: number,
  oz: number,
  dx: number,
  dy: number,
  dz: number,
  footprintRad: number,
  rgb: Float64Array,
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
  if (post >= 0) shadePost(post, ox + t * dx, oy + t * dy, oz + t * dz, footprintRad * t, rgb);
  else if (shedHit.t < t) {
    t = shedHit.t;
    shadeShed(ox + t * dx, oy + t * dy, oz + t * dz, footprintRad * t, rgb);
  } else if (heap) shadeHeap(heap, ox + t * dx, oy + t * dy, oz + t * dz, footprintRad * t, rgb);
  return t;
}

function shadeHeap(
  h: Heap,
  x: number,
  y: number,
  z: number,
  footprint: number,
  rgb: Float64Array,
): void {
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

function shadeShed(x: number, y: number, z: number, footprint: number, rgb: Float64Array): void {
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

function shadePost(
  i: number,
  x: number,
  y: number,
  z: number,
  footprint: number,
  rgb: Float64Array,
): void {
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
