import type { Reach } from '@velmo/core/combine';
import { formatDistance } from '@velmo/core/optics';
import { frameColour } from '../../combine/frameColour';
import { exposureWords } from '../../storage/frames/frameWords';
import type { FrameRecord } from '../../storage/frames/frameRecord';
import type { ListedFrame } from '../../storage/frames/madeFrame';
import type { CombinedFacts } from '../../combine/combine.worker';
import { COLOUR } from '../../theme/theme';
import type { BrushPart } from './Brush';
import { SKY_PARTS } from './combineWords';
import type { Choosing } from './useChoosing';

/** A frame of a stack as it is drawn. */
export interface StackBar {
  readonly record: FrameRecord;
  /** Its number in the stack. */
  readonly number: number;
  /** What is written below it, in one line or two. */
  readonly words: string;
  /** What it holds, in words. */
  readonly holds: string;
  /** Its bar: shares of the height, from the top; null: not known. */
  readonly bar: { readonly top: number; readonly height: number } | null;
  /** Colour of its places in the map of what is taken where; null: there is no such map. */
  readonly colour: string | null;
}

const stopsWords = (stops: number): string =>
  `${stops < 0 ? '−' : '+'}${Math.abs(Math.round(stops))}`;
/** Least height of a bar. */
const THINNEST = 0.03;

const numbered = (frames: readonly ListedFrame[]) =>
  frames.map(({ record }, i) => ({ record, number: i + 1 }));

/**
 * What each frame holds in stops, from the least exposed on: together they are seen as a stair.
 *
 * @param reach by the ids of those that are known
 */
export function exposureBars(
  frames: readonly ListedFrame[],
  reach: ReadonlyMap<string, Reach>,
): StackBar[] {
  const known = [...reach.values()];
  const top = Math.max(1, ...known.map((r) => r.clipStops));
  const foot = Math.min(0, ...known.map((r) => r.floorStops));
  const light = ({ timeS, iso }: FrameRecord): number => (timeS ?? 0) * (iso ?? 100);
  return numbered(frames)
    .sort((a, b) => light(a.record) - light(b.record) || a.number - b.number)
    .map((frame) => {
      const its = reach.get(frame.record.id);
      return {
        ...frame,
        words: exposureWords(frame.record).replace(' · ', '\n'),
        holds: its
          ? `holds ${stopsWords(its.clipStops)} to ${stopsWords(its.floorStops)} stops`
          : '',
        bar: its
          ? {
              top: (top - its.clipStops) / (top - foot),
              height: Math.max(THINNEST, (its.clipStops - its.floorStops) / (top - foot)),
            }
          : null,
        colour: null,
      };
    });
}

/**
 * Pictures from the least exposed on, one step for each: what their sensor held is not known.
 */
export function pictureBars(frames: readonly ListedFrame[]): StackBar[] {
  const height = 1 / frames.length;
  return exposureBars(frames, new Map()).map((frame, i) => ({
    ...frame,
    bar: { top: i * height, height },
    colour: COLOUR.paper,
  }));
}

/**
 * Where each frame is focused, the nearest first and lowest, in the colour of its places.
 *
 * @param leftOut ids of those that are not in it
 */
export function focusBars(
  frames: readonly ListedFrame[],
  leftOut: ReadonlySet<string>,
): StackBar[] {
  const at = ({ focusDioptres }: FrameRecord): number => focusDioptres ?? 0;
  const isKnown = frames.every(({ record }) => record.focusDioptres !== null);
  const sorted = numbered(frames);
  if (isKnown) sorted.sort((a, b) => at(b.record) - at(a.record) || a.number - b.number);
  const used = sorted.filter(({ record }) => !leftOut.has(record.id));
  const height = 1 / Math.max(1, used.length);
  return sorted.map((frame) => {
    const place = used.indexOf(frame);
    const distance = formatDistance(at(frame.record) > 0 ? 1 / at(frame.record) : Infinity, 'm');
    return {
      ...frame,
      words: isKnown ? distance : exposureWords(frame.record).replace(' · ', '\n'),
      holds: isKnown ? `focused at ${distance}` : '',
      bar: place < 0 ? null : { top: 1 - (place + 1) * height, height },
      colour: place < 0 ? COLOUR.line : `rgb(${frameColour(place, used.length).join(',')})`,
    };
  });
}

/** What can be painted: ground and sky, or the frames in the order of their bars. */
export function partsOf({ way, placeOf }: Choosing, bars: readonly StackBar[]): BrushPart[] {
  if (way === 'stars') return SKY_PARTS.map((label, value) => ({ value, label }));
  return bars
    .map(({ record, number, words }) => ({
      value: placeOf(record.id),
      label: words.includes('\n') ? `${number}` : words,
    }))
    .filter(({ value }) => value >= 0);
}

/** What each frame holds, or where it is focused. */
export function barsOf(
  frames: readonly ListedFrame[],
  { way, used, leftOut, kind }: Choosing,
  facts: CombinedFacts | null,
): StackBar[] {
  if (way === 'focus') {
    const notIn = (facts?.leftOut ?? []).map((place) => used[place]?.record.id ?? '');
    return focusBars(frames, new Set([...leftOut, ...notIn]));
  }
  if (kind === 'picture') return pictureBars(frames);
  const reach = new Map(
    used.flatMap(({ record }, i): [string, Reach][] =>
      facts?.reach[i] ? [[record.id, facts.reach[i]]] : [],
    ),
  );
  return exposureBars(frames, reach);
}
