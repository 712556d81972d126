import { isRaw, type StoredFile } from '../storage/frames/frameRecord';
import { rawOf, type ListedFrame } from '../storage/frames/madeFrame';

/** What is combined: raws, or pictures that were developed before. */
export type SourceKind = 'raw' | 'picture';

/** Raws where two of the frames have one; else their pictures. */
export const sourceKind = (frames: readonly ListedFrame[]): SourceKind =>
  frames.filter((frame) => rawOf(frame)).length < 2 ? 'picture' : 'raw';

/** The file of a frame that takes part; none where it has none of that kind. */
export const sourceFile = (frame: ListedFrame, kind: SourceKind): StoredFile | undefined =>
  kind === 'raw' ? rawOf(frame) : frame.record.files.find((file) => !isRaw(file));
