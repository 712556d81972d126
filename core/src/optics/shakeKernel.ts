import { shakePath } from './shake';

/** Places a blurred pixel takes its light from: offsets in pixels and their shares, which sum to 1. */
export interface BlurKernel {
  readonly dx: Int32Array;
  readonly dy: Int32Array;
  readonly share: Float32Array;
  /** Farthest offset along either side. */
  readonly reach: number;
}

/** Blur shorter than this is not seen and not worth the time. */
const LEAST_PX = 0.35;
const POINTS_PER_PX = 3;
const MOST_POINTS = 600;

/**
 * The blur a hand-held camera gives a picture, as a kernel; null where it would not show.
 *
 * @param pixelAngleRad angle of a pixel of the picture to be blurred
 */
export function shakeKernel(
  seed: number,
  timeS: number,
  stabiliserStops: number,
  pixelAngleRad: number,
): BlurKernel | null {
  const coarse = shakePath(seed, timeS, stabiliserStops, 64);
  let way = 0;
  for (let i = 2; i < coarse.length; i++) way += Math.abs(coarse[i] - coarse[i - 2]);
  if (way / pixelAngleRad < LEAST_PX) return null;
  const points = Math.min(MOST_POINTS, 16 + Math.ceil((POINTS_PER_PX * way) / pixelAngleRad));
  const path = shakePath(seed, timeS, stabiliserStops, points);
  const shares = new Map<string, number>();
  const add = (x: number, y: number, share: number): void => {
    if (share > 0) shares.set(`${x},${y}`, (shares.get(`${x},${y}`) ?? 0) + share / points);
  };
  for (let i = 0; i < points; i++) {
    const x = path[2 * i] / pixelAngleRad;
    const y = path[2 * i + 1] / pixelAngleRad;
    const [ix, iy] = [Math.floor(x), Math.floor(y)];
    const [fx, fy] = [x - ix, y - iy];
    add(ix, iy, (1 - fx) * (1 - fy));
    add(ix + 1, iy, fx * (1 - fy));
    add(ix, iy + 1, (1 - fx) * fy);
    add(ix + 1, iy + 1, fx * fy);
  }
  const places = [...shares.keys()].map((key) => key.split(',').map(Number));
  return {
    dx: Int32Array.from(places, (p) => p[0]),
    dy: Int32Array.from(places, (p) => p[1]),
    share: Float32Array.from(shares.values()),
    reach: places.reduce((m, [x, y]) => Math.max(m, Math.abs(x), Math.abs(y)), 0),
  };
}

/**
 * Blurs rows of an interleaved RGB picture by a kernel. Light from beyond the picture's sides is taken from its edge.
 *
 * @param rgb `width` x `height` pixels
 * @param firstRow row of `rgb` the output starts at; rows around it within the kernel's reach are read where there are any
 * @param out receives `rows` rows
 */
export function blurRows(
  rgb: Float32Array,
  width: number,
  height: number,
  kernel: BlurKernel,
  firstRow: number,
  rows: number,
  out: Float32Array,
): void {
  const { dx, dy, share } = kernel;
  const stride = 3 * width;
  out.fill(0, 0, rows * stride);
  for (let row = 0; row < rows; row++) {
    const o = row * stride;
    for (let k = 0; k < share.length; k++) {
      const y = Math.min(height - 1, Math.max(0, firstRow + row + dy[k]));
      const w = share[k];
      const from = y * stride + 3 * dx[k];
      const first = Math.min(stride, Math.max(0, -3 * dx[k]));
      const last = Math.max(0, Math.min(stride, stride - 3 * dx[k]));
      for (let i = first; i < last; i++) out[o + i] += w * rgb[from + i];
      const left = y * stride;
      for (let i = 0; i < first; i++) out[o + i] += w * rgb[left + (i % 3)];
      const right = left + stride - 3;
      for (let i = last; i < stride; i++) out[o + i] += w * rgb[right + (i % 3)];
    }
  }
}
