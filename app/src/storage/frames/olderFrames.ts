import { records, thumbnails, values } from '../databases';
import { FRAME, nameKey } from '../keys';
import { readOlderRecord } from './readRecord';

/** Says that nothing of before version 2 is left to bring over. */
const DONE = 'older/done';
const OLDER_BYTES = 'bytes/';

/**
 * Brings frames kept before version 2 over, one at a time: their entries and thumbnails go into
 * databases of their own, their bytes stay where they are and are found there. What is interrupted
 * is gone on with the next time. Entries that cannot be read are brought as they are, to be looked
 * at, saved or removed.
 */
async function bringOlderFrames(): Promise<void> {
  if ((await records.read(DONE)) !== null) return;
  const keys = await values.keys();
  const entries = keys.filter((key) => key.startsWith(FRAME));
  for (const key of entries) {
    const text = await values.read(key);
    if (text !== null) await bringOne(key, text);
    await values.remove([key]);
  }
  await dropLitter(keys, new Set(entries.map((key) => key.slice(FRAME.length))));
  await records.write({ [DONE]: 'yes' });
}

let older: Promise<void> | null = null;

/**
 * Frames of earlier versions are brought over before anything is listed; if they cannot be now, the
 * next time that frames are asked for tries again.
 */
export const olderBrought = (): Promise<void> =>
  (older ??= bringOlderFrames().catch((error: unknown) => {
    older = null;
    throw error;
  }));

async function bringOne(key: string, text: string): Promise<void> {
  const older = readOlderRecord(text);
  if (!older) return records.write({ [key]: text });
  const { record, thumbnail } = older;
  await thumbnails.write({ [record.id]: thumbnail });
  await records.write({ [key]: JSON.stringify(record), [nameKey(record.stem)]: record.id });
}

/** Bytes that no frame owned, left by a tab that was closed while it wrote. */
async function dropLitter(keys: readonly string[], ids: ReadonlySet<string>): Promise<void> {
  // An interrupted run has brought some over already: those are frames too.
  const brought = (await records.keys()).filter((key) => key.startsWith(FRAME));
  const owned = new Set([...ids, ...brought.map((key) => key.slice(FRAME.length))]);
  await values.remove(
    keys.filter((key) => key.startsWith(OLDER_BYTES) && !owned.has(key.split('/')[1])),
  );
}
