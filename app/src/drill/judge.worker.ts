import { findDrill, judgeDrill, type Judgement } from '@velmo/core/drill';
import { decodeDng, readDng } from '@velmo/core/files';
import type { StoredFile } from '../storage/frames/frameRecord';
import { readWholeFile } from '../storage/frames/frameBytes';
import { exposeKept } from '../workers/exposeKept';

/** A stored raw that is to be judged. */
export interface Tried {
  readonly id: string;
  readonly file: StoredFile;
}

/** What came of it: a judgement, or why there can be none. */
export type Judged = Judgement | { readonly refusal: string };

const api = {
  /**
   * Judges the stored raws of one press.
   *
   * @param pick which of them was chosen, for a drill that is about choosing
   */
  async judge(drillId: string, tried: readonly Tried[], pick: number): Promise<Judged> {
    const drill = findDrill(drillId);
    if (!drill) return { refusal: 'This version knows no such drill.' };
    try {
      const raws = [];
      for (const { id, file } of tried)
        raws.push(decodeDng(readDng(await readWholeFile(id, file))));
      return judgeDrill(drill, raws, pick);
    } catch (error) {
      return { refusal: error instanceof Error ? error.message : 'The raw could not be read.' };
    }
  },
};

/** What the worker answers. */
export type JudgeApi = typeof api;

exposeKept(api);
