/** Procedural textures: band-limited by the pixel's footprint, so that every lens sees its own detail. */

const hash2 = (x: number, y: number): number => {
  let h = Math.imul(x, 0x27d4eb2d) ^ Math.imul(y, 0x165667b1);
  h = Math.imul(h ^ (h >>> 15), 0x85ebca6b);
  h = Math.imul(h ^ (h >>> 13), 0xc2b2ae35);
  return (h ^ (h >>> 16)) >>> 0;
};

/** A number 0..1 that belongs to a lattice cell. */
export const cellRandom = (x: number, y: number, salt: number): number =>
  hash2(x + Math.imul(salt, 7919), y - Math.imul(salt, 104729)) / 4294967296;

const LATTICE_BITS = 8;
const LATTICE_MASK = (1 << LATTICE_BITS) - 1;
/** Random heights -1..1 on a lattice that repeats every 256 cells: one look-up instead of a hash. */
const LATTICE = Float32Array.from(
  { length: 1 << (2 * LATTICE_BITS) },
  (_, i) => hash2(i & LATTICE_MASK, i >> LATTICE_BITS) / 2147483648 - 1,
);

/** Value noise in -1..1 with quintic interpolation; repeats every 256 units. */
export function valueNoise(x: number, y: number): number {
  const ix = Math.floor(x);
  const iy = Math.floor(y);
  const fx = x - ix;
  const fy = y - iy;
  const wx = fx * fx * fx * (fx * (fx * 6 - 15) + 10);
  const wy = fy * fy * fy * (fy * (fy * 6 - 15) + 10);
  const x0 = ix & LATTICE_MASK;
  const x1 = (ix + 1) & LATTICE_MASK;
  const y0 = (iy & LATTICE_MASK) << LATTICE_BITS;
  const y1 = ((iy + 1) & LATTICE_MASK) << LATTICE_BITS;
  const a = LATTICE[y0 | x0];
  const c = LATTICE[y1 | x0];
  const top = a + (LATTICE[y0 | x1] - a) * wx;
  const bottom = c + (LATTICE[y1 | x1] - c) * wx;
  return top + (bottom - top) * wy;
}

/**
 * Fractal noise in about -1..1: octaves from `wavelength` downwards, each half as high as the last, fading
 * out where they would be finer than two footprints. Lengths share one unit.
 */
export function fractalNoise(
  x: number,
  y: number,
  wavelength: number,
  octaves: number,
  footprint: number,
): number {
  let sum = 0;
  let amplitude = 0.55;
  let w = wavelength;
  for (let i = 0; i < octaves; i++) {
    const room = w / (2 * footprint) - 1;
    if (room <= 0) break;
    sum += amplitude * (room < 1 ? room : 1) * valueNoise(x / w + i * 17.3, y / w - i * 9.1);
    amplitude *= 0.55;
    w *= 0.47;
  }
  return sum;
}

export const smoothstep = (from: number, to: number, v: number): number => {
  const t = Math.min(1, Math.max(0, (v - from) / (to - from)));
  return t * t * (3 - 2 * t);
};
