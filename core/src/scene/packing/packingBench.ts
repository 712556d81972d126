import { glow, writeSample } from '../light';
import { litBy, type Scene, type SceneSample } from '../scene';
import { createHit, hitCylinder, type Cylinder } from '../solid';
import { cellRandom, fractalNoise, smoothstep, valueNoise } from '../texture';

/**
 * A bench by lamplight: jars of salt between 0.3 and 1 m away and a grey card. Metres; the camera is the origin, the
 * bench lies below it.
 */
const BENCH_Y = -0.2;
const WALL_Z = 1.45;
const LAMP = { x: -0.6, y: 0.26, z: 0.16 } as const;
const KELVIN = 2900;
const LIGHT = glow(KELVIN);

interface Jar extends Cylinder {
  /** Height of the salt over the bench. */
  readonly fill: number;
}

const jar = (x: number, z: number, radius: number, height: number, fill: number): Jar => ({
  x,
  z,
  radius,
  y0: BENCH_Y,
  y1: BENCH_Y + height,
  fill,
});

const JARS: readonly Jar[] = [
  jar(-0.085, 0.34, 0.038, 0.115, 0.085),
  jar(0.115, 0.47, 0.04, 0.125, 0.1),
  jar(-0.2, 0.62, 0.043, 0.13, 0.11),
  jar(0.3, 0.78, 0.045, 0.14, 0.1),
  jar(-0.34, 0.95, 0.046, 0.14, 0.115),
  jar(0.13, 1.05, 0.048, 0.145, 0.12),
];
const LID_M = 0.018;

/** The card leans back a little; half sizes along it. */
const CARD = {
  x: 0.005,
  y: BENCH_Y + 0.077,
  z: 0.68,
  halfWidth: 0.055,
  halfHeight: 0.075,
} as const;
const LEAN = 0.16;
const CARD_NORMAL = { y: Math.sin(LEAN), z: -Math.cos(LEAN) } as const;
const CARD_REFLECTANCE = 0.18;
/** A fine cross printed in its middle: something to focus on. Half its length and half a line's width. */
const CROSS = { halfLength: 0.009, halfWidth: 0.0004, reflectance: 0.04 } as const;

/** Illuminance on the middle of the card in lux, and the light thrown back by the room. */
const CARD_LX = 280;
const ROOM_LX = 14;

/** Lux a surface facing the lamp would get at a metre, so that the card gets what is stated. */
const LAMP_CD = (() => {
  const [lx, ly, lz] = [LAMP.x - CARD.x, LAMP.y - CARD.y, LAMP.z - CARD.z];
  const d2 = lx * lx + ly * ly + lz * lz;
  const facing = (ly * CARD_NORMAL.y + lz * CARD_NORMAL.z) / Math.sqrt(d2);
  return ((CARD_LX - ROOM_LX) * d2) / facing;
})();

const hit = createHit();
const shadow = createHit();

/** Distance along a ray to the card, or Infinity. */
function hitCard(ox: number, oy: number, oz: number, dx: number, dy: number, dz: number): number {
  const facing = dy * CARD_NORMAL.y + dz * CARD_NORMAL.z;
  const t = ((CARD.y - oy) * CARD_NORMAL.y + (CARD.z - oz) * CARD_NORMAL.z) / facing;
  if (!(t > 1e-3)) return Infinity;
  const along = (oy + t * dy - CARD.y) / Math.cos(LEAN);
  const inside =
    Math.abs(ox + t * dx - CARD.x) < CARD.halfWidth && Math.abs(along) < CARD.halfHeight;
  return inside ? t : Infinity;
}

/** Lux arriving at a point with this normal: lamp, unless something stands before it, and room. */
function illuminance(x: number, y: number, z: number, nx: number, ny: number, nz: number): number {
  const lx = LAMP.x - x;
  const ly = LAMP.y - y;
  const lz = LAMP.z - z;
  const d = Math.sqrt(lx * lx + ly * ly + lz * lz);
  const facing = (nx * lx + ny * ly + nz * lz) / d;
  if (facing <= 0) return ROOM_LX;
  const [ox, oy, oz] = [x + 0.002 * nx, y + 0.002 * ny, z + 0.002 * nz];
  shadow.t = d;
  let lit = hitCard(ox, oy, oz, lx / d, ly / d, lz / d) < d ? 0 : 1;
  for (const j of JARS)
    if (lit > 0 && hitCylinder(j, ox, oy, oz, lx / d, ly / d, lz / d, shadow))
      // Glass over salt lets a little through at the top.
      lit = y > j.y0 + j.fill ? 0.55 : 0.06;
  return ROOM_LX + (LAMP_CD * facing * lit) / (d * d);
}

const albedo = new Float64Array(3);
function setAlbedo(r: number, g: number, b: number): void {
  albedo[0] = r;
  albedo[1] = g;
  albedo[2] = b;
}

/** Share of a pixel that a line of the cross covers, `across` its middle. */
const lineCover = (across: number, along: number, footprint: number): number =>
  Math.abs(along) > CROSS.halfLength
    ? 0
    : Math.min(
        1,
        (2 * CROSS.halfWidth) / footprint,
        Math.max(0, (CROSS.halfWidth - Math.abs(across)) / footprint + 0.5),
      );

function cardAlbedo(x: number, y: number, footprint: number): void {
  const [u, v] = [x - CARD.x, (y - CARD.y) / Math.cos(LEAN)];
  const line = Math.max(lineCover(u, v, footprint), lineCover(v, u, footprint));
  const grey = CARD_REFLECTANCE + line * (CROSS.reflectance - CARD_REFLECTANCE);
  setAlbedo(grey, grey, grey);
}

function benchAlbedo(x: number, z: number, footprint: number): void {
  const plank = Math.floor(z / 0.14 + 0.3);
  const seam = Math.abs(z / 0.14 + 0.3 - plank - 0.5) > 0.485 ? 0.45 : 1;
  const grain = fractalNoise(x * 0.9 + plank * 7, z * 12, 0.16, 6, footprint * 3);
  const pores = fractalNoise(x * 1.5, z * 9, 0.012, 5, footprint * 2);
  const tone = (0.75 + 0.3 * cellRandom(plank, 2, 5) + 0.28 * grain + 0.3 * pores) * seam;
  const dust = 0.3 * smoothstep(0.2, 0.6, fractalNoise(x + 3, z + 8, 0.2, 5, footprint));
  setAlbedo(0.3 * tone + dust, 0.19 * tone + dust, 0.105 * tone + dust);
}

function wallAlbedo(x: number, y: number, footprint: number): void {
  const lime = 0.5 + 0.06 * fractalNoise(x, y, 0.3, 6, footprint);
  const damp = 0.06 * smoothstep(0.1, 0.7, fractalNoise(x + 5, y + 1, 0.7, 4, footprint));
  setAlbedo(lime - damp, lime * 0.97 - damp, lime * 0.9 - damp);
}

function jarAlbedo(j: Jar, y: number, around: number, footprint: number): void {
  if (y > j.y1 - LID_M || hit.ny > 0) {
    const rim = 0.85 + 0.15 * Math.cos(around * 60);
    setAlbedo(0.1 * rim, 0.075 * rim, 0.045 * rim);
    return;
  }
  const height = y - j.y0;
  const label = Math.abs(height - j.fill * 0.5) < 0.022 && Math.abs(around) < 1.1;
  if (label) {
    const rule = Math.abs(height - j.fill * 0.5) > 0.018 ? 0.25 : 1;
    const written = Math.floor((height - j.fill * 0.5) / 0.006) % 2 === 0 && Math.abs(around) < 0.8;
    const line =
      written && valueNoise(around * j.radius * 900, Math.floor(height / 0.006)) > 0.1 ? 0.3 : 1;
    setAlbedo(0.62 * rule * line, 0.55 * rule * line, 0.4 * rule * line);
    return;
  }
  if (height > j.fill) {
    setAlbedo(0.16, 0.16, 0.15);
    return;
  }
  const crystals = fractalNoise(around * j.radius, y, 0.004, 4, footprint);
  const salt = 0.74 + 0.1 * crystals;
  setAlbedo(salt, salt * 0.985, salt * 0.96);
}

/** Lamp mirrored in curved glass: a narrow upright streak far brighter than the salt. */
function glassGlint(x: number, y: number, z: number, dx: number, dy: number, dz: number): number {
  const along = dx * hit.nx + dz * hit.nz;
  const rx = dx - 2 * along * hit.nx;
  const rz = dz - 2 * along * hit.nz;
  const lx = LAMP.x - x;
  const ly = LAMP.y - y;
  const lz = LAMP.z - z;
  const d = Math.sqrt(lx * lx + ly * ly + lz * lz);
  const cosine = (rx * lx + dy * ly + rz * lz) / d;
  return cosine < 0.9 ? 0 : 900 * Math.exp((cosine - 1) * 260) + 18 * Math.exp((cosine - 1) * 22);
}

function sample(dx: number, dy: number, dz: number, footprintRad: number, out: SceneSample): void {
  hit.t = Infinity;
  let found: Jar | null = null;
  for (const j of JARS) if (hitCylinder(j, 0, 0, 0, dx, dy, dz, hit)) found = j;
  const bench = dy < 0 ? BENCH_Y / dy : Infinity;
  const wall = dz > 0 ? WALL_Z / dz : Infinity;
  const card = hitCard(0, 0, 0, dx, dy, dz);
  const flat = Math.min(bench, wall, card);
  let t = hit.t;
  let gloss = 0;
  if (flat < t) {
    t = flat;
    found = null;
    hit.nx = 0;
    hit.ny = t === bench ? 1 : t === card ? CARD_NORMAL.y : 0;
    hit.nz = t === bench ? 0 : t === card ? CARD_NORMAL.z : -1;
  }
  if (t === Infinity) {
    writeSample(out, 0.4 * LIGHT[0], 0.4 * LIGHT[1], 0.4 * LIGHT[2], 3);
    return;
  }
  const x = t * dx;
  const y = t * dy;
  const z = t * dz;
  const footprint = footprintRad * t;
  if (found) {
    jarAlbedo(found, y, Math.atan2(x - found.x, found.z - z), footprint);
    gloss = hit.ny > 0 ? 0 : glassGlint(x, y, z, dx, dy, dz);
  } else if (t === card) cardAlbedo(x, y, footprint);
  else if (t === bench) benchAlbedo(x, z, footprint);
  else wallAlbedo(x, y, footprint);
  const level = illuminance(x, y, z, hit.nx, hit.ny, hit.nz) / Math.PI;
  writeSample(
    out,
    (albedo[0] * level + gloss) * LIGHT[0],
    (albedo[1] * level + gloss) * LIGHT[1],
    (albedo[2] * level + gloss) * LIGHT[2],
    t,
    albedo[1] * Math.abs(dx * hit.nx + dy * hit.ny + dz * hit.nz),
  );
}

/** Jars of salt and a grey card under one warm lamp. */
export const packingBench: Scene = {
  id: 'packing-bench',
  name: 'Packing bench',
  ...litBy({ locus: 'planckian', kelvin: KELVIN }),
  framing: { yawRad: 0, pitchRad: -0.16 },
  description: 'Jars and a grey card under one lamp of 2900 K: meter the card, mind the mains.',
  stated: {
    what: 'the grey card',
    yawRad: Math.atan2(CARD.x, CARD.z),
    pitchRad: Math.atan2(CARD.y, CARD.z),
    halfAngleRad: 0.06,
    luminance: (CARD_REFLECTANCE * CARD_LX) / Math.PI,
  },
  subject: null,
  lampModulation: 0.35,
  sample,
};
