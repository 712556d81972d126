import type { Mat3 } from '../colour/mat3';
import type { LightPlane } from '../sensor/lightPlane';
import { flashTint, torchTint } from './besideLamp';
import { renderRows } from './compiled/lightRows';
import { framingSize, type Framing } from './framing';
import type { Scene } from './scene';

/**
 * Renders a scene, or the part of it that a plane stands for, as camera-space light: all that keeps
 * still.
 *
 * @param plane receives light and distances; must lie inside the framing's picture sideways (rows
 *   of margin may lie outside)
 * @param xyzToCamera the sensor's colour response
 * @param samples rays a pixel
 * @param torch the phone's own lamp is on
 * Throws RangeError when the plane is wider than the framing.
 */
export function renderScene(
  scene: Scene,
  framing: Framing,
  plane: LightPlane,
  xyzToCamera: Mat3,
  samples: 1 | 2 | 4,
  torch = false,
): void {
  checkWidth(framing, plane);
  const tint = torch ? torchTint(scene) : null;
  renderRows({ scene, framing, xyzToCamera, samples, own: 1, tint }, plane);
}

/**
 * The same of the light that a flash of a guide number (metres, ISO 100) sends back, in cd s/m2 on
 * the camera's channels: it is over before it can be said to have a luminance. Nothing but the
 * flash.
 */
export function renderFlash(
  scene: Scene,
  framing: Framing,
  plane: LightPlane,
  xyzToCamera: Mat3,
  samples: 1 | 2 | 4,
  guideNumber: number,
): void {
  checkWidth(framing, plane);
  const tint = flashTint(scene, guideNumber);
  renderRows({ scene, framing, xyzToCamera, samples, own: 0, tint }, plane);
}

function checkWidth(framing: Framing, plane: LightPlane): void {
  if (plane.width > framingSize(framing).width)
    throw new RangeError('the plane is wider than the framing');
}
