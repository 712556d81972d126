import type { PixelBox } from '../optics/aspect';

/** A part of a plane, in shares of its sides. */
export interface Crop {
  readonly x: number;
  readonly y: number;
  readonly width: number;
  readonly height: number;
}

/**
 * How a frame is to be seen, otherwise than it was taken: data beside its file, which stays as it
 * is. The picture is turned by quarters, then straightened about its middle, then cut. What is cut
 * is said in shares of the turned picture's sides; straightened, its corners may lie outside 0..1.
 */
export interface Reframe {
  /** Quarter turns clockwise. */
  readonly quarters: number;
  /** Tenths of a degree clockwise. */
  readonly tilt: number;
  readonly crop: Crop;
}

interface Size {
  readonly width: number;
  readonly height: number;
}

interface Place {
  readonly x: number;
  readonly y: number;
}

/** A quarter turn does what is more than that. */
export const MAX_TILT = 450;
const WHOLE: Crop = { x: 0, y: 0, width: 1, height: 1 };
export const AS_TAKEN: Reframe = { quarters: 0, tilt: 0, crop: WHOLE };

/** Whether nothing is changed. */
export const isAsTaken = ({ quarters, tilt, crop }: Reframe): boolean =>
  quarters === 0 &&
  tilt === 0 &&
  crop.x === 0 &&
  crop.y === 0 &&
  crop.width === 1 &&
  crop.height === 1;

const radians = (tilt: number): number => (tilt / 1800) * Math.PI;

/** A size after quarter turns. */
export const turnedSize = ({ width, height }: Size, quarters: number): Size =>
  quarters % 2 === 0 ? { width, height } : { width: height, height: width };

/**
 * What is seen, in pixels of the turned picture. Whole pixels where it is not straightened: they
 * are shown as they are.
 *
 * @param taken size of the picture as it was taken
 */
export function framedBox({ quarters, tilt, crop }: Reframe, taken: Size): PixelBox {
  const { width, height } = turnedSize(taken, quarters);
  const along = (from: number, share: number, whole: number): [number, number] => {
    const length = Math.min(whole, Math.max(1, Math.round(share * whole)));
    if (tilt !== 0) return [(from + share / 2) * whole - length / 2, length];
    return [Math.min(whole - length, Math.max(0, Math.round(from * whole))), length];
  };
  const [x, w] = along(crop.x, crop.width, width);
  const [y, h] = along(crop.y, crop.height, height);
  return { x, y, width: w, height: h };
}

/** Size of what is seen, in pixels. */
export function framedSize(reframe: Reframe, taken: Size): Size {
  const { width, height } = framedBox(reframe, taken);
  return { width, height };
}

/** A way turned clockwise by a tilt; y goes down. */
function rotated({ x, y }: Place, tilt: number): Place {
  const [cos, sin] = [Math.cos(radians(tilt)), Math.sin(radians(tilt))];
  return { x: x * cos - y * sin, y: x * sin + y * cos };
}

/**
 * Where what is seen at a place lies in the picture as it was taken; pixels of the one and the
 * other.
 */
export function placeTaken(reframe: Reframe, taken: Size, at: Place): Place {
  const { quarters, tilt } = reframe;
  const box = framedBox(reframe, taken);
  const { width, height } = turnedSize(taken, quarters);
  const middle = { x: width / 2, y: height / 2 };
  const back = rotated({ x: box.x + at.x - middle.x, y: box.y + at.y - middle.y }, -tilt);
  let place = { x: back.x + middle.x, y: back.y + middle.y };
  let size: Size = { width, height };
  for (let n = ((quarters % 4) + 4) % 4; n > 0; n--) {
    // Undoes one turn: what lay at the foot has come to lie left.
    place = { x: place.y, y: size.width - place.x };
    size = turnedSize(size, 1);
  }
  return place;
}

/** The smallest box of the picture as it was taken that holds all of what is seen; 0..1. */
export function enclosingBox(reframe: Reframe, taken: Size): Crop {
  const { width, height } = framedSize(reframe, taken);
  const corners = [
    { x: 0, y: 0 },
    { x: width, y: 0 },
    { x: width, y: height },
    { x: 0, y: height },
  ].map((corner) => placeTaken(reframe, taken, corner));
  const span = (values: number[], whole: number): [number, number] => {
    const from = Math.max(0, Math.min(...values) / whole);
    return [from, Math.min(1, Math.max(...values) / whole) - from];
  };
  const [x, w] = span(
    corners.map((c) => c.x),
    taken.width,
  );
  const [y, h] = span(
    corners.map((c) => c.y),
    taken.height,
  );
  return { x, y, width: w, height: h };
}

/** How far each corner of a crop lies outside each edge of the straightened picture; pixels. */
function outside(crop: Crop, { width, height }: Size, tilt: number): number[] {
  const [left, top] = [(crop.x - 0.5) * width, (crop.y - 0.5) * height];
  const [right, bottom] = [left + crop.width * width, top + crop.height * height];
  return [
    { x: left, y: top },
    { x: right, y: top },
    { x: right, y: bottom },
    { x: left, y: bottom },
  ].flatMap((corner) => {
    const { x, y } = rotated(corner, -tilt);
    return [-x - width / 2, x - width / 2, -y - height / 2, y - height / 2];
  });
}

/** A thousandth of a pixel is no way out of the picture. */
const NEARLY = 1e-3;

/**
 * Whether a crop lies within the straightened picture.
 *
 * @param turned its size after quarter turns
 */
export const cropFits = (crop: Crop, turned: Size, tilt: number): boolean =>
  outside(crop, turned, tilt).every((out) => out <= NEARLY);

/**
 * The largest crop of the same middle and shape that lies within the straightened picture, and is
 * no larger than the given one.
 */
export function fittedCrop(crop: Crop, { width, height }: Size, tilt: number): Crop {
  if (cropFits(crop, { width, height }, tilt)) return crop;
  const [cos, sin] = [Math.cos(radians(tilt)), Math.abs(Math.sin(radians(tilt)))];
  const [a, b] = [(crop.width * width) / 2, (crop.height * height) / 2];
  const middle = {
    x: (crop.x + crop.width / 2 - 0.5) * width,
    y: (crop.y + crop.height / 2 - 0.5) * height,
  };
  const at = rotated(middle, -tilt);
  const share = Math.min(
    1,
    (width / 2 - Math.abs(at.x)) / (a * cos + b * sin),
    (height / 2 - Math.abs(at.y)) / (a * sin + b * cos),
  );
  if (share >= MIN_SHARE) return about(crop, crop.width * share, crop.height * share);
  // Its middle lies at the edge, or beyond: the largest about the picture's own.
  const centred = { ...crop, x: 0.5 - crop.width / 2, y: 0.5 - crop.height / 2 };
  return fittedCrop(centred, { width, height }, tilt);
}

const MIN_SHARE = 0.05;

const about = (crop: Crop, width: number, height: number): Crop => ({
  x: crop.x + (crop.width - width) / 2,
  y: crop.y + (crop.height - height) / 2,
  width,
  height,
});

/** The largest crop of a shape within another, about its middle. @param ratio width over height */
export function shapedCrop(crop: Crop, ratio: number, { width, height }: Size): Crop {
  const [w, h] = [crop.width * width, crop.height * height];
  const across = Math.min(w, h * ratio);
  return about(crop, across / width, across / ratio / height);
}

/** Width over height of a crop. */
export const cropRatio = (crop: Crop, { width, height }: Size): number =>
  (crop.width * width) / (crop.height * height);

/** The same part of the picture after one more quarter turn clockwise. */
export const turnedCrop = ({ x, y, width, height }: Crop): Crop => ({
  x: 1 - y - height,
  y: x,
  width: height,
  height: width,
});

/** The nearest to a wish on the way from a crop that fits; along that way, it goes to the edge. */
function towards(from: Crop, wish: Crop, turned: Size, tilt: number): Crop {
  const before = outside(from, turned, tilt);
  const after = outside(wish, turned, tilt);
  let t = 1;
  after.forEach((out, i) => {
    if (out > Math.max(0, before[i])) t = Math.min(t, Math.max(0, -before[i]) / (out - before[i]));
  });
  const between = (a: number, b: number): number => a + (b - a) * t;
  return t === 1
    ? wish
    : {
        x: between(from.x, wish.x),
        y: between(from.y, wish.y),
        width: between(from.width, wish.width),
        height: between(from.height, wish.height),
      };
}

/** A crop moved by shares of the picture's sides, as far as the picture goes. */
export function movedCrop(crop: Crop, by: Place, turned: Size, tilt: number): Crop {
  // One way after the other: along an edge it goes on sliding.
  const across = towards(crop, { ...crop, x: crop.x + by.x }, turned, tilt);
  return towards(across, { ...across, y: across.y + by.y }, turned, tilt);
}

/** Which edges are held: -1 left or top, 1 right or bottom, 0 neither. */
export interface Held {
  readonly x: -1 | 0 | 1;
  readonly y: -1 | 0 | 1;
}

/** Least side of a crop, as a share of the picture's. */
const MIN_SIDE = 0.02;

function withEdge(crop: Crop, axis: 'x' | 'y', side: -1 | 0 | 1, by: number): Crop {
  if (side === 0) return crop;
  const length = axis === 'x' ? 'width' : 'height';
  const next = Math.max(MIN_SIDE, crop[length] + side * by);
  return {
    ...crop,
    [length]: next,
    [axis]: side < 0 ? crop[axis] + crop[length] - next : crop[axis],
  };
}

/**
 * A crop whose edges were dragged by shares of the picture's sides, as far as the picture goes.
 *
 * @param ratio width over height to be kept; null: free
 */
export function draggedCrop(
  crop: Crop,
  held: Held,
  by: Place,
  ratio: number | null,
  turned: Size,
  tilt: number,
): Crop {
  if (ratio === null) {
    const across = towards(crop, withEdge(crop, 'x', held.x, by.x), turned, tilt);
    return towards(across, withEdge(across, 'y', held.y, by.y), turned, tilt);
  }
  const { width, height } = turned;
  // The way that was dragged further, in pixels, tells the size.
  const wide = held.x * by.x * width;
  const high = held.y * by.y * height * ratio;
  const least = MIN_SIDE * Math.max(width, height * ratio);
  const grown = Math.abs(wide) > Math.abs(high) ? wide : high;
  const across = Math.max(least, crop.width * width + grown) / width;
  const down = (across * width) / ratio / height;
  const from = (start: number, before: number, after: number, side: number): number =>
    side > 0 ? start : side < 0 ? start + before - after : start + (before - after) / 2;
  const wish = {
    x: from(crop.x, crop.width, across, held.x),
    y: from(crop.y, crop.height, down, held.y),
    width: across,
    height: down,
  };
  return towards(crop, wish, turned, tilt);
}

/**
 * The tilt at which a line that was drawn along a horizon or a wall comes to lie level or upright,
 * whichever is nearer; within what a tilt can be.
 *
 * @param tilt the one it was drawn at
 * @param way from its one end to the other, y down
 */
export function levelledTilt(tilt: number, way: Place): number {
  const degrees = (Math.atan2(way.y, way.x) * 180) / Math.PI;
  const off = degrees - 90 * Math.round(degrees / 90);
  const next = Math.round(tilt - 10 * off);
  return Math.min(MAX_TILT, Math.max(-MAX_TILT, next)) + 0;
}
