import { BT709_LUMA } from '../../colour/srgb';
import { guidedBase, type LocalLine } from '../../combine/finish/guidedFilter';
import { stopsFromGrey, type TonePlan } from './tonePlan';

/** Difference that separates large parts, in stops. */
const EDGE_STOPS = 0.7;
/** Neighbourhood, against the shorter side. */
const NEIGHBOURHOOD = 1 / 24;

/** Long side of the picture large parts are told by. */
export const LARGE_PARTS_PX = 512;

/**
 * The large parts of a picture as lines through its stops (`guidedBase`): what highlights and
 * shadows act on, so that what is fine within them keeps its contrast.
 *
 * @param plan of the file as exposed
 * @param light of the whole, balanced as shot, a few hundred pixels along its sides
 */
export function largeParts(
  plan: TonePlan,
  light: Float32Array,
  width: number,
  height: number,
): LocalLine {
  const { matrix: m } = plan;
  const [wr, wg, wb] = BT709_LUMA;
  const [a, b, c] = [0, 1, 2].map((k) => wr * m[k] + wg * m[3 + k] + wb * m[6 + k]);
  const stops = new Float32Array(width * height);
  for (let p = 0, i = 0; p < stops.length; p++, i += 3)
    stops[p] = stopsFromGrey(
      a * Math.min(1, light[i]) + b * Math.min(1, light[i + 1]) + c * Math.min(1, light[i + 2]),
    );
  const radius = Math.max(2, Math.round(Math.min(width, height) * NEIGHBOURHOOD));
  return guidedBase({ data: stops, width, height }, radius, EDGE_STOPS);
}
