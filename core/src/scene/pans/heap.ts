/** A salt heap: a cone with a rounded top, y = top - slope * sqrt(r^2 + round^2). Metres. */
export interface Heap {
  readonly x: number;
  readonly z: number;
  readonly height: number;
  readonly slope: number;
  readonly round: number;
}

/** Height of the apex of the unrounded cone above ground. */
const peak = (h: Heap): number => h.height + h.slope * h.round;

/** Radius at which the heap meets the ground. */
export const footRadius = (h: Heap): number => Math.sqrt((peak(h) / h.slope) ** 2 - h.round ** 2);

/**
 * Distance along a ray to the heap above ground, or Infinity.
 * Rays start at (ox, oy, oz) with a unit direction; oy is height above ground.
 */
export function hitHeap(
  h: Heap,
  ox: number,
  oy: number,
  oz: number,
  dx: number,
  dy: number,
  dz: number,
): number {
  const px = ox - h.x;
  const pz = oz - h.z;
  const k2 = h.slope * h.slope;
  const top = peak(h);
  // (top - y)^2 = k^2 (r^2 + round^2) along the ray.
  const py = top - oy;
  const a = dy * dy - k2 * (dx * dx + dz * dz);
  const b = -py * dy - k2 * (px * dx + pz * dz);
  const c = py * py - k2 * (px * px + pz * pz + h.round * h.round);
  const disc = b * b - a * c;
  if (disc <= 0) return Infinity;
  const root = Math.sqrt(disc);
  let best = Infinity;
  for (let s = -1; s <= 1; s += 2) {
    const t = (-b + s * root) / a;
    if (t > 1e-3 && t < best) {
      const y = oy + t * dy;
      if (y >= 0 && y < top) best = t;
    }
  }
  return best;
}
