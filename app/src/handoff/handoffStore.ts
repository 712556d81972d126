import type { HandoffFault, Pairing } from '@velmo/core/handoff';
import type { NotDelivered } from '../deliver/deliver.worker';
import { createStore } from '../state/store';

/** What stops all that waits; the others are of one file. */
export type StoppingFault = Exclude<HandoffFault, 'refused' | 'damaged'>;

/** How far frames are on their way to the computer. */
export interface HandoffState {
  /** What is known of it was read. */
  readonly isRead: boolean;
  readonly pairing: Pairing | null;
  /** What goes on: `waiting` tries again by itself, `held` waits for the user. */
  readonly phase: 'idle' | 'sending' | 'waiting' | 'held';
  /** Why it waits or is held. */
  readonly fault: StoppingFault | null;
  /** Files of all jobs there were since it was last idle; bytes that went in this time. */
  readonly files: { readonly done: number; readonly total: number };
  readonly bytes: number;
  readonly failed: readonly NotDelivered[];
}

/** What is known of the computer, and of what is sent to it. */
export const handoffStore = createStore<HandoffState>({
  isRead: false,
  pairing: null,
  phase: 'idle',
  fault: null,
  files: { done: 0, total: 0 },
  bytes: 0,
  failed: [],
});

/** Changes part of it. */
export const changeHandoff = (change: Partial<HandoffState>): void =>
  handoffStore.update((now) => ({ ...now, ...change }));
