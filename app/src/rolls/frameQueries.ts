import { queryOptions, useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import type { FrameRecord } from './frameRecord';
import { deleteFrame, readIndex } from './frameStore';

export interface FrameList {
  /** Newest first. */
  readonly frames: readonly FrameRecord[];
  /** Entries that this version cannot read: left where they are. */
  readonly setAside: number;
}

export const framesQuery = queryOptions({
  queryKey: ['frames'],
  async queryFn(): Promise<FrameList> {
    // The validator is loaded beside the first look at the index: Field does not wait for it.
    const [entries, { recordFromText }] = await Promise.all([readIndex(), import('./migrate')]);
    const frames = entries.map(({ text }) => recordFromText(text)).filter((r) => r !== null);
    frames.sort((a, b) => b.capturedAt - a.capturedAt);
    return { frames, setAside: entries.length - frames.length };
  },
});

/** Room in the browser's storage. */
export interface StorageRoom {
  readonly quotaBytes: number;
  readonly usedBytes: number;
}

const roomQuery = queryOptions({
  // Under the frames' key, so that a frame more or less asks again.
  queryKey: ['frames', 'room'],
  async queryFn(): Promise<StorageRoom | null> {
    const { quota, usage } = (await navigator.storage?.estimate?.()) ?? {};
    return quota === undefined || usage === undefined
      ? null
      : { quotaBytes: quota, usedBytes: usage };
  },
});

/** Null where the browser does not tell. */
export const useRoom = () => useQuery(roomQuery);

export const useFrames = () => useQuery(framesQuery);

/** Tells every list that a frame was added. */
export function useFrameAdded(): () => void {
  const client = useQueryClient();
  return () => void client.invalidateQueries({ queryKey: framesQuery.queryKey });
}

export function useDeleteFrame() {
  const client = useQueryClient();
  return useMutation({
    mutationFn: deleteFrame,
    onSuccess: () => client.invalidateQueries({ queryKey: framesQuery.queryKey }),
  });
}
