import type { PicturePoint } from '@velmo/core/exposure';

const clamp = (v: number): number => Math.min(1, Math.max(0, v));

/**
 * Where a place in the Window lies in a picture that is fitted into it whole, with bars at two
 * sides where their shapes differ. Places on the bars belong to the picture's edge.
 *
 * @param windowAspect width over height of the Window
 * @param pictureAspect width over height of the picture
 */
export function inPictureOf(
  { x, y }: PicturePoint,
  windowAspect: number,
  pictureAspect: number,
): PicturePoint {
  const across = Math.max(1, windowAspect / pictureAspect);
  const down = Math.max(1, pictureAspect / windowAspect);
  return { x: clamp(0.5 + (x - 0.5) * across), y: clamp(0.5 + (y - 0.5) * down) };
}
