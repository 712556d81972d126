import { findScene } from '@velmo/core/scene';
import { findLens } from '@velmo/core/optics';
import { LOOSE_NAME } from '../../storage/rolls/rollRecord';
import type { Choice } from '../../storage/rolls/decision';
import type { ListedStack } from '../../storage/rolls/listing';
import type { Facet, Order, RollView, ShownChoice } from '../../storage/rolls/rollView';
import { isNarrowed } from '../../storage/rolls/rollView';
import type { RollSummary } from '../../storage/rolls/catalogue';
import { KIND_WORDS } from '../field/words/seriesWords';

/** A count of frames in words. */
export const framesWords = (count: number): string => (count === 1 ? '1 frame' : `${count} frames`);

/** Name of the roll a view shows. */
export const rollName = (roll: string | null, rolls: readonly RollSummary[]): string =>
  roll === null
    ? 'All frames'
    : (rolls.find(({ id }) => id === roll)?.name ?? (roll === '' ? LOOSE_NAME : roll));

/** What a choice of frames is called. */
export const SHOWN_WORDS: Readonly<Record<ShownChoice, string>> = {
  all: 'all',
  undecided: 'undecided',
  kept: 'kept',
  dropped: 'dropped',
};

/** What an order is called. */
export const ORDER_WORDS: Readonly<Record<Order, string>> = {
  newest: 'newest first',
  oldest: 'oldest first',
  clipped: 'most clipped',
  largest: 'largest file',
};

/** What frames are told apart by. */
export const FACET_WORDS: Readonly<Record<Facet, string>> = {
  place: 'Place',
  camera: 'Camera',
  lens: 'Lens',
  day: 'Day',
};

const CAMERA_WORDS: Readonly<Record<string, string>> = {
  simulated: 'simulated',
  browser: 'this device',
  file: 'opened files',
};

/** A value of a fact as it is read. */
export function facetValueWords(facet: Facet, value: string): string {
  if (facet === 'place') return findScene(value)?.name ?? value;
  if (facet === 'camera') return CAMERA_WORDS[value] ?? value;
  if (facet === 'lens') {
    const lens = findLens(value);
    return lens ? `${Math.round(lens.focalLength35Mm)} mm` : value;
  }
  return value;
}

/** "all", "kept", "Salt heaps" or "3 filters": what narrows a view, in a word. */
export function whichWords(view: RollView): string {
  if (!isNarrowed(view)) return SHOWN_WORDS.all;
  const parts = [
    ...(view.choice === 'all' ? [] : [SHOWN_WORDS[view.choice]]),
    ...Object.entries(view.facts).flatMap(([facet, value]) =>
      value === undefined ? [] : [facetValueWords(facet as Facet, value)],
    ),
    ...(view.clips ? ['clips'] : []),
    ...(view.shakes ? ['shakes'] : []),
  ];
  return parts.length === 1 ? parts[0] : `${parts.length} filters`;
}

/** "3 frames dropped", "1 frame undecided again". */
export const decidedWords = (count: number, choice: Choice | null): string =>
  `${framesWords(count)} ${choice ?? 'undecided again'}`;

/** "bracket 5", "burst 3 of 10" of a series that is not all there; "" of a single frame. */
export function stackWords({ series, ids }: ListedStack): string {
  if (!series) return '';
  const count = ids.length < series.count ? `${ids.length} of ${series.count}` : `${series.count}`;
  return `${KIND_WORDS[series.kind]} ${count}`;
}
