import { writeSample } from '../light';
import { RayLayer } from '../moving';
import { litBy, type Scene, type SceneSample } from '../scene';
import { createHit, hitBox, type Box } from '../solid';
import { cellRandom, fractalNoise, smoothstep } from '../texture';
import { DUSK_LX, duskLight, duskLuminance, duskSky } from './dusk';
import { EYE_M, POOL_Z0, POOL_Z1, SHEET, WALL_TOP, WALL_Z } from './place';
import { sluiceMotion } from './water';
import { WHEEL } from './wheel';

const WALL: Box = { x0: -9, x1: 9, y0: -0.2, y1: WALL_TOP, z0: WALL_Z, z1: WALL_Z + 0.9 };
/** Wooden gate over the sill, its frame, and the post that carries the wheel's axle. */
const TIMBER: readonly Box[] = [
  { x0: SHEET.x0 - 0.1, x1: SHEET.x1 + 0.1, y0: SHEET.y1, y1: 2.5, z0: 6.82, z1: 7 },
  { x0: SHEET.x0 - 0.32, x1: SHEET.x0 - 0.08, y0: 0, y1: 3.3, z0: 6.75, z1: 7 },
  { x0: SHEET.x1 + 0.08, x1: SHEET.x1 + 0.32, y0: 0, y1: 3.3, z0: 6.75, z1: 7 },
  { x0: SHEET.x0 - 0.5, x1: SHEET.x1 + 0.5, y0: 3.1, y1: 3.34, z0: 6.75, z1: 7 },
  { x0: WHEEL.x - 0.13, x1: WHEEL.x + 0.13, y0: -0.2, y1: WHEEL.y + 0.18, z0: 6.6, z1: 6.85 },
];

const hit = createHit();
const rgb = new Float64Array(3);

function shade(albedo: readonly [number, number, number], open: number): void {
  for (let c = 0; c < 3; c++) rgb[c] = ((albedo[c] * DUSK_LX * open) / Math.PI) * duskLight[c];
}

function stone(x: number, y: number, f: number): void {
  const row = Math.floor(y / 0.34);
  const u = x / 0.62 + (row % 2) * 0.5;
  const block = Math.floor(u);
  const mortar = Math.min(u - block, 1 - u + block) < 0.02 || y / 0.34 - row < 0.05 ? 0.55 : 1;
  const tone = (0.7 + 0.6 * cellRandom(block, row, 4)) * mortar;
  const grain = 1 + 0.5 * fractalNoise(x, y, 0.3, 6, f) + 0.35 * fractalNoise(x + 9, y, 0.02, 5, f);
  const wet = 1 - 0.55 * smoothstep(0.8, 0.1, y + 0.3 * fractalNoise(x, 3, 0.8, 3, f));
  const base = 0.17 * tone * grain * wet;
  shade([base * 1.05, base, base * 0.86], 0.6);
}

function bank(x: number, z: number, f: number): void {
  const turf = fractalNoise(x, z, 0.5, 7, f);
  const blade = fractalNoise(x * 3, z, 0.05, 4, f * 2);
  const base = 0.1 * (1 + 0.5 * turf + 0.6 * blade);
  shade([base * 0.8, base, base * 0.42], 0.9);
}

function sample(dx: number, dy: number, dz: number, footprintRad: number, out: SceneSample): void {
  hit.t = Infinity;
  const isWall = hitBox(WALL, 0, EYE_M, 0, dx, dy, dz, hit);
  let timber = false;
  for (const box of TIMBER) if (hitBox(box, 0, EYE_M, 0, dx, dy, dz, hit)) timber = true;
  const ground = dy < 0 ? -EYE_M / dy : Infinity;
  const gz = ground * dz;
  if (ground < hit.t) {
    const x = ground * dx;
    const f = footprintRad * ground;
    const edge = POOL_Z0 + 0.12 * fractalNoise(x, 2, 1.1, 4, f);
    if (gz < edge || gz > POOL_Z1) bank(x, gz, f);
    else shade([0.09, 0.1, 0.1], 1);
    writeSample(out, rgb[0], rgb[1], rgb[2], gz < edge ? ground * 0.9 : ground, 0.15);
    return;
  }
  if (hit.t < Infinity) {
    const x = hit.t * dx;
    const y = EYE_M + hit.t * dy;
    const f = footprintRad * hit.t;
    if (timber) {
      const grain = fractalNoise(x * 8, y, 0.5, 5, f * 2);
      const base = 0.075 * (1 + 0.5 * grain);
      shade([base * 1.1, base * 0.92, base * 0.7], 0.7);
    } else if (isWall && hit.ny > 0) bank(x, hit.t * dz, f);
    else stone(x, y, f);
    writeSample(out, rgb[0], rgb[1], rgb[2], hit.t, 0.15);
    return;
  }
  const ridge = 0.05 + 0.05 * fractalNoise(Math.atan2(dx, dz) + 4, 1, 0.5, 6, footprintRad);
  if (dy < ridge) shade([0.05, 0.06, 0.055], 0.8);
  else duskSky(dx, Math.max(0, dy), dz, rgb);
  writeSample(out, rgb[0], rgb[1], rgb[2], Infinity);
}

const STATED_PITCH = 0.42;

/** Falling water and a turning wheel in the last light: freeze them or let them flow. */
export const sluiceAtDusk: Scene = {
  id: 'sluice-at-dusk',
  name: 'Sluice at dusk',
  ...litBy({ locus: 'daylight', kelvin: 9500 }),
  framing: { yawRad: 0.03, pitchRad: 0.03 },
  description: 'Falling water and a turning wheel after sunset: freeze them, or let them flow.',
  stated: {
    what: 'the evening sky',
    yawRad: 0,
    pitchRad: STATED_PITCH,
    halfAngleRad: 0.04,
    luminance: duskLuminance(Math.sin(STATED_PITCH)),
  },
  subject: {
    name: 'Wheel',
    speedMS: WHEEL.omega * WHEEL.radius,
    distanceM: WHEEL.z,
  },
  sample,
  moving: new RayLayer(sluiceMotion, 1 / 30),
};
