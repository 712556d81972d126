import { CIE_D50, CIE_D55 } from '../colour/illuminants';
import { xyzFromChromaticity, type Chromaticity } from '../colour/chromaticity';
import type { SceneSample } from './scene';

/**
 * A phone's lamp: luminous intensity along the axis in candela (memory: about 50 lumens in a wide
 * cone).
 */
const TORCH_CD = 55;
/** Reflectance of the surface that exposure is counted from. */
const GREY = 0.18;
/**
 * cd s/m2 that a grey card must send a lens of f/1 at ISO 100 to come out mid-grey: K / 100 with
 * K = 12.5 cd/m2 (ISO 2720).
 */
const GREY_CD_S = 0.125;

/** Light of a lamp beside the lens, as factors of XYZ per reflectance at one metre on the axis. */
export type LampTint = readonly [number, number, number];

/**
 * A lamp of a white as seen on surfaces whose colour is known only under the scene's own light.
 *
 * @param level Y per reflectance at one metre
 */
function tintOf(level: number, lamp: Chromaticity, sceneWhite: Chromaticity): LampTint {
  const white = xyzFromChromaticity(sceneWhite);
  const [x, y, z] = xyzFromChromaticity(lamp).map((v, c) => (level * v) / white[c]);
  return [x, y, z];
}

/** The torch: factors of cd/m2. */
export const torchTint = (sceneWhite: Chromaticity): LampTint =>
  tintOf(TORCH_CD / Math.PI, CIE_D50, sceneWhite);

/**
 * A flash of a guide number (metres, ISO 100): factors of cd s/m2, however long the shutter is
 * open.
 */
export const flashTint = (sceneWhite: Chromaticity, guideNumber: number): LampTint =>
  tintOf((GREY_CD_S * guideNumber ** 2) / GREY, CIE_D55, sceneWhite);

/**
 * Share of the axis' intensity at an angle of this cosine, per square metre of distance: a wide,
 * soft cone.
 */
const lampFall = (cosine: number, distanceM: number): number =>
  cosine ** 5 / Math.max(0.01, distanceM * distanceM);

/**
 * Adds a lamp's light to a share of the sample's own; a surface keeps the tint it has under the
 * scene's light.
 *
 * @param cosine of the angle from the lens' axis
 */
export function addLamp(out: SceneSample, own: 0 | 1, tint: LampTint, cosine: number): void {
  const lit = out[4] > 0 && out[3] < Infinity;
  const level = lit ? out[4] * lampFall(cosine, out[3]) : 0;
  const perY = level / Math.max(1e-9, out[1]);
  const x = out[0] * perY;
  const z = out[2] * perY;
  out[0] = own * out[0] + tint[0] * x;
  out[1] = own * out[1] + tint[1] * level;
  out[2] = own * out[2] + tint[2] * z;
}
