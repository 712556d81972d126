import type { Development } from '@velmo/core/recipe';
import { keepThumbnail, keptThumbnail } from '../storage/frames/developedThumbnails';
import { rawOf, type ListedFrame } from '../storage/frames/madeFrame';
import { takeFrameView, warmFrameViews } from './frameViews';

/** Thumbnails are made one after the other: each reads a whole raw. */
let queue: Promise<unknown> = Promise.resolve();
let waiting = 0;
let worker: ReturnType<typeof takeFrameView> | null = null;

/** A small picture of a frame by a recipe; null where it has no raw, or that cannot be read. */
export async function developThumbnail(
  frame: ListedFrame,
  development: Development,
): Promise<string | null> {
  const { id } = frame.record;
  const kept = await keptThumbnail(id, development);
  const file = rawOf(frame);
  if (kept !== null || !file) return kept;
  waiting++;
  const made = queue.then(async () => {
    worker ??= takeFrameView();
    try {
      const url = await worker.call((api) => api.thumbnail(id, file, development));
      await keepThumbnail(id, development, url);
      return url;
    } catch {
      return null;
    }
  });
  queue = made.finally(() => {
    if (--waiting > 0) return;
    worker?.end();
    worker = null;
    warmFrameViews();
  });
  return made;
}
