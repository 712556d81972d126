/** The drying shed seen from outside: a box with a gable roof along z. Metres, ground at 0. */
export const SHED = {
  x0: 6.6,
  x1: 12.6,
  z0: 22,
  z1: 31,
  eaves: 3,
  ridge: 5.1,
  overhang: 0.45,
} as const;

/** Result of a hit, reused between calls. */
export interface ShedHit {
  t: number;
  /** Surface normal. */
  nx: number;
  ny: number;
  nz: number;
  roof: boolean;
}

const MIDDLE = (SHED.x0 + SHED.x1) / 2;
const HALF = (SHED.x1 - SHED.x0) / 2;
const ROOF_SLOPE = (SHED.ridge - SHED.eaves) / HALF;
const ROOF_LENGTH = Math.hypot(1, ROOF_SLOPE);

/** Height of the roof over a point of the floor plan. */
const roofHeight = (x: number): number => SHED.ridge - Math.abs(x - MIDDLE) * ROOF_SLOPE;

/** Nearest hit of a ray with the shed; `hit.t` is Infinity when it misses. */
export function hitShed(
  ox: number,
  oy: number,
  oz: number,
  dx: number,
  dy: number,
  dz: number,
  hit: ShedHit,
): void {
  hit.t = Infinity;
  if (missesBounds(ox, oz, dx, dz)) return;
  // Roof: two planes y = ridge - |x - middle| * slope, with overhang on all sides.
  for (let side = -1; side <= 1; side += 2) {
    const denominator = dy + side * ROOF_SLOPE * dx;
    const t = (SHED.ridge - oy - side * ROOF_SLOPE * (ox - MIDDLE)) / denominator;
    if (!(t > 1e-3) || t >= hit.t) continue;
    const x = ox + t * dx;
    const z = oz + t * dz;
    const out = (x - MIDDLE) * side;
    if (out < 0 || out > HALF + SHED.overhang) continue;
    if (z < SHED.z0 - SHED.overhang || z > SHED.z1 + SHED.overhang) continue;
    setHit(hit, t, (side * ROOF_SLOPE) / ROOF_LENGTH, 1 / ROOF_LENGTH, 0, true);
  }
  // Front wall with its gable, then the two side walls.
  hitWallZ(SHED.z0, ox, oy, oz, dx, dy, dz, hit);
  hitWallX(SHED.x0, -1, ox, oy, oz, dx, dy, dz, hit);
  hitWallX(SHED.x1, 1, ox, oy, oz, dx, dy, dz, hit);
}

function missesBounds(ox: number, oz: number, dx: number, dz: number): boolean {
  const cx = MIDDLE - ox;
  const cz = (SHED.z0 + SHED.z1) / 2 - oz;
  const across = cx * dz - cz * dx;
  const length2 = dx * dx + dz * dz;
  const radius = 6.4;
  return across * across > radius * radius * length2;
}

function setHit(hit: ShedHit, t: number, nx: number, ny: number, nz: number, roof: boolean): void {
  hit.t = t;
  hit.nx = nx;
  hit.ny = ny;
  hit.nz = nz;
  hit.roof = roof;
}

function hitWallZ(
  plane: number,
  ox: number,
  oy: number,
  oz: number,
  dx: number,
  dy: number,
  dz: number,
  hit: ShedHit,
): void {
  const t = (plane - oz) / dz;
  if (!(t > 1e-3) || t >= hit.t) return;
  const x = ox + t * dx;
  const y = oy + t * dy;
  if (x < SHED.x0 || x > SHED.x1 || y < 0 || y > roofHeight(x)) return;
  setHit(hit, t, 0, 0, -1, false);
}

function hitWallX(
  plane: number,
  side: number,
  ox: number,
  oy: number,
  oz: number,
  dx: number,
  dy: number,
  dz: number,
  hit: ShedHit,
): void {
  const t = (plane - ox) / dx;
  if (!(t > 1e-3) || t >= hit.t) return;
  const y = oy + t * dy;
  const z = oz + t * dz;
  if (z < SHED.z0 || z > SHED.z1 || y < 0 || y > SHED.eaves) return;
  setHit(hit, t, side, 0, 0, false);
}
