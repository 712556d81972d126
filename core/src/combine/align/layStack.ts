import type { PixelBox } from '../../optics/aspect';
import { checkStack, CombineError, type StackRaw } from '../stackRaw';
import { alignBracket, commonBox } from './alignStack';
import { STILL } from './homography';
import { warpRaw } from './warpRaw';

/** Frames laid on one of them. */
export interface LaidStack {
  /** Those that are in it, in the order they were given in. */
  readonly frames: readonly StackRaw[];
  /** Of each of them its place among all. */
  readonly places: readonly number[];
  /** Places of those that could not be laid, and are not in it. */
  readonly leftOut: readonly number[];
  readonly aligned: boolean;
  /** What all of them show; all of the frame where nothing moved. */
  readonly common: PixelBox;
}

/**
 * Lays frames on the one in the middle, each on its neighbour, with which it has most in common: as
 * they are where nothing moved, else demosaiced and drawn anew. Throws CombineError where fewer
 * than two can be.
 *
 * @param order places in the order in which neighbours have most in common
 * @param aligns false: they are taken as they are
 */
export function layStack(
  stack: readonly StackRaw[],
  order: readonly number[],
  aligns: boolean,
): LaidStack {
  checkStack(stack);
  const sorted = order.map((place) => stack[place]);
  const motions = aligns ? alignBracket(sorted, middleOf(order.length)) : sorted.map(() => STILL);
  const known = motions.filter((motion) => motion !== null);
  if (known.length < 2)
    throw new CombineError(
      'These frames cannot be laid on one another: they show different pictures, or hold too little in common.',
    );
  const places = order.filter((_, k) => motions[k] !== null);
  const aligned = known.some((motion) => motion !== STILL);
  const { width, height } = stack[0];
  return {
    frames: places.map((place, k) => (aligned ? warpRaw(stack[place], known[k]) : stack[place])),
    places,
    leftOut: order.filter((_, k) => motions[k] === null),
    aligned,
    common: commonBox(known, width, height),
  };
}

/** The frame that others are laid on, of so many in order. */
export const middleOf = (frames: number): number => Math.floor((frames - 1) / 2);

/** Places of frames, the least exposed first. */
export const byExposure = (stack: readonly StackRaw[]): number[] =>
  stack.map((_, i) => i).sort((a, b) => stack[a].exposure - stack[b].exposure);
