import { shakePath } from './shake';

/**
 * Places a blurred pixel takes its light from: offsets in pixels and their shares, which sum to 1.
 */
export interface BlurKernel {
  readonly dx: Int32Array;
  readonly dy: Int32Array;
  readonly share: Float32Array;
  /** Farthest offset along either side. */
  readonly reach: number;
}

/** Blur shorter than this is not seen and not worth the time. */
const MIN_PX = 0.35;
const POINTS_PER_PX = 3;
const MAX_POINTS = 600;

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
  if (way / pixelAngleRad < MIN_PX) return null;
  const points = Math.min(MAX_POINTS, 16 + Math.ceil((POINTS_PER_PX * way) / pixelAngleRad));
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
