import { createStore } from '../../state/store';
import type { RollChange } from './change';

/** Something that was decided, and what takes it back. */
export interface Done {
  /** "3 frames dropped" */
  readonly words: string;
  readonly back: RollChange;
}

const MAX_UNDO = 100;

/** What can be taken back, last first; forgotten with the page. */
export const undoStore = createStore<readonly Done[]>([]);

/** Something has been done that can be taken back. */
export const doneNow = (done: Done): void =>
  undoStore.update((all) => [done, ...all].slice(0, MAX_UNDO));

/** The last that was decided, which is then no longer there to be taken back. */
export function takeUndone(): Done | null {
  const [last, ...rest] = undoStore.get();
  undoStore.set(rest);
  return last ?? null;
}
