import { records } from '../databases';
import { FRAME } from '../keys';
import { olderBrought } from './olderFrames';

/** Ids of all frames, oldest first; null: to be asked for. */
let known: string[] | null = null;

/** Another tab has stored or removed frames. */
export function forgetIds(): void {
  known = null;
}

/** Ids of all frames on this device, oldest first. */
export async function allIds(): Promise<readonly string[]> {
  await olderBrought();
  known ??= (await records.keys())
    .filter((key) => key.startsWith(FRAME))
    .map((key) => key.slice(FRAME.length))
    .sort();
  return known;
}

/** A frame has been stored. */
export function idAdded(id: string): void {
  if (known && !known.includes(id)) known = [...known, id].sort();
}

/** Frames have been deleted. */
export function idsRemoved(ids: readonly string[]): void {
  const gone = new Set(ids);
  known = known?.filter((id) => !gone.has(id)) ?? null;
}
