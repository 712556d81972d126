import { daylightChromaticity } from '../../colour/illuminants';
import { planckChromaticity } from '../../colour/planck';
import { xyzFromChromaticity } from '../../colour/chromaticity';
import { multiplyVec, type Mat3 } from '../../colour/mat3';
import { SKY_RATE_RAD_S } from '../../optics/skyTrail';
import type { LightPlane } from '../../sensor/lightPlane';
import { framingPixel, placeOf, type Framing } from '../framing';
import type { MovingLayer, OpenShutter } from '../moving';
import { skyStars, starDirection, type Star } from './skyTurn';

/** Spread of a star's image in pixels: the finest a lens draws on this sensor. */
const SIGMA_PX = 0.6;
const REACH_PX = 3;
/** Distance between two dabs of a trail in pixels. */
const STEP_PX = 0.4;
/** Cosine to the axis of the corner of a very wide picture, with room to spare. */
const MIN_COSINE = 0.3;

const whiteOf = (kelvin: number) =>
  kelvin < 4500 ? planckChromaticity(kelvin) : daylightChromaticity(kelvin);

const COLOUR_STEPS = 12;
const STEP_K = 850;
const COOLEST_K = 3500;
let colours: readonly (readonly [number, number, number])[] | null = null;

/** Colour of a star in steps: XYZ of Y = 1. */
function colourOf(star: Star): readonly [number, number, number] {
  colours ??= Array.from({ length: COLOUR_STEPS }, (_, i) =>
    xyzFromChromaticity(whiteOf(COOLEST_K + i * STEP_K)),
  );
  return colours[Math.min(COLOUR_STEPS - 1, Math.round((star.kelvin - COOLEST_K) / STEP_K))];
}

/** The stars, each drawn along the way it takes while the shutter is open. */
export class StarLayer implements MovingLayer {
  /** On the longest lens a star needs seconds for a pixel of the live picture. */
  readonly refreshS = 2;
  readonly coarse = false;

  paint(
    framing: Framing,
    plane: LightPlane,
    xyzToCamera: Mat3,
    { startS, timeS }: OpenShutter,
  ): void {
    const pixel = framingPixel(framing);
    const place = new Float64Array(3);
    const direction = new Float64Array(3);
    for (const star of skyStars()) {
      starDirection(star, startS + timeS / 2, direction);
      if (direction[1] < 0) continue;
      if (!placeOf(framing, direction[0], direction[1], direction[2], place)) continue;
      // Far off the axis the plane runs to infinity: nothing there can be in a picture.
      if (place[2] < MIN_COSINE) continue;
      const way = (SKY_RATE_RAD_S * timeS * star.cosDeclination) / (pixel * place[2] * place[2]);
      const margin = way + REACH_PX;
      const [x, y] = [place[0] - plane.column, place[1] - plane.row];
      if (y < -margin || y > plane.height + margin) continue;
      if (x < -margin || x > plane.width + margin) continue;
      const dabs = Math.max(1, Math.ceil(way / STEP_PX));
      const rgb = multiplyVec(xyzToCamera, colourOf(star));
      for (let k = 0; k < dabs; k++) {
        starDirection(star, startS + (timeS * (k + 0.5)) / dabs, direction);
        if (!placeOf(framing, direction[0], direction[1], direction[2], place)) continue;
        // Solid angle of a pixel off the axis: a flat sensor sees cosine cubed.
        const perPixel = star.lux / (dabs * pixel * pixel * place[2] ** 3);
        dab(plane, place[0] - plane.column, place[1] - plane.row, rgb, perPixel);
      }
    }
  }
}

/**
 * Adds one image of a star: a small Gaussian whose sum is its light. Never over what stands before
 * the sky.
 */
function dab(
  plane: LightPlane,
  column: number,
  row: number,
  rgb: readonly number[],
  light: number,
): void {
  const x0 = Math.max(0, Math.floor(column - REACH_PX));
  const x1 = Math.min(plane.width - 1, Math.floor(column + REACH_PX));
  const y0 = Math.max(0, Math.floor(row - REACH_PX));
  const y1 = Math.min(plane.height - 1, Math.floor(row + REACH_PX));
  const scale = light / (2 * Math.PI * SIGMA_PX * SIGMA_PX);
  for (let y = y0; y <= y1; y++)
    for (let x = x0; x <= x1; x++) {
      const i = y * plane.width + x;
      if (plane.depthM[i] < Infinity) continue;
      const d2 = (x + 0.5 - column) ** 2 + (y + 0.5 - row) ** 2;
      const w = scale * Math.exp(-d2 / (2 * SIGMA_PX * SIGMA_PX));
      plane.rgb[3 * i] += w * Math.max(0, rgb[0]);
      plane.rgb[3 * i + 1] += w * Math.max(0, rgb[1]);
      plane.rgb[3 * i + 2] += w * Math.max(0, rgb[2]);
    }
}
