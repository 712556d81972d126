import { AVERAGE } from './average';
import { BRIGHTEST } from './brightest';
import { MEDIAN } from './median';
import { MERGE } from './merge';
import { SUM } from './sum';
import type { StackFacts } from './way';

/** Every way in which frames become one. */
export const COMBINE_WAYS = [MERGE, AVERAGE, MEDIAN, BRIGHTEST, SUM] as const;
export type WayId = (typeof COMBINE_WAYS)[number]['id'];
export const WAY_IDS: readonly WayId[] = COMBINE_WAYS.map(({ id }) => id);

/** Throws RangeError where there is no such way. */
export function wayOf(id: WayId) {
  const way = COMBINE_WAYS.find((one) => one.id === id);
  if (!way) throw new RangeError(`there is no way "${id}"`);
  return way;
}

/** The ways that fit a stack, the best first. */
export const waysFor = (stack: readonly StackFacts[]): WayId[] =>
  COMBINE_WAYS.map((way) => ({ id: way.id, fits: way.fits(stack) }))
    .filter(({ fits }) => fits > 0)
    .sort((a, b) => b.fits - a.fits)
    .map(({ id }) => id);
