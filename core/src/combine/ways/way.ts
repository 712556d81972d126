import type { CombinedLight } from '../combinedDng';
import type { RawFile } from '../../files/rawFile';
import type { ChoiceMap } from '../focus/choiceMap';
import type { Moved } from '../merge/moved';
import type { StackRaw } from '../stackRaw';
import type { WayId } from './wayIds';

/** What is known of a frame before it is decoded; null where it is not known. */
export interface StackFacts {
  readonly timeS: number | null;
  readonly iso: number | null;
  readonly focusDioptres: number | null;
  /** It has a raw; else it is a picture that was developed before. */
  readonly raw: boolean;
}

/** A place where something moved, in shares of the raw's sides, and the frame to be taken there. */
export interface MovedChoice {
  readonly x: number;
  readonly y: number;
  /** Counted from the least exposed; -1: all are merged. */
  readonly frame: number;
}

/** A dab of a finger over the map of what is taken where, in shares of the raw's sides. */
export interface Dab {
  readonly x: number;
  readonly y: number;
  /** In shares of the longer side. */
  readonly radius: number;
  /** The frame that is to be taken: its place among those combined; -1: as it was found. */
  readonly frame: number;
}

/** What a hand has corrected of what was found. */
export interface Corrections {
  /** Where another frame was chosen for what moved. */
  readonly moved: readonly MovedChoice[];
  /** What was painted over the map of the frames' shares, first to last. */
  readonly painted: readonly Dab[];
}

export const NO_CORRECTIONS: Corrections = { moved: [], painted: [] };

/** Frames combined, and all there is to be seen of how. */
export interface Combined {
  /** Which of the frames handed over it looks like: its metadata are the new frame's. */
  readonly reference: number;
  readonly result: CombinedLight;
  /** Where things moved; null where that is not looked for. */
  readonly moved: Moved | null;
  /** Which frame counts how much where; null where they are not chosen by place. */
  readonly choice: ChoiceMap | null;
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
  combine(corrections: Corrections, onShare: (share: number) => void): Combined;
}

/** A way in which frames become one; `beginCombining` does it. */
export interface CombineWay<Id extends WayId> {
  readonly id: Id;
  /** Its range is to be finished: the light does not fit a picture as it is. */
  readonly finishes: boolean;
  /** It needs light as a sensor held it: not for pictures that were developed before. */
  readonly rawsOnly: boolean;
  /** It holds all frames at once: no more than this many. */
  readonly maxFrames: number;
  /** How well it fits a stack, 0..1; 0: not at all. */
  fits(stack: readonly StackFacts[]): number;
}
