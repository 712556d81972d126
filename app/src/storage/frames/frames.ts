import { proxy, type Remote } from 'comlink';
import { KeptWorker } from '../../workers/keptWorker';
import { WorkerLost } from '../../workers/startedWorker';
import { isStorageFull } from '../database';
import { stemOf, type Naming } from '../fileNames';
import type { FrameStoreApi } from './frameStore.worker';
import { FrameNotStored, type ListedFrame, type MadeFrame } from './madeFrame';
import type { RestoredFrame } from './restoredFrame';
import type { RollChange } from '../rolls/change';
import { decisionAtFirst } from '../rolls/decision';
import type { RollView } from '../rolls/rollView';

/** The page's door to the frames on this device: a worker of their own reads and writes them. */
const store = new KeptWorker<FrameStoreApi>(
  () => new Worker(new URL('./frameStore.worker.ts', import.meta.url)),
);

/** Tells this device's other tabs. */
const others = typeof BroadcastChannel === 'function' ? new BroadcastChannel('velmo-frames') : null;

/** Loads it ahead of need. */
export const warmFrames = (): void => store.warm();

/**
 * Asks the store. A connection that was cut (site data cleared, the worker gone) is made anew once:
 * it stays cut for as long as its worker lives.
 */
async function ask<T>(work: (api: Remote<FrameStoreApi>) => Promise<T>): Promise<T> {
  try {
    return await store.call(work);
  } catch (error) {
    if (isStorageFull(error)) throw error;
    // One that has gone is replaced already: to end that would cut off who asks it now.
    if (!(error instanceof WorkerLost)) store.end();
    return store.call(work);
  }
}

/** Calls back when another tab has stored or removed frames. */
export function onOthersChanged(listener: () => void): () => void {
  const heard = (): void => void ask((api) => api.forgetAll()).then(listener, listener);
  others?.addEventListener('message', heard);
  return () => others?.removeEventListener('message', heard);
}

/** A store that says nothing for so long does not store: the frame is handed over instead. */
const SILENT_MS = 60_000;

/** Rejects once nothing has been heard for a while. */
function silence(ms: number) {
  let timer: ReturnType<typeof setTimeout> | undefined;
  let give: (error: Error) => void = () => {};
  const over = new Promise<never>((_, reject) => (give = reject));
  over.catch(() => {});
  const stop = (): void => clearTimeout(timer);
  const sign = (): void => {
    stop();
    timer = setTimeout(() => give(new Error('its storage does not answer')), ms);
  };
  sign();
  return { over, sign, stop };
}

const whyNot = (error: unknown): string =>
  isStorageFull(error)
    ? error.message
    : `The browser could not store the frame (${error instanceof Error ? error.message || error.name : 'unknown reason'}).`;

/**
 * Stores a frame. Rejects with FrameNotStored, which has the frame, whatever goes wrong.
 *
 * @param onWaiting called when another tab has been writing for a while
 */
export async function keepFrame(
  made: MadeFrame,
  naming: Naming,
  onShare: (share: number) => void,
  onWaiting: () => void,
): Promise<ListedFrame> {
  try {
    const record = await ask((api) => {
      const watched = silence(SILENT_MS);
      const heard = (share: number): void => {
        watched.sign();
        onShare(share);
      };
      const storing = api.storeFrame(made, naming, proxy(heard), proxy(onWaiting));
      return Promise.race([storing, watched.over]).finally(watched.stop);
    });
    others?.postMessage('stored');
    void askToStay();
    return { record, decision: decisionAtFirst(record), thumbnail: made.thumbnail };
  } catch (error) {
    const stem = stemOf(naming, made.name);
    throw new FrameNotStored(whyNot(error), made, stem, isStorageFull(error));
  }
}

let asked = false;

/** With the first frame the browser is asked not to clear this site's storage by itself. */
async function askToStay(): Promise<void> {
  if (asked) return;
  asked = true;
  await navigator.storage?.persist?.().catch(() => false);
}

/** The frames made last that are not dropped, newest first, and how many there are in all. */
export const newestFrames = (count: number) => ask((api) => api.newestFrames(count));

/**
 * What is to be found with the next question: frames are asked for one by one, and found at once.
 */
let asking: { readonly ids: string[]; readonly found: Promise<(ListedFrame | null)[]> } | null =
  null;

/** One frame; null when it is not there or cannot be read. */
export async function findFrame(id: string): Promise<ListedFrame | null> {
  if (!asking) {
    const ids: string[] = [];
    const found = Promise.resolve().then(() => {
      asking = null;
      return ask((api) => api.findFrames(ids));
    });
    asking = { ids, found };
  }
  const { ids, found } = asking;
  const at = ids.push(id) - 1;
  return (await found)[at];
}

/** The frames of one press, in the order in which they were made. */
export const listSeries = (id: string) => ask((api) => api.listSeries(id));

/** Deletes frames with all their files. Rejects where storage will not. */
export async function removeFrames(ids: readonly string[]): Promise<void> {
  await ask((api) => api.removeFrames(ids));
  others?.postMessage('removed');
}

/** Stores a frame out of an archive; false where it is here already. */
export async function restoreFrame(frame: RestoredFrame): Promise<boolean> {
  const isNew = await ask((api) => api.restoreFrame(frame));
  if (isNew) others?.postMessage('stored');
  return isNew;
}

/** What a roll begins with, from the frames made last alone; null where that cannot be told. */
export const beginningOfRoll = (view: RollView) => ask((api) => api.beginningOfRoll(view));

/** All frames of a roll, in order, as stacks. */
export const viewRoll = (view: RollView) => ask((api) => api.viewRoll(view));

/** Every roll with what lies in it. */
export const listRolls = () => ask((api) => api.listRolls());

/** Entries of rolls, as they are kept. */
export const rollRecords = () => ask((api) => api.rollRecords());

/** Frames whose record this version cannot read. */
export const listUnreadable = () => ask((api) => api.listUnreadable());

/** What is dropped in a roll, or in all; null: all. */
export const droppedIn = (roll: string | null) => ask((api) => api.droppedIn(roll));

/** Makes a change of what is decided; returns what takes it back. */
export async function applyChange(change: RollChange): Promise<RollChange> {
  const back = await ask((api) => api.applyChange(change));
  others?.postMessage('decided');
  return back;
}

/** @param drops its frames are dropped, and not only made loose */
export async function deleteRoll(id: string, drops: boolean): Promise<RollChange> {
  const back = await ask((api) => api.deleteRoll(id, drops));
  others?.postMessage('decided');
  return back;
}

/** The files of a frame whose record cannot be read. */
export const filesOfUnreadable = (id: string) => ask((api) => api.filesOfUnreadable(id));

/** Deletes what was left half written; says how many frames that were. */
export const sweepHalves = (): Promise<number> => ask((api) => api.sweepHalves());
