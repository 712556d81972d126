import { chunkStrings, joinChunks, totalBytes } from './chunks';
import type { FileToStore, FrameRecord, StoredFile } from './frameRecord';
import { allKeys, readMany, removeMany, StorageFull, writeMany, writeText } from './storage';

/**
 * Frames on this device. A frame's bytes are written first and its index entry last: the entry makes it exist, so
 * a tab closed at any moment leaves the whole frame or none. Bytes without an entry are swept up later.
 */
const INDEX = 'frame/';
const BYTES = 'bytes/';
const WRITE_LOCK = 'velmo-write';
const CHUNKS_A_TRANSACTION = 4;

const indexKey = (id: string): string => `${INDEX}${id}`;
const chunkKey = (id: string, name: string, n: number): string => `${BYTES}${id}/${name}/${n}`;
const chunkKeys = (id: string, file: StoredFile): string[] =>
  Array.from({ length: file.chunks }, (_, n) => chunkKey(id, file.name, n));

const withLock = <T>(mode: 'shared' | 'exclusive', work: () => Promise<T>): Promise<T> =>
  'locks' in navigator
    ? (navigator.locks.request(WRITE_LOCK, { mode }, work) as Promise<T>)
    : work();

/**
 * Stores a frame. `record` is everything but its list of files, which is worked out here.
 * Throws StorageFull when there is no room; nothing of the frame stays behind then.
 */
export function storeFrame(
  record: Omit<FrameRecord, 'files'>,
  files: readonly FileToStore[],
  onShare: (share: number) => void = () => {},
): Promise<FrameRecord> {
  return withLock('shared', async () => {
    const total = files.reduce((sum, f) => sum + totalBytes(f.parts), 0);
    const stored: StoredFile[] = [];
    let done = 0;
    try {
      for (const file of files) {
        let batch: Record<string, string> = {};
        let n = 0;
        for (const text of chunkStrings(file.parts)) {
          batch[chunkKey(record.id, file.name, n++)] = text;
          done += text.length;
          if (n % CHUNKS_A_TRANSACTION === 0) {
            await writeMany(batch);
            batch = {};
            onShare(done / total);
          }
        }
        await writeMany(batch);
        stored.push({ kind: file.kind, name: file.name, bytes: totalBytes(file.parts), chunks: n });
      }
      const complete: FrameRecord = { ...record, files: stored };
      await writeText(indexKey(record.id), JSON.stringify(complete));
      return complete;
    } catch (error) {
      await dropBytes(record.id).catch(() => {});
      throw error;
    }
  });
}

async function dropBytes(id: string): Promise<void> {
  const keys = (await allKeys()).filter((key) => key.startsWith(`${BYTES}${id}/`));
  await removeMany(keys);
}

/** Raw text of every index entry, newest last; `frameQueries` validates it. */
export async function readIndex(): Promise<{ key: string; text: string }[]> {
  const keys = (await allKeys()).filter((key) => key.startsWith(INDEX)).sort();
  const values = await readMany(keys);
  return keys.flatMap((key) => {
    const text = values[key];
    return text === null || text === undefined ? [] : [{ key, text }];
  });
}

/** Names of all files of stored frames; entries that cannot be read have none. */
export async function storedNames(): Promise<string[]> {
  return (await readIndex()).flatMap(({ text }) => {
    try {
      const { files } = JSON.parse(text) as Partial<FrameRecord>;
      return (files ?? []).map((file) => file.name);
    } catch {
      return [];
    }
  });
}

/** Bytes of one file of a frame, or null when they are not all there. */
export async function readFile(
  id: string,
  file: StoredFile,
): Promise<Uint8Array<ArrayBuffer> | null> {
  const keys = chunkKeys(id, file);
  const values = await readMany(keys);
  return joinChunks(
    keys.map((key) => values[key] ?? null),
    file.bytes,
  );
}

/** Deletes a frame: its index entry first, so that it is gone even if the rest is interrupted. */
export async function deleteFrame(record: FrameRecord): Promise<void> {
  await removeMany([indexKey(record.id)]);
  await removeMany(record.files.flatMap((file) => chunkKeys(record.id, file)));
}

/** Removes bytes that no frame owns, left by a tab that was closed while it wrote. Returns how many chunks. */
export async function sweepOrphans(): Promise<number> {
  // Without locks another tab's half-written frame cannot be told from litter: leave both.
  if (!('locks' in navigator)) return 0;
  return withLock('exclusive', async () => {
    const keys = await allKeys();
    const ids = new Set(keys.filter((k) => k.startsWith(INDEX)).map((k) => k.slice(INDEX.length)));
    const orphans = keys.filter((k) => k.startsWith(BYTES) && !ids.has(k.split('/')[1]));
    if (orphans.length > 0) await removeMany(orphans);
    return orphans.length;
  });
}

export { StorageFull };
