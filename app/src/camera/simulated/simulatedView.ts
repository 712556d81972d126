import { croppedSize, halfLongTangent, type LensModel } from '@velmo/core/optics';
import {
  findScene,
  framingSize,
  placeOf,
  rayCaster,
  type Framing,
  type Scene,
} from '@velmo/core/scene';
import type { PicturePoint } from '@velmo/core/exposure';
import type { Aim } from '../device/view';

/** Everything the live picture is made from; plain, so that it can be sent to the worker. */
export interface LiveAim {
  readonly sceneId: string;
  readonly aim: Aim;
}

/** Pixels along the long side of the live picture. */
export const LONG_PX = 640;
/** Pixels along its short side. */
export const SHORT_PX = 480;

/** Farthest the camera turns away from where the scene opens, in radians. */
const MAX_YAW = 0.9;
const MAX_PITCH = 0.45;

const clamp = (v: number, most: number): number => Math.min(most, Math.max(-most, v));

/** The scene of that name. Throws RangeError where there is none. */
export function sceneOf(id: string): Scene {
  const scene = findScene(id);
  if (!scene) throw new RangeError(`There is no scene "${id}".`);
  return scene;
}

/** What the simulated camera shows when it is aimed like this. */
export function liveFraming(
  sceneId: string,
  aim: Aim,
  lens: LensModel,
  crop: number,
  upright: boolean,
): Framing {
  const opening = findScene(sceneId)?.framing ?? { yawRad: 0, pitchRad: 0 };
  return {
    yawRad: opening.yawRad + aim.yawRad,
    pitchRad: opening.pitchRad + aim.pitchRad,
    halfLongTangent: halfLongTangent(lens, crop),
    longPx: LONG_PX,
    shortPx: SHORT_PX,
    layout: upright ? 'upright' : 'level',
  };
}

/** The same view on the sensor itself: a pixel a photosite, in the order it is read. */
export function sensorFraming(
  live: Framing,
  lens: LensModel,
  crop: number,
  upright: boolean,
): Framing {
  const { widthPx, heightPx } = croppedSize(lens, crop, 1);
  return {
    ...live,
    longPx: widthPx,
    shortPx: heightPx,
    layout: upright ? 'upright-sensor' : 'level',
  };
}

/**
 * The photosite a place of the picture falls on. Held upright, the sensor's first row is the
 * picture's right edge.
 */
export const photositeAt = (
  { x, y }: PicturePoint,
  longPx: number,
  shortPx: number,
  upright: boolean,
): { column: number; row: number } =>
  upright
    ? { column: y * longPx, row: (1 - x) * shortPx }
    : { column: x * longPx, row: y * shortPx };

/** The aim after the picture of a framing was dragged by shares of its width and height. */
export function draggedAim(aim: Aim, framing: Framing, dx: number, dy: number): Aim {
  const { width, height } = framingSize(framing);
  const pixel = (2 * framing.halfLongTangent) / framing.longPx;
  return {
    yawRad: clamp(aim.yawRad - Math.atan(dx * width * pixel), MAX_YAW),
    pitchRad: clamp(aim.pitchRad + Math.atan(dy * height * pixel), MAX_PITCH),
  };
}

/**
 * Where a point of one framing's picture lies in another's, as shares of its sides; may lie outside
 * 0..1.
 */
export function reprojected(point: PicturePoint, from: Framing, to: Framing): PicturePoint {
  const a = framingSize(from);
  const ray = new Float64Array(4);
  rayCaster(from)(point.x * a.width, point.y * a.height, ray);
  const place = new Float64Array(3);
  if (!placeOf(to, ray[0], ray[1], ray[2], place)) return { x: -1, y: -1 };
  const b = framingSize(to);
  return { x: place[0] / b.width, y: place[1] / b.height };
}
