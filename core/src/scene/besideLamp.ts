import { CIE_D50, CIE_D55 } from '../colour/illuminants';
import { xyzFromChromaticity, type Chromaticity } from '../colour/chromaticity';
import type { Scene } from './scene';

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

/** What a lamp beside the lens is told of the place. */
type LitScene = Pick<Scene, 'white' | 'lightStops'>;

/**
 * A lamp of a white as seen on surfaces whose colour is known only under the scene's own light.
 *
 * @param level Y per reflectance at one metre
 */
function tintOf(level: number, lamp: Chromaticity, { white, lightStops = 0 }: LitScene): LampTint {
  const own = xyzFromChromaticity(white);
  // The camera's response makes a place brighter or darker, and must not do so with a lamp.
  const kept = level / 2 ** lightStops;
  const [x, y, z] = xyzFromChromaticity(lamp).map((v, c) => (kept * v) / own[c]);
  return [x, y, z];
}

/** The torch: factors of cd/m2. */
export const torchTint = (scene: LitScene): LampTint => tintOf(TORCH_CD / Math.PI, CIE_D50, scene);

/**
 * A flash of a guide number (metres, ISO 100): factors of cd s/m2, however long the shutter is
 * open.
 */
export const flashTint = (scene: LitScene, guideNumber: number): LampTint =>
  tintOf((GREY_CD_S * guideNumber ** 2) / GREY, CIE_D55, scene);
