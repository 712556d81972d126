/**
 * Runs of rays of what moves at a place, which stands behind `./place`; see
 * src/scene/rays/movingRun.ts.
 */
import { lookMoving } from './place';
import { renderRun } from '../src/scene/rays/movingRun';

export function run(startS: f64, timeS: f64, count: i32, lamp: i32, x: i32, y: i32, z: i32, cosine: i32, rgb: i32, distance: i32, cover: i32): void {
  renderRun(lookMoving, startS, timeS, count, lamp, x, y, z, cosine, rgb, distance, cover);
}
