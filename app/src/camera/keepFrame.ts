import type { FileToStore, FrameRecord } from '../rolls/frameRecord';
import { StorageFull, storeFrame } from '../rolls/frameStore';

/** What came of trying to keep a frame. Plain data: it crosses from a worker. */
export type KeptFrame =
  | { readonly kept: true; readonly record: FrameRecord }
  | { readonly kept: false; readonly reason: string; readonly files: readonly FileToStore[] };

/** Stores a frame, or hands its files back with the reason when there is no room for it. */
export async function keepFrame(
  record: Omit<FrameRecord, 'files'>,
  files: readonly FileToStore[],
  onShare: (share: number) => void,
): Promise<KeptFrame> {
  try {
    return { kept: true, record: await storeFrame(record, files, onShare) };
  } catch (error) {
    const reason =
      error instanceof StorageFull
        ? error.message
        : `The browser could not store the frame (${error instanceof Error ? error.message : 'unknown reason'}).`;
    return { kept: false, reason, files };
  }
}
