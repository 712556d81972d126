import { gradientStep } from './gradientStep';
import { planeNoise } from './planeNoise';
import { pyramid, type Plane } from './pyramid';
import { NO_SHIFT, type Shift } from './shift';

/**
 * Shorter side of the coarsest level, and how far it is searched there: a fifth of the picture to
 * each side.
 */
const COARSEST = 40;
const REACH = 0.2;
/** Steps a level is given to settle, and when it has. */
const STEPS = 8;
const SETTLED_PX = 0.003;
/**
 * A pixel that has changed more than so many typical differences has been walked through, and
 * counts less.
 */
const OUTLIER = 2.5;
/** At least so much of the picture has to be in both frames. */
const MIN_OVERLAP = 0.5;
/** Frames whose coarsest levels correlate less than this show something else. */
const MIN_ALIKE = 0.6;
/**
 * What a shift as far as it is searched has to gain in correlation: along bare lines every shift is
 * as good as none.
 */
const STAYING = 0.03;
/**
 * A reference with less contrast than this (standard deviation in codes) shows no shift, and is
 * taken to have none.
 */
const FLAT = 0.7;
/**
 * An even frame is the same as another where their means differ by no more than this many codes.
 */
const SAME_MEAN = 12;

/** One level of the reference, and the standard deviation of its noise. */
interface Level {
  readonly plane: Plane;
  readonly noise: number;
}

/**
 * Finds how far frames have moved against a first one, to fractions of a pixel: a search over the
 * coarsest level of a pyramid, then least squares by the gradient at each finer one (Lucas and
 * Kanade 1981), with pixels that do not fit counted less (Huber's weights).
 */
export class TranslationAligner {
  private readonly levels: readonly Level[];

  constructor(reference: Plane) {
    this.levels = pyramid(reference, COARSEST).map((plane) => ({
      plane,
      noise: planeNoise(plane),
    }));
  }

  /**
   * @param plane as large as the reference
   * @returns null where the two have too little in common
   */
  align(plane: Plane): Shift | null {
    const moved = pyramid(plane, COARSEST);
    const top = moved.length - 1;
    const found = search(this.levels[top].plane, moved[top]);
    if (found.flat) return found.sameMean ? NO_SHIFT : null;
    if (found.alike < MIN_ALIKE) return null;
    let { dx, dy } = found;
    for (let level = top; level >= 0; level--) {
      if (level < top) [dx, dy] = [2 * dx, 2 * dy];
      const fit = refine(this.levels[level], moved[level], dx, dy);
      if (!fit) return null;
      ({ dx, dy } = fit);
    }
    return { dx, dy };
  }
}

/** The whole shift of the coarsest level at which the planes correlate most. */
function search(a: Plane, b: Plane) {
  const reach = Math.ceil(REACH * Math.max(a.width, a.height));
  let [dx, dy, alike, best] = [0, 0, -1, -Infinity];
  for (let y = -reach; y <= reach; y++)
    for (let x = -reach; x <= reach; x++) {
      const r = correlation(a, b, x, y);
      const score = r - STAYING * ((x * x + y * y) / (reach * reach));
      if (score > best) [dx, dy, alike, best] = [x, y, r, score];
    }
  const [mean, spread] = momentsOf(a);
  const [movedMean, movedSpread] = momentsOf(b);
  return {
    dx,
    dy,
    alike,
    flat: spread < FLAT,
    sameMean: Math.abs(movedMean - mean) < SAME_MEAN && movedSpread < 2 * FLAT,
  };
}

/** Mean and standard deviation of a plane. */
function momentsOf({ data }: Plane): [number, number] {
  let [sum, squares] = [0, 0];
  for (let i = 0; i < data.length; i++) {
    sum += data[i];
    squares += data[i] * data[i];
  }
  const mean = sum / data.length;
  return [mean, Math.sqrt(Math.max(0, squares / data.length - mean * mean))];
}

/** Correlation (Pearson's) where both planes are, -1..1: a change of light does not count. */
function correlation(a: Plane, b: Plane, dx: number, dy: number): number {
  const { width, height } = a;
  let [n, sa, sb, saa, sbb, sab] = [0, 0, 0, 0, 0, 0];
  for (let y = Math.max(0, -dy); y < Math.min(height, height - dy); y++)
    for (let x = Math.max(0, -dx); x < Math.min(width, width - dx); x++, n++) {
      const [u, v] = [a.data[y * width + x], b.data[(y + dy) * width + x + dx]];
      sa += u;
      sb += v;
      saa += u * u;
      sbb += v * v;
      sab += u * v;
    }
  if (n < MIN_OVERLAP * width * height) return -1;
  const [va, vb] = [saa - (sa * sa) / n, sbb - (sb * sb) / n];
  return va > 0 && vb > 0 ? (sab - (sa * sb) / n) / Math.sqrt(va * vb) : -1;
}

/** Gauss-Newton from a shift on one level; null where the planes hardly meet. */
function refine({ plane: a, noise }: Level, b: Plane, dx: number, dy: number): Shift | null {
  const { width, height } = a;
  // A quarter of a large level's pixels says as much as all of them.
  const stride = width * height > 300_000 ? 2 : 1;
  let limit = Infinity;
  for (let step = 0; step < STEPS; step++) {
    const sums = equations(a, b, dx, dy, stride, limit);
    if (sums.n * stride * stride < MIN_OVERLAP * width * height) return null;
    const { sx, sy } = gradientStep(sums, noise);
    dx -= sx;
    dy -= sy;
    limit = OUTLIER * Math.sqrt(sums.squares / sums.n);
    if (Math.hypot(sx, sy) < SETTLED_PX) break;
  }
  return { dx, dy };
}

/** Sums of the normal equations of one step. */
function equations(a: Plane, b: Plane, dx: number, dy: number, stride: number, limit: number) {
  const { width, height } = a;
  const [ix, iy] = [Math.floor(dx), Math.floor(dy)];
  const [fx, fy] = [dx - ix, dy - iy];
  const [w00, w10, w01, w11] = [(1 - fx) * (1 - fy), fx * (1 - fy), (1 - fx) * fy, fx * fy];
  const x0 = Math.max(1, -ix);
  const x1 = Math.min(width - 1, width - 1 - ix);
  const y0 = Math.max(1, -iy);
  const y1 = Math.min(height - 1, height - 1 - iy);
  let [n, xx, xy, yy, xe, ye, squares] = [0, 0, 0, 0, 0, 0, 0];
  const [A, B] = [a.data, b.data];
  for (let y = y0; y < y1; y += stride)
    for (let x = x0; x < x1; x += stride) {
      const i = y * width + x;
      const j = (y + iy) * width + x + ix;
      const seen = w00 * B[j] + w10 * B[j + 1] + w01 * B[j + width] + w11 * B[j + width + 1];
      const e = seen - A[i];
      const gx = 0.5 * (A[i + 1] - A[i - 1]);
      const gy = 0.5 * (A[i + width] - A[i - width]);
      const size = e < 0 ? -e : e;
      const w = size > limit ? limit / size : 1;
      xx += w * gx * gx;
      xy += w * gx * gy;
      yy += w * gy * gy;
      xe += w * gx * e;
      ye += w * gy * e;
      squares += w * e * e;
      n++;
    }
  return { n, xx, xy, yy, xe, ye, squares };
}
