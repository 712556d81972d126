import type { PicturePoint } from '@velmo/core/exposure';

/** What the camera sees now: light behind the lens, interleaved RGB. */
export interface SeenPicture {
  readonly rgb: Float32Array;
  readonly width: number;
  readonly height: number;
}

/** Places round the middle that are looked at when nobody has said where to focus. */
const PLACES: readonly PicturePoint[] = [
  { x: 0.5, y: 0.62 },
  { x: 0.38, y: 0.5 },
  { x: 0.62, y: 0.5 },
  { x: 0.5, y: 0.38 },
  { x: 0.3, y: 0.62 },
  { x: 0.7, y: 0.62 },
];
/** Half a window's side as a share of the picture's longer one. */
const HALF = 0.024;
/** Relative contrast from which the middle will do. */
const ENOUGH = 0.06;

/** Standard deviation over mean of the green light in a window. */
function contrastAt({ rgb, width, height }: SeenPicture, at: PicturePoint): number {
  const half = Math.round(HALF * Math.max(width, height));
  const cx = Math.round(at.x * width);
  const cy = Math.round(at.y * height);
  let sum = 0;
  let square = 0;
  let n = 0;
  for (let y = Math.max(0, cy - half); y < Math.min(height, cy + half); y++)
    for (let x = Math.max(0, cx - half); x < Math.min(width, cx + half); x++, n++) {
      const v = rgb[3 * (y * width + x) + 1];
      sum += v;
      square += v * v;
    }
  const mean = sum / Math.max(1, n);
  return mean > 0 ? Math.sqrt(Math.max(0, square / n - mean * mean)) / mean : 0;
}

/**
 * The middle if there is something to see in it, even out of focus; else the place round it with
 * the most contrast.
 */
export function mostContrast(seen: SeenPicture, middle: PicturePoint): PicturePoint {
  let best = middle;
  let most = contrastAt(seen, middle);
  if (most >= ENOUGH) return middle;
  for (const place of PLACES) {
    const contrast = contrastAt(seen, place);
    if (contrast > 2 * most) {
      best = place;
      most = contrast;
    }
  }
  return best;
}
