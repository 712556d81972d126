import { exposeKept } from '../workers/exposeKept';
import type { RestoredFrame } from '../storage/frames/restoredFrame';
import { OpenedArchive, type CheckedArchive } from './openedArchive';

let archive: OpenedArchive | null = null;

const api = {
  /** Opens an archive and reads every byte of it. Rejects with a sentence where it is none. */
  async check(file: Blob, onFrame: (done: number, count: number) => void): Promise<CheckedArchive> {
    archive = await OpenedArchive.of(file);
    return archive.check(onFrame);
  },
  async frame(id: string): Promise<RestoredFrame> {
    if (!archive) throw new Error('No archive is open.');
    return archive.frame(id);
  },
};

/** What the worker answers. */
export type ArchiveApi = typeof api;
exposeKept(api);
