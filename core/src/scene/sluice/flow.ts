import { add, any, div, k, less, mul, sub, valueNoise, type Four } from '../rays/four';
import { clamped } from '../rays/functions';

/** Cells after which the noise repeats. */
const PERIOD = 256;

/**
 * Fractal noise that is carried along one direction while the shutter is open: octaves finer than
 * the way they travel fade into streaks along the flow. Lengths share one unit.
 *
 * @param along coordinate along the flow
 * @param moved way it has moved at the middle of the exposure, however long ago the place began
 * @param travel way the water moves during the exposure
 */
export function flowNoise(
  across: Four,
  along: Four,
  moved: number,
  wavelength: number,
  octaves: number,
  footprint: Four,
  travel: number,
): Four {
  let sum = k(0);
  let amplitude = 0.55;
  let w = wavelength;
  const fineness = div(k(0.5), footprint);
  for (let i = 0; i < octaves; i++) {
    const room = sub(mul(k(w), fineness), k(1));
    if (!any(less(k(0), room))) break;
    const reach = travel / w;
    // Power left of a wave after averaging over `reach` of its lengths.
    const left = 1 / Math.sqrt(1 + 4 * reach * reach);
    const turns = moved / w;
    const shift = turns - Math.floor(turns / PERIOD) * PERIOD - i * 9.1;
    const x = mul(across, k(1 / w));
    const wave = valueNoise(add(x, k(i * 17.3)), add(mul(along, k(1 / w)), k(shift)));
    let n = mul(k(left), wave);
    if (left <= 0.97) {
      const streak = valueNoise(add(x, k(i * 5.1)), k(i * 31.7));
      n = add(n, mul(k(0.45 * (1 - left)), streak));
    }
    sum = add(sum, mul(mul(k(amplitude), clamped(room)), n));
    amplitude *= 0.55;
    w *= 0.47;
  }
  return sum;
}
