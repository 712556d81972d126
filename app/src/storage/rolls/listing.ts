import { AS_TAKEN, framedSize } from '@velmo/core/recipe';
import type { SeriesKind } from '@velmo/core/series';
import type { FrameRecord } from '../frames/frameRecord';
import type { Choice, FrameDecision } from './decision';
import { FACETS, shows, type Facet, type Order, type RollView } from './rollView';

/** A frame and what was decided of it. */
export interface CatalogueRow {
  readonly record: FrameRecord;
  readonly decision: FrameDecision;
}

/** A frame, or the frames of a series, where they stand in a roll. */
export interface ListedStack {
  /** In the order in which they were made. */
  readonly ids: readonly string[];
  /** Of a series: its kind, and how many frames it was to have. */
  readonly series: { readonly kind: SeriesKind; readonly count: number } | null;
  /** What is decided of all of them; null where they differ or nothing is. */
  readonly choice: Choice | null;
}

/** One value of a fact, and how many of the roll's frames have it. */
export interface FacetValue {
  readonly value: string;
  readonly frames: number;
}

/** So many frames, and their bytes. */
export interface Amount {
  readonly frames: number;
  readonly bytes: number;
}

/** What a roll holds, seen in one way. */
export interface RollListing {
  readonly stacks: readonly ListedStack[];
  /** What is shown. */
  readonly shown: Amount;
  /** All of the roll, what is dropped included. */
  readonly whole: Amount;
  readonly dropped: Amount;
  /** Values there are to choose from, most frequent first. */
  readonly facets: Readonly<Record<Facet, readonly FacetValue[]>>;
  /** Width to height of most of the frames shown. */
  readonly aspect: number;
}

/** Bytes of all files of a frame. */
export const bytesOfRecord = ({ files }: FrameRecord): number =>
  files.reduce((sum, { bytes }) => sum + bytes, 0);

const two = (n: number): string => String(n).padStart(2, '0');

/** The day on which a frame was made, where the photographer is: "2026-11-27". */
function dayOf({ capturedAt }: FrameRecord): string {
  const d = new Date(capturedAt);
  return `${d.getFullYear()}-${two(d.getMonth() + 1)}-${two(d.getDate())}`;
}

const FACT: Readonly<Record<Facet, (record: FrameRecord) => string | null>> = {
  place: ({ place }) => place || null,
  camera: ({ camera }) => camera,
  lens: ({ lens }) => lens,
  day: dayOf,
};

const mostClipped = ({ clippedShare }: FrameRecord): number =>
  clippedShare ? Math.max(...clippedShare) : 0;

/** Held by hand for longer than a hand holds still; false where it is not known. */
export const shook = ({ timeS, longestHandheldS }: FrameRecord): boolean =>
  timeS !== null && longestHandheldS != null && timeS > longestHandheldS;

/** Rows come oldest first. Sorting is stable: what is equal stays in the order it was made in. */
const ORDERED: Readonly<Record<Order, (rows: CatalogueRow[]) => CatalogueRow[]>> = {
  oldest: (rows) => rows,
  newest: (rows) => rows.reverse(),
  clipped: (rows) => rows.reverse().sort((a, b) => mostClipped(b.record) - mostClipped(a.record)),
  largest: (rows) =>
    rows.reverse().sort((a, b) => bytesOfRecord(b.record) - bytesOfRecord(a.record)),
};

function isShown({ record, decision }: CatalogueRow, view: RollView): boolean {
  if (!shows(view, decision.choice)) return false;
  if (view.clips && mostClipped(record) === 0) return false;
  if (view.shakes && !shook(record)) return false;
  return FACETS.every(
    (facet) => view.facts[facet] === undefined || FACT[facet](record) === view.facts[facet],
  );
}

/** Frames of one series as one, where the first of them stands. */
function stacked(rows: readonly CatalogueRow[]): ListedStack[] {
  const stacks = new Map<string, CatalogueRow[]>();
  for (const row of rows) {
    const key = row.record.series?.id ?? row.record.id;
    const stack = stacks.get(key);
    if (stack) stack.push(row);
    else stacks.set(key, [row]);
  }
  return [...stacks.values()].map((stack) => {
    const { series } = stack[0].record;
    const { choice } = stack[0].decision;
    if (series) stack.sort((a, b) => a.record.series!.step - b.record.series!.step);
    return {
      ids: stack.map(({ record }) => record.id),
      series: series && { kind: series.kind, count: series.count },
      choice: stack.every(({ decision }) => decision.choice === choice) ? choice : null,
    };
  });
}

const amountOf = (rows: readonly CatalogueRow[]): Amount => ({
  frames: rows.length,
  bytes: rows.reduce((sum, { record }) => sum + bytesOfRecord(record), 0),
});

function valuesOf(rows: readonly CatalogueRow[], facet: Facet): FacetValue[] {
  const frames = new Map<string, number>();
  for (const { record } of rows) {
    const value = FACT[facet](record);
    if (value !== null) frames.set(value, (frames.get(value) ?? 0) + 1);
  }
  return [...frames]
    .map(([value, count]) => ({ value, frames: count }))
    .sort((a, b) => b.frames - a.frames);
}

/** Upright, square or across, as most of the frames are. */
function aspectOf(rows: readonly CatalogueRow[]): number {
  const upright = rows.filter(({ record, decision }) => {
    const { width, height } = framedSize(decision.reframe ?? AS_TAKEN, record);
    return height > width;
  }).length;
  return 2 * upright > rows.length ? 3 / 4 : 4 / 3;
}

/**
 * What a roll shows.
 *
 * @param rows all frames of this device, oldest first
 */
export function listRoll(rows: readonly CatalogueRow[], view: RollView): RollListing {
  const whole = rows.filter(({ decision }) => view.roll === null || decision.roll === view.roll);
  const shown = ORDERED[view.order](whole.filter((row) => isShown(row, view)));
  return {
    stacks: stacked(shown),
    shown: amountOf(shown),
    whole: amountOf(whole),
    dropped: amountOf(whole.filter(({ decision }) => decision.choice === 'dropped')),
    facets: {
      place: valuesOf(whole, 'place'),
      camera: valuesOf(whole, 'camera'),
      lens: valuesOf(whole, 'lens'),
      day: valuesOf(whole, 'day'),
    },
    aspect: aspectOf(shown),
  };
}
