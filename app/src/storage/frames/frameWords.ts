import {
  clickFromIso,
  clickFromTimeS,
  nominalIso,
  timeSFromClick,
  timeWords,
} from '@velmo/core/exposure';
import type { WayId } from '@velmo/core/combine';
import { findScene } from '@velmo/core/scene';
import type { CombineRecipe, FrameOrigin, FrameRecord } from './frameRecord';

const ORIGIN: Readonly<Record<FrameOrigin, string>> = {
  raw: 'simulated',
  'video-frame': 'video frame',
  photo: 'its own photo',
  'photo-remade': 'its own photo',
  average: 'average of video frames',
  opened: 'opened file',
  combined: 'combined',
};

/** Where a frame came from: "Pans at noon (simulated)". */
export function sourceWords({ words, camera, place, origin }: FrameRecord): string {
  if (words) return words.source;
  const name = camera === 'simulated' ? (findScene(place)?.name ?? place) : place || 'Camera';
  return `${name} (${camera === 'simulated' ? 'simulated' : ORIGIN[origin]})`;
}

/** How it was exposed: "1/500 s · ISO 100". */
export function exposureWords({ words, camera, timeS, iso }: FrameRecord): string {
  if (words) return words.summary;
  // A device reports odd times; a simulated shutter closed early has one.
  const told = (s: number): string =>
    timeWords(camera !== 'simulated' ? timeSFromClick(Math.round(clickFromTimeS(s))) : s);
  const known = [
    timeS === null ? null : told(timeS),
    iso === null ? null : `ISO ${nominalIso(clickFromIso(iso))}`,
  ].filter((part) => part !== null);
  return known.length > 0 ? known.join(' · ') : 'the camera decided';
}

/** The same with how it was made: "9 frames · 1/60 s · noise 2.9× less". */
export function summaryWords(record: FrameRecord): string {
  if (record.words) return record.words.summary;
  const { average, origin, combined } = record;
  const parts = [exposureWords(record)];
  if (average) parts.unshift(`${average.frames} frames`);
  if (combined) parts.unshift(combinedWords(combined));
  if (average?.timesLess) parts.push(`noise ${average.timesLess.toFixed(1)}× less`);
  if (origin === 'photo-remade') parts.push('made a JPEG');
  return parts.join(' · ');
}

/** How a combined frame came to be: "5 frames, their whole range". */
export const combinedWords = ({ way, sources }: CombineRecipe): string =>
  `${sources.length} frames, ${MADE[way]}`;

const MADE: Readonly<Record<WayId, string>> = {
  merge: 'their whole range',
  fuse: 'blended',
  focus: 'each where it is sharpest',
  average: 'averaged',
  median: 'their median',
  brightest: 'their brightest',
  stars: 'the sky turned back',
  sum: 'added up',
};
