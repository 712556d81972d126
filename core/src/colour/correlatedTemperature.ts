import type { Chromaticity } from './chromaticity';
import { planckChromaticity } from './planck';

/** CIE 1960 uniform chromaticity: where correlated colour temperature is defined (CIE 15). */
export interface Uv {
  readonly u: number;
  readonly v: number;
}

export function uvFromChromaticity({ x, y }: Chromaticity): Uv {
  const d = -2 * x + 12 * y + 3;
  return { u: (4 * x) / d, v: (6 * y) / d };
}

export function chromaticityFromUv({ u, v }: Uv): Chromaticity {
  const d = 2 * u - 8 * v + 4;
  return { x: (3 * u) / d, y: (2 * v) / d };
}

export const planckUv = (kelvin: number): Uv => uvFromChromaticity(planckChromaticity(kelvin));

/**
 * Correlated colour temperature in kelvin of a chromaticity near the Planckian locus (McCamy 1992).
 */
export function cctMcCamy({ x, y }: Chromaticity): number {
  const n = (x - 0.332) / (0.1858 - y);
  return 449 * n ** 3 + 3525 * n ** 2 + 6823.3 * n + 5520.33;
}

/**
 * Temperature of the nearest black body, and the distance from it: above the locus (greener) is
 * positive.
 */
export interface CorrelatedTemperature {
  readonly kelvin: number;
  /** In CIE 1960 uv (ANSI C78.377). */
  readonly duv: number;
}

const TABLE_LOW_K = 1000;
const TABLE_STEP = 1.01;
const TABLE_LENGTH = 372;

interface LocusPoint extends Uv {
  readonly kelvin: number;
}
let table: readonly LocusPoint[] | null = null;

/** The locus in steps of 1 %, 1000 to 40000 K; made when first asked for. */
function locus(): readonly LocusPoint[] {
  table ??= Array.from({ length: TABLE_LENGTH }, (_, i) => {
    const kelvin = TABLE_LOW_K * TABLE_STEP ** i;
    return { kelvin, ...planckUv(kelvin) };
  });
  return table;
}

/**
 * Correlated colour temperature and Duv by the combined method of Ohno 2013 (LEUKOS 10:1):
 * triangular solution near the locus, parabolic away from it. Held at the table's ends, 1000 and
 * about 40000 K.
 */
export function correlatedTemperature(at: Chromaticity): CorrelatedTemperature {
  const points = locus();
  const { u, v } = uvFromChromaticity(at);
  const distance = ({ u: pu, v: pv }: Uv): number => Math.hypot(u - pu, v - pv);
  let m = 1;
  for (let i = 1; i < points.length - 1; i++) if (distance(points[i]) < distance(points[m])) m = i;
  const [a, b, c] = [points[m - 1], points[m], points[m + 1]];
  const [da, db, dc] = [distance(a), distance(b), distance(c)];
  const side = Math.hypot(c.u - a.u, c.v - a.v);
  const along = (da * da - dc * dc + side * side) / (2 * side);
  const share = Math.min(1, Math.max(0, along / side));
  const vOnLocus = a.v + (c.v - a.v) * share;
  const sign = v >= vOnLocus ? 1 : -1;
  const triangular = {
    kelvin: a.kelvin + (c.kelvin - a.kelvin) * share,
    duv: sign * Math.sqrt(Math.max(0, da * da - along * along)),
  };
  if (Math.abs(triangular.duv) < 0.002) return triangular;
  // Parabola through the three distances over temperature.
  const x = (c.kelvin - b.kelvin) * (a.kelvin - c.kelvin) * (b.kelvin - a.kelvin);
  const p = (a.kelvin * (dc - db) + b.kelvin * (da - dc) + c.kelvin * (db - da)) / x;
  const q =
    -(a.kelvin ** 2 * (dc - db) + b.kelvin ** 2 * (da - dc) + c.kelvin ** 2 * (db - da)) / x;
  const r =
    -(
      da * (c.kelvin - b.kelvin) * b.kelvin * c.kelvin +
      db * (a.kelvin - c.kelvin) * a.kelvin * c.kelvin +
      dc * (b.kelvin - a.kelvin) * a.kelvin * b.kelvin
    ) / x;
  if (!(p > 0)) return triangular;
  const kelvin = Math.min(c.kelvin, Math.max(a.kelvin, -q / (2 * p)));
  return { kelvin, duv: sign * (p * kelvin * kelvin + q * kelvin + r) };
}
