import { daylight, writeSample } from '../light';
import { litBy, type Scene, type SceneSample } from '../scene';
import { createHit, hitBox, type Box } from '../solid';
import { cellRandom, fractalNoise, smoothstep } from '../texture';

/** A long dark shed seen from its dark end: racks of drying salt, and a door into the sun. Metres, floor at 0. */
const EYE_M = 1.6;
const ROOM = { x0: -3.4, x1: 3.4, y1: 3.9, z0: -1.5, z1: 11 } as const;
const DOOR = { x0: -0.75, x1: 0.95, y1: 2.35 } as const;
const DOOR_X = (DOOR.x0 + DOOR.x1) / 2;
const DOOR_AREA = (DOOR.x1 - DOOR.x0) * DOOR.y1;

/** Luminance of the sunlit salt yard outside, and the mean of what the door lets in, cd/m2. */
const YARD_L = 9200;
const DOOR_MEAN_L = 6800;
/** Light thrown about inside, lux at the door's end; it halves every 3.6 m. */
const ROOM_LX = 250;

const SUN = daylight(5400);
const SKY = daylight(11000);
const INSIDE = daylight(5800);

const rack = (x0: number, x1: number, y: number, z0: number, z1: number): Box => ({
  x0,
  x1,
  y0: y,
  y1: y + 0.13,
  z0,
  z1,
});

/** Trays of salt in two tiers on both sides, and the posts that carry them and the roof. */
const TRAYS: readonly Box[] = [
  rack(-3.1, -1.55, 0.75, 2.6, 5.6),
  rack(-3.1, -1.55, 1.75, 2.6, 5.6),
  rack(-3.1, -1.55, 0.75, 6.4, 9.8),
  rack(-3.1, -1.55, 1.75, 6.4, 9.8),
  rack(1.75, 3.1, 0.75, 3.4, 6.4),
  rack(1.75, 3.1, 1.75, 3.4, 6.4),
  rack(1.75, 3.1, 0.75, 7.2, 10),
];
const post = (x: number, z: number): Box => ({
  x0: x - 0.09,
  x1: x + 0.09,
  y0: 0,
  y1: ROOM.y1,
  z0: z - 0.09,
  z1: z + 0.09,
});
const POSTS: readonly Box[] = [
  post(-1.45, 2.5),
  post(-1.45, 6),
  post(-1.45, 9.9),
  post(1.65, 3.3),
  post(1.65, 6.8),
  post(1.65, 10.1),
];
const BEAMS: readonly Box[] = [2.5, 6, 9.4].map((z) => ({
  x0: ROOM.x0,
  x1: ROOM.x1,
  y0: 3.05,
  y1: 3.3,
  z0: z - 0.12,
  z1: z + 0.12,
}));

const hit = createHit();
const rgb = new Float64Array(3);
const albedo = new Float64Array(3);
function setAlbedo(r: number, g: number, b: number): void {
  albedo[0] = r;
  albedo[1] = g;
  albedo[2] = b;
}

/** Lux at a point inside: the door as a source of area, and what the room throws about. */
function illuminance(x: number, y: number, z: number, nx: number, ny: number, nz: number): number {
  let lux = 0;
  // Low and high half of the door, so that what lies close to it is lit smoothly.
  for (let k = 0; k < 2; k++) {
    const lx = DOOR_X - x;
    const ly = DOOR.y1 * (0.25 + 0.5 * k) - y;
    const lz = ROOM.z1 - z;
    const d2 = lx * lx + ly * ly + lz * lz + DOOR_AREA / (2 * Math.PI);
    const d = Math.sqrt(d2);
    const facing = (nx * lx + ny * ly + nz * lz) / d;
    if (facing > 0) lux += (DOOR_MEAN_L * (DOOR_AREA / 2) * facing * (lz / d)) / d2;
  }
  const corner = smoothstep(0, 0.6, ROOM.y1 - y) * 0.85 + 0.15;
  return (
    0.35 * lux + ROOM_LX * 2 ** ((z - ROOM.z1) / 3.6) * (0.35 + 0.65 * (1 - 0.6 * ny)) * corner
  );
}

/** The yard behind the door: trodden salt in the sun, a far heap, sky. */
function outside(dx: number, dy: number, dz: number, footprintRad: number): number {
  const t = dy < 0 ? -EYE_M / dy : Infinity;
  const ridge = 0.09 * (1 - Math.abs(dx / dz - 0.05) / 0.12);
  if (dy < ridge && dy > -0.02) {
    const rough = fractalNoise(dx * 40, dy * 40, 0.8, 5, footprintRad * 40);
    for (let c = 0; c < 3; c++) rgb[c] = YARD_L * (0.8 + 0.16 * rough) * SUN[c];
    return 28;
  }
  if (t < 200) {
    const x = t * dx;
    const z = t * dz;
    const tread = fractalNoise(x, z, 0.7, 6, footprintRad * t);
    const level = YARD_L * (0.9 + 0.22 * tread);
    for (let c = 0; c < 3; c++) rgb[c] = level * SUN[c];
    return t;
  }
  for (let c = 0; c < 3; c++) rgb[c] = 3600 * (0.6 * SKY[c] + 0.4);
  return Infinity;
}

function surfaces(
  x: number,
  y: number,
  z: number,
  kind: 'tray' | 'wood' | 'wall' | 'floor',
  f: number,
): void {
  if (kind === 'tray') {
    if (hit.ny > 0) {
      const salt = 0.72 + 0.12 * fractalNoise(x, z, 0.12, 6, f);
      setAlbedo(salt, salt * 0.985, salt * 0.96);
      return;
    }
    const grain = fractalNoise(z * 0.5, y * 8, 0.3, 5, f);
    setAlbedo(0.17 + 0.05 * grain, 0.125 + 0.04 * grain, 0.08 + 0.03 * grain);
  } else if (kind === 'wood') {
    const grain = fractalNoise((x + z) * 7, y, 0.5, 5, f * 2);
    setAlbedo(0.11 + 0.04 * grain, 0.085 + 0.03 * grain, 0.06 + 0.02 * grain);
  } else if (kind === 'floor') {
    const plank = Math.floor(x / 0.22);
    const seam = Math.abs(x / 0.22 - plank - 0.5) > 0.47 ? 0.4 : 1;
    const tone = (0.75 + 0.5 * cellRandom(plank, 1, 3)) * seam;
    const spilt = 0.4 * smoothstep(0.15, 0.55, fractalNoise(x + 4, z, 0.9, 6, f));
    setAlbedo(0.15 * tone + spilt, 0.115 * tone + spilt, 0.08 * tone + spilt * 0.97);
  } else {
    const board = Math.floor((hit.nx !== 0 ? z : x) / 0.19);
    const tone = 0.65 + 0.7 * cellRandom(board, 3, 9);
    const grain = fractalNoise(board * 3 + z, y * 0.6, 0.4, 5, f * 2);
    setAlbedo(
      0.062 * tone + 0.015 * grain,
      0.05 * tone + 0.012 * grain,
      0.038 * tone + 0.01 * grain,
    );
  }
}

function sample(dx: number, dy: number, dz: number, footprintRad: number, out: SceneSample): void {
  hit.t = Infinity;
  let kind: 'tray' | 'wood' | 'wall' | 'floor' = 'wall';
  for (const box of TRAYS) if (hitBox(box, 0, EYE_M, 0, dx, dy, dz, hit)) kind = 'tray';
  for (const box of POSTS) if (hitBox(box, 0, EYE_M, 0, dx, dy, dz, hit)) kind = 'wood';
  for (const box of BEAMS) if (hitBox(box, 0, EYE_M, 0, dx, dy, dz, hit)) kind = 'wood';
  // The room itself is met from inside: the nearest far plane.
  const tx = ((dx > 0 ? ROOM.x1 : ROOM.x0) - 0) / dx;
  const ty = ((dy > 0 ? ROOM.y1 : 0) - EYE_M) / dy;
  const tz = ((dz > 0 ? ROOM.z1 : ROOM.z0) - 0) / dz;
  const shell = Math.min(Math.abs(tx), Math.abs(ty), Math.abs(tz));
  if (shell < hit.t) {
    const x = shell * dx;
    const y = EYE_M + shell * dy;
    const atEnd = shell === Math.abs(tz) && dz > 0;
    if (atEnd && x > DOOR.x0 && x < DOOR.x1 && y < DOOR.y1) {
      const t = outside(dx, dy, dz, footprintRad);
      writeSample(out, rgb[0], rgb[1], rgb[2], t);
      return;
    }
    hit.t = shell;
    hit.nx = shell === Math.abs(tx) ? -Math.sign(dx) : 0;
    hit.ny = shell === Math.abs(ty) ? -Math.sign(dy) : 0;
    hit.nz = shell === Math.abs(tz) ? -Math.sign(dz) : 0;
    kind = hit.ny > 0 ? 'floor' : 'wall';
  }
  const { t, nx, ny, nz } = hit;
  const x = t * dx;
  const y = EYE_M + t * dy;
  const z = t * dz;
  surfaces(x, y, z, kind, footprintRad * t);
  const level = illuminance(x, y, z, nx, ny, nz) / Math.PI;
  const facing = Math.abs(dx * nx + dy * ny + dz * nz);
  writeSample(
    out,
    albedo[0] * level * INSIDE[0],
    albedo[1] * level * INSIDE[1],
    albedo[2] * level * INSIDE[2],
    t,
    albedo[1] * facing,
  );
}

/** Dark inside, bright door: fourteen stops from the boards to the yard. */
export const dryingShed: Scene = {
  id: 'drying-shed',
  name: 'Drying shed',
  ...litBy({ locus: 'daylight', kelvin: 5800 }),
  framing: { yawRad: 0.02, pitchRad: 0.03 },
  description: 'Salt drying in the dark and a door into the sun: decide which of them to keep.',
  stated: {
    what: 'the salt yard behind the door',
    yawRad: Math.atan2(DOOR_X, ROOM.z1),
    pitchRad: -0.068,
    halfAngleRad: 0.042,
    luminance: 0.9 * YARD_L,
  },
  subject: null,
  sample,
};
