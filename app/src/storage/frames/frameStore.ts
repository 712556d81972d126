import { developedKey } from './developedThumbnails';
import { chunkCount, chunkOf } from './chunks';
import { bytes, records, thumbnails, values } from '../databases';
import { stemOf, type Naming } from '../fileNames';
import { idAdded, idsRemoved } from './frameIds';
import type { FrameRecord, StoredFile } from './frameRecord';
import { chunkKeys, decidedKey, FRAME, nameKey, WRITING } from '../keys';
import type { MadeFrame } from './madeFrame';
import { olderBrought } from './olderFrames';
import { readRecord } from './readRecord';
import type { RestoredFrame } from './restoredFrame';
import { catalogueAdded, catalogueRemoved, catalogueRestored, newRoll } from '../rolls/catalogue';
import { decisionAtFirst } from '../rolls/decision';
import { decisionText } from '../rolls/readDecision';
import { keysOfUnreadable } from './unreadable';
import { withWriteLock } from '../writeLock';

/**
 * Frames on this device. What is about to be written is noted first, bytes come next and the record
 * last: the record makes a frame exist, so a tab closed at any moment leaves the whole frame or
 * none, and what it left of one is known without looking through the bytes.
 */
const CHUNKS_A_TRANSACTION = 4;

/** What is about to be written. */
interface Writing {
  readonly stem: string;
  readonly files: readonly StoredFile[];
}

/** What a pattern makes of a frame, with -2, -3 ... behind it where that is taken. */
async function freeStem(stem: string): Promise<string> {
  for (let n = 1; ; n++) {
    const tried = n === 1 ? stem : `${stem}-${n}`;
    if ((await records.read(nameKey(tried))) === null) return tried;
  }
}

/**
 * Stores a frame under a name of its own; asked again, it goes on from whatever is there. Throws
 * StorageFull when there is no room; nothing of the frame stays behind then.
 *
 * @param onWaiting called when another tab has been writing for a while
 */
export function storeFrame(
  made: MadeFrame,
  naming: Naming,
  onShare: (share: number) => void = () => {},
  onWaiting: () => void = () => {},
): Promise<FrameRecord> {
  return withWriteLock(onWaiting, async () => {
    await olderBrought().catch(() => {});
    const { id } = made.facts;
    const kept = await leftOf(id);
    if (kept) return kept;
    const stem = await freeStem(stemOf(naming, made.name));
    const files = made.files.map(({ kind, ending, blob }) => ({
      kind,
      name: `${stem}${ending}`,
      bytes: blob.size,
      chunks: chunkCount(blob.size),
    }));
    try {
      const writing: Writing = { stem, files };
      await records.write({ [WRITING + id]: JSON.stringify(writing), [nameKey(stem)]: id });
      const blobs = made.files.map(({ blob }) => blob);
      await writeBytes(id, files, blobs, onShare);
      await thumbnails.write({ [id]: made.thumbnail });
      const record: FrameRecord = { version: 2, ...made.facts, stem, files };
      const roll = await newRoll(record, naming.roll);
      await records.write({ [FRAME + id]: JSON.stringify(record), ...roll });
      idAdded(id);
      await catalogueAdded(record, roll);
      await records.remove([WRITING + id]).catch(() => {});
      return record;
    } catch (error) {
      await dropHalf(id, { stem, files }).catch(() => {});
      throw error;
    }
  });
}

/**
 * Stores a frame as it was kept elsewhere, under its own name where that is free; false where it is
 * here already, and stays as it is. Throws StorageFull when there is no room; nothing of it stays
 * behind then.
 */
export function restoreFrame({
  record: kept,
  decision,
  files: blobs,
  thumbnail,
}: RestoredFrame): Promise<boolean> {
  return withWriteLock(
    () => {},
    async () => {
      await olderBrought().catch(() => {});
      const { id } = kept;
      if (await leftOf(id)) return false;
      const stem = await freeStem(kept.stem);
      const files = kept.files.map((file) => ({
        ...file,
        name: file.name.startsWith(kept.stem)
          ? stem + file.name.slice(kept.stem.length)
          : file.name,
        chunks: chunkCount(file.bytes),
      }));
      try {
        const writing: Writing = { stem, files };
        await records.write({ [WRITING + id]: JSON.stringify(writing), [nameKey(stem)]: id });
        await writeBytes(id, files, blobs, () => {});
        if (thumbnail !== '') await thumbnails.write({ [id]: thumbnail });
        const record: FrameRecord = { ...kept, stem, files };
        const decided = decisionText(decision);
        await records.write({
          [FRAME + id]: JSON.stringify(record),
          ...(decided !== decisionText(decisionAtFirst(record)) && { [decidedKey(id)]: decided }),
        });
        idAdded(id);
        await catalogueRestored(record, decision);
        await records.remove([WRITING + id]).catch(() => {});
        return true;
      } catch (error) {
        await dropHalf(id, { stem, files }).catch(() => {});
        throw error;
      }
    },
  );
}

/**
 * A frame comes again when the worker that stored it went before it answered: the frame as it was
 * stored, or null once nothing of that attempt is left.
 */
async function leftOf(id: string): Promise<FrameRecord | null> {
  const { [FRAME + id]: record, [WRITING + id]: note } = await records.readMany([
    FRAME + id,
    WRITING + id,
  ]);
  if (record != null) return readRecord(record);
  if (note != null) await dropHalf(id, readWriting(note));
  return null;
}

async function writeBytes(
  id: string,
  files: readonly StoredFile[],
  blobs: readonly Blob[],
  onShare: (share: number) => void,
): Promise<void> {
  const total = files.reduce((sum, file) => sum + file.chunks, 0);
  let done = 0;
  for (const [i, file] of files.entries()) {
    const keys = chunkKeys(id, file);
    for (let n = 0; n < keys.length; n += CHUNKS_A_TRANSACTION) {
      const batch: Record<string, string> = {};
      for (let k = n; k < Math.min(keys.length, n + CHUNKS_A_TRANSACTION); k++, done++)
        batch[keys[k]] = await chunkOf(blobs[i], k);
      await bytes.write(batch);
      onShare(done / total);
    }
  }
}

/** What is noted of a frame and no frame. Bytes of older ones lie where they always were. */
async function dropHalf(id: string, { stem, files }: Writing): Promise<void> {
  const chunks = files.flatMap((file) => chunkKeys(id, file));
  await Promise.all([
    bytes.remove(chunks),
    values.remove(chunks),
    thumbnails.remove([id, developedKey(id)]),
  ]);
  await records.remove([WRITING + id, nameKey(stem), decidedKey(id)]);
}

/**
 * Deletes frames. They are noted as half there, then their records go, so that they are gone even
 * if the rest is interrupted: the next start sweeps it up.
 */
export async function removeFrames(ids: readonly string[]): Promise<void> {
  const keys = ids.map((id) => FRAME + id);
  const texts = await records.readMany(keys);
  const read = ids.map((id) => ({ id, record: readRecord(texts[FRAME + id] ?? '') }));
  const notes = read.flatMap(({ id, record }) =>
    record ? [[WRITING + id, JSON.stringify({ stem: record.stem, files: record.files })]] : [],
  );
  // On a full disk there may be no room for the note: deleting is what makes room.
  await records.write(Object.fromEntries(notes)).catch(() => {});
  await records.remove(keys);
  idsRemoved(ids);
  await catalogueRemoved(ids);
  for (const { id, record } of read) {
    if (record) {
      await dropHalf(id, record);
      continue;
    }
    const chunks = await keysOfUnreadable(id);
    await Promise.all([
      bytes.remove(chunks),
      values.remove(chunks),
      thumbnails.remove([id, developedKey(id)]),
    ]);
    await records.remove([decidedKey(id)]);
  }
}

/** What was noted of a frame that was being written; what cannot be read says nothing. */
function readWriting(text: string): Writing {
  try {
    return JSON.parse(text) as Writing;
  } catch {
    return { stem: '', files: [] };
  }
}

/**
 * Removes what tabs that were closed while they wrote have left. Returns how many frames that were.
 */
export async function sweepHalves(): Promise<number> {
  // Without locks another tab's half-written frame cannot be told from litter: leave both.
  if (!('locks' in navigator)) return 0;
  const notedNow = async (): Promise<string[]> =>
    (await records.keys()).filter((key) => key.startsWith(WRITING));
  // Most often there is nothing to do. WebKit keeps a lock for good whose page is left meanwhile,
  // and nobody could write any more: none is taken in vain.
  if ((await notedNow()).length === 0) return 0;
  return withWriteLock(
    () => {},
    async () => {
      const noted = await notedNow();
      const texts = await records.readMany(noted);
      let swept = 0;
      for (const key of noted) {
        const id = key.slice(WRITING.length);
        const isWhole = (await records.read(FRAME + id)) !== null;
        if (isWhole) await records.remove([key]);
        else {
          await dropHalf(id, readWriting(texts[key] ?? ''));
          swept++;
        }
      }
      return swept;
    },
  );
}
