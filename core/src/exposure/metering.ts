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

/**
 * Share of the frame's area that the spot meter reads: about 3 % (common practice for the pattern,
 * no source).
 */
export const SPOT_SHARE = 0.03;
/** Share of the frame's area that a pin reads. */
export const PIN_SHARE = 0.003;

/** Radius in pixels of the circle that covers a share of a width x height frame. */
export const circleRadius = (share: number, width: number, height: number): number =>
  Math.sqrt((share * width * height) / Math.PI);

/**
 * Weights of a meter for a frame of width x height, row by row, summing to 1. The spot reads a
 * circle of SPOT_SHARE; keeping highlights is no average and reads the whole frame where one is
 * asked for.
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
  const [cx, cy] = [spot.x * width, spot.y * height];
  // From where to where the circle reaches in a row.
  const chord = (y: number): [number, number] => {
    const half2 = radius * radius - (y + 0.5 - cy) ** 2;
    if (half2 < 0) return [0, 0];
    const half = Math.sqrt(half2);
    return [
      Math.max(0, Math.ceil(cx - half - 0.5)),
      Math.min(width, Math.floor(cx + half - 0.5) + 1),
    ];
  };
  let pixels = 0;
  for (let y = 0; y < height; y++) {
    const [from, to] = chord(y);
    pixels += Math.max(0, to - from);
  }
  for (let y = 0; y < height; y++) {
    const [from, to] = chord(y);
    if (to > from) weights.fill(1 / pixels, y * width + from, y * width + to);
  }
  return weights;
}

/**
 * Weights of a centre-weighted meter for a frame of width x height, row by row, summing to 1. A
 * Gaussian on the centre with a sigma of 0.22 of the frame's width: 68 % of the weight lies in the
 * middle circle of 12/36 of the width's radius (common practice for the pattern, no source).
 */
export function centreWeights(width: number, height: number): Float32Array {
  const weights = new Float32Array(width * height);
  const sigma = 0.22 * width;
  // A Gaussian on both axes is the product of one on each.
  const along = (n: number): number[] => {
    const g = Array.from({ length: n }, (_, i) =>
      Math.exp(-0.5 * ((i + 0.5 - n / 2) / sigma) ** 2),
    );
    const sum = g.reduce((a, b) => a + b);
    return g.map((v) => v / sum);
  };
  const [across, down] = [along(width), along(height)];
  for (let y = 0, i = 0; y < height; y++)
    for (let x = 0; x < width; x++, i++) weights[i] = across[x] * down[y];
  return weights;
}
