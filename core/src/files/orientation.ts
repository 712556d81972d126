import type { PixelBox } from '../optics/aspect';

/**
 * How a file's pixels are turned and mirrored to be seen (TIFF 6.0, Exif 3.0: Orientation 1 to 8).
 * A place (u, v) of the file is seen at (u, v), or at (v, u) where it is swapped; then what lies
 * left comes to lie right where it is flipped across, and so on.
 */
export interface Orientation {
  readonly swapped: boolean;
  readonly flippedX: boolean;
  readonly flippedY: boolean;
}

interface Place {
  readonly x: number;
  readonly y: number;
}

interface Size {
  readonly width: number;
  readonly height: number;
}

const of = (swapped: boolean, flippedX: boolean, flippedY: boolean): Orientation => ({
  swapped,
  flippedX,
  flippedY,
});

/** By their code less one. */
const ORIENTATIONS: readonly Orientation[] = [
  of(false, false, false),
  of(false, true, false),
  of(false, true, true),
  of(false, false, true),
  of(true, false, false),
  of(true, true, false),
  of(true, true, true),
  of(true, false, true),
];

/** The orientation of a code; any code that is none stands for upright. */
export const orientationOf = (code: number): Orientation =>
  ORIENTATIONS[code - 1] ?? ORIENTATIONS[0];

/** The code of an orientation. */
export const orientationCode = (o: Orientation): number =>
  1 +
  ORIENTATIONS.findIndex(
    ({ swapped, flippedX, flippedY }) =>
      swapped === o.swapped && flippedX === o.flippedX && flippedY === o.flippedY,
  );

/** The same, seen after so many more quarter turns clockwise. */
export function turned(orientation: Orientation, quarters: number): Orientation {
  let o = orientation;
  for (let n = ((quarters % 4) + 4) % 4; n > 0; n--)
    o = { swapped: !o.swapped, flippedX: !o.flippedY, flippedY: o.flippedX };
  return o;
}

/** A size of the file as it is seen, and the other way round. */
export const seenSize = ({ swapped }: Orientation, { width, height }: Size): Size =>
  swapped ? { width: height, height: width } : { width, height };

/** Where in the file lies what is seen at a place; both 0..1. */
export function placeInFile({ swapped, flippedX, flippedY }: Orientation, at: Place): Place {
  const x = flippedX ? 1 - at.x : at.x;
  const y = flippedY ? 1 - at.y : at.y;
  return swapped ? { x: y, y: x } : { x, y };
}

/** Where a box of the file is seen; in pixels. @param size of the file */
export function boxSeen(orientation: Orientation, size: Size, box: PixelBox): PixelBox {
  const { swapped, flippedX, flippedY } = orientation;
  const seen = seenSize(orientation, size);
  const { width, height } = seenSize(orientation, box);
  const [x, y] = swapped ? [box.y, box.x] : [box.x, box.y];
  return {
    x: flippedX ? seen.width - x - width : x,
    y: flippedY ? seen.height - y - height : y,
    width,
    height,
  };
}

/** What of the file is seen in a box; in pixels. @param size of the file */
export function boxInFile(orientation: Orientation, size: Size, box: PixelBox): PixelBox {
  const { swapped, flippedX, flippedY } = orientation;
  const seen = seenSize(orientation, size);
  const x = flippedX ? seen.width - box.x - box.width : box.x;
  const y = flippedY ? seen.height - box.y - box.height : box.y;
  const { width, height } = seenSize(orientation, box);
  return swapped ? { x: y, y: x, width, height } : { x, y, width, height };
}

/** A way that was moved in what is seen, as the way in the file. */
export function wayInFile({ swapped, flippedX, flippedY }: Orientation, way: Place): Place {
  const x = flippedX ? -way.x : way.x;
  const y = flippedY ? -way.y : way.y;
  return swapped ? { x: y, y: x } : { x, y };
}

/**
 * The matrix a, b, c, d, e, f (x' = a x + c y + e, y' = b x + d y + f) that takes pixels of a file
 * of this size to where they are seen.
 */
export function orientationMatrix(
  { swapped, flippedX, flippedY }: Orientation,
  { width, height }: Size,
): [number, number, number, number, number, number] {
  const [x, y] = [flippedX ? -1 : 1, flippedY ? -1 : 1];
  const seen = swapped ? { width: height, height: width } : { width, height };
  const [e, f] = [flippedX ? seen.width : 0, flippedY ? seen.height : 0];
  return swapped ? [0, y, x, 0, e, f] : [x, 0, 0, y, e, f];
}
