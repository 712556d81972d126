import type { Plane } from '../pyramid';

/** Means over squares of `2 radius + 1` pixels, cut off at the edges, in time independent of it. */
export function boxMean({ data, width, height }: Plane, radius: number): Float32Array {
  const across = new Float32Array(data.length);
  for (let y = 0; y < height; y++) {
    const row = y * width;
    let sum = 0;
    for (let x = 0; x < Math.min(width, radius); x++) sum += data[row + x];
    for (let x = 0; x < width; x++) {
      if (x + radius < width) sum += data[row + x + radius];
      if (x > radius) sum -= data[row + x - radius - 1];
      across[row + x] = sum / (Math.min(width - 1, x + radius) - Math.max(0, x - radius) + 1);
    }
  }
  const mean = new Float32Array(data.length);
  const sums = new Float64Array(width);
  for (let y = 0; y < Math.min(height, radius); y++)
    for (let x = 0; x < width; x++) sums[x] += across[y * width + x];
  for (let y = 0; y < height; y++) {
    const [below, above] = [y + radius, y - radius - 1];
    if (below < height) for (let x = 0; x < width; x++) sums[x] += across[below * width + x];
    if (above >= 0) for (let x = 0; x < width; x++) sums[x] -= across[above * width + x];
    const n = Math.min(height - 1, below) - Math.max(0, above + 1) + 1;
    for (let x = 0; x < width; x++) mean[y * width + x] = sums[x] / n;
  }
  return mean;
}

/** A smooth base of a plane: what lies at a pixel is `slope * value + offset` there. */
export interface LocalLine {
  readonly slope: Float32Array;
  readonly offset: Float32Array;
  readonly width: number;
  readonly height: number;
}

/**
 * The guided filter with the plane as its own guide (He, Sun and Tang 2010), as the lines it lays
 * through each neighbourhood: they may be interpolated for a finer plane of the same picture (fast
 * guided filter, He and Sun 2015). Smooths what varies by less than `edge`, keeps what varies more.
 *
 * @param radius of the neighbourhood in pixels
 * @param edge standard deviation that counts as an edge
 */
export function guidedBase(plane: Plane, radius: number, edge: number): LocalLine {
  const { data, width, height } = plane;
  const mean = boxMean(plane, radius);
  const squares = boxMean({ width, height, data: data.map((v) => v * v) }, radius);
  const slope = new Float32Array(data.length);
  const offset = new Float32Array(data.length);
  for (let i = 0; i < data.length; i++) {
    const variance = Math.max(0, squares[i] - mean[i] * mean[i]);
    slope[i] = variance / (variance + edge * edge);
    offset[i] = (1 - slope[i]) * mean[i];
  }
  return {
    slope: boxMean({ width, height, data: slope }, radius),
    offset: boxMean({ width, height, data: offset }, radius),
    width,
    height,
  };
}
