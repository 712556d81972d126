import { recoverCurve } from './recoverCurve';
import { CODES, type VideoResponse } from './videoResponse';

/** One picture of a guided series: the same points at one exposure. */
export interface SeriesPicture {
  /** Mean codes of each point: red, green, blue of the first, and so on. */
  readonly codes: Float32Array;
  /** How much light it was given, in stops from any zero. */
  readonly exposureStops: number;
}

/** What a guided series has shown. */
export type RecoveredResponse =
  | {
      readonly kind: 'found';
      readonly response: VideoResponse;
      /** Root mean square of what the curve leaves unexplained, in stops. */
      readonly residualStops: number;
    }
  /**
   * The pictures do not follow the exposure; or cover too few codes; or did not show the same thing
   * throughout.
   */
  | { readonly kind: 'unchanged' | 'narrow' | 'moved' };

/** Codes that a series has to reach, and the longest run it may leave out. */
const REACH = { low: 26, high: 229, gap: 24 } as const;
/**
 * A step of a code is about a fiftieth of a stop in the middle; more than this and something else
 * has changed.
 */
const MAX_RESIDUAL_STOPS = 0.12;
/** Codes below this are too few to follow a curve's toe: it is drawn straight to nothing. */
const TOE = 4;
/** Share of the points that have to follow the exposure. */
const FOLLOWING = 0.5;
/** Codes a point has to rise from the darkest picture to the brightest. */
const RISE = 20;
/**
 * Stops, and codes they end at, that no curve in use leaves without that rise: over 1.5 stops up to
 * code 80 sRGB's rises by 33, one of gamma 3 by 23. What ends brighter may have clipped on its way.
 */
const PLAIN = { stops: 1.5, low: 80, high: 250 } as const;

/**
 * A camera's response from pictures of one scene at different exposures (Debevec & Malik 1997),
 * channels laid together at code 128, which is taken to be neutral.
 */
export function recoverResponse(pictures: readonly SeriesPicture[]): RecoveredResponse {
  const ordered = [...pictures].sort((a, b) => a.exposureStops - b.exposureStops);
  if (ordered.length < 3 || !follows(ordered[0], ordered[ordered.length - 1]))
    return { kind: 'unchanged' };
  if (!reaches(ordered)) return { kind: 'narrow' };
  const exposures = ordered.map((p) => p.exposureStops * Math.LN2);
  const curves: Float64Array[] = [];
  let squares = 0;
  for (let c = 0; c < 3; c++) {
    const codes = channelCodes(ordered, c);
    const curve = recoverCurve(codes, exposures);
    squares += meanSquare(curve, codes, exposures);
    curves.push(curve);
  }
  const residualStops = Math.sqrt(squares / 3) / Math.LN2;
  if (!(residualStops <= MAX_RESIDUAL_STOPS)) return { kind: 'moved' };
  return { kind: 'found', response: normalised(curves), residualStops };
}

/**
 * True when the pictures taken so far show that the camera does not follow: with more exposure,
 * most of what is bright enough to tell is no brighter. False while nothing is bright enough.
 */
export function ignoresExposure(pictures: readonly SeriesPicture[]): boolean {
  const [first, ...others] = pictures;
  if (!first) return false;
  let [dark, bright] = [first, first];
  for (const picture of others) {
    if (picture.exposureStops < dark.exposureStops) dark = picture;
    if (picture.exposureStops > bright.exposureStops) bright = picture;
  }
  if (bright.exposureStops - dark.exposureStops < PLAIN.stops) return false;
  let [points, still] = [0, 0];
  for (let i = 1; i < dark.codes.length; i += 3) {
    const code = bright.codes[i];
    if (code < PLAIN.low || code > PLAIN.high) continue;
    points++;
    if (code - dark.codes[i] < RISE) still++;
  }
  // A few lamps in the dark tell nothing.
  return points >= dark.codes.length / 30 && still > FOLLOWING * points;
}

/** True when most of what is not clipped gets brighter with more exposure. */
function follows(dark: SeriesPicture, bright: SeriesPicture): boolean {
  let points = 0;
  let rising = 0;
  for (let i = 1; i < dark.codes.length; i += 3) {
    // A black hole and a lamp stay what they are at any exposure.
    if (dark.codes[i] > 250 || bright.codes[i] < 4) continue;
    points++;
    if (bright.codes[i] - dark.codes[i] >= RISE) rising++;
  }
  return points > 0 && rising >= FOLLOWING * points;
}

/** True when the codes seen go from dark to bright without a long gap. */
function reaches(pictures: readonly SeriesPicture[]): boolean {
  const seen = new Uint8Array(CODES);
  for (const { codes } of pictures)
    for (let i = 1; i < codes.length; i += 3) seen[Math.round(codes[i])] = 1;
  let last = REACH.low - REACH.gap;
  for (let code = 2; code < CODES - 2; code++) {
    if (!seen[code]) continue;
    if (code > REACH.low && code - last > REACH.gap) return false;
    last = code;
  }
  return last >= REACH.high;
}

/** A channel's codes, point by point: those of every picture beside each other. */
function channelCodes(pictures: readonly SeriesPicture[], channel: number): Float32Array {
  const points = pictures[0].codes.length / 3;
  const codes = new Float32Array(points * pictures.length);
  pictures.forEach((picture, j) => {
    for (let p = 0; p < points; p++)
      codes[p * pictures.length + j] = picture.codes[3 * p + channel];
  });
  return codes;
}

/**
 * Mean square of what a curve leaves unexplained, in natural logarithms squared, over codes far
 * from both ends.
 */
function meanSquare(
  curve: Float64Array,
  codes: Float32Array,
  exposures: readonly number[],
): number {
  const pictures = exposures.length;
  let sum = 0;
  let n = 0;
  const lights: number[] = [];
  for (let p = 0; p < codes.length; p += pictures) {
    lights.length = 0;
    for (let j = 0; j < pictures; j++) {
      const code = codes[p + j];
      if (code < 32 || code > 235) continue;
      const low = Math.floor(code);
      const g = curve[low] + (code - low) * (curve[low + 1] - curve[low]);
      lights.push(g - exposures[j]);
    }
    if (lights.length < 2) continue;
    const mean = lights.reduce((a, b) => a + b) / lights.length;
    for (const light of lights) sum += (light - mean) ** 2;
    n += lights.length - 1;
  }
  return n > 0 ? sum / n : Infinity;
}

/** Curves as shares of the light at which the first channel clips, rising throughout. */
function normalised(curves: readonly Float64Array[]): VideoResponse {
  const clip = Math.min(...curves.map((curve) => curve[CODES - 1]));
  const channel = (curve: Float64Array): Float32Array => {
    const light = Float32Array.from(curve, (g) => Math.min(1, Math.exp(g - clip)));
    for (let code = 0; code < TOE; code++) light[code] = (light[TOE] * code) / TOE;
    for (let code = 1; code < CODES; code++) light[code] = Math.max(light[code], light[code - 1]);
    light[CODES - 1] = 1;
    return light;
  };
  return [channel(curves[0]), channel(curves[1]), channel(curves[2])];
}
