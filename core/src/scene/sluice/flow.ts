import { valueNoise } from '../texture';

/**
 * Fractal noise that is carried along one direction while the shutter is open: octaves finer than the way they
 * travel fade into streaks along the flow. Lengths share one unit.
 *
 * @param along coordinate along the flow, already moved with it
 * @param travel way the water moves during the exposure
 */
export function flowNoise(
  across: number,
  along: number,
  wavelength: number,
  octaves: number,
  footprint: number,
  travel: number,
): number {
  let sum = 0;
  let amplitude = 0.55;
  let w = wavelength;
  for (let i = 0; i < octaves; i++) {
    const room = w / (2 * footprint) - 1;
    if (room <= 0) break;
    const reach = travel / w;
    // Power left of a wave after averaging over `reach` of its lengths.
    const left = 1 / Math.sqrt(1 + 4 * reach * reach);
    const n = left * valueNoise(across / w + i * 17.3, along / w - i * 9.1);
    const streak = left > 0.97 ? 0 : 0.45 * (1 - left) * valueNoise(across / w + i * 5.1, i * 31.7);
    sum += amplitude * (room < 1 ? room : 1) * (n + streak);
    amplitude *= 0.55;
    w *= 0.47;
  }
  return sum;
}
