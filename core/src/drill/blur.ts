import type { SimulatedPlan } from '../simulate/simulatedPlan';
import { blurRadiusPx } from '../optics/defocus';
import { shakePx } from '../optics/shake/shake';
import { pixelAngleRad } from '../optics/zoom';
import type { KnownLight } from './knownLight';
import type { JudgedRaw } from './regionReading';
import type { RegionBox } from './region';

/**
 * Blur is told as the diameter in pixels of the file of a disc with the same spread: a line of
 * length L spreads along itself by L / sqrt(12), a disc of diameter D along each axis by D / 4.
 */
const DISC_OF_LINE = Math.sqrt(8 / 12);
/** Most frames by hand shake by no more than so many times the mean. */
const UNSTEADY = 1.5;

/** Diameter of blur in pixels that a hand and a focus will leave on a region, in most frames. */
export function foreseenBlurPx(plan: SimulatedPlan, { distanceM }: KnownLight): number {
  const { shot, lens, binning, defocus } = plan;
  const shaken = shot.steady
    ? 0
    : UNSTEADY *
      DISC_OF_LINE *
      shakePx(shot.timeS, shot.stabiliserStops, pixelAngleRad(lens, binning));
  return Math.hypot(shaken, 2 * blurRadiusPx(defocus, distanceM));
}

const MAX_BLUR_PX = 40;
const STEPS = 40;
/** Diameters that are tried: closer to one another where there is little blur. */
const diameterOf = (step: number): number => MAX_BLUR_PX * (step / STEPS) ** 1.5;

/** Weights of a Gaussian; finer than the grid, of three values that spread as far. */
function kernelOf(sigma: number): Float32Array {
  if (sigma < 0.6) return Float32Array.of(sigma ** 2 / 2, 1 - sigma ** 2, sigma ** 2 / 2);
  const reach = Math.ceil(3 * sigma);
  return Float32Array.from({ length: 2 * reach + 1 }, (_, i) =>
    Math.exp(-((i - reach) ** 2) / (2 * sigma * sigma)),
  );
}

/** Blurs a square row by row, then column by column, with a Gaussian; edges are held. */
function blurred(from: Float32Array, size: number, sigma: number): Float32Array {
  const weights = kernelOf(sigma);
  const reach = weights.length >> 1;
  const sum = weights.reduce((a, v) => a + v, 0);
  const across = new Float32Array(from.length);
  const out = new Float32Array(from.length);
  pass(from, across, size, 1, weights, reach, sum);
  pass(across, out, size, size, weights, reach, sum);
  return out;
}

function pass(
  from: Float32Array,
  to: Float32Array,
  size: number,
  step: number,
  weights: Float32Array,
  reach: number,
  sum: number,
): void {
  const other = step === 1 ? size : 1;
  for (let line = 0; line < size; line++)
    for (let i = 0; i < size; i++) {
      let v = 0;
      for (let k = -reach; k <= reach; k++) {
        const at = Math.min(size - 1, Math.max(0, i + k));
        v += weights[k + reach] * from[line * other + at * step];
      }
      to[line * other + i * step] = v / sum;
    }
}

/** Greens of a mosaic's square, two to a value: half as many a side. */
function greens(at: (column: number, row: number) => number, size: number): Float32Array {
  const half = size >> 1;
  const out = new Float32Array(half * half);
  for (let y = 0; y < half; y++)
    for (let x = 0; x < half; x++)
      out[y * half + x] = (at(2 * x + 1, 2 * y) + at(2 * x, 2 * y + 1)) / 2;
  return out;
}

/** Sum of squared differences of a square from another, scaled and shifted to fit best. */
function misfit(model: Float32Array, seen: Float32Array): number {
  const n = seen.length;
  let [sm, ss, smm, sms, sss] = [0, 0, 0, 0, 0];
  for (let i = 0; i < n; i++) {
    sm += model[i];
    ss += seen[i];
    smm += model[i] * model[i];
    sms += model[i] * seen[i];
    sss += seen[i] * seen[i];
  }
  const vm = smm - (sm * sm) / n;
  const cov = sms - (sm * ss) / n;
  const vs = sss - (ss * ss) / n;
  return vm > 0 ? vs - (cov * cov) / vm : vs;
}

/**
 * Diameter of blur in pixels of the file that a raw has on a region: the blur of the known light
 * that fits it best (least squares over its greens).
 */
export function measuredBlurPx(
  raw: JudgedRaw,
  light: KnownLight,
  { column, row, size }: RegionBox,
): number {
  const seen = greens((x, y) => raw.data[(row + y) * raw.width + column + x], size);
  const sharp = greens((x, y) => light.mosaic[y * size + x], size);
  const half = size >> 1;
  // A disc of diameter D spreads by D / 4; a value here is two pixels wide.
  const errors = Array.from({ length: STEPS + 1 }, (_, i) =>
    misfit(blurred(sharp, half, diameterOf(i) / 8), seen),
  );
  const best = errors.indexOf(Math.min(...errors));
  const [before, here, after] = [errors[best - 1], errors[best], errors[best + 1]];
  const bend = before - 2 * here + after;
  const shift = bend > 0 ? (before - after) / (2 * bend) : 0;
  return diameterOf(best + (Number.isFinite(shift) ? shift : 0));
}
