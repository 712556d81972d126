import { daylight, glow, writeSample } from '../light';
import { litBy, type Scene, type SceneSample } from '../scene';
import { createHit, hitBox, hitCylinder, type Box, type Cylinder } from '../solid';
import { fractalNoise, smoothstep } from '../texture';

/** A small light at the end of a mole, at night. Metres, sea level 0. */
const EYE_M = 2.2;
const KELVIN = 2750;
const LAMP = glow(KELVIN);
const NIGHT = daylight(6000);

const MOLE: Box = { x0: -40, x1: 6.5, y0: -1, y1: 1.3, z0: 25, z1: 29 };
const TOWER: Cylinder = { x: 2.6, z: 27, radius: 1.05, y0: 1.3, y1: 6.2 };
const GALLERY: Cylinder = { x: 2.6, z: 27, radius: 1.45, y0: 6.2, y1: 6.5 };
const LANTERN: Cylinder = { x: 2.6, z: 27, radius: 0.8, y0: 6.5, y1: 8.3 };
const CAP: Cylinder = { x: 2.6, z: 27, radius: 0.95, y0: 8.3, y1: 8.75 };

/** Luminance of the lantern's glass in cd/m2: between the rings, and at the brightest of the middle one. */
const GLASS_L = 95;
const BULL_EYE_L = 520;
/** Luminous intensity towards the shore in candela: mean luminance times the lantern's face. */
const LAMP_CD = 600;
/** Night sky overhead, and the glow of a far town along the horizon, cd/m2. */
const SKY_L = 0.0035;
const TOWN_L = 0.03;
/** What the sky gives the ground, lux. */
const NIGHT_LX = 0.02;

const hit = createHit();
const rgb = new Float64Array(3);

/** The lens of the lantern: prisms in rings around a bull's eye, behind dark glazing bars. */
function lanternLight(around: number, height: number, f: number): void {
  const v = height - 0.9;
  const bar = Math.abs(((around * 4) / Math.PI + 20.5) % 1) - 0.5;
  const inBar = Math.abs(bar) * LANTERN.radius < 0.028 + f * 0.3 ? 0.03 : 1;
  const r = Math.hypot(around * 0.75, v);
  const ring = 0.5 + 0.5 * Math.cos((2 * Math.PI * r) / 0.21);
  const sharp = smoothstep(0.35, 0.8, ring);
  const eye = Math.exp(-((r / 0.17) ** 2));
  const side = Math.max(0.15, Math.cos(around));
  const level = (GLASS_L + 230 * sharp * Math.exp(-r * 0.8) + (BULL_EYE_L - GLASS_L) * eye) * side;
  const edge = smoothstep(0, 0.06, height) * smoothstep(1.8, 1.74, height);
  for (let c = 0; c < 3; c++) rgb[c] = Math.min(BULL_EYE_L, level) * inBar * edge * LAMP[c];
}

/** Light on a surface: the lantern, and the night sky. */
function lit(
  albedo: number,
  x: number,
  y: number,
  z: number,
  nx: number,
  ny: number,
  nz: number,
): void {
  const lx = LANTERN.x - x;
  const ly = 7.4 - y;
  const lz = LANTERN.z - z;
  const d2 = lx * lx + ly * ly + lz * lz;
  const facing = Math.max(0, (nx * lx + ny * ly + nz * lz) / Math.sqrt(d2));
  // The gallery shades what lies right under the lantern.
  const under = smoothstep(1.2, 2.6, Math.hypot(lx, lz));
  const lamp = (albedo * LAMP_CD * facing * under) / (Math.PI * Math.max(4, d2));
  const night = (albedo * NIGHT_LX * (0.6 + 0.4 * ny)) / Math.PI;
  for (let c = 0; c < 3; c++) rgb[c] = lamp * LAMP[c] + night * NIGHT[c];
}

function sky(dy: number): void {
  const town = TOWN_L * Math.exp(-Math.max(0, dy) * 14);
  for (let c = 0; c < 3; c++) rgb[c] = SKY_L * NIGHT[c] + town * LAMP[c] * 0.8;
}

function sea(x: number, z: number, t: number, dx: number, dy: number, dz: number, f: number): void {
  const swell = fractalNoise(x * 0.7, z, 2.4, 7, f);
  const chop = fractalNoise(x * 0.8 + 9, z, 0.35, 4, f);
  sky(Math.abs(dy) + 0.06 * swell);
  const fresnel = 0.04 + 0.6 * (1 - Math.min(1, -dy)) ** 5;
  for (let c = 0; c < 3; c++) rgb[c] *= fresnel;
  // The lamp's broken reflection: a column of glitter under the lantern.
  const column = (Math.atan2(dx, dz) - Math.atan2(LANTERN.x, LANTERN.z)) * t;
  const spread = 0.35 + 0.035 * t;
  const glitter =
    Math.exp(-((column / spread) ** 2)) *
    smoothstep(0.12, 0.5, chop + 0.3 * swell) *
    smoothstep(6, 24, z) *
    6;
  for (let c = 0; c < 3; c++) rgb[c] += glitter * LAMP[c];
}

/** Height of the rocks on the shore over the sea. */
function rockEdge(x: number, f: number): number {
  return 10.5 + 2.2 * fractalNoise(x, 0, 3.1, 5, f) - 0.25 * Math.abs(x);
}

function rocks(x: number, z: number, f: number): number {
  const e = Math.max(0.02, f);
  const relief = (u: number, w: number): number =>
    0.5 * fractalNoise(u, w, 1.3, 6, f) + 0.12 * fractalNoise(u, w + 7, 0.2, 4, f);
  const here = relief(x, z);
  const nx = -(relief(x + e, z) - here) / e;
  const nz = -(relief(x, z + e) - here) / e;
  const m = Math.sqrt(nx * nx + 1 + nz * nz);
  const albedo = 0.1 * (1 + 0.5 * fractalNoise(x + 2, z, 0.4, 5, f));
  lit(albedo, x, 0.3, z, nx / m, 1 / m, nz / m);
  return albedo;
}

function solid(dx: number, dy: number, dz: number, footprintRad: number): boolean {
  hit.t = Infinity;
  let part: 'mole' | 'tower' | 'lantern' | 'dark' = 'mole';
  hitBox(MOLE, 0, EYE_M, 0, dx, dy, dz, hit);
  if (hitCylinder(TOWER, 0, EYE_M, 0, dx, dy, dz, hit)) part = 'tower';
  if (hitCylinder(GALLERY, 0, EYE_M, 0, dx, dy, dz, hit)) part = 'dark';
  if (hitCylinder(LANTERN, 0, EYE_M, 0, dx, dy, dz, hit)) part = 'lantern';
  if (hitCylinder(CAP, 0, EYE_M, 0, dx, dy, dz, hit)) part = 'dark';
  if (hit.t === Infinity) return false;
  const x = hit.t * dx;
  const y = EYE_M + hit.t * dy;
  const z = hit.t * dz;
  const f = footprintRad * hit.t;
  if (part === 'lantern') {
    lanternLight(Math.atan2(x - LANTERN.x, LANTERN.z - z), y - LANTERN.y0, f);
    return true;
  }
  const stone = 1 + 0.4 * fractalNoise(x, y * 2 + z, 0.6, 6, f);
  const albedo = part === 'tower' ? 0.5 * stone : part === 'dark' ? 0.03 : 0.16 * stone;
  lit(albedo, x, y, z, hit.nx, hit.ny, hit.nz);
  return true;
}

function sample(dx: number, dy: number, dz: number, footprintRad: number, out: SceneSample): void {
  const found = solid(dx, dy, dz, footprintRad);
  const ground = dy < 0 ? -EYE_M / dy : Infinity;
  let t = hit.t;
  let reflectance = found ? 0.2 : 0;
  if (ground < t && ground < 3000) {
    t = ground;
    const x = ground * dx;
    const z = ground * dz;
    const f = footprintRad * ground;
    if (z < rockEdge(x, f)) reflectance = rocks(x, z, f) * -dy;
    else {
      sea(x, z, ground, dx, dy, dz, f);
      reflectance = 0;
    }
  } else if (!found) sky(dy);
  writeSample(out, rgb[0], rgb[1], rgb[2], t, reflectance);
}

const STATED_PITCH = 0.55;

/** One small, bright lamp with structure in it, and dark rocks. */
export const harbourLight: Scene = {
  id: 'harbour-light',
  name: 'Harbour light at night',
  ...litBy({ locus: 'planckian', kelvin: KELVIN }),
  framing: { yawRad: 0.04, pitchRad: 0.09 },
  description: 'One small lamp at night: keep the rings of its lens, let the rocks go dark.',
  stated: {
    what: 'the night sky over the harbour',
    yawRad: -0.1,
    pitchRad: STATED_PITCH,
    halfAngleRad: 0.05,
    luminance: SKY_L + TOWN_L * 0.8 * Math.exp(-Math.sin(STATED_PITCH) * 14),
  },
  subject: null,
  sample,
};
