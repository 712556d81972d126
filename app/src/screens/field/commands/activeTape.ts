import { fieldStore, type ActiveTape } from '../session/fieldState';

/**
 * Takes a tape in hand, or puts down what is in it: what a tap on the Window means depends on it.
 */
export const activate = (activeTape: ActiveTape | null): void => {
  if (fieldStore.get().activeTape !== activeTape) fieldStore.update((s) => ({ ...s, activeTape }));
};

/** A tap on a tape takes it in hand, and puts it down when it is. */
export const tapTape = (tape: ActiveTape): void =>
  activate(fieldStore.get().activeTape === tape ? null : tape);
