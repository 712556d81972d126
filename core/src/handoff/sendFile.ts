import { HandoffError } from './handoffError';
import type { Content, HandoffLine } from './handoffLine';
import type { Arrival, OfferedFile } from './protocol';

/** Breaks in a row, without a byte more there, after which a computer counts as out of reach. */
const MAX_FRUITLESS = 6;

/** Times that a file may come out damaged. */
const MAX_DAMAGED = 3;

/** How a file is sent. */
export interface SendOptions {
  /** Waits before another try. @param tries breaks in a row, from 1 */
  readonly pause: (tries: number) => Promise<void>;
  /** Told how many bytes are there. */
  readonly onBytes?: (bytes: number) => void;
  /** Asked before each try; a file that was stopped stays where it is. */
  readonly isStopped?: () => boolean;
}

/**
 * Hands over one file, from where the computer has it, whatever breaks on the way.
 *
 * @param known what the computer said that it has
 * @returns whether it is there: false once it was stopped
 * @throws HandoffError
 */
export async function sendFile(
  line: HandoffLine,
  file: OfferedFile,
  content: Content,
  known: Arrival,
  { pause, onBytes, isStopped }: SendOptions,
): Promise<boolean> {
  let at = known;
  let fruitless = 0;
  let damaged = 0;
  while (at !== 'arrived') {
    if (isStopped?.()) return false;
    onBytes?.(at);
    const before: number = at;
    try {
      const sent = await line.send(file, at, content.slice(at));
      at = sent.arrived ? 'arrived' : sent.at;
      // All of it was sent, and the computer begins anew: its sum was another.
      if (at === 0 && ++damaged > MAX_DAMAGED) throw new HandoffError('damaged');
    } catch (error) {
      at = await afterBreak(line, file, at, error);
    }
    // Cut, or sent beside another page: what brings nothing on is not tried for ever.
    fruitless = at === 'arrived' || at > before ? 0 : fruitless + 1;
    if (fruitless > MAX_FRUITLESS) throw new HandoffError('unreachable');
    if (fruitless > 0) await pause(fruitless);
  }
  onBytes?.(file.bytes);
  return true;
}

/** What is there after a connection broke, as far as that can be learnt. */
async function afterBreak(
  line: HandoffLine,
  file: OfferedFile,
  known: Arrival,
  broken: unknown,
): Promise<Arrival> {
  if (broken instanceof HandoffError) throw broken;
  try {
    return (await line.offer([file]))[0];
  } catch (error) {
    if (error instanceof HandoffError) throw error;
    return known;
  }
}
