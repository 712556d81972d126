import { freeStem, stemOf, type NameFacts, type Naming } from '../rolls/fileNames';
import { storedNames } from '../rolls/frameStore';

/** An id that sorts by time and never repeats on one device. */
export function frameId(epochMs: number): string {
  const random = crypto.getRandomValues(new Uint32Array(1))[0].toString(36);
  return `${epochMs.toString(36).padStart(9, '0')}-${random.padStart(7, '0')}`;
}

/** File name without extension that no frame on this device has yet. */
export async function newStem(naming: Naming, facts: NameFacts): Promise<string> {
  const names = await storedNames();
  const taken = new Set(names.map((name) => name.replace(/\.[^.]*$/, '').toLowerCase()));
  return freeStem(stemOf(naming, facts), taken);
}
