import type { ClickRange } from '../../exposure/solver';
import type { Sharpness } from '../../monitor/sharpness';

/** How a search for focus ended. */
export type SearchOutcome =
  | { readonly found: true; readonly click: number }
  | { readonly found: false; readonly why: 'dark' | 'flat' };

/**
 * Detents between two looks of the first sweep: two thirds of what looks sharp, so that no peak
 * falls between.
 */
const COARSE_CLICKS = 8;
const FINE_CLICKS = 2;
/** The fine sweep reaches this far to either side of the best coarse look. */
const FINE_REACH = 8;
/** Detail must stand out of noise by this many of its standard deviations. */
const SURE = 5;
/** Detail weaker than this share of the signal is no texture. */
const MIN_DETAIL = 0.004;
/** A signal weaker than this many times its noise is dark. */
const MIN_SIGNAL = 2.5;

/**
 * Focus by contrast: a coarse sweep over the whole range, a fine one about its best, and the top of
 * the parabola through the best three looks. A generator: it yields the detent to move the lens to
 * and is sent the sharpness seen there.
 *
 * @param from where the lens stands: the sweep starts at the nearer end
 */
export function* contrastSearch(
  range: ClickRange,
  from: number,
): Generator<number, SearchOutcome, Sharpness> {
  const looks = new Map<number, Sharpness>();
  const ends = [range.min, range.max];
  if (Math.abs(from - range.max) < Math.abs(from - range.min)) ends.reverse();
  yield* sweep(ends[0], ends[1], COARSE_CLICKS, looks);
  const coarse = best(looks);
  const low = Math.max(range.min, coarse - FINE_REACH + FINE_CLICKS);
  const high = Math.min(range.max, coarse + FINE_REACH - FINE_CLICKS);
  yield* sweep(
    ends[0] === range.min ? high : low,
    ends[0] === range.min ? low : high,
    FINE_CLICKS,
    looks,
  );
  const click = best(looks);
  const look = looks.get(click)!;
  if (look.sure < SURE || look.detail < MIN_DETAIL)
    return { found: false, why: look.signalToNoise < MIN_SIGNAL ? 'dark' : 'flat' };
  return { found: true, click: peakNear(click, looks) };
}

/** Looks at every step from one detent to another, both included. */
function* sweep(
  from: number,
  to: number,
  step: number,
  looks: Map<number, Sharpness>,
): Generator<number, void, Sharpness> {
  const way = Math.sign(to - from) * step;
  for (let click = from; way > 0 ? click < to : click > to; click += way)
    if (!looks.has(click)) looks.set(click, yield click);
  if (!looks.has(to)) looks.set(to, yield to);
}

function best(looks: ReadonlyMap<number, Sharpness>): number {
  let top = NaN;
  for (const [click, { detail }] of looks)
    if (!(detail <= (looks.get(top)?.detail ?? -1))) top = click;
  return top;
}

/**
 * Top of the parabola through a detent and its neighbours in the sweep; the detent itself at an
 * end.
 */
function peakNear(click: number, looks: ReadonlyMap<number, Sharpness>): number {
  const before = looks.get(click - FINE_CLICKS)?.detail;
  const after = looks.get(click + FINE_CLICKS)?.detail;
  const top = looks.get(click)!.detail;
  if (before === undefined || after === undefined) return click;
  const bend = before - 2 * top + after;
  if (bend >= 0) return click;
  return click + (FINE_CLICKS * (before - after)) / (2 * bend);
}
