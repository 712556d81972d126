import type { Chromaticity } from './chromaticity';
import {
  chromaticityFromUv,
  correlatedTemperature,
  planckUv,
  uvFromChromaticity,
  type Uv,
} from './correlatedTemperature';
import { daylightChromaticity } from './illuminants';

/**
 * The colour of a light as a photographer dials it. Kelvin runs along the locus of everyday lights:
 * black bodies up to 4000 K, daylight from 5000 K, a blend between. Tint is the distance across it
 * in thousandths of CIE 1960 uv: positive = the light is greener than the locus.
 */
export interface WhitePoint {
  readonly kelvin: number;
  readonly tint: number;
}

export const WHITE_KELVIN = { min: 2000, max: 12000 } as const;
export const WHITE_TINT = { min: -30, max: 30 } as const;

const BLACK_BODY_UP_TO_K = 4000;
const DAYLIGHT_FROM_K = 5000;

/** Kelvin to mired (micro reciprocal degrees) and back: equal steps of mired look equally big. */
export const mired = (kelvin: number): number => 1e6 / kelvin;

/** Unit vector across the Planckian locus, towards green. */
function acrossLocus(kelvin: number): Uv {
  const step = 0.002 * kelvin;
  const a = planckUv(kelvin - step);
  const b = planckUv(kelvin + step);
  const length = Math.hypot(b.u - a.u, b.v - a.v);
  // Towards rising temperature u and v fall: a quarter turn clockwise points up, to green.
  return { u: (b.v - a.v) / length, v: -(b.u - a.u) / length };
}

/** Duv of the everyday locus at a temperature. */
function locusDuv(kelvin: number): number {
  if (kelvin <= BLACK_BODY_UP_TO_K) return 0;
  const daylight = correlatedTemperature(
    daylightChromaticity(Math.max(BLACK_BODY_UP_TO_K, kelvin)),
  ).duv;
  if (kelvin >= DAYLIGHT_FROM_K) return daylight;
  const share =
    (mired(BLACK_BODY_UP_TO_K) - mired(kelvin)) /
    (mired(BLACK_BODY_UP_TO_K) - mired(DAYLIGHT_FROM_K));
  return share * daylight;
}

/** Chromaticity of a white point. Throws RangeError outside 1000..25000 K. */
export function whiteChromaticity({ kelvin, tint }: WhitePoint): Chromaticity {
  if (!(kelvin >= 1000 && kelvin <= 25000))
    throw new RangeError(`a white point needs 1000..25000 K, not ${kelvin} K`);
  const { u, v } = planckUv(kelvin);
  const across = acrossLocus(kelvin);
  const duv = locusDuv(kelvin) + tint / 1000;
  return chromaticityFromUv({ u: u + duv * across.u, v: v + duv * across.v });
}

/** The white point of a chromaticity; temperatures are held within 1000..25000 K. */
export function whitePointOf(at: Chromaticity): WhitePoint {
  const { kelvin, duv } = correlatedTemperature(at);
  const held = Math.min(25000, Math.max(1000, kelvin));
  return { kelvin: held, tint: 1000 * (duv - locusDuv(held)) };
}

/** Distance of two chromaticities in thousandths of CIE 1960 uv. */
export function uvDistance(a: Chromaticity, b: Chromaticity): number {
  const p = uvFromChromaticity(a);
  const q = uvFromChromaticity(b);
  return 1000 * Math.hypot(p.u - q.u, p.v - q.v);
}
