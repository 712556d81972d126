import { CIE_D50 } from '../colour/illuminants';
import { xyzFromChromaticity, type Chromaticity } from '../colour/chromaticity';

/** A phone's lamp: luminous intensity along the axis in candela (memory: about 50 lumens in a wide cone). */
const TORCH_CD = 55;
const TORCH_XYZ = xyzFromChromaticity(CIE_D50);

/** Light a torch beside the lens adds, as factors of XYZ per reflectance at one metre on the axis. */
export type TorchTint = readonly [number, number, number];

/** The torch as seen on surfaces whose colour is known only under the scene's own light. */
export function torchTint(sceneWhite: Chromaticity): TorchTint {
  const white = xyzFromChromaticity(sceneWhite);
  const [x, y, z] = TORCH_XYZ.map((v, c) => ((TORCH_CD / Math.PI) * v) / white[c]);
  return [x, y, z];
}

/** Share of the axis' intensity at an angle of this cosine, per square metre of distance: a wide, soft cone. */
export const torchFall = (cosine: number, distanceM: number): number =>
  cosine ** 5 / Math.max(0.01, distanceM * distanceM);
