import {
  queryOptions,
  useMutation,
  useQueries,
  useQuery,
  useQueryClient,
  type QueryClient,
} from '@tanstack/react-query';
import { useEffect } from 'react';
import type { NewestFrames } from './frameLists';
import { findFrame, listSeries, newestFrames, onOthersChanged, removeFrames } from './frames';
import type { ListedFrame } from './madeFrame';
import { storeUnsaved } from '../unsaved';
import { KEPT_KEY } from '../storageKept';

/** Enough for a row in Field, where a series stands as one. */
export const NEWEST = 24;

const newestQuery = queryOptions({
  queryKey: ['frames', 'newest'],
  queryFn: () => newestFrames(NEWEST),
});

/** Thousands of thumbnails are not held for long once they are out of sight. */
const UNSEEN_MS = 45_000;

/** The query of one frame; null where there is none of this id. */
export const frameQuery = (id: string) =>
  queryOptions({
    queryKey: ['frames', 'one', id],
    queryFn: () => findFrame(id),
    gcTime: UNSEEN_MS,
  });

/** Everything that was made of all frames together: anew once one comes, goes or is decided on. */
export const ROLLS_KEY = ['frames', 'rolls'] as const;

/** The newest frames, and how many there are. */
export const useNewestFrames = () => useQuery(newestQuery);
/** One frame, as it is now. */
export const useFrame = (id: string) => useQuery(frameQuery(id));
/** Several, in the order of their ids. */
export const useFrames = (ids: readonly string[]) => useQueries({ queries: ids.map(frameQuery) });

/** All frames that were made by the same press as one. */
export const useSeries = (id: string) =>
  useQuery({ queryKey: ['frames', 'series', id], queryFn: () => listSeries(id) });

/** Room in the browser's storage. */
export interface StorageRoom {
  readonly quotaBytes: number;
  readonly usedBytes: number;
}

const roomQuery = queryOptions({
  queryKey: ['room'],
  async queryFn(): Promise<StorageRoom | null> {
    const { quota, usage } = (await navigator.storage?.estimate?.()) ?? {};
    return quota === undefined || usage === undefined
      ? null
      : { quotaBytes: quota, usedBytes: usage };
  },
});

/** Null where the browser does not tell. */
export const useRoom = () => useQuery(roomQuery);

/** Puts one more frame in front of the newest; rolls are listed anew when they are looked at. */
function addFrame(client: QueryClient, frame: ListedFrame): void {
  const add = (newest: NewestFrames): NewestFrames => ({
    ...newest,
    frames: [frame, ...newest.frames],
    total: newest.total + 1,
  });
  client.setQueryData(newestQuery.queryKey, (newest) => newest && add(newest));
  client.setQueryData(frameQuery(frame.record.id).queryKey, frame);
  if (frame.record.series) void client.invalidateQueries({ queryKey: ['frames', 'series'] });
  void client.invalidateQueries({ queryKey: ROLLS_KEY });
  void client.invalidateQueries({ queryKey: roomQuery.queryKey });
  void client.invalidateQueries({ queryKey: KEPT_KEY });
}

/** Tells every list that a frame was added. */
export function useFrameAdded(): (frame: ListedFrame) => void {
  const client = useQueryClient();
  return (frame) => addFrame(client, frame);
}

/** Keeps lists true to what this device's other tabs do. */
export function useOtherTabs(): void {
  const client = useQueryClient();
  useEffect(
    () => onOthersChanged(() => void client.invalidateQueries({ queryKey: ['frames'] })),
    [client],
  );
}

/** Deletes frames for good. */
export function useRemoveFrames() {
  const client = useQueryClient();
  return useMutation({
    mutationFn: removeFrames,
    onSuccess(_, ids) {
      void storeUnsaved();
      const gone = new Set(ids);
      client.setQueryData(
        newestQuery.queryKey,
        (newest) =>
          newest && {
            frames: newest.frames.filter(({ record }) => !gone.has(record.id)),
            unreadable: newest.unreadable.filter(({ id }) => !gone.has(id)),
            total: newest.total - gone.size,
          },
      );
      for (const id of ids) client.setQueryData(frameQuery(id).queryKey, null);
      // Nobody waits for these: whoever deleted goes on, and a screen of what is gone goes with it.
      for (const queryKey of [newestQuery.queryKey, ['frames', 'series'], ROLLS_KEY])
        void client.invalidateQueries({ queryKey });
      void client.invalidateQueries({ queryKey: roomQuery.queryKey });
    },
  });
}
