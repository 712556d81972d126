import type { Development, Reframe } from '@velmo/core/recipe';
import type { Choice, FrameDecision } from './decision';
import type { RollRecord } from './rollRecord';

/** What is to be decided of one frame; what is left out stays. */
export interface DecisionChange {
  readonly id: string;
  readonly roll?: string;
  readonly choice?: Choice | null;
  readonly reframe?: Reframe | null;
  readonly development?: Development | null;
}

/**
 * A change of what was decided: of frames, and of rolls (null: there is no such roll any more).
 * Made whole or not at all; what it replaces is a change too, which takes it back.
 */
export interface RollChange {
  readonly frames: readonly DecisionChange[];
  readonly rolls: readonly { readonly id: string; readonly roll: RollRecord | null }[];
}

/** The decision a change leads to. */
export const changed = (
  now: FrameDecision,
  { roll, choice, reframe, development }: DecisionChange,
): FrameDecision => ({
  roll: roll ?? now.roll,
  choice: choice === undefined ? now.choice : choice,
  reframe: reframe === undefined ? now.reframe : reframe,
  development: development === undefined ? now.development : development,
});
