import type { StageTimes } from '../state/stages';
import { rawOrPicture, type FrameRecord, type StoredFile } from '../storage/frames/frameRecord';
import type { KeptWorker } from '../workers/keptWorker';
import type { FrameSummary } from './frameView';
import type { FrameViewApi } from './frameView.worker';
import { takeFrameView, warmFrameViews } from './frameViews';

/** A frame in a worker of its own, decoded or about to be. */
export interface OpenFrame {
  readonly id: string;
  /** Name of the file it is looked at by. */
  readonly file: string;
  readonly worker: KeptWorker<FrameViewApi>;
  /** What its file says. */
  readonly opened: Promise<{ readonly summary: FrameSummary; readonly stages: StageTimes }>;
}

/** Frames nobody looks at, kept decoded: the one looked at last, and what is looked at next. */
let resting: OpenFrame[] = [];

/**
 * Decoded frames take some 80 MB each: as many are kept as a device that tells its memory can hold.
 */
const deviceMemoryGB = (): number =>
  (globalThis.navigator as { deviceMemory?: number }).deviceMemory ?? 0;
const maxResting = (): number => (deviceMemoryGB() >= 4 ? 2 : 1);

function open(record: FrameRecord, file: StoredFile): OpenFrame {
  const worker = takeFrameView();
  const opened = worker.call((api) => api.open(record.id, file));
  // Whoever looks at it is told.
  opened.catch(() => {});
  const frame = { id: record.id, file: file.name, worker, opened };
  // A frame whose worker has ended, as for lack of memory, holds nothing any more.
  worker.lost().catch(() => {
    resting = resting.filter((other) => other !== frame);
  });
  return frame;
}

function end(frames: readonly OpenFrame[]): void {
  for (const { worker } of frames) worker.end();
  if (frames.length > 0) warmFrameViews();
}

/**
 * A frame for whoever looks at it: prepared where it could be. Is to be put to rest.
 *
 * @param file of those it has
 */
export function takeFrame(record: FrameRecord, file: StoredFile): OpenFrame {
  const prepared = resting.find((frame) => frame.id === record.id && frame.file === file.name);
  resting = resting.filter((frame) => frame !== prepared);
  return prepared ?? open(record, file);
}

/**
 * Keeps a frame decoded for a while: it may be looked at again. Until the next is prepared there is
 * one more than is kept: the one that is left rests before the one gone to is taken.
 */
export function restFrame(frame: OpenFrame): void {
  resting.push(frame);
  end(resting.splice(0, resting.length - maxResting() - 1));
}

/** Opens frames that are likely to be looked at next, likeliest first; others at rest make room. */
export function prepareFrames(records: readonly FrameRecord[]): void {
  const wanted = records.slice(0, maxResting());
  const kept = resting.filter(({ id }) => wanted.some((record) => record.id === id));
  end(resting.filter((frame) => !kept.includes(frame)));
  resting = [
    ...kept,
    ...wanted
      .filter(({ id }) => !kept.some((frame) => frame.id === id))
      .map((record) => open(record, rawOrPicture(record))),
  ];
}

/** Ends all frames nobody looks at. */
export function endResting(): void {
  end(resting.splice(0));
}
