import type { SetUp } from '@velmo/core/kits';
import { createStore } from '../../../state/store';

/** The kit that was applied last, and what it did. */
export interface AppliedKit {
  readonly name: string;
  /** What it changed, in words. */
  readonly words: string;
  readonly before: SetUp;
  readonly after: SetUp;
  /** Ids of findings it means to have, in words. */
  readonly meant: Readonly<Record<string, string>>;
}

/** Null when none was, and once it has been taken back. */
export const appliedKitStore = createStore<AppliedKit | null>(null);
