import { solveSpd } from '../../response/solveSpd';
import { composed, inverse, magnified, similarity, type Homography } from './homography';
import {
  DIFFERENCE_STEP,
  DIFFERENCE_STEPS,
  eachSample,
  MIN_SPREAD,
  meanDifference,
  MIN_OVERLAP,
  OUTLIER,
  strideOf,
  usualDifference,
} from './laidTones';
import { FINEST_STOPS, type ToneLevel } from './toneLevels';

/** How far the smallest level is searched to each side, against its longer one. */
const REACH = 0.2;
/** Steps a level is given to settle, and when it has. */
const STEPS = 8;
const SETTLED_PX = 0.004;
/** A step longer than this, against half the picture's diagonal, leads nowhere. */
const MAX_STEP = 0.3;
/** What a place that clips, or is dark, counts in the search. */
const SEEN = 0.15;
/** What a search's shift as far as it goes has to gain: along bare lines every shift is as good. */
const STAYING = 0.03;
/** Squared gradient, in stops a pixel, below which a picture says nothing of a motion. */
const BARE = 2e-6;
/** The same for what a size does not show: it stays as it was. */
const HELD = 1e6;

/**
 * How a frame lies against another, whatever the exposure of each: a search for the shift at the
 * smallest size, then at each larger one least-squares steps for shift, turn, scale and perspective
 * (Lucas and Kanade 1981; Baker and Matthews 2004, inverse compositional), of tones both frames
 * hold, weighted by their noise, what moved by itself counted less (Geman and McClure 1987).
 *
 * @param reference levels of the one, the largest first; likewise of the other
 * @returns where what lies at a place of the reference lies in the other, in pixels of the largest
 *   level; null where they hold too little in common
 */
export function alignTones(
  reference: readonly ToneLevel[],
  other: readonly ToneLevel[],
): Homography | null {
  const top = reference.length - 1;
  let motion = searched(reference[top], other[top]);
  for (let level = top; motion && level >= 0; level--) {
    if (level < top) motion = magnified(motion, 2);
    motion = settled(reference[level], other[level], motion);
  }
  return motion;
}

/** The same from a motion on, that is nearly right, at one size; null as above. */
export const refineTones = (
  reference: ToneLevel,
  other: ToneLevel,
  start: Homography,
): Homography | null => settled(reference, other, start);

/** The whole shift of the smallest level at which tones correlate most. */
function searched(a: ToneLevel, b: ToneLevel): Homography | null {
  const reach = Math.ceil(REACH * Math.max(a.width, a.height));
  let [best, dx, dy] = [-Infinity, 0, 0];
  for (let y = -reach; y <= reach; y++)
    for (let x = -reach; x <= reach; x++) {
      const r = correlation(a, b, x, y);
      const score = r - STAYING * ((x * x + y * y) / (reach * reach));
      if (score > best) [best, dx, dy] = [score, x, y];
    }
  return best === -Infinity ? null : similarity(dx, dy);
}

/** Weighted correlation where both hold the light; -Infinity where that is too little. */
function correlation(a: ToneLevel, b: ToneLevel, dx: number, dy: number): number {
  const { width, height } = a;
  let [n, sa, sb, saa, sbb, sab] = [0, 0, 0, 0, 0, 0];
  for (let y = Math.max(0, -dy); y < Math.min(height, height - dy); y++)
    for (let x = Math.max(0, -dx); x < Math.min(width, width - dx); x++) {
      const [i, j] = [y * width + x, (y + dy) * width + x + dx];
      // What clips is bright, which says something at this size.
      const w = (SEEN + a.weight[i]) * (SEEN + b.weight[j]);
      const [u, v] = [a.tone[i], b.tone[j]];
      n += w;
      sa += w * u;
      sb += w * v;
      saa += w * u * u;
      sbb += w * v * v;
      sab += w * u * v;
    }
  if (n < MIN_OVERLAP * width * height) return -Infinity;
  const [va, vb] = [saa - (sa * sa) / n, sbb - (sb * sb) / n];
  return va > 0 && vb > 0 ? (sab - (sa * sb) / n) / Math.sqrt(va * vb) : 0;
}

/**
 * Parameters of a step, a pixel at the corner each: shift (two), scale, turn, two shears, two of
 * perspective; and the exposure.
 */
const N = 9;
/** The smallest sizes show shift, scale and turn only. */
const MIN_SIDE_FULL = 120;

interface Sums {
  readonly matrix: Float64Array;
  readonly vector: Float64Array;
  /** Weight of the samples by how much they differ, in steps. */
  readonly differences: Float64Array;
  weight: number;
  samples: number;
}

/** Gauss-Newton at one size; null where they hold too little in common. */
function settled(a: ToneLevel, b: ToneLevel, start: Homography): Homography | null {
  const stride = strideOf(a);
  const radius = Math.hypot(a.width, a.height) / 2;
  let motion = start;
  let spread = Infinity;
  let offset = meanDifference(a, b, motion, stride);
  if (offset === null) return null;
  const free = freedom(a, b, motion, stride);
  for (let step = 0; step < STEPS; step++) {
    const sums = equations(a, b, motion, offset, spread, stride, radius);
    if (sums.weight < MIN_OVERLAP * sums.samples) return null;
    for (let k = 0; k < N - 1; k++)
      sums.matrix[k * N + k] += (k < free ? BARE : HELD) * sums.samples;
    const found = solveSpd(sums.matrix, sums.vector);
    if (!found.subarray(0, N - 1).every((v) => Math.abs(v) < MAX_STEP * radius)) return null;
    motion = composed(inverse(stepOf(found, radius)), motion);
    offset += found[N - 1];
    spread = Math.max(MIN_SPREAD, OUTLIER * usualDifference(sums.differences));
    if (found.subarray(0, N - 1).every((v) => Math.abs(v) < SETTLED_PX)) break;
  }
  return motion;
}

/** Cells of a picture, along each side, that are asked whether they show a motion. */
const CELLS = 4;
/** Weighted squares of gradients from which on a cell shows where it is, to a tenth of a pixel. */
const TELLING = 0.5;
/** Telling cells it takes for shift, scale and turn, and for all of it. */
const CELLS_SIMILARITY = 3;
const CELLS_FULL = 8;

/** Cells of a picture that show a motion. */
function tellingCells(a: ToneLevel, b: ToneLevel, motion: Homography, stride: number): number {
  const { width, height, tone } = a;
  const told = new Float64Array(CELLS * CELLS);
  eachSample(a, b, motion, stride, (i, x, y, _difference, weight) => {
    const gx = (tone[i + 1] - tone[i - 1]) / 2;
    const gy = (tone[i + width] - tone[i - width]) / 2;
    const column = Math.min(CELLS - 1, Math.floor(CELLS * (x / width + 0.5)));
    const row = Math.min(CELLS - 1, Math.floor(CELLS * (y / height + 0.5)));
    // Noise alone makes slopes too.
    const noise = 2 * FINEST_STOPS ** 2 * (1 / weight - 1);
    told[row * CELLS + column] += weight * Math.max(0, gx * gx + gy * gy - noise);
  });
  return told.filter((v) => v > TELLING).length;
}

/**
 * How many of a step's parameters the two show: what a few places alone tell of shears and
 * perspective would be carried to all the others.
 */
function freedom(a: ToneLevel, b: ToneLevel, motion: Homography, stride: number): number {
  const telling = tellingCells(a, b, motion, stride);
  if (telling >= CELLS_FULL && Math.min(a.width, a.height) >= MIN_SIDE_FULL) return N - 1;
  return telling >= CELLS_SIMILARITY ? 4 : 2;
}

/** Where two show a motion: nearly all over, in some places, or next to nowhere. */
export function tellsWhere(
  a: ToneLevel,
  b: ToneLevel,
  motion: Homography,
): 'all-over' | 'in-places' | 'nowhere' {
  const telling = tellingCells(a, b, motion, strideOf(a));
  return telling >= CELLS_FULL ? 'all-over' : telling >= CELLS_SIMILARITY ? 'in-places' : 'nowhere';
}

/** What a step's parameters do. */
function stepOf(found: Float64Array, radius: number): Homography {
  const [dx, dy, scale, turn, shear, slant, px, py] = found;
  return [
    1 + (scale + shear) / radius,
    (slant - turn) / radius,
    dx,
    (slant + turn) / radius,
    1 + (scale - shear) / radius,
    dy,
    px / radius ** 2,
    py / radius ** 2,
    1,
  ];
}

/** Normal equations of one step. */
function equations(
  a: ToneLevel,
  b: ToneLevel,
  motion: Homography,
  offset: number,
  spread: number,
  stride: number,
  radius: number,
): Sums {
  const sums: Sums = {
    matrix: new Float64Array(N * N),
    vector: new Float64Array(N),
    differences: new Float64Array(DIFFERENCE_STEPS),
    weight: 0,
    samples: 0,
  };
  const { matrix, vector, differences } = sums;
  const { width, tone, weight: own } = a;
  const row = new Float64Array(N);
  sums.samples = eachSample(a, b, motion, stride, (i, x, y, difference, weight) => {
    // Where a neighbour clips, its tone says nothing of the slope.
    if (own[i - 1] * own[i + 1] * own[i - width] * own[i + width] === 0) return;
    const gx = (tone[i + 1] - tone[i - 1]) / 2;
    const gy = (tone[i + width] - tone[i - width]) / 2;
    const e = difference - offset;
    const fits = 1 / (1 + (e / spread) ** 2);
    const w = weight * fits * fits;
    row[0] = gx;
    row[1] = gy;
    row[2] = (gx * x + gy * y) / radius;
    row[3] = (gy * x - gx * y) / radius;
    row[4] = (gx * x - gy * y) / radius;
    row[5] = (gx * y + gy * x) / radius;
    row[6] = (-row[2] * x) / radius;
    row[7] = (-row[2] * y) / radius;
    row[8] = 1;
    for (let p = 0; p < N; p++) {
      const wp = w * row[p];
      vector[p] += wp * e;
      for (let q = p; q < N; q++) matrix[p * N + q] += wp * row[q];
    }
    sums.weight += w;
    const steps = Math.min(DIFFERENCE_STEPS - 1, Math.floor(Math.abs(e) / DIFFERENCE_STEP));
    differences[steps] += weight;
  });
  for (let p = 0; p < N; p++) for (let q = 0; q < p; q++) matrix[p * N + q] = matrix[q * N + p];
  return sums;
}
