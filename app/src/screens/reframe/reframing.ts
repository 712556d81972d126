import {
  AS_TAKEN,
  cropRatio,
  draggedCrop,
  fittedCrop,
  levelledTilt,
  movedCrop,
  shapedCrop,
  turnedCrop,
  turnedSize,
  type Crop,
  type Held,
  type Reframe,
} from '@velmo/core/recipe';
import type { Size } from '../../frame/shownPicture';

interface Way {
  readonly x: number;
  readonly y: number;
}

/** Shapes a picture is cut to: long side to short side; free, and the shape it was taken in. */
export const SHAPES = ['free', 'taken', '1:1', '5:4', '4:3', '3:2', '16:9'] as const;
export type Shape = (typeof SHAPES)[number];

/**
 * A reframe in the making. What was drawn by hand stays as it was wished: a tilt or a shape that is
 * tried and left again costs nothing of it.
 */
export interface Reframing {
  readonly quarters: number;
  readonly tilt: number;
  readonly wish: Crop;
  readonly shape: Shape;
  /** The shape stands on its short side. */
  readonly upright: boolean;
}

const UNSHAPED: Pick<Reframing, 'shape' | 'upright'> = { shape: 'free', upright: false };

/** Shapes are recognised by so much of their ratio: whole pixels have others by a little. */
const SAME_SHAPE = 0.004;

const valueOf = (shape: Exclude<Shape, 'free' | 'taken'>): number => {
  const [long, short] = shape.split(':').map(Number);
  return long / short;
};

/** Width over height that is kept; null: free. */
function ratioOf({ shape, upright, quarters }: Reframing, taken: Size): number | null {
  if (shape === 'free') return null;
  if (shape === 'taken') {
    const { width, height } = turnedSize(taken, quarters);
    return width / height;
  }
  return upright ? 1 / valueOf(shape) : valueOf(shape);
}

/** @param taken size of the picture as it was taken */
export function reframingOf({ quarters, tilt, crop }: Reframe, taken: Size): Reframing {
  const begun = { quarters, tilt, wish: crop, ...UNSHAPED };
  const ratio = cropRatio(crop, turnedSize(taken, quarters));
  const upright = ratio < 1;
  const isShape = (shape: Shape): boolean => {
    const its = ratioOf({ ...begun, shape, upright }, taken);
    return its !== null && Math.abs(ratio / its - 1) < SAME_SHAPE;
  };
  return { ...begun, shape: SHAPES.find(isShape) ?? 'free', upright };
}

/** The reframe that is kept of what is under the fingers. */
export function reframeOf(now: Reframing, taken: Size): Reframe {
  const turned = turnedSize(taken, now.quarters);
  const ratio = ratioOf(now, taken);
  const wish = ratio === null ? now.wish : shapedCrop(now.wish, ratio, turned);
  const { quarters, tilt } = now;
  return { quarters, tilt, crop: fittedCrop(wish, turned, tilt) };
}

/** The same turned by a quarter, its cut with it. */
export const turnedBy = (now: Reframing, quarters: 1 | -1): Reframing => {
  let { wish } = now;
  for (let n = (quarters + 4) % 4; n > 0; n--) wish = turnedCrop(wish);
  return { ...now, quarters: (now.quarters + quarters + 4) % 4, wish, upright: !now.upright };
};

/** Another shape; the same one again lies down or stands up. */
export function shapedTo(now: Reframing, shape: Shape, taken: Size): Reframing {
  if (shape === now.shape) return { ...now, upright: !now.upright };
  if (now.shape !== 'free') return { ...now, shape };
  const { crop } = reframeOf(now, taken);
  return { ...now, shape, upright: cropRatio(crop, turnedSize(taken, now.quarters)) < 1 };
}

/** Levelled by a line that was drawn along what is to be level or upright. */
export const levelledBy = (now: Reframing, way: Way): Reframing => ({
  ...now,
  tilt: levelledTilt(now.tilt, way),
});

/**
 * Moved or resized by hand.
 *
 * @param from what it was when the hand came
 * @param held edges that are dragged; null: all of it is moved
 * @param by shares of the turned picture's sides
 */
export function draggedBy(
  now: Reframing,
  taken: Size,
  from: Crop,
  held: Held | null,
  by: Way,
): Reframing {
  const turned = turnedSize(taken, now.quarters);
  const wish = held
    ? draggedCrop(from, held, by, ratioOf(now, taken), turned, now.tilt)
    : movedCrop(from, by, turned, now.tilt);
  return { ...now, wish };
}

/** As it was taken, free to be cut to any shape. */
export const untouched = (taken: Size): Reframing => reframingOf(AS_TAKEN, taken);
