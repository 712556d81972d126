import { chunkCount, chunkOf, joinChunks } from './chunks';
import { bytes, records, thumbnails, values } from './databases';
import { stemOf, type Naming } from './fileNames';
import type { FrameRecord, StoredFile } from './frameRecord';
import { bytesOf, chunkKeys, FRAME, nameKey, WRITING } from './keys';
import type { ListedFrame, MadeFrame } from './madeFrame';
import { bringOlderFrames } from './olderFrames';
import { readRecord } from './readRecord';
import { withWriteLock } from './writeLock';

/**
 * Frames on this device. What is about to be written is noted first, bytes come next and the record
 * last: the record makes a frame exist, so a tab closed at any moment leaves the whole frame or
 * none, and what it left of one is known without looking through the bytes.
 */
const CHUNKS_A_TRANSACTION = 4;

/** A record that this version cannot read. */
export interface UnreadableFrame {
  readonly id: string;
  readonly text: string;
}

export interface FramePage {
  /** Newest first. */
  readonly frames: readonly ListedFrame[];
  readonly unreadable: readonly UnreadableFrame[];
  /** All frames on this device, unreadable ones included. */
  readonly total: number;
}

/** What is about to be written. */
interface Writing {
  readonly stem: string;
  readonly files: readonly StoredFile[];
}

/** Ids of all frames, oldest first; null: to be asked for. */
let known: string[] | null = null;
let older: Promise<void> | null = null;

/** Another tab has stored or removed frames. */
export function forgetIds(): void {
  known = null;
}

/**
 * Frames of earlier versions come first; if they cannot be brought over now, the next start tries
 * again.
 */
const olderBrought = (): Promise<void> => (older ??= bringOlderFrames());

async function allIds(): Promise<string[]> {
  known ??= (await records.keys())
    .filter((key) => key.startsWith(FRAME))
    .map((key) => key.slice(FRAME.length))
    .sort();
  return known;
}

/** What a pattern makes of a frame, with -2, -3 ... behind it where that is taken. */
async function freeStem(stem: string): Promise<string> {
  for (let n = 1; ; n++) {
    const tried = n === 1 ? stem : `${stem}-${n}`;
    if ((await records.read(nameKey(tried))) === null) return tried;
  }
}

/**
 * Stores a frame under a name of its own; asked again, it goes on from whatever is there. Throws StorageFull when there is no room; nothing of the
 * frame stays behind then.
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
      await writeBytes(made, files, onShare);
      await thumbnails.write({ [id]: made.thumbnail });
      const record: FrameRecord = { version: 2, ...made.facts, stem, files };
      await records.write({ [FRAME + id]: JSON.stringify(record) });
      if (known && !known.includes(id)) known = [...known, id].sort();
      await records.remove([WRITING + id]).catch(() => {});
      return record;
    } catch (error) {
      await dropHalf(id, { stem, files }).catch(() => {});
      throw error;
    }
  });
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
  { facts: { id }, files: made }: MadeFrame,
  files: readonly StoredFile[],
  onShare: (share: number) => void,
): Promise<void> {
  const total = files.reduce((sum, file) => sum + file.chunks, 0);
  let done = 0;
  for (const [i, file] of files.entries()) {
    const keys = chunkKeys(id, file);
    for (let n = 0; n < keys.length; n += CHUNKS_A_TRANSACTION) {
      const batch: Record<string, string> = {};
      for (let k = n; k < Math.min(keys.length, n + CHUNKS_A_TRANSACTION); k++, done++)
        batch[keys[k]] = await chunkOf(made[i].blob, k);
      await bytes.write(batch);
      onShare(done / total);
    }
  }
}

/** What is noted of a frame and no frame. Bytes of older ones lie where they always were. */
async function dropHalf(id: string, { stem, files }: Writing): Promise<void> {
  const chunks = files.flatMap((file) => chunkKeys(id, file));
  await Promise.all([bytes.remove(chunks), values.remove(chunks), thumbnails.remove([id])]);
  await records.remove([WRITING + id, nameKey(stem)]);
}

/** Frames from the newest on. */
export async function listFrames(from: number, count: number): Promise<FramePage> {
  await olderBrought();
  const ids = await allIds();
  const wanted = ids.slice(Math.max(0, ids.length - from - count), ids.length - from).reverse();
  return { ...(await listedOf(wanted)), total: ids.length };
}

/** Frames of these ids, in their order, and those that cannot be read. */
async function listedOf(wanted: readonly string[]): Promise<Omit<FramePage, 'total'>> {
  const [texts, pictures] = await Promise.all([
    records.readMany(wanted.map((id) => FRAME + id)),
    thumbnails.readMany([...wanted]),
  ]);
  const frames: ListedFrame[] = [];
  const unreadable: UnreadableFrame[] = [];
  for (const id of wanted) {
    const text = texts[FRAME + id];
    if (text == null) continue;
    const record = readRecord(text);
    if (record?.id === id) frames.push({ record, thumbnail: pictures[id] ?? '' });
    else unreadable.push({ id, text });
  }
  return { frames, unreadable };
}

/** One frame; null when it is not there or cannot be read. */
export async function findFrame(id: string): Promise<ListedFrame | null> {
  await olderBrought();
  const text = await records.read(FRAME + id);
  const record = text === null ? null : readRecord(text);
  if (record?.id !== id) return null;
  return { record, thumbnail: (await thumbnails.read(id)) ?? '' };
}

/** Frames of other tabs that may lie between those of a series. */
const MAX_BETWEEN = 16;

/** The frames made by one press, in the order in which they were made; one alone where it was one. */
export async function listSeries(id: string): Promise<ListedFrame[]> {
  const one = await findFrame(id);
  const series = one?.record.series;
  if (!one || !series) return one ? [one] : [];
  const ids = await allIds();
  const [at, reach] = [ids.indexOf(id), series.count + MAX_BETWEEN];
  const near = await listedOf(ids.slice(Math.max(0, at - reach), at + reach + 1));
  return near.frames
    .filter(({ record }) => record.series?.id === series.id)
    .sort((a, b) => a.record.series!.step - b.record.series!.step);
}

/**
 * Deletes frames. They are noted as half there, then their records go, so that they are gone even if
 * the rest is interrupted: the next start sweeps it up.
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
  known = known?.filter((id) => !ids.includes(id)) ?? null;
  for (const { id, record } of read) {
    if (record) {
      await dropHalf(id, record);
      continue;
    }
    const chunks = await keysOfUnreadable(id);
    await Promise.all([bytes.remove(chunks), values.remove(chunks), thumbnails.remove([id])]);
  }
}

/**
 * Keys of what lies under an id whose record does not say: the one time that keys of bytes are
 * listed.
 */
async function keysOfUnreadable(id: string): Promise<string[]> {
  const all = await Promise.all([bytes.keys(), values.keys()]);
  return all.flat().filter((key) => key.startsWith(bytesOf(id)));
}

/** The files under an id whose record cannot be read, as they are. */
export async function filesOfUnreadable(
  id: string,
): Promise<{ readonly name: string; readonly bytes: Uint8Array<ArrayBuffer> }[]> {
  const keys = await keysOfUnreadable(id);
  const files = new Map<string, number>();
  for (const key of keys) {
    const [name, n] = key.slice(bytesOf(id).length).split('/');
    files.set(name, Math.max(files.get(name) ?? 0, Number(n) + 1));
  }
  const found: { name: string; bytes: Uint8Array<ArrayBuffer> }[] = [];
  for (const [name, chunks] of files) {
    const wanted = chunkKeys(id, { name, chunks });
    const [here, before] = await Promise.all([bytes.readMany(wanted), values.readMany(wanted)]);
    const texts = wanted.map((key) => here[key] ?? before[key] ?? '');
    const length = texts.reduce((sum, text) => sum + text.length, 0);
    const joined = joinChunks(texts, length);
    if (joined) found.push({ name, bytes: joined });
  }
  return found;
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
  return withWriteLock(
    () => {},
    async () => {
      const noted = (await records.keys()).filter((key) => key.startsWith(WRITING));
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
