import { daylight, glow, writeSample } from '../light';
import { litBy, type Scene, type SceneSample } from '../scene';
import { fractalNoise, smoothstep } from '../texture';
import { POLE } from './skyTurn';
import { StarLayer } from './starLayer';

const EYE_M = 1.6;
const AIR = daylight(5200);
const BAND = daylight(6000);
const TOWN = glow(2600);

/** Luminance of the night sky in cd/m2: airglow overhead, a far town's glow at the horizon, the faint band. */
const AIR_L = 0.0017;
const TOWN_L = 0.0022;
const BAND_L = 0.0019;
/** Illuminance of the whole sky on the ground, lux. */
const SKY_LX = 0.007;

/** Pole of the faint band: it crosses the picture from lower left to upper right. */
const BAND_POLE = [-0.56, 0.62, -0.55] as const;

const HEAPS = [
  { azimuth: -0.42, width: 0.26, height: 0.105 },
  { azimuth: -0.05, width: 0.17, height: 0.065 },
  { azimuth: 0.46, width: 0.31, height: 0.125 },
] as const;

const rgb = new Float64Array(3);

function nightSky(dx: number, dy: number, dz: number, footprintRad: number): void {
  const town = TOWN_L * Math.exp(-Math.max(0, dy) * 9);
  const off = dx * BAND_POLE[0] + dy * BAND_POLE[1] + dz * BAND_POLE[2];
  let band = BAND_L * Math.exp(-((off / 0.13) ** 2));
  if (band > 1e-5) {
    const clouds = fractalNoise(dx * 3 + 8, dy * 3 + dz * 2, 0.6, 6, footprintRad * 3);
    const rift = smoothstep(0.1, 0.5, fractalNoise(dx * 4, dy * 4 + dz, 0.5, 5, footprintRad * 4));
    band *= Math.max(0.1, 1 + 0.8 * clouds - 0.9 * rift * Math.exp(-((off / 0.05) ** 2)));
  }
  for (let c = 0; c < 3; c++) rgb[c] = AIR_L * AIR[c] + town * TOWN[c] + band * BAND[c];
}

/** Sine of the elevation up to which heaps and dikes stand before the sky. */
function skyline(dx: number, dz: number, f: number): number {
  const azimuth = Math.atan2(dx, dz);
  let top = 0.012 + 0.01 * fractalNoise(azimuth + 3, 0, 0.5, 6, f);
  for (const h of HEAPS) {
    const slope = 1 - Math.abs(azimuth - h.azimuth) / h.width;
    const rough = 0.006 * fractalNoise(azimuth * 6, h.height * 50, 0.4, 5, f * 6);
    if (slope > 0) top = Math.max(top, h.height * Math.min(slope, 0.92) + rough);
  }
  return top;
}

function sample(dx: number, dy: number, dz: number, footprintRad: number, out: SceneSample): void {
  if (dy > skyline(dx, dz, footprintRad)) {
    nightSky(dx, dy, dz, footprintRad);
    writeSample(out, rgb[0], rgb[1], rgb[2], Infinity);
    return;
  }
  if (dy > -0.008) {
    const salt = 0.6 + 0.12 * fractalNoise(dx * 30, dy * 30, 0.8, 5, footprintRad * 30);
    const level = (salt * 0.5 * SKY_LX) / Math.PI;
    writeSample(out, level * AIR[0], level * AIR[1], level * AIR[2], 45, salt);
    return;
  }
  const t = -EYE_M / dy;
  const x = t * dx;
  const z = t * dz;
  const f = footprintRad * t;
  const dike = smoothstep(
    0.02,
    0.1,
    Math.abs(((z + 0.4 * fractalNoise(x, 1, 4, 4, f)) % 7) - 3.5) - 2.9,
  );
  const crust = fractalNoise(x, z, 0.8, 6, f);
  const earth = ((0.22 + 0.1 * crust) * SKY_LX) / Math.PI;
  // Still brine mirrors the sky.
  nightSky(dx, Math.min(1, -dy + 0.01 * crust), dz, footprintRad);
  const fresnel = 0.05 + 0.95 * (1 + dy) ** 5;
  for (let c = 0; c < 3; c++) {
    const brine = rgb[c] * fresnel + 0.00012 * AIR[c];
    rgb[c] = brine + (earth * AIR[c] - brine) * dike;
  }
  writeSample(out, rgb[0], rgb[1], rgb[2], t, dike > 0.5 ? 0.25 : 0.02);
}

const STATED = { yaw: -0.62, pitch: 0.9 } as const;

/** The night sky turning about its pole over dark pans. */
export const starsOverThePans: Scene = {
  id: 'stars-over-the-pans',
  name: 'Stars over the pans',
  ...litBy({ locus: 'daylight', kelvin: 5200 }),
  framing: { yawRad: 0, pitchRad: 0.28 },
  description: 'A moonless sky that turns: tripod, and a time that keeps the stars points.',
  stated: {
    what: 'the dark sky beside the band',
    yawRad: STATED.yaw,
    pitchRad: STATED.pitch,
    halfAngleRad: 0.04,
    luminance: AIR_L + TOWN_L * Math.exp(-Math.sin(STATED.pitch) * 9),
  },
  subject: null,
  skyPole: POLE,
  sample,
  moving: new StarLayer(),
};
