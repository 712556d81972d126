import type { Vec3 } from '../../colour/mat3';
import { BT709_LUMA, encodeSrgb } from '../../colour/srgb';
import { balancedCameraToSrgb, whiteFromNeutral } from '../../colour/cameraProfile';
import type { RawFile } from '../../files/rawFile';
import type { FinishChoices } from './choices';
import { guidedBase, type LocalLine } from './guidedFilter';

/** Stops a picture shows above and below the mean of its large parts. */
const SHOWN_ABOVE = 2.4;
const SHOWN_BELOW = 4.5;
/** Difference that separates large parts, in stops. */
const EDGE_STOPS = 0.7;
/** Neighbourhood of the base, against the shorter side. */
const NEIGHBOURHOOD = 1 / 24;
/** Light at which the tone curve begins: mid-grey (key of Reinhard 2002). */
const KEY = 0.18;
/** The brightest share of the picture is let go to white, the darkest to black. */
const BRIGHTEST_SHARE = 0.001;
const EXTREMES = 0.005;
/** Darker than this there is only noise: stops under the light that is shown as 18 %. */
const DARKEST_STOPS = -16;

/** Linear RGB of a raw's light, white-balanced. */
export interface BalancedLight {
  /** `3 * width * height`, 1 where the raw clips. */
  readonly data: Float32Array;
  readonly width: number;
  readonly height: number;
}

/** What is measured once on a small picture, and holds for every size of it. */
export interface FinishPlan {
  readonly base: LocalLine;
  /** The matrix to linear sRGB, brightened by BaselineExposure. */
  readonly matrix: Float32Array;
  /** Mean of the light in stops, and how far it reaches above and below. */
  readonly mean: number;
  readonly above: number;
  readonly below: number;
  /** The brightest light that is told from white, in stops. */
  readonly brightest: number;
}

/**
 * Measures light that is to be finished: the base of its luminance by a guided filter (in place of
 * the bilateral filter of Durand and Dorsey 2002, whose halos it avoids), its mean and its range.
 *
 * @param small the picture, a few hundred pixels along its sides
 */
export function planFinish(
  { data, width, height }: BalancedLight,
  { profile, asShotNeutral }: Pick<RawFile, 'profile' | 'asShotNeutral'>,
  baselineExposure: number,
): FinishPlan {
  const white = whiteFromNeutral(profile, asShotNeutral);
  const gain = 2 ** baselineExposure;
  const matrix = Float32Array.from(balancedCameraToSrgb(profile, white), (v) => v * gain);
  const stops = new Float32Array(width * height);
  const rgb: [number, number, number] = [0, 0, 0];
  for (let p = 0; p < stops.length; p++) {
    developed(data, 3 * p, matrix, rgb);
    stops[p] = stopsOf(rgb);
  }
  const radius = Math.max(2, Math.round(Math.min(width, height) * NEIGHBOURHOOD));
  const base = guidedBase({ data: stops, width, height }, radius, EDGE_STOPS);
  const sorted = stops.slice().sort();
  const at = (share: number): number => sorted[Math.round(share * (sorted.length - 1))];
  const mean = stops.reduce((sum, v) => sum + v, 0) / stops.length;
  return {
    base,
    matrix,
    mean,
    above: at(1 - EXTREMES) - mean,
    below: mean - at(EXTREMES),
    brightest: at(1 - BRIGHTEST_SHARE),
  };
}

/** What white-balanced light is multiplied by, so that the colour that clips first clips at 1. */
export function balanceOf({ asShotNeutral }: Pick<RawFile, 'asShotNeutral'>): Vec3 {
  const top = Math.max(...asShotNeutral);
  return [top / asShotNeutral[0], top / asShotNeutral[1], top / asShotNeutral[2]];
}

/** Linear sRGB of a pixel; what clips in one channel does so in all, and stays white. */
function developed(
  data: Float32Array,
  i: number,
  m: Float32Array,
  rgb: [number, number, number],
): void {
  const r = Math.min(1, data[i]);
  const g = Math.min(1, data[i + 1]);
  const b = Math.min(1, data[i + 2]);
  rgb[0] = m[0] * r + m[1] * g + m[2] * b;
  rgb[1] = m[3] * r + m[4] * g + m[5] * b;
  rgb[2] = m[6] * r + m[7] * g + m[8] * b;
}

const [LUMA_R, LUMA_G, LUMA_B] = BT709_LUMA;
const DARKEST = 2 ** DARKEST_STOPS;

const stopsOf = (rgb: readonly [number, number, number]): number =>
  Math.log2(Math.max(DARKEST, LUMA_R * rgb[0] + LUMA_G * rgb[1] + LUMA_B * rgb[2]));

const ENCODED_STEPS = 16384;
const encoded = Uint8ClampedArray.from({ length: ENCODED_STEPS + 1 }, (_, i) =>
  Math.round(255 * encodeSrgb(i / ENCODED_STEPS)),
);

/**
 * Finishes rows of a picture: large differences compressed, small ones kept or made stronger
 * (Durand and Dorsey 2002, "Fast bilateral filtering for the display of high-dynamic-range
 * images"), then the global curve of Reinhard and others 2002 ("Photographic tone reproduction for
 * digital images", equation 4), whose white is the brightest that is told apart. Hues stay; what
 * is too bright to be shown in its colour pales.
 *
 * @param light of those rows, of a picture `height` high
 * @param out RGBA bytes, `4 * width * rows`
 */
export function finishRows(
  plan: FinishPlan,
  { brightness, range, detail }: FinishChoices,
  light: BalancedLight,
  firstRow: number,
  height: number,
  out: Uint8ClampedArray,
): void {
  const { data, width } = light;
  const { base, matrix, mean, brightest } = plan;
  const above = keptShare(plan.above, SHOWN_ABOVE, range);
  const below = keptShare(plan.below, SHOWN_BELOW, range);
  const key = Math.log2(KEY) + brightness;
  const white = 2 ** (2 * Math.max(0, key + above * (brightest - mean)));
  const rgb: [number, number, number] = [0, 0, 0];
  const [scaleX, scaleY] = [base.width / width, base.height / height];
  for (let y = 0, p = 0; y < light.height; y++) {
    const v = clampTo((firstRow + y + 0.5) * scaleY - 0.5, base.height - 1);
    const y0 = Math.min(Math.floor(v), Math.max(0, base.height - 2));
    const fy = v - y0;
    const upper = y0 * base.width;
    const lower = Math.min(base.height - 1, y0 + 1) * base.width;
    for (let x = 0; x < width; x++, p++) {
      developed(data, 3 * p, matrix, rgb);
      const own = stopsOf(rgb);
      const u = clampTo((x + 0.5) * scaleX - 0.5, base.width - 1);
      const x0 = Math.min(Math.floor(u), Math.max(0, base.width - 2));
      const fx = u - x0;
      const x1 = Math.min(base.width - 1, x0 + 1);
      const [w00, w10, w01, w11] = [(1 - fx) * (1 - fy), fx * (1 - fy), (1 - fx) * fy, fx * fy];
      const { slope, offset } = base;
      const a =
        w00 * slope[upper + x0] +
        w10 * slope[upper + x1] +
        w01 * slope[lower + x0] +
        w11 * slope[lower + x1];
      const b =
        w00 * offset[upper + x0] +
        w10 * offset[upper + x1] +
        w01 * offset[lower + x0] +
        w11 * offset[lower + x1];
      const large = a * own + b;
      const toned =
        2 ** (key + (large > mean ? above : below) * (large - mean) + detail * (own - large));
      const shown = Math.min(1, (toned * (1 + toned / white)) / (1 + toned));
      store(rgb, shown / 2 ** own, shown, out, 4 * p);
    }
  }
}

/** What is kept of large differences that reach so far, where so much can be shown. */
const keptShare = (reach: number, shown: number, range: number): number =>
  1 - range * Math.max(0, 1 - shown / Math.max(shown, reach));

const clampTo = (v: number, most: number): number => (v < 0 ? 0 : v > most ? most : v);

/** Stores a pixel brightened by a factor, paler where a channel would leave what can be shown. */
function store(
  [r, g, b]: readonly [number, number, number],
  factor: number,
  shown: number,
  out: Uint8ClampedArray,
  o: number,
): void {
  const most = Math.max(r, g, b) * factor;
  const kept = most > 1 ? Math.max(0, 1 - shown) / Math.max(1e-6, most - shown) : 1;
  const pale = shown * (1 - kept);
  const scale = factor * kept * ENCODED_STEPS;
  const grey = pale * ENCODED_STEPS + 0.5;
  out[o] = encoded[bounded(r * scale + grey)];
  out[o + 1] = encoded[bounded(g * scale + grey)];
  out[o + 2] = encoded[bounded(b * scale + grey)];
  out[o + 3] = 255;
}

const bounded = (v: number): number => (v < 0 ? 0 : v > ENCODED_STEPS ? ENCODED_STEPS : v | 0);
