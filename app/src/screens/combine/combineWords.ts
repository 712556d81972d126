import type { StackFacts, WayId } from '@velmo/core/combine';
import type { SourceKind } from '../../combine/sourceFile';
import type { FrameRecord } from '../../storage/frames/frameRecord';

/** Ways by what they are for. */
export const PURPOSE: Readonly<Record<WayId, string>> = {
  merge: 'Whole range',
  fuse: 'Whole range',
  focus: 'All sharp',
  average: 'Less noise',
  median: 'What stays',
  brightest: 'Trails',
  stars: 'Stars as points',
  sum: 'One long exposure',
};

/** What each does, in one sentence. */
export function wayWords(way: WayId, frames: number): string {
  switch (way) {
    case 'merge':
      return 'In raw light: each frame counts by how little noise it has there, where it clips not at all.';
    case 'fuse':
      return 'Each place from the pictures that show it best, blended without seams.';
    case 'focus':
      return 'Each place from the frame that is sharpest there; where none is, the mean of all.';
    case 'average':
      return `The mean of ${frames} frames: noise ${Math.sqrt(frames).toFixed(1)} times less.`;
    case 'median':
      return 'The middle of what the frames hold: who passed through a few of them is gone.';
    case 'brightest':
      return 'The brightest each photosite has seen: lights leave their trails.';
    case 'stars':
      return `The sky turned back by its own rotation, the ground as it stood: the mean of ${frames} frames.`;
    case 'sum':
      return `The light of ${frames} frames added, as in one exposure that long.`;
  }
}

/** What is known of a frame before it is read. */
export const stackFacts = (
  { timeS, iso, focusDioptres }: FrameRecord,
  kind: SourceKind,
): StackFacts => ({ timeS, iso, focusDioptres, raw: kind === 'raw' });

/** "Something moved in 3 places: there one frame is taken alone." */
export function movedWords(places: number | null): string {
  if (places === null) return '';
  if (places === 0) return 'Nothing moved between the frames.';
  return `Something moved in ${places === 1 ? 'one place' : `${places} places`}: there one frame is taken alone. Tap a hatched place to take another.`;
}

/**
 * What was done to frames that had moved, and which of them could not be used.
 *
 * @param names numbers of those in the stack
 */
export function laidWords(aligned: boolean, names: readonly number[]): string {
  const out =
    names.length === 0
      ? ''
      : names.length === 1
        ? `Frame ${names[0]} could not be laid on the others, and is not in it.`
        : `Frames ${names.slice(0, -1).join(', ')} and ${names.at(-1)} could not be laid on the others, and are not in it.`;
  return [aligned ? 'The frames had moved, and were laid on one another.' : '', out]
    .filter(Boolean)
    .join(' ');
}

/** Said where pictures are combined. */
export const PICTURES_WORDS =
  'These frames have no raw: their pictures are combined, and the new frame is a picture, too.';

/** What may be done about which frame is taken where. */
export const paintWords = (way: WayId): string =>
  way === 'stars'
    ? 'Sand is ground, as it stood; dusk is sky, turned back. Where that is wrong, choose the other as the brush and paint over the picture.'
    : 'The colours show which frame is taken where. To take another, choose it as the brush and paint over the picture.';

/** Parts that stars and ground are painted by. */
export const SKY_PARTS = ['ground', 'sky'] as const;

/**
 * What a stroke has done.
 *
 * @param part that was painted, from 0; below: as it was found
 * @param number of the frame in the stack
 */
export function paintedWords(way: WayId, part: number, number: number): string {
  if (part < 0) return 'Painted back to what was found.';
  return way === 'stars'
    ? `Painted: here is ${SKY_PARTS[part]}.`
    : `Painted: here frame ${number} is taken.`;
}

/** What is taken at a place that was tapped. */
export const takenWords = (frame: number, count: number): string =>
  frame < 0
    ? 'Here all frames are merged, moved or not. Tap again for one alone.'
    : `Here frame ${frame + 1} of ${count} alone, counted from the darkest. Tap again for another.`;

/** The frame a tap on a place that moved takes instead: the next brighter, then all, then anew. */
export const nextFrame = (frame: number, count: number): number =>
  frame + 1 < count ? frame + 1 : -1;

/** "Finishing · 40 % · about 3 s left". */
export function makingWords(share: number, elapsedS: number): string {
  const percent = `${Math.round(100 * share)} %`;
  if (share < 0.1 || elapsedS < 0.5) return `Making the frame · ${percent}`;
  const leftS = Math.max(1, Math.round((elapsedS * (1 - share)) / share));
  return `Making the frame · ${percent} · about ${leftS} s left`;
}
