import type { CombinedLight } from '../combinedDng';
import type { RawFile } from '../../files/rawFile';
import type { Moved } from '../merge/moved';
import type { StackRaw } from '../stackRaw';
import type { WayId } from './wayIds';

/** What is known of a frame before it is decoded; null where it is not known. */
export interface StackFacts {
  readonly timeS: number | null;
  readonly iso: number | null;
  readonly focusDioptres: number | null;
}

/** A place where something moved, in shares of the raw's sides, and the frame to be taken there. */
export interface MovedChoice {
  readonly x: number;
  readonly y: number;
  /** Counted from the least exposed; -1: all are merged. */
  readonly frame: number;
}

/** Frames combined, and all there is to be seen of how. */
export interface Combined {
  /** Which of the frames handed over it looks like: its metadata are the new frame's. */
  readonly reference: number;
  readonly result: CombinedLight;
  /** Where things moved; null where that is not looked for. */
  readonly moved: Moved | null;
  /** Frames that could not be laid on the reference, and are not in it: by their places. */
  readonly leftOut: readonly number[];
  /** Frames moved against one another, and were laid on the reference. */
  readonly aligned: boolean;
}

/** Frames on their way to become one. */
export interface Combiner {
  /** Throws CombineError where a frame does not fit those before. */
  add(file: RawFile, frame: StackRaw): void;
  /**
   * Throws CombineError where there are too few.
   *
   * @param onShare called with the share that is done
   */
  combine(movedChoices: readonly MovedChoice[], onShare: (share: number) => void): Combined;
}

/** A way in which frames become one; `beginCombining` does it. */
export interface CombineWay<Id extends WayId> {
  readonly id: Id;
  /** Its range is to be finished: the light does not fit a picture as it is. */
  readonly finishes: boolean;
  /** It holds all frames at once: no more than this many. */
  readonly maxFrames: number;
  /** How well it fits a stack, 0..1; 0: not at all. */
  fits(stack: readonly StackFacts[]): number;
}
