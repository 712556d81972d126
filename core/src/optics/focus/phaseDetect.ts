import { HALF_PUPIL_SHARE, type HalfPupilViews } from './halfPupil';

/** What two half-pupil views say of the defocus between them. */
export interface PhaseReading {
  /**
   * Radius in pixels of the blur that puts them so far apart; positive: what is seen lies nearer
   * than the focus.
   */
  readonly radiusPx: number;
  /** Standard deviation of the radius from noise, in pixels. */
  readonly sigmaPx: number;
  /** How alike the views are where they fit best, -1 to 1. */
  readonly likeness: number;
  /** Contrast of what is seen, noise taken off: standard deviation over mean. */
  readonly contrast: number;
  /** The same contrast in standard deviations of what noise alone would show. */
  readonly sure: number;
  /** Mean signal over its noise, for one sample of a strip. */
  readonly signalToNoise: number;
}

/** Shifts are tried in steps of a pixel up to this share of the views' width. */
const MAX_SHIFT = 0.4;

/**
 * Measures how far apart two views lie: the shift at which they are most alike (normalised
 * cross-correlation, Lewis 1995), to a part of a pixel by a parabola, and the blur it stands for.
 *
 * @param noise variance of a sample of that signal
 */
export function phaseOf(views: HalfPupilViews, noise: (signal: number) => number): PhaseReading {
  const { width, strips, left, right } = views;
  const most = Math.floor(MAX_SHIFT * width);
  const { mean, variance } = spreadOf(views);
  const noiseVariance = noise(mean);
  const likenesses = new Float32Array(2 * most + 1);
  let top = 0;
  for (let k = 0; k < likenesses.length; k++) {
    likenesses[k] = likenessAt(left, right, width, strips, k - most);
    if (likenesses[k] > likenesses[top]) top = k;
  }
  const [before, at, after] = [likenesses[top - 1], likenesses[top], likenesses[top + 1]];
  const bend = before - 2 * at + after;
  const part =
    before !== undefined && after !== undefined && bend < 0 ? (before - after) / (2 * bend) : 0;
  const shift = top - most + part;
  // Of a peak this sharp, so much noise moves the top so far (Cramer-Rao for a shift).
  const samples = strips * (width - Math.abs(shift));
  const signal = Math.max(1e-9, variance - noiseVariance);
  const sharp = Math.max(1e-6, -bend);
  const sigma = Math.sqrt((2 * noiseVariance) / (signal * sharp * samples));
  const radiusOf = 1 / (2 * HALF_PUPIL_SHARE);
  return {
    radiusPx: shift * radiusOf,
    sigmaPx: sigma * radiusOf,
    likeness: at,
    contrast: Math.sqrt(Math.max(0, variance - noiseVariance)) / Math.max(1e-9, mean),
    sure: (variance - noiseVariance) / (noiseVariance * Math.sqrt(1 / (strips * width))),
    signalToNoise: mean / Math.sqrt(noiseVariance),
  };
}

/** Mean of both views, and the variance along their strips. */
function spreadOf({ left, right, width, strips }: HalfPupilViews): {
  mean: number;
  variance: number;
} {
  let [all, variance] = [0, 0];
  for (const view of [left, right])
    for (let s = 0; s < strips; s++) {
      let [sum, square] = [0, 0];
      for (let i = s * width; i < (s + 1) * width; i++) {
        sum += view[i];
        square += view[i] * view[i];
      }
      all += sum;
      variance += square / width - (sum / width) ** 2;
    }
  return { mean: all / (2 * strips * width), variance: variance / (2 * strips) };
}

/** How alike the left view and the right one moved by so many pixels are, all strips together. */
function likenessAt(
  left: Float32Array,
  right: Float32Array,
  width: number,
  strips: number,
  shift: number,
): number {
  const from = Math.max(0, shift);
  const to = Math.min(width, width + shift);
  const n = to - from;
  let [cross, leftVariance, rightVariance] = [0, 0, 0];
  for (let s = 0; s < strips; s++) {
    const base = s * width;
    let [a, b, aa, bb, ab] = [0, 0, 0, 0, 0];
    for (let x = from; x < to; x++) {
      const l = left[base + x];
      const r = right[base + x - shift];
      a += l;
      b += r;
      aa += l * l;
      bb += r * r;
      ab += l * r;
    }
    cross += ab - (a * b) / n;
    leftVariance += aa - (a * a) / n;
    rightVariance += bb - (b * b) / n;
  }
  return cross / Math.sqrt(Math.max(1e-12, leftVariance * rightVariance));
}
