import { proxy } from 'comlink';
import { useEffect, useMemo, useRef, useState } from 'react';
import type { DeliverApi, DeliveryProgress, NotDelivered } from '../../deliver/deliver.worker';
import type { DeliveryEntry } from '../../deliver/deliveryPlan';
import { canPickFolder, saveIntoFolder } from '../../deliver/folder';
import { rollRecords } from '../../storage/frames/frames';
import type { ListedFrame } from '../../storage/frames/madeFrame';
import { saveToComputer } from '../../storage/save';
import { KeptWorker } from '../../workers/keptWorker';
import { WorkerLost } from '../../workers/startedWorker';

/** Where frames go to. */
export type DeliveryWay = 'zip' | 'archive' | 'folder' | 'share';

/** What became of a delivery. */
export type Delivery =
  | { readonly state: 'none' }
  | { readonly state: 'busy'; readonly way: DeliveryWay; readonly progress: DeliveryProgress }
  /** Files that wait for the tap that hands them over. */
  | { readonly state: 'ready'; readonly files: readonly File[] }
  | {
      readonly state: 'done';
      readonly way: DeliveryWay;
      readonly files: number;
      readonly failed: readonly NotDelivered[];
    }
  | { readonly state: 'stopped'; readonly files: number }
  | { readonly state: 'failed'; readonly why: string };

const whyNot = (error: unknown): string => {
  if (error instanceof WorkerLost)
    return 'The part of Velmo that delivers stopped, or could not be loaded. Nothing is lost: try again.';
  if (error instanceof Error && error.name === 'QuotaExceededError')
    return 'There is no room left to make the zip in. Deliver fewer frames at once, or into a folder.';
  if (error instanceof Error && error.name === 'NotAllowedError')
    return 'The browser was not allowed to. Nothing was delivered.';
  return error instanceof Error && error.message ? error.message : 'It could not be delivered.';
};

/** It was closed without an answer: nothing has gone wrong. */
const isDismissed = (error: unknown): boolean =>
  error instanceof Error && error.name === 'AbortError';

const fileOf = (blob: Blob, { name, at }: DeliveryEntry): File =>
  new File([blob], name, { type: blob.type, lastModified: at });

/** Delivers files by a worker of its own. */
export function useDelivery() {
  const [delivery, setDelivery] = useState<Delivery>({ state: 'none' });
  const stopped = useRef(false);
  const worker = useMemo(
    () =>
      new KeptWorker<DeliverApi>(
        () => new Worker(new URL('../../deliver/deliver.worker.ts', import.meta.url)),
      ),
    [],
  );
  useEffect(() => () => worker.end(), [worker]);
  const deliver = async (
    way: DeliveryWay,
    work: (onProgress: (progress: DeliveryProgress) => void) => Promise<Delivery>,
  ): Promise<void> => {
    stopped.current = false;
    setDelivery({ state: 'busy', way, progress: { done: 0, bytes: 0 } });
    try {
      setDelivery(await work((progress) => setDelivery({ state: 'busy', way, progress })));
    } catch (error) {
      setDelivery(isDismissed(error) ? { state: 'none' } : { state: 'failed', why: whyNot(error) });
    }
  };
  const blobOf = (entry: DeliveryEntry): Promise<Blob> => worker.call((api) => api.blob(entry));
  return {
    delivery,
    stop(): void {
      stopped.current = true;
      void worker.tell((api) => api.stop()).catch(() => {});
    },
    zip: (entries: readonly DeliveryEntry[], name: string): Promise<void> =>
      deliver('zip', async (onProgress) => {
        const made = await worker.call((api) => api.zip(entries, proxy(onProgress)));
        if (!made) return { state: 'stopped', files: 0 };
        const { file, failed } = made;
        if (failed.length < entries.length) saveToComputer(name, file);
        return { state: 'done', way: 'zip', files: entries.length - failed.length, failed };
      }),
    /** All there is of frames, with the rolls they lie in. */
    archive: (frames: readonly ListedFrame[], name: string): Promise<void> =>
      deliver('archive', async (onProgress) => {
        const inside = new Set(frames.map(({ decision }) => decision.roll));
        const rolls = (await rollRecords()).filter(({ id }) => inside.has(id));
        const made = await worker.call((api) => api.archive(frames, rolls, proxy(onProgress)));
        if (!made) return { state: 'stopped', files: 0 };
        const { file, failed } = made;
        if (failed.length < frames.length) saveToComputer(name, file);
        return { state: 'done', way: 'archive', files: frames.length - failed.length, failed };
      }),
    folder: (entries: readonly DeliveryEntry[]): Promise<void> =>
      deliver('folder', async (onProgress) => {
        const { files, failed, isWhole } = await saveIntoFolder(
          entries,
          blobOf,
          onProgress,
          () => stopped.current,
        );
        return isWhole
          ? { state: 'done', way: 'folder', files, failed }
          : { state: 'stopped', files };
      }),
    canPickFolder: canPickFolder(),
    /** Reads what is to be shared: a browser shares only right after a tap. */
    prepare: (entries: readonly DeliveryEntry[]): Promise<void> =>
      deliver('share', async (onProgress) => {
        const files: File[] = [];
        let bytes = 0;
        for (const [done, entry] of entries.entries()) {
          onProgress({ done, bytes });
          if (stopped.current) return { state: 'stopped', files: 0 };
          files.push(fileOf(await blobOf(entry), entry));
          bytes += files[done].size;
        }
        if (navigator.canShare?.({ files })) return { state: 'ready', files };
        throw new Error(
          'The system shares no files of these kinds. Choose developed JPEGs, or save a zip.',
        );
      }),
    share: (files: readonly File[]): Promise<void> =>
      deliver('share', async () => {
        await navigator.share({ files: [...files] });
        return { state: 'done', way: 'share', files: files.length, failed: [] };
      }),
  };
}

/** Whether the system can be handed files at all. */
export const canShareFiles = (): boolean =>
  typeof navigator !== 'undefined' && typeof navigator.share === 'function';
