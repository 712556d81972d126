import { fieldStore, type Hand } from './fieldState';

/** Takes a tape in hand, or puts down what is in it: what a tap on the Window means depends on it. */
export const takeInHand = (hand: Hand | null): void => {
  if (fieldStore.get().hand !== hand) fieldStore.update((s) => ({ ...s, hand }));
};

/** A tap on a tape takes it in hand, and puts it down when it is. */
export const tapTape = (tape: Hand): void =>
  takeInHand(fieldStore.get().hand === tape ? null : tape);
