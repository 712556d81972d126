/** Where a ray met a solid: distance, and the normal there. Reused, because this runs once a ray. */
export interface Hit {
  t: number;
  nx: number;
  ny: number;
  nz: number;
}

export const createHit = (): Hit => ({ t: Infinity, nx: 0, ny: 0, nz: 0 });

/** An upright box, its edges along the axes; metres. */
export interface Box {
  readonly x0: number;
  readonly x1: number;
  readonly y0: number;
  readonly y1: number;
  readonly z0: number;
  readonly z1: number;
}

/** Keeps the nearer of what `hit` holds and where the ray enters the box; true when it is the box. */
export function hitBox(
  box: Box,
  ox: number,
  oy: number,
  oz: number,
  dx: number,
  dy: number,
  dz: number,
  hit: Hit,
): boolean {
  const ax = ((dx > 0 ? box.x0 : box.x1) - ox) / dx;
  const bx = ((dx > 0 ? box.x1 : box.x0) - ox) / dx;
  const ay = ((dy > 0 ? box.y0 : box.y1) - oy) / dy;
  const by = ((dy > 0 ? box.y1 : box.y0) - oy) / dy;
  const az = ((dz > 0 ? box.z0 : box.z1) - oz) / dz;
  const bz = ((dz > 0 ? box.z1 : box.z0) - oz) / dz;
  const enter = Math.max(ax, ay, az);
  if (enter < 1e-4 || enter >= hit.t || enter > Math.min(bx, by, bz)) return false;
  hit.t = enter;
  hit.nx = enter === ax ? -Math.sign(dx) : 0;
  hit.ny = enter !== ax && enter === ay ? -Math.sign(dy) : 0;
  hit.nz = enter !== ax && enter !== ay ? -Math.sign(dz) : 0;
  return true;
}

/** A standing cylinder with a lid; metres. */
export interface Cylinder {
  readonly x: number;
  readonly z: number;
  readonly radius: number;
  readonly y0: number;
  readonly y1: number;
}

/** Keeps the nearer of what `hit` holds and where the ray meets the cylinder; true when it is the cylinder. */
export function hitCylinder(
  c: Cylinder,
  ox: number,
  oy: number,
  oz: number,
  dx: number,
  dy: number,
  dz: number,
  hit: Hit,
): boolean {
  const px = ox - c.x;
  const pz = oz - c.z;
  const a = dx * dx + dz * dz;
  const b = px * dx + pz * dz;
  const disc = b * b - a * (px * px + pz * pz - c.radius * c.radius);
  let found = false;
  if (disc > 0 && a > 0) {
    const t = (-b - Math.sqrt(disc)) / a;
    const y = oy + t * dy;
    if (t > 1e-4 && t < hit.t && y >= c.y0 && y <= c.y1) {
      hit.t = t;
      hit.nx = (px + t * dx) / c.radius;
      hit.ny = 0;
      hit.nz = (pz + t * dz) / c.radius;
      found = true;
    }
  }
  if (dy < 0 && oy > c.y1) {
    const t = (c.y1 - oy) / dy;
    const x = px + t * dx;
    const z = pz + t * dz;
    if (t > 1e-4 && t < hit.t && x * x + z * z <= c.radius * c.radius) {
      hit.t = t;
      hit.nx = 0;
      hit.ny = 1;
      hit.nz = 0;
      found = true;
    }
  }
  return found;
}
