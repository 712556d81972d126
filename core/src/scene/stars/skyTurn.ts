import { SKY_RATE_RAD_S } from '../../optics/skyTrail';
import { hash32 } from '../../sensor/noise';

/**
 * The pole the sky turns about: far left of the axis, so that the celestial equator crosses the
 * picture.
 */
const POLE_AZIMUTH = -1.53;
const POLE_ALTITUDE = 0.52;
export const POLE = [
  Math.cos(POLE_ALTITUDE) * Math.sin(POLE_AZIMUTH),
  Math.sin(POLE_ALTITUDE),
  Math.cos(POLE_ALTITUDE) * Math.cos(POLE_AZIMUTH),
] as const;

/** Two axes across the pole: the first as high as the equator climbs. */
const AXIS_1 = (() => {
  const up = 1 - POLE[1] * POLE[1];
  const m = Math.sqrt(up);
  return [(-POLE[0] * POLE[1]) / m, up / m, (-POLE[2] * POLE[1]) / m] as const;
})();
const AXIS_2 = [
  POLE[1] * AXIS_1[2] - POLE[2] * AXIS_1[1],
  POLE[2] * AXIS_1[0] - POLE[0] * AXIS_1[2],
  POLE[0] * AXIS_1[1] - POLE[1] * AXIS_1[0],
] as const;

/** A star of the invented sky. */
export interface Star {
  readonly sinDeclination: number;
  readonly cosDeclination: number;
  /** Angle about the pole at scene time 0. */
  readonly hourRad: number;
  /** Illuminance at the camera in lux. */
  readonly lux: number;
  readonly kelvin: number;
}

/** Writes where a star stands at a scene time: a unit direction. */
export function starDirection(star: Star, timeS: number, out: Float64Array): void {
  const angle = star.hourRad + SKY_RATE_RAD_S * timeS;
  const a = star.cosDeclination * Math.cos(angle);
  const b = star.cosDeclination * Math.sin(angle);
  for (let c = 0; c < 3; c++)
    out[c] = star.sinDeclination * POLE[c] + a * AXIS_1[c] + b * AXIS_2[c];
}

/** Illuminance of a star of magnitude 0 in lux (memory; the visual magnitude scale's zero). */
const LUX_MAGNITUDE_0 = 2.54e-6;
const starLux = (magnitude: number): number => LUX_MAGNITUDE_0 * 10 ** (-0.4 * magnitude);

const STARS = 4600;
const FAINTEST = 6.4;
/**
 * Stars grow in number by this power of ten a magnitude (memory: about 0.5 for naked-eye stars).
 */
const NUMBER_SLOPE = 0.51;

const random = (i: number, salt: number): number => hash32(i, salt) / 4294967296;

function makeStar(i: number): Star {
  const sinDeclination = 2 * random(i, 1) - 1;
  return {
    sinDeclination,
    cosDeclination: Math.sqrt(1 - sinDeclination * sinDeclination),
    hourRad: 2 * Math.PI * random(i, 2),
    lux: starLux(FAINTEST + Math.log10(random(i, 3) + 1e-5) / NUMBER_SLOPE),
    kelvin: 3600 + 9000 * random(i, 4) ** 2,
  };
}

/**
 * A bright star on the celestial equator, in the middle of the picture: what trails are measured
 * on.
 */
export const EQUATOR_STAR: Star = {
  sinDeclination: 0,
  cosDeclination: 1,
  hourRad: 4.97,
  lux: starLux(-0.6),
  kelvin: 6500,
};

let sky: readonly Star[] | null = null;

/**
 * Every star over the pans, made when first asked for. Invented: no star of the real sky is among
 * them.
 */
export const skyStars = (): readonly Star[] =>
  (sky ??= [EQUATOR_STAR, ...Array.from({ length: STARS }, (_, i) => makeStar(i))]);
