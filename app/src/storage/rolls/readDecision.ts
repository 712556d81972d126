import type { FrameRecord } from '../frameRecord';
import { isValid } from '../validation';
import type { FrameDecision } from './decision';

interface StoredDecision extends FrameDecision {
  readonly version: 1;
}

export const decisionText = ({ roll, choice }: FrameDecision): string =>
  JSON.stringify({ version: 1, roll, choice } satisfies StoredDecision);

/** What is decided of a frame: what is stored of it, or what it was made with. */
export function decisionOf(record: FrameRecord, stored: string | null | undefined): FrameDecision {
  const made = { roll: record.roll, choice: null };
  if (stored == null) return made;
  try {
    const value: unknown = JSON.parse(stored);
    if (!isValid<StoredDecision>('decision', value)) return made;
    return { roll: value.roll, choice: value.choice };
  } catch {
    return made;
  }
}
