import { CIE_D50, CIE_D55 } from '../colour/illuminants';
import { xyzFromChromaticity, type Chromaticity } from '../colour/chromaticity';

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
