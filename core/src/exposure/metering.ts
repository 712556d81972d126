/** Reflected-light meter constant K in cd/m2 (ISO 2720; 10.6..13.4 allowed): N^2/t = L*S/K. */
export const METER_K = 12.5;

/** EV100 of a luminance in cd/m2: log2(L*100/K) = log2(8*L) (ISO 2720). */
export const ev100FromLuminance = (luminance: number): number =>
  Math.log2((luminance * 100) / METER_K);

/** Luminance in cd/m2 that a meter reads as this EV100 (ISO 2720). */
export const luminanceFromEv100 = (ev100: number): number => (METER_K / 100) * 2 ** ev100;

/** What part of the frame a meter reads. */
export type MeterPattern = 'whole' | 'centre' | 'spot' | 'highlights';
export const METER_PATTERNS: readonly MeterPattern[] = ['whole', 'centre', 'spot', 'highlights'];

/** A place in the picture as seen: shares of its width and height from the top left. */
export interface PicturePoint {
  readonly x: number;
  readonly y: number;
}

/** Share of the frame's area that the spot meter reads: about 3 % (common practice for the pattern, no source). */
export const SPOT_SHARE = 0.03;
/** Share of the frame's area that a pin reads. */
export const PIN_SHARE = 0.003;

/** Radius in pixels of the circle that covers a share of a width x height frame. */
export const circleRadius = (share: number, width: number, height: number): number =>
  Math.sqrt((share * width * height) / Math.PI);

/**
 * Weights of a meter for a frame of width x height, row by row, summing to 1. The spot reads a circle of
 * SPOT_SHARE; keeping highlights is no average and reads the whole frame where one is asked for.
 */
export function meterWeights(
  pattern: MeterPattern,
  width: number,
  height: number,
  spot: PicturePoint,
): Float32Array {
  if (pattern === 'centre') return centreWeights(width, height);
  if (pattern === 'spot') return spotWeights(width, height, spot);
  return new Float32Array(width * height).fill(1 / (width * height));
}

function spotWeights(width: number, height: number, spot: PicturePoint): Float32Array {
  const weights = new Float32Array(width * height);
  const radius = circleRadius(SPOT_SHARE, width, height);
  let pixels = 0;
  for (let y = 0; y < height; y++)
    for (let x = 0; x < width; x++)
      if (Math.hypot(x + 0.5 - spot.x * width, y + 0.5 - spot.y * height) <= radius) {
        weights[y * width + x] = 1;
        pixels++;
      }
  for (let i = 0; i < weights.length; i++) weights[i] /= pixels;
  return weights;
}

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
