import { proxy } from 'comlink';
import { createStore } from '../state/store';
import { isStorageFull } from '../storage/database';
import { applyChange, findFrame, listRolls, restoreFrame } from '../storage/frames/frames';
import { KeptWorker } from '../workers/keptWorker';
import { WorkerLost } from '../workers/startedWorker';
import type { ArchiveApi } from './archive.worker';
import type { CheckedArchive } from './openedArchive';

/** How far bringing an archive in has got. */
export type OpeningArchive =
  | {
      readonly state: 'checking';
      readonly name: string;
      readonly done: number;
      readonly count: number;
    }
  | {
      readonly state: 'checked';
      readonly name: string;
      readonly checked: CheckedArchive;
      /** Frames that are on this device already, and stay as they are. */
      readonly here: number;
    }
  | { readonly state: 'bringing'; readonly done: number; readonly count: number }
  | { readonly state: 'done'; readonly frames: number; readonly here: number }
  | { readonly state: 'failed'; readonly why: string };

/** Null: no archive was opened, or what was said of it is put away. */
export const archiveStore = createStore<OpeningArchive | null>(null);

const worker = new KeptWorker<ArchiveApi>(
  () => new Worker(new URL('./archive.worker.ts', import.meta.url)),
);

const whyNot = (error: unknown): string =>
  error instanceof WorkerLost
    ? 'The part of Velmo that reads archives stopped, or could not be loaded. Nothing was changed: open it again.'
    : error instanceof Error && error.message
      ? error.message
      : 'The archive could not be read. Nothing was changed.';

/** True for a file that may be an archive, by its name or type. */
export const isArchive = ({ name, type }: File): boolean =>
  /\.zip$/i.test(name) || type === 'application/zip';

/** Reads all of an archive before anything of it is taken. */
export async function checkArchive(file: File): Promise<void> {
  const { name } = file;
  archiveStore.set({ state: 'checking', name, done: 0, count: 0 });
  try {
    const onFrame = (done: number, count: number): void =>
      archiveStore.set({ state: 'checking', name, done, count });
    const checked = await worker.call((api) => api.check(file, proxy(onFrame)));
    const found = await Promise.all(checked.whole.map(({ id }) => findFrame(id)));
    const here = found.filter((frame) => frame !== null).length;
    archiveStore.set({ state: 'checked', name, checked, here });
  } catch (error) {
    worker.end();
    archiveStore.set({ state: 'failed', why: whyNot(error) });
  }
}

/** Leaves an archive as it is. */
export function putArchiveAway(): void {
  worker.end();
  archiveStore.set(null);
}

/**
 * Brings the whole frames of the archive in that was checked, with their rolls. What is here
 * already stays as it is: frames, what is decided of them, and rolls.
 *
 * @param onFrame called after each frame
 */
export async function bringIn(onFrame: () => void): Promise<void> {
  const now = archiveStore.get();
  if (now?.state !== 'checked') return;
  const { whole, rolls } = now.checked;
  let [frames, here] = [0, 0];
  try {
    const known = new Set((await listRolls()).map(({ id }) => id));
    const added = rolls.filter(({ id }) => !known.has(id)).map((roll) => ({ id: roll.id, roll }));
    if (added.length > 0) await applyChange({ frames: [], rolls: added });
    for (const { id } of whole) {
      archiveStore.set({ state: 'bringing', done: frames + here, count: whole.length });
      const frame = await worker.call((api) => api.frame(id));
      if (await restoreFrame(frame)) frames++;
      else here++;
      onFrame();
    }
    archiveStore.set({ state: 'done', frames, here });
  } catch (error) {
    const rest = `${frames} of its frames are here now.`;
    archiveStore.set({
      state: 'failed',
      why: isStorageFull(error)
        ? `There is no room for more: ${rest} Make room and open the archive again; what is here is passed over.`
        : `${whyNot(error)} ${rest} Open it again: what is here is passed over.`,
    });
  }
  worker.end();
}
