import { createStore } from '../state/store';
import { keepFrame } from './frames/frames';
import { DEFAULT_NAMING, type Naming } from './fileNames';
import type { FrameNotStored, ListedFrame, MadeFrame } from './frames/madeFrame';
import { saveToComputer } from './save';

/** A frame that could not be stored: the page alone has it. */
export interface UnsavedFrame {
  readonly made: MadeFrame;
  readonly stem: string;
  /** Why it is not stored. */
  readonly reason: string;
  /** There is no room for it. */
  readonly isFull: boolean;
  /** Its files have been handed to the browser to be saved. */
  readonly saved: boolean;
}

/** Oldest first. */
export const unsavedStore = createStore<readonly UnsavedFrame[]>([]);

/** How often it is tried again to store them, as long as the page is open. */
const RETRY_MS = 20_000;

let timer: ReturnType<typeof setInterval> | undefined;
let trying: Promise<void> | null = null;
let onStored: (frame: ListedFrame) => void = () => {};

/** Who is told when one of them could be stored after all. */
export function whenUnsavedStored(listener: (frame: ListedFrame) => void): void {
  onStored = listener;
}

/** Frames that would be gone with the page. */
export const atRisk = (frames: readonly UnsavedFrame[]): number =>
  frames.filter(({ saved }) => !saved).length;

/** The browser asks before the page is left. */
const warn = (event: BeforeUnloadEvent): void => event.preventDefault();

function set(frames: readonly UnsavedFrame[]): void {
  unsavedStore.set(frames);
  if (atRisk(frames) > 0) window.addEventListener('beforeunload', warn);
  else window.removeEventListener('beforeunload', warn);
  clearInterval(timer);
  if (frames.length > 0) timer = setInterval(() => void storeUnsaved(), RETRY_MS);
}

/** A frame could not be stored: it waits in the page, and is tried again. */
export function addUnsaved(refused: FrameNotStored): void {
  const { frame: made, stem, message: reason, isFull } = refused;
  set([...unsavedStore.get(), { made, stem, reason, isFull, saved: false }]);
}

const idOf = ({ made }: UnsavedFrame): string => made.facts.id;

/** Forgets a frame for good. */
export function dropUnsaved(id: string): void {
  set(unsavedStore.get().filter((frame) => idOf(frame) !== id));
}

/**
 * Hands the files of one frame, or of all, to the browser; they stay here until they are stored or
 * dropped.
 */
export function saveUnsaved(id?: string): void {
  const chosen = (frame: UnsavedFrame): boolean => id === undefined || idOf(frame) === id;
  for (const { made, stem } of unsavedStore.get().filter(chosen))
    for (const { ending, blob } of made.files) saveToComputer(stem + ending, blob);
  set(unsavedStore.get().map((frame) => (chosen(frame) ? { ...frame, saved: true } : frame)));
}

/** The name it was given when it was made is the name it gets, if that is free still. */
const namedAs = ({ made, stem }: UnsavedFrame): Naming => ({
  ...DEFAULT_NAMING,
  roll: made.facts.roll,
  pattern: stem,
});

/**
 * Tries to store them, oldest first, until one does not fit; nothing happens where there are none.
 */
export function storeUnsaved(): Promise<void> {
  trying ??= storeInTurn().finally(() => (trying = null));
  return trying;
}

async function storeInTurn(): Promise<void> {
  for (;;) {
    const [first] = unsavedStore.get();
    if (!first) return;
    try {
      const none = (): void => {};
      const stored = await keepFrame(first.made, namedAs(first), none, none);
      dropUnsaved(idOf(first));
      onStored(stored);
    } catch {
      return;
    }
  }
}
