import {
  infiniteQueryOptions,
  queryOptions,
  useInfiniteQuery,
  useMutation,
  useQuery,
  useQueryClient,
  type InfiniteData,
  type QueryClient,
} from '@tanstack/react-query';
import { useEffect } from 'react';
import { findFrame, listFrames, listSeries, onOthersChanged, removeFrames } from './frames';
import type { FramePage } from './frameStore';
import type { ListedFrame } from './madeFrame';
import { storeUnsaved } from './unsaved';

/** Enough for a row in Field, where a series stands as one. */
export const NEWEST = 24;
const PAGE = 60;

const newestQuery = queryOptions({
  queryKey: ['frames', 'newest'],
  queryFn: () => listFrames(0, NEWEST),
});

const allQuery = infiniteQueryOptions({
  queryKey: ['frames', 'all'],
  queryFn: ({ pageParam }) => listFrames(pageParam, PAGE),
  initialPageParam: 0,
  getNextPageParam: (last: FramePage, pages) => {
    const seen = pages.reduce((sum, p) => sum + p.frames.length + p.unreadable.length, 0);
    const ended = last.frames.length + last.unreadable.length === 0;
    return ended || seen >= last.total ? undefined : seen;
  },
});

const oneQuery = (id: string) =>
  queryOptions({ queryKey: ['frames', 'one', id], queryFn: () => findFrame(id) });

/** The newest frames, and how many there are. */
export const useNewestFrames = () => useQuery(newestQuery);
/** All frames, a page at a time. */
export const useAllFrames = () => useInfiniteQuery(allQuery);
export const useFrame = (id: string) => useQuery(oneQuery(id));

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

const withPages = (
  data: InfiniteData<FramePage, unknown> | undefined,
  change: (page: FramePage, index: number) => FramePage,
) => data && { ...data, pages: data.pages.map(change) };

/** Puts one more frame in front of every list; nothing is read anew. */
function addFrame(client: QueryClient, frame: ListedFrame): void {
  const add = (page: FramePage, index = 0): FramePage => ({
    ...page,
    frames: index === 0 ? [frame, ...page.frames] : page.frames,
    total: page.total + 1,
  });
  client.setQueryData(newestQuery.queryKey, (page) => page && add(page));
  client.setQueryData(allQuery.queryKey, (data) => withPages(data, add));
  client.setQueryData(oneQuery(frame.record.id).queryKey, frame);
  if (frame.record.series) void client.invalidateQueries({ queryKey: ['frames', 'series'] });
  void client.invalidateQueries({ queryKey: roomQuery.queryKey });
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

export function useRemoveFrames() {
  const client = useQueryClient();
  return useMutation({
    mutationFn: removeFrames,
    onSuccess(_, ids) {
      void storeUnsaved();
      const gone = new Set(ids);
      const without = (page: FramePage): FramePage => ({
        frames: page.frames.filter(({ record }) => !gone.has(record.id)),
        unreadable: page.unreadable.filter(({ id }) => !gone.has(id)),
        total: page.total - gone.size,
      });
      client.setQueryData(allQuery.queryKey, (data) => withPages(data, without));
      client.setQueryData(newestQuery.queryKey, (page) => page && without(page));
      for (const id of ids) client.setQueryData(oneQuery(id).queryKey, null);
      // Nobody waits for these: whoever deleted goes on, and a screen of what is gone goes with it.
      for (const queryKey of [newestQuery.queryKey, ['frames', 'series'], roomQuery.queryKey])
        void client.invalidateQueries({ queryKey });
    },
  });
}
