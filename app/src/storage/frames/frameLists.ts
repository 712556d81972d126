import { records, thumbnails } from '../databases';
import { allIds } from './frameIds';
import { decidedKey, FRAME } from '../keys';
import type { ListedFrame } from './madeFrame';
import { olderBrought } from './olderFrames';
import { readRecord } from './readRecord';
import { decisionOf } from '../rolls/readDecision';
import { listRoll, type ListedStack } from '../rolls/listing';
import type { RollView } from '../rolls/rollView';
import type { UnreadableFrame } from './unreadable';

/** The newest frames. */
export interface NewestFrames {
  /** Newest first; what was dropped is left out. */
  readonly frames: readonly ListedFrame[];
  readonly unreadable: readonly UnreadableFrame[];
  /** All frames on this device, dropped and unreadable ones included. */
  readonly total: number;
}

/** So many of the newest frames that are not dropped, and what of as new ones cannot be read. */
export async function newestFrames(count: number): Promise<NewestFrames> {
  const ids = await allIds();
  const frames: ListedFrame[] = [];
  const unreadable: UnreadableFrame[] = [];
  for (let end = ids.length; end > 0 && frames.length < count; end -= count) {
    const listed = await listedOf(ids.slice(Math.max(0, end - count), end).reverse());
    frames.push(...listed.frames.filter(({ decision }) => decision.choice !== 'dropped'));
    unreadable.push(...listed.unreadable);
  }
  return { frames: frames.slice(0, count), unreadable, total: ids.length };
}

/** Frames of these ids, in their order, and those that cannot be read. */
async function listedOf(wanted: readonly string[]): Promise<Omit<NewestFrames, 'total'>> {
  const texts = await records.readMany(wanted.flatMap((id) => [FRAME + id, decidedKey(id)]));
  const read: Omit<ListedFrame, 'thumbnail'>[] = [];
  const unreadable: UnreadableFrame[] = [];
  for (const id of wanted) {
    const text = texts[FRAME + id];
    if (text == null) continue;
    const record = readRecord(text);
    if (record?.id === id)
      read.push({ record, decision: decisionOf(record, texts[decidedKey(id)]) });
    else unreadable.push({ id, text });
  }
  // Without frames the database of thumbnails is not even opened.
  const pictures =
    read.length > 0 ? await thumbnails.readMany(read.map(({ record }) => record.id)) : {};
  const frames = read.map((frame) => ({ ...frame, thumbnail: pictures[frame.record.id] ?? '' }));
  return { frames, unreadable };
}

/** What a roll shows first, before all frames of the device have been looked through. */
export interface RollBeginning {
  readonly stacks: readonly ListedStack[];
  readonly aspect: number;
  /** The frames themselves: they are shown at once. */
  readonly frames: readonly ListedFrame[];
}

/** Newest frames that are looked through for it. */
const BEGINNING = 96;

/**
 * How a roll begins, in a time that does not grow with the number of frames; null where that cannot
 * be told from the newest frames alone.
 */
export async function beginningOfRoll(view: RollView): Promise<RollBeginning | null> {
  if (view.order !== 'newest') return null;
  const ids = await allIds();
  const { frames } = await listedOf(ids.slice(-BEGINNING));
  const { stacks, aspect } = listRoll(frames, view);
  if (stacks.length === 0) return null;
  const shown = new Set(stacks.flatMap((stack) => stack.ids));
  return { stacks, aspect, frames: frames.filter(({ record }) => shown.has(record.id)) };
}

/** Frames of these ids; null for one that is not there or cannot be read. */
export async function findFrames(ids: readonly string[]): Promise<(ListedFrame | null)[]> {
  await olderBrought();
  const { frames } = await listedOf(ids);
  const found = new Map(frames.map((frame) => [frame.record.id, frame]));
  return ids.map((id) => found.get(id) ?? null);
}

/** Frames of other tabs that may lie between those of a series. */
const MAX_BETWEEN = 16;

/**
 * The frames made by one press, in the order in which they were made; one alone where it was one.
 */
export async function listSeries(id: string): Promise<ListedFrame[]> {
  const [one] = await findFrames([id]);
  const series = one?.record.series;
  if (!one || !series) return one ? [one] : [];
  const ids = await allIds();
  const [at, reach] = [ids.indexOf(id), series.count + MAX_BETWEEN];
  const near = await listedOf(ids.slice(Math.max(0, at - reach), at + reach + 1));
  return near.frames
    .filter(({ record }) => record.series?.id === series.id)
    .sort((a, b) => a.record.series!.step - b.record.series!.step);
}
