import type { HandoffState, StoppingFault } from '../../handoff/handoffStore';
import { filesWords } from './deliverWords';
import { bytesWords } from '../field/words/seriesWords';

const FAULTS: Record<StoppingFault, string> = {
  unpaired:
    'The computer does not know this device any more. Scan the code on its page to pair again; what waits is sent then.',
  full: 'There is no room left on the computer. What waits is sent once there is.',
  unreachable:
    'The computer cannot be reached. What waits is sent once it can: leave Velmo open, or open it again.',
};

const UNREAD = 'The browser’s storage could not be read just now. Nothing is lost: try again.';

/** How far a hand-off is; null where there is nothing to say. */
export function handoffWords({
  pairing,
  phase,
  fault,
  files: { done, total },
  bytes,
  failed,
}: HandoffState): string | null {
  const computer = pairing?.computer ?? 'the computer';
  const left = failed.map(({ path, why }) => ` ${path}: ${why}`).join('');
  if (phase === 'sending')
    return `File ${Math.min(total, done + 1)} of ${total} to ${computer}, ${bytesWords(bytes)} so far ...`;
  if (phase !== 'idle') return fault ? FAULTS[fault] : UNREAD;
  if (total === 0) return null;
  const there = done - failed.length;
  return `${filesWords(there)} ${there === 1 ? 'is' : 'are'} on ${computer}.${left && ` Left out:${left}`}`;
}
