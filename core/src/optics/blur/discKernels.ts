/** A small disc as offsets and their shares, which sum to 1. */
export interface DiscKernel {
  readonly dx: Int32Array;
  readonly dy: Int32Array;
  readonly share: Float32Array;
}

/** Sub-squares of a pixel along each side that are in the disc or out of it. */
const FINE = 8;

/** Coverage of pixels by a disc round the middle of one of them. */
function coverage(radius: number): DiscKernel {
  const reach = Math.ceil(radius - 0.5);
  const dx: number[] = [];
  const dy: number[] = [];
  const share: number[] = [];
  let total = 0;
  for (let y = -reach; y <= reach; y++)
    for (let x = -reach; x <= reach; x++) {
      let inside = 0;
      for (let j = 0; j < FINE; j++)
        for (let i = 0; i < FINE; i++) {
          const u = x + (i + 0.5) / FINE - 0.5;
          const v = y + (j + 0.5) / FINE - 0.5;
          if (u * u + v * v <= radius * radius) inside++;
        }
      if (inside === 0) continue;
      dx.push(x);
      dy.push(y);
      share.push(inside);
      total += inside;
    }
  return {
    dx: Int32Array.from(dx),
    dy: Int32Array.from(dy),
    share: Float32Array.from(share, (n) => n / total),
  };
}

/** Variance of a kernel along one axis, in square pixels. */
const varianceOf = ({ dx, share }: DiscKernel): number =>
  share.reduce((sum, w, k) => sum + w * dx[k] * dx[k], 0);

/**
 * The disc on the pixel grid that spreads light as a true disc of this radius does: its variance
 * along an axis is a quarter of the radius squared. Found by bisection, because whole pixels spread
 * light of their own.
 */
export function discKernel(radius: number): DiscKernel {
  const wanted = (radius * radius) / 4;
  let low = 0.4;
  let high = radius + 1;
  for (let step = 0; step < 14; step++) {
    const middle = (low + high) / 2;
    if (varianceOf(coverage(middle)) < wanted) low = middle;
    else high = middle;
  }
  return coverage(high);
}

/** Kernels of radii 0, 1/16, 2/16 ... px. */
export const KERNELS_A_PX = 16;
const kept: DiscKernel[] = [];

/** The kernel of a radius rounded to 1/16 px; remembered. */
export function nearestDisc(radius: number): DiscKernel {
  const index = (radius * KERNELS_A_PX + 0.5) | 0;
  return (kept[index] ??= discKernel(index / KERNELS_A_PX));
}
