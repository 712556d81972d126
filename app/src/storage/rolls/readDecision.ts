import type { Development, Reframe } from '@velmo/core/recipe';
import type { FrameRecord } from '../frames/frameRecord';
import { isValid } from '../validation';
import { decisionAtFirst, type FrameDecision } from './decision';

interface StoredDecision extends Omit<FrameDecision, 'reframe' | 'development'> {
  readonly version: 1;
  readonly reframe?: Reframe;
  readonly development?: Development;
}

/** A decision as it is kept: JSON. */
export const decisionText = ({ roll, choice, reframe, development }: FrameDecision): string =>
  JSON.stringify({
    version: 1,
    roll,
    choice,
    ...(reframe && { reframe }),
    ...(development && { development }),
  } satisfies StoredDecision);

/** What is decided of a frame: what is stored of it, or what it was made with. */
export function decisionOf(record: FrameRecord, stored: string | null | undefined): FrameDecision {
  const made = decisionAtFirst(record);
  if (stored == null) return made;
  try {
    const value: unknown = JSON.parse(stored);
    if (!isValid<StoredDecision>('decision', value)) return made;
    const { roll, choice, reframe = null, development = null } = value;
    return { roll, choice, reframe, development };
  } catch {
    return made;
  }
}
