import { COVER, type MovingRays, type OpenShutter } from '../moving';
import { writeSample } from '../light';
import type { SceneSample } from '../scene';
import { smoothstep } from '../texture';
import { duskSky, DUSK_LX, duskLight } from './dusk';
import { flowNoise } from './flow';
import { EYE_M, POOL_Z1, SHEET, WALL_Z } from './place';
import { WHEEL, wheelCover } from './wheel';

/** Speeds in m/s: water falling over the sill, and the pool running towards the camera. */
export const FALL_M_S = 3.6;
const POOL_M_S = 0.9;

/** Reflectances: foam, water a light meets from beside the camera, wet wood. */
const FOAM_R = 0.78;
const WATER_R = 0.02;
const WOOD_R = 0.07;

/** Foam in the dusk: what a white, matt surface sends back, cd/m2. */
const FOAM_L = (FOAM_R * DUSK_LX) / Math.PI;
const WOOD_L = (WOOD_R * DUSK_LX) / Math.PI;

const rgb = new Float64Array(3);
const mirrored = new Float64Array(3);

/** A layer's light lies a little nearer than the still surface it replaces. */
const ON_TOP = 0.95;

/** Writes the light of the pool to `rgb`; returns its reflectance. */
function poolLight(
  x: number,
  z: number,
  dx: number,
  dy: number,
  dz: number,
  f: number,
  s: OpenShutter,
): number {
  const travel = POOL_M_S * s.timeS;
  const along = z + POOL_M_S * (s.startS + s.timeS / 2);
  const ripple = flowNoise(x * 1.6, along, 0.7, 4, f, travel);
  const tilt = 0.13 * ripple;
  duskSky(dx, Math.abs(-dy + tilt), dz, mirrored);
  const grazing = 1 - Math.min(1, Math.max(0, -dy + tilt));
  const fresnel = 0.03 + 0.97 * grazing ** 5;
  // Foam is born under the fall and thins out downstream.
  const born = smoothstep(2.4, POOL_Z1, z) * smoothstep(2.6, 0.4, Math.abs(x - SHEET.mid));
  const torn = born > 0.02 ? flowNoise(x, along, 0.45, 4, f, travel) : 0;
  const foam = born * smoothstep(0.05, 0.55, 0.35 * born + torn);
  for (let c = 0; c < 3; c++) {
    const water = mirrored[c] * fresnel + 0.16 * duskLight[c];
    rgb[c] = water + (FOAM_L * duskLight[c] - water) * 0.85 * foam;
  }
  return WATER_R + (FOAM_R - WATER_R) * 0.85 * foam;
}

/** Writes the light of the falling water to `rgb`; returns its reflectance. */
function sheetLight(x: number, y: number, f: number, s: OpenShutter): number {
  const drop = SHEET.y1 - y;
  const travel = FALL_M_S * s.timeS;
  const along = y + FALL_M_S * (s.startS + s.timeS / 2);
  const strand = flowNoise(x * 2.6, along * 0.55, 0.5, 6, f, travel);
  const white = smoothstep(-0.25, 0.65, strand + 0.35 * (drop / SHEET.y1));
  const share = 0.12 + 0.88 * white;
  for (let c = 0; c < 3; c++) rgb[c] = share * FOAM_L * duskLight[c];
  return share * FOAM_R;
}

/** Falling water, the pool under it and the turning wheel. */
export const sluiceMotion: MovingRays = {
  reaches(dx, dy, dz) {
    if (dz <= 0.05) return false;
    const wheelX = (WHEEL.z * dx) / dz - WHEEL.x;
    const wheelY = EYE_M + (WHEEL.z * dy) / dz - WHEEL.y;
    if (wheelX * wheelX + wheelY * wheelY < (WHEEL.radius + 0.05) ** 2) return true;
    const y = EYE_M + (WALL_Z * dy) / dz;
    if (y < 0) return true;
    const x = (SHEET.z * dx) / dz;
    return x > SHEET.x0 && x < SHEET.x1 && y < SHEET.y1 + 0.1;
  },
  sample(dx, dy, dz, footprintRad, shutter, out: SceneSample) {
    let distance = Infinity;
    let cover = 0;
    let reflectance = 0;
    const tSheet = SHEET.z / dz;
    const y = EYE_M + tSheet * dy;
    const x = tSheet * dx;
    const tPool = dy < 0 ? -EYE_M / dy : Infinity;
    if (x > SHEET.x0 && x < SHEET.x1 && y > 0 && y < SHEET.y1) {
      reflectance = sheetLight(x, y, footprintRad * tSheet, shutter);
      const edge = Math.min(x - SHEET.x0, SHEET.x1 - x);
      cover = 0.96 * smoothstep(0, 0.12, edge + 0.03 * Math.sin(9 * y));
      distance = tSheet * ON_TOP;
    } else if (tPool * dz < POOL_Z1) {
      reflectance = poolLight(tPool * dx, tPool * dz, dx, dy, dz, footprintRad * tPool, shutter);
      cover = 1;
      distance = tPool * ON_TOP;
    }
    const tWheel = WHEEL.z / dz;
    if (tWheel < tPool) {
      const wx = tWheel * dx - WHEEL.x;
      const wy = EYE_M + tWheel * dy - WHEEL.y;
      const wood = wheelCover(wx, wy, footprintRad * tWheel, shutter.startS, shutter.timeS);
      if (wood > 0) {
        const both = wood + (1 - wood) * cover;
        for (let c = 0; c < 3; c++)
          rgb[c] = (wood * WOOD_L * duskLight[c] + (1 - wood) * cover * rgb[c]) / both;
        reflectance = (wood * WOOD_R + (1 - wood) * cover * reflectance) / both;
        cover = both;
        distance = tWheel;
      }
    }
    writeSample(out, rgb[0], rgb[1], rgb[2], distance, reflectance);
    out[COVER] = distance < Infinity ? cover : 0;
  },
};
