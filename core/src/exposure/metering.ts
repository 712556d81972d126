/** Reflected-light meter constant K in cd/m2 (ISO 2720; 10.6..13.4 allowed): N^2/t = L*S/K. */
export const METER_K = 12.5;

/** EV100 of a luminance in cd/m2: log2(L*100/K) = log2(8*L) (ISO 2720). */
export const ev100FromLuminance = (luminance: number): number =>
  Math.log2((luminance * 100) / METER_K);

/** Luminance in cd/m2 that a meter reads as this EV100 (ISO 2720). */
export const luminanceFromEv100 = (ev100: number): number => (METER_K / 100) * 2 ** ev100;

/**
 * Weights of a centre-weighted meter for a frame of width x height, row by row, summing to 1.
 * A Gaussian on the centre with a sigma of 0.22 of the frame's width: 68 % of the weight lies in the
 * middle circle of 12/36 of the width's radius (common practice for the pattern, no source).
 */
export function centreWeights(width: number, height: number): Float32Array {
  const weights = new Float32Array(width * height);
  const sigma = 0.22 * width;
  let sum = 0;
  for (let y = 0; y < height; y++) {
    const dy = (y + 0.5 - height / 2) / sigma;
    for (let x = 0; x < width; x++) {
      const dx = (x + 0.5 - width / 2) / sigma;
      const w = Math.exp(-0.5 * (dx * dx + dy * dy));
      weights[y * width + x] = w;
      sum += w;
    }
  }
  for (let i = 0; i < weights.length; i++) weights[i] /= sum;
  return weights;
}
