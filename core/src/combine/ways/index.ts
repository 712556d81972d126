import { AVERAGE } from './average';
import { BRIGHTEST } from './brightest';
import { areRaws } from './facts';
import { FOCUS } from './focus';
import { FUSE } from './fuse';
import { MEDIAN } from './median';
import { MERGE } from './merge';
import { STARS } from './stars';
import { SUM } from './sum';
import type { CombineWay, StackFacts } from './way';
import type { WayId } from './wayIds';

/** Every way in which frames become one. */
const COMBINE_WAYS: { readonly [Id in WayId]: CombineWay<Id> } = {
  merge: MERGE,
  fuse: FUSE,
  focus: FOCUS,
  average: AVERAGE,
  median: MEDIAN,
  brightest: BRIGHTEST,
  stars: STARS,
  sum: SUM,
};

export const wayOf = (id: WayId): CombineWay<WayId> => COMBINE_WAYS[id];

/** The ways that fit a stack, the best first. */
export const waysFor = (stack: readonly StackFacts[]): WayId[] =>
  Object.values(COMBINE_WAYS)
    .filter(({ rawsOnly }) => !rawsOnly || areRaws(stack))
    .map((way) => ({ id: way.id, fits: way.fits(stack) }))
    .filter(({ fits }) => fits > 0)
    .sort((a, b) => b.fits - a.fits)
    .map(({ id }) => id);
