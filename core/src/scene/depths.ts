import { framingSize, rayCaster, type Framing } from './framing';
import { SAMPLE_LENGTH, sampleScene } from './sample';
import type { Scene } from './scene';

/** Places looked at along the long side: enough to find what fills a hundredth of the picture. */
const GRID = 48;

/**
 * Distance along the lens axis, in metres, of what a place in a framing's plane shows; Infinity for
 * the sky.
 */
export function depthAt(scene: Scene, framing: Framing, column: number, row: number): number {
  const ray = new Float64Array(4);
  rayCaster(framing)(column, row, ray);
  const out = new Float64Array(SAMPLE_LENGTH);
  sampleScene(scene, ray[0], ray[1], ray[2], 1e-3, out);
  return out[3] * ray[3];
}

/**
 * Nearest and farthest distance in rows of a framing, in metres, by a look at a grid of places.
 *
 * @param first first row looked at; rows may lie outside the picture
 */
export function depthRange(
  scene: Scene,
  framing: Framing,
  first: number,
  rows: number,
): { readonly nearestM: number; readonly farthestM: number } {
  const { width } = framingSize(framing);
  const step = width / GRID;
  const cast = rayCaster(framing);
  const ray = new Float64Array(4);
  const out = new Float64Array(SAMPLE_LENGTH);
  let nearestM = Infinity;
  let farthestM = 0;
  const down = Math.max(2, Math.round(rows / step));
  for (let j = 0; j <= down; j++)
    for (let i = 0; i <= GRID; i++) {
      cast(i * step, first + (j * rows) / down, ray);
      sampleScene(scene, ray[0], ray[1], ray[2], step, out);
      const along = out[3] * ray[3];
      if (along < nearestM) nearestM = along;
      if (along > farthestM) farthestM = along;
    }
  return { nearestM, farthestM };
}
