import { framingPixel, framingSize, placeOf, type Framing } from '../scene/framing';

/** Something in a scene that matters, or a part of it: a circle as seen from the camera. */
export interface Region {
  /** "the white heap" */
  readonly name: string;
  /** Direction of its middle, in radians right of and above the scene's axis. */
  readonly yawRad: number;
  readonly pitchRad: number;
  /** Half the angle of a circle that lies wholly on it. */
  readonly halfAngleRad: number;
}

/** A square of photosites; its first is a red one. */
export interface RegionBox {
  readonly column: number;
  readonly row: number;
  readonly size: number;
}

/** More photosites a side say no more. */
const MAX_SIZE = 192;
const MIN_SIZE = 16;

/** Where a region lies in a framing's plane; null where it is not wholly in the picture. */
export function regionBox(region: Region, framing: Framing): RegionBox | null {
  const { yawRad, pitchRad, halfAngleRad } = region;
  const place = new Float64Array(3);
  const along = Math.cos(pitchRad);
  const seen = placeOf(
    framing,
    Math.sin(yawRad) * along,
    Math.sin(pitchRad),
    Math.cos(yawRad) * along,
    place,
  );
  if (!seen) return null;
  // The square that the circle holds; off the axis a picture only stretches.
  const half = halfAngleRad / framingPixel(framing) / Math.SQRT2;
  const size = 2 * Math.floor(Math.min(MAX_SIZE, Math.max(MIN_SIZE, 2 * half)) / 2);
  const column = 2 * Math.round((place[0] - size / 2) / 2);
  const row = 2 * Math.round((place[1] - size / 2) / 2);
  const { width, height } = framingSize(framing);
  const isInside = column >= 0 && row >= 0 && column + size <= width && row + size <= height;
  return isInside ? { column, row, size } : null;
}
