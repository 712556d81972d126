import {
  clickFromIso,
  clickFromTimeS,
  formatStops,
  nominalIso,
  timeWords,
} from '@velmo/core/exposure';
import { formatDistance } from '@velmo/core/optics';
import type { FrameRecord } from '../../storage/frames/frameRecord';

/** What another frame of a series did differently. */
export interface SeriesDifference {
  readonly id: string;
  /** "3 of 5" */
  readonly place: string;
  /** "1/500 s: 2 stops darker" */
  readonly words: string;
}

const clicksApart = (
  a: number | null,
  b: number | null,
  clickOf: (value: number) => number,
): number => (a === null || b === null ? 0 : Math.round(clickOf(b) - clickOf(a)));

const sided = (clicks: number, more: string, less: string): string =>
  `${formatStops(Math.abs(clicks))} ${clicks > 0 ? more : less}`;

/** Focus of both differs by more than this: dioptres (a hundredth is not seen). */
const SAME_FOCUS = 0.01;

/** Shares of clipped photosites nearer than this are the same. */
const SAME_CLIPPING = 0.001;
const mostClipped = ({ clippedShare }: FrameRecord): number => Math.max(0, ...(clippedShare ?? []));

/** What differs in how the second was made. */
export function differenceOf(one: FrameRecord, other: FrameRecord): string {
  const parts: string[] = [];
  const time = clicksApart(one.timeS, other.timeS, clickFromTimeS);
  const iso = clicksApart(one.iso, other.iso, clickFromIso);
  if (time !== 0) parts.push(timeWords(other.timeS!));
  if (iso !== 0) parts.push(`ISO ${nominalIso(clickFromIso(other.iso!))}`);
  // Time and ISO may make up for one another.
  if (time + iso !== 0) parts.push(sided(time + iso, 'brighter', 'darker'));
  else if (time !== 0) parts.push('as bright');
  if (
    one.focusDioptres !== null &&
    other.focusDioptres !== null &&
    Math.abs(one.focusDioptres - other.focusDioptres) > SAME_FOCUS
  )
    parts.push(`focused at ${formatDistance(1 / other.focusDioptres, 'm')}`);
  const clipped = mostClipped(other) - mostClipped(one);
  if (Math.abs(clipped) >= SAME_CLIPPING)
    parts.push(
      `${(100 * Math.abs(clipped)).toFixed(1)} % ${clipped > 0 ? 'more' : 'less'} clipped`,
    );
  if (one.lens !== other.lens && other.lens) parts.push(`${other.lens} lens`);
  if (one.origin !== other.origin && other.origin === 'average') parts.push('their average');
  return parts.length > 0 ? parts.join(' · ') : `the same settings${apartWords(one, other)}`;
}

function apartWords(one: FrameRecord, other: FrameRecord): string {
  const seconds = (other.capturedAt - one.capturedAt) / 1000;
  const away = Math.abs(seconds);
  if (away < 0.05) return '';
  const told = away < 10 ? away.toFixed(1) : String(Math.round(away));
  return `, ${told} s ${seconds > 0 ? 'later' : 'earlier'}`;
}

/** A frame against each other one of its series, in the order in which they were made. */
export const seriesDifferences = (
  one: FrameRecord,
  series: readonly FrameRecord[],
): SeriesDifference[] =>
  series
    .filter(({ id }) => id !== one.id)
    .map((other) => ({
      id: other.id,
      place: other.series ? `${other.series.step + 1} of ${other.series.count}` : '',
      words: differenceOf(one, other),
    }));
