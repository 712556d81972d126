import { readKits, type Kit } from '@velmo/core/kits';
import { values } from '../databases';

const KEY = 'kits';

/** Kits as they are kept. */
export interface KeptKits {
  /** In the order the photographer has put them in. */
  readonly kits: readonly Kit[];
  /** What is kept among them and this version cannot use; written back as it was. */
  readonly unread: readonly unknown[];
}

const NO_KITS: KeptKits = { kits: [], unread: [] };

/** Whether a value is a kit as this version knows them. */
export type IsKit = (value: unknown) => value is Kit;

/** Values kept of kits; a text that cannot be read at all is one of them. */
function valuesOf(text: string): readonly unknown[] {
  try {
    const { kits } = JSON.parse(text) as { kits?: unknown };
    return Array.isArray(kits) ? kits : [text];
  } catch {
    return [text];
  }
}

/** The kits that are kept, and those that this version cannot read. */
export async function loadKits(isKit: IsKit): Promise<KeptKits> {
  const text = await values.read(KEY);
  if (text === null) return NO_KITS;
  const { kits, refused } = readKits(valuesOf(text), isKit);
  return { kits, unread: refused.map(({ value }) => value) };
}

/**
 * Changes the kits that are kept, whatever another tab has made of them; rejects when it cannot.
 */
export async function changeKits(
  change: (kits: readonly Kit[]) => readonly Kit[],
  isKit: IsKit,
): Promise<void> {
  const { kits, unread } = await loadKits(isKit);
  await values.write({
    [KEY]: JSON.stringify({ version: 1, kits: [...change(kits), ...unread] }),
  });
}
