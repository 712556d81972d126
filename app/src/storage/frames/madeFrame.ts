import type { NameFacts } from '../fileNames';
import {
  isRaw,
  type FrameFacts,
  type FrameRecord,
  type StoredFile,
  type StoredKind,
} from './frameRecord';
import type { FrameDecision } from '../rolls/decision';

/**
 * A file as it was made. A blob: it can be stored, stored again elsewhere, or saved, without a copy
 * in the page, and does not go with the worker that made it.
 */
export interface MadeFile {
  readonly kind: StoredKind;
  /** What its name ends with: ".dng", "-averaged.dng". */
  readonly ending: string;
  readonly blob: Blob;
}

/** A frame as a camera made it: all there is of it until it is kept. */
export interface MadeFrame {
  readonly facts: FrameFacts;
  readonly name: NameFacts;
  readonly files: readonly MadeFile[];
  /** A small JPEG as a data URL. */
  readonly thumbnail: string;
}

/** A frame in a list. */
export interface ListedFrame {
  readonly record: FrameRecord;
  readonly decision: FrameDecision;
  readonly thumbnail: string;
}

/** The frame's raw file; none of a finished picture. */
export const rawOf = ({ record }: ListedFrame): StoredFile | undefined => record.files.find(isRaw);

/** A frame that could not be kept, and comes along so that nothing is lost. */
export class FrameNotStored extends Error {
  override readonly name = 'FrameNotStored';
  constructor(
    message: string,
    readonly frame: MadeFrame,
    /** Its files' name without ending, as far as one could be chosen. */
    readonly stem: string,
    /** There was no room for it. */
    readonly isFull: boolean,
  ) {
    super(message);
  }
}
