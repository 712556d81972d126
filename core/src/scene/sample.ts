import { SRGB_TO_XYZ } from '../colour/srgb';
import { lightOf } from './light';
import { lightFieldOf } from './lightField';
import { got, k, put } from './rays/four';
import {
  BLUE,
  DISTANCE,
  GREEN,
  RED,
  REFLECTANCE,
  WHITE_B,
  WHITE_G,
  WHITE_R,
} from './rays/registers';
import type { Scene } from './scene';

/**
 * What a scene looks like along one ray: [X, Y, Z] absolute CIE XYZ with Y in cd/m2, then the
 * distance in metres (Infinity for the sky), then the reflectance 0..1 a light beside the camera
 * meets there.
 */
export type SceneSample = Float64Array;

/** Length of a SceneSample. */
export const SAMPLE_LENGTH = 5;

const M = SRGB_TO_XYZ;

/**
 * Looks along a single unit direction (x right, y up, z ahead), at all that keeps still. Pictures
 * are made of whole rows instead, which is faster: render.ts.
 *
 * @param footprintRad angle one pixel covers; detail finer than it is averaged away
 * @param out receives the sample
 */
export function sampleScene(
  scene: Scene,
  dx: number,
  dy: number,
  dz: number,
  footprintRad: number,
  out: SceneSample,
): void {
  const [whiteR, whiteG, whiteB] = lightOf(scene.white);
  put(WHITE_R, whiteR);
  put(WHITE_G, whiteG);
  put(WHITE_B, whiteB);
  put(REFLECTANCE, 0);
  lightFieldOf(scene).look(k(dx), k(dy), k(dz), k(footprintRad));
  const [r, g, b] = [got(RED), got(GREEN), got(BLUE)];
  out[0] = Math.max(0, M[0] * r + M[1] * g + M[2] * b);
  out[1] = Math.max(0, M[3] * r + M[4] * g + M[5] * b);
  out[2] = Math.max(0, M[6] * r + M[7] * g + M[8] * b);
  out[3] = got(DISTANCE);
  out[4] = got(REFLECTANCE);
}
