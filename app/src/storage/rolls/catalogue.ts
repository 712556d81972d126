import { records } from '../databases';
import { decidedKey, FRAME, ROLL, rollKey } from '../keys';
import { olderBrought } from '../frames/olderFrames';
import { readRecord } from '../frames/readRecord';
import type { UnreadableFrame } from '../frames/unreadable';
import { changed, type DecisionChange, type RollChange } from './change';
import type { FrameDecision } from './decision';
import {
  bytesOfRecord,
  listRoll,
  type Amount,
  type CatalogueRow,
  type RollListing,
} from './listing';
import { decisionOf, decisionText } from './readDecision';
import { readRoll } from './readRoll';
import { LOOSE_NAME, MAX_ROLL_NAME, type RollRecord } from './rollRecord';
import type { RollView } from './rollView';
import type { FrameRecord } from '../frames/frameRecord';

/** A roll among all of them. */
export interface RollSummary {
  /** '' for loose frames. */
  readonly id: string;
  readonly name: string;
  /** When it was made, or its newest frame; milliseconds since 1970. */
  readonly lastAt: number;
  readonly whole: Amount;
  readonly dropped: Amount;
}

/** What is known of all frames and rolls of this device, in memory: read once, then kept true. */
interface Catalogue {
  readonly rows: Map<string, CatalogueRow>;
  readonly rolls: Map<string, RollRecord>;
  readonly unreadable: Map<string, UnreadableFrame>;
  /** Rows, oldest first; null: to be sorted. */
  ordered: CatalogueRow[] | null;
}

let reading: Promise<Catalogue> | null = null;

async function read(): Promise<Catalogue> {
  await olderBrought();
  const keys = await records.keys();
  const ids = keys.filter((k) => k.startsWith(FRAME)).map((k) => k.slice(FRAME.length));
  const there = new Set(keys);
  const wanted = [
    ...ids.map((id) => FRAME + id),
    ...ids.map(decidedKey).filter((key) => there.has(key)),
    ...keys.filter((key) => key.startsWith(ROLL)),
  ];
  const texts = await readAll(wanted);
  const rows = new Map<string, CatalogueRow>();
  const unreadable = new Map<string, UnreadableFrame>();
  for (const id of ids) {
    const text = texts[FRAME + id] ?? '';
    const record = readRecord(text);
    if (record?.id === id)
      rows.set(id, { record, decision: decisionOf(record, texts[decidedKey(id)]) });
    else unreadable.set(id, { id, text });
  }
  const rolls = new Map<string, RollRecord>();
  for (const key of keys.filter((k) => k.startsWith(ROLL))) {
    const roll = readRoll(texts[key]);
    if (roll && rollKey(roll.id) === key) rolls.set(roll.id, roll);
  }
  return { rows, rolls, unreadable, ordered: null };
}

/** Keys read at once: others who ask meanwhile do not wait for all of them. */
const AT_ONCE = 500;

async function readAll(keys: readonly string[]): Promise<Record<string, string | null>> {
  const texts: Record<string, string | null> = {};
  for (let n = 0; n < keys.length; n += AT_ONCE)
    Object.assign(texts, await records.readMany(keys.slice(n, n + AT_ONCE)));
  return texts;
}

/** What cannot be read now is tried again the next time. */
function catalogue(): Promise<Catalogue> {
  reading ??= read().catch((error: unknown) => {
    reading = null;
    throw error;
  });
  return reading;
}

function inOrder(all: Catalogue): CatalogueRow[] {
  all.ordered ??= [...all.rows.values()].sort((a, b) => (a.record.id < b.record.id ? -1 : 1));
  return all.ordered;
}

/** Another tab has changed what is there. */
export function forgetCatalogue(): void {
  reading = null;
}

/** Keeps what is in memory true, where it was read already. */
async function follow(change: (all: Catalogue) => void): Promise<void> {
  const all = await reading?.catch(() => null);
  if (!all) return;
  change(all);
  all.ordered = null;
}

/** Entry of the roll a frame is made into, to be written with the frame, where it is its first. */
export async function newRoll(
  { roll: id, capturedAt }: FrameRecord,
  name: string,
): Promise<Record<string, string>> {
  if (id === '' || (await records.read(rollKey(id))) !== null) return {};
  const roll: RollRecord = {
    version: 1,
    id,
    name: name.slice(0, MAX_ROLL_NAME) || id,
    madeAt: capturedAt,
  };
  return { [rollKey(id)]: JSON.stringify(roll) };
}

/** @param roll what `newRoll` gave */
export const catalogueAdded = (
  record: FrameRecord,
  roll: Readonly<Record<string, string>>,
): Promise<void> =>
  follow(({ rows, rolls }) => {
    rows.set(record.id, { record, decision: decisionOf(record, null) });
    const made = readRoll(roll[rollKey(record.roll)]);
    if (made) rolls.set(made.id, made);
  });

/** A frame came with what was decided of it. */
export const catalogueRestored = (record: FrameRecord, decision: FrameDecision): Promise<void> =>
  follow(({ rows }) => void rows.set(record.id, { record, decision }));

/** Frames are gone: so is what was known of them. */
export const catalogueRemoved = (ids: readonly string[]): Promise<void> =>
  follow(({ rows, unreadable }) => {
    for (const id of ids) {
      rows.delete(id);
      unreadable.delete(id);
    }
  });

/** Entries of rolls, as they are kept. */
export const rollRecords = async (): Promise<RollRecord[]> => [
  ...(await catalogue()).rolls.values(),
];

/** Frames of a roll as a view shows them. */
export async function viewRoll(view: RollView): Promise<RollListing> {
  return listRoll(inOrder(await catalogue()), view);
}

/** Frames whose records this version cannot read. */
export const listUnreadable = async (): Promise<UnreadableFrame[]> => [
  ...(await catalogue()).unreadable.values(),
];

const NOTHING: Amount = { frames: 0, bytes: 0 };

const more = (amount: Amount, record: FrameRecord): Amount => ({
  frames: amount.frames + 1,
  bytes: amount.bytes + bytesOfRecord(record),
});

/**
 * All rolls, newest first, loose frames last. A roll that frames are in is there, also when no
 * entry names it: frames of before rolls bring its name.
 */
export async function listRolls(): Promise<RollSummary[]> {
  const { rows, rolls } = await catalogue();
  const found = new Map<string, RollSummary>();
  const summary = (id: string): RollSummary =>
    found.get(id) ?? {
      id,
      name: id === '' ? LOOSE_NAME : (rolls.get(id)?.name ?? id),
      lastAt: rolls.get(id)?.madeAt ?? 0,
      whole: NOTHING,
      dropped: NOTHING,
    };
  found.set('', summary(''));
  for (const id of rolls.keys()) found.set(id, summary(id));
  for (const { record, decision } of rows.values()) {
    const roll = summary(decision.roll);
    found.set(roll.id, {
      ...roll,
      lastAt: Math.max(roll.lastAt, record.capturedAt),
      whole: more(roll.whole, record),
      dropped: decision.choice === 'dropped' ? more(roll.dropped, record) : roll.dropped,
    });
  }
  return [...found.values()].sort(
    (a, b) => Number(a.id === '') - Number(b.id === '') || b.lastAt - a.lastAt,
  );
}

let turn: Promise<unknown> = Promise.resolve();

/**
 * Makes a change, after those before it; returns the one that takes it back. Frames that are gone
 * are passed over.
 */
export function applyChange(change: RollChange): Promise<RollChange> {
  const made = turn.then(() => makeChange(change));
  turn = made.catch(() => {});
  return made;
}

/** No frame stays in a roll that is no more: what the change does not move becomes loose. */
function leaving(rows: Catalogue['rows'], { frames, rolls }: RollChange): DecisionChange[] {
  const gone = new Set(rolls.filter(({ roll }) => roll === null).map(({ id }) => id));
  if (gone.size === 0) return [];
  const moved = new Set(frames.filter(({ roll }) => roll !== undefined).map(({ id }) => id));
  return [...rows.values()]
    .filter(({ record, decision }) => gone.has(decision.roll) && !moved.has(record.id))
    .map(({ record }) => ({ id: record.id, roll: '' }));
}

async function makeChange(change: RollChange): Promise<RollChange> {
  const { rows, rolls } = await catalogue();
  const decisions = new Map<string, FrameDecision>();
  const before: RollChange = {
    frames: [...leaving(rows, change), ...change.frames].flatMap((frame) => {
      const row = rows.get(frame.id);
      if (!row) return [];
      decisions.set(frame.id, changed(decisions.get(frame.id) ?? row.decision, frame));
      return [{ id: frame.id, ...row.decision }];
    }),
    rolls: change.rolls.map(({ id }) => ({ id, roll: rolls.get(id) ?? null })),
  };
  const entries: Record<string, string> = {};
  for (const [id, decision] of decisions) entries[decidedKey(id)] = decisionText(decision);
  for (const { id, roll } of change.rolls) if (roll) entries[rollKey(id)] = JSON.stringify(roll);
  await records.write(entries);
  // Last: what is in a roll that is no more has left it by now.
  const gone = change.rolls.filter(({ roll }) => roll === null).map(({ id }) => rollKey(id));
  await records.remove(gone);
  await follow((all) => {
    for (const [id, decision] of decisions) {
      const row = all.rows.get(id);
      if (row) all.rows.set(id, { ...row, decision });
    }
    for (const { id, roll } of change.rolls)
      if (roll) all.rolls.set(id, roll);
      else all.rolls.delete(id);
  });
  return before;
}

/**
 * Deletes a roll, and returns what takes that back. Its frames become loose.
 *
 * @param drops its frames are dropped as well
 */
export async function deleteRoll(id: string, drops: boolean): Promise<RollChange> {
  const { rows } = await catalogue();
  const inRoll = [...rows.values()].filter(({ decision }) => drops && decision.roll === id);
  return applyChange({
    rolls: [{ id, roll: null }],
    frames: inRoll.map(({ record }) => ({ id: record.id, roll: '', choice: 'dropped' })),
  });
}

/** Ids of the dropped frames of a roll, or of all. */
export async function droppedIn(roll: string | null): Promise<string[]> {
  const { rows } = await catalogue();
  return [...rows.values()]
    .filter(
      ({ decision }) => decision.choice === 'dropped' && (roll === null || decision.roll === roll),
    )
    .map(({ record }) => record.id);
}
