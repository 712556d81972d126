import type { Vec3 } from '../colour/mat3';

/**
 * Light of a framing read without a sensor's limits: exposure-independent, so made once a framing.
 */
export interface LightSurvey {
  /** Meter-weighted mean luminance, cd/m2. */
  readonly meterLuminance: number;
  /**
   * Camera-space light that all but `HIGHLIGHT_SHARE` of the frame stays under: red, green, blue.
   */
  readonly highlights: readonly [number, number, number];
}

/**
 * Share of the frame that may clip before the instrument speaks of clipping: specks do not rule
 * exposure.
 */
export const HIGHLIGHT_SHARE = 0.001;

/**
 * A bin is the upper half of a float's bits: 128 bins a stop, even within it, from nothing to
 * beyond any light.
 */
const SURVEY_BINS = 1 << 15;
const counts = new Uint32Array(SURVEY_BINS);
/** Bits of a float from here on: the sign is set. */
const NEGATIVE = 0x80000000;
const bits = new Uint32Array(1);
const float = new Float32Array(bits.buffer);

/**
 * Surveys a plane of camera-space light.
 *
 * @param light interleaved RGB, cd/m2, `3 * weights.length`
 * @param weights meter weights summing to 1
 * @param luminanceRow weights of camera red, green, blue in luminance
 */
export function surveyLight(
  light: Float32Array,
  weights: Float32Array,
  luminanceRow: Vec3,
): LightSurvey {
  let meter = 0;
  const [a, b, c] = luminanceRow;
  for (let p = 0, i = 0; p < weights.length; p++, i += 3)
    meter += weights[p] * (a * light[i] + b * light[i + 1] + c * light[i + 2]);
  return {
    meterLuminance: meter,
    highlights: [highlight(light, 0), highlight(light, 1), highlight(light, 2)],
  };
}

/** Every third pixel is enough to place a thousandth of the frame. */
const SURVEY_STRIDE = 3;

/** Light that all but `HIGHLIGHT_SHARE` of a channel stays under. */
function highlight(light: Float32Array, channel: number): number {
  const pixels = count(light, channel);
  let above = 0;
  let bin = SURVEY_BINS;
  while (bin > 0 && above <= pixels * HIGHLIGHT_SHARE) above += counts[--bin];
  return lightOf(bin);
}

/** Share of the frame that may lie under what counts as its darkest tone. */
export const SHADOW_SHARE = 0.01;
const GREEN = 1;

/**
 * Luminance under which the darkest `SHADOW_SHARE` of a frame of camera-space light lies, cd/m2.
 */
export function darkestLight(light: Float32Array): number {
  const pixels = count(light, GREEN);
  let below = 0;
  let bin = -1;
  while (bin < SURVEY_BINS - 1 && below <= pixels * SHADOW_SHARE) below += counts[++bin];
  return lightOf(bin);
}

/** Counts a channel's light by bins; returns how many pixels that are. */
function count(light: Float32Array, channel: number): number {
  const words = new Uint32Array(light.buffer, light.byteOffset, light.length);
  counts.fill(0);
  let pixels = 0;
  for (let i = channel; i < words.length; i += 3 * SURVEY_STRIDE, pixels++) {
    const word = words[i];
    // Below zero, by a resampling that overshot: no light.
    counts[word >= NEGATIVE ? 0 : word >>> 16]++;
  }
  return pixels;
}

/** Light in the middle of a bin. */
function lightOf(bin: number): number {
  bits[0] = ((bin << 16) | 0x8000) >>> 0;
  return float[0];
}
