import { moved, STILL, type Homography } from './homography';
import type { ToneLevel } from './toneLevels';

/** No more samples than this are taken of a level: more say the same. */
const MAX_SAMPLES = 50_000;
/** Share of the picture, in weight, that both frames must hold. */
export const MIN_OVERLAP = 0.003;
/** Frames that correlate less than this show something else. */
const MIN_ALIKE = 0.55;
/** The usual difference is not taken to be less than this, in stops. */
export const MIN_SPREAD = 0.02;
/** What differs by this many usual differences has moved by itself, and hardly counts. */
export const OUTLIER = 4;
/** Differences are counted in steps of so many stops, up to so many steps. */
export const DIFFERENCE_STEP = 0.005;
export const DIFFERENCE_STEPS = 400;

export const strideOf = ({ width, height }: ToneLevel): number =>
  Math.max(1, Math.round(Math.sqrt((width * height) / MAX_SAMPLES)));

/** Where a row's pixels lie in the other frame, and what is to be read there. */
export function eachSample(
  a: ToneLevel,
  b: ToneLevel,
  motion: Homography,
  stride: number,
  visit: (i: number, x: number, y: number, difference: number, weight: number) => void,
): number {
  const { width, height } = a;
  const [m0, m1, m2, m3, m4, m5, m6, m7] = motion;
  const [cx, cy] = [(width - 1) / 2, (height - 1) / 2];
  let samples = 0;
  for (let y = 1; y < height - 1; y += stride)
    for (let x = 1; x < width - 1; x += stride) {
      samples++;
      const i = y * width + x;
      const [X, Y] = [x - cx, y - cy];
      const away = 1 / (m6 * X + m7 * Y + 1);
      const u = (m0 * X + m1 * Y + m2) * away + cx;
      const v = (m3 * X + m4 * Y + m5) * away + cy;
      if (!(u >= 0 && v >= 0 && u < width - 1 && v < height - 1)) continue;
      const j = Math.floor(v) * width + Math.floor(u);
      const [fx, fy] = [u - Math.floor(u), v - Math.floor(v)];
      const w = b.weight;
      const held = Math.min(w[j], w[j + 1], w[j + width], w[j + width + 1]);
      const weight = Math.min(a.weight[i], held);
      if (weight <= 0.01) continue;
      const t = b.tone;
      const upper = t[j] + fx * (t[j + 1] - t[j]);
      const lower = t[j + width] + fx * (t[j + width + 1] - t[j + width]);
      visit(i, X, Y, upper + fy * (lower - upper) - a.tone[i], weight);
    }
  return samples;
}

/** By how many stops the other is brighter; null where they hold too little in common. */
export function meanDifference(
  a: ToneLevel,
  b: ToneLevel,
  motion: Homography,
  stride: number,
): number | null {
  let [sum, total] = [0, 0];
  const samples = eachSample(a, b, motion, stride, (_i, _x, _y, difference, weight) => {
    sum += weight * difference;
    total += weight;
  });
  return total < MIN_OVERLAP * samples ? null : sum / total;
}

/** The median difference, up to which half of the weight lies: what moved does not change it. */
export function usualDifference(differences: Float64Array): number {
  const half = differences.reduce((sum, v) => sum + v, 0) / 2;
  let [sum, steps] = [0, 0];
  while (steps < DIFFERENCE_STEPS && sum < half) sum += differences[steps++];
  return steps * DIFFERENCE_STEP;
}

/**
 * How far the picture moves where both show something, root mean square: beyond it, nothing is
 * known.
 */
export function shownMotion(a: ToneLevel, b: ToneLevel, motion: Homography): number {
  const { width, tone } = a;
  const stride = strideOf(a);
  let [squares, total] = [0, 0];
  eachSample(a, b, motion, stride, (i, x, y, _difference, weight) => {
    const gx = (tone[i + 1] - tone[i - 1]) / 2;
    const gy = (tone[i + width] - tone[i - width]) / 2;
    const w = weight * (gx * gx + gy * gy);
    const [u, v] = moved(motion, x, y);
    squares += w * ((u - x) ** 2 + (v - y) ** 2);
    total += w;
  });
  return total > 0 ? Math.sqrt(squares / total) : 0;
}

/** A motion has to explain so much of what differs that frames as they are do not. */
const EXPLAINED = 0.2;

/**
 * Whether a motion explains what two show better than none does, where there is something to tell
 * it by, what moves by itself not counted.
 */
export function explains(a: ToneLevel, b: ToneLevel, motion: Homography): boolean {
  const stride = strideOf(a);
  const { width, tone } = a;
  const costOf = (by: Homography): number => {
    const offset = meanDifference(a, b, by, stride) ?? 0;
    const differences = new Float64Array(DIFFERENCE_STEPS);
    let [lost, total] = [0, 0];
    const each = (visit: (e: number, w: number) => void): void =>
      void eachSample(a, b, by, stride, (i, _x, _y, difference, weight) => {
        const gx = tone[i + 1] - tone[i - 1];
        const gy = tone[i + width] - tone[i - width];
        visit(difference - offset, weight * (gx * gx + gy * gy));
      });
    each((e, w) => {
      const steps = Math.min(DIFFERENCE_STEPS - 1, Math.floor(Math.abs(e) / DIFFERENCE_STEP));
      differences[steps] += w;
    });
    spread ??= Math.max(MIN_SPREAD, OUTLIER * usualDifference(differences));
    each((e, w) => {
      lost += (w * e * e) / (spread! * spread! + e * e);
      total += w;
    });
    return total > 0 ? lost / total : 0;
  };
  let spread: number | null = null;
  const moved = costOf(motion);
  return moved < (1 - EXPLAINED) * costOf(STILL);
}

/** Whether the two show the same, once laid on one another. An even picture shows nothing else. */
export function isAlike(a: ToneLevel, b: ToneLevel, motion: Homography): boolean {
  const stride = strideOf(a);
  let [n, su, sv, suu, svv, suv] = [0, 0, 0, 0, 0, 0];
  eachSample(a, b, motion, stride, (i, _x, _y, difference, w) => {
    const u = a.tone[i];
    const v = difference + u;
    n += w;
    su += w * u;
    sv += w * v;
    suu += w * u * u;
    svv += w * v * v;
    suv += w * u * v;
  });
  const [vu, vv] = [suu / n - (su / n) ** 2, svv / n - (sv / n) ** 2];
  if (vu < MIN_SPREAD ** 2 && vv < MIN_SPREAD ** 2) return true;
  return (suv / n - (su / n) * (sv / n)) / Math.sqrt(vu * vv) > MIN_ALIKE;
}
