import type { CombineChoices, WayId } from '@velmo/core/combine';
import { frameId } from '../camera/files/frameNames';
import type { CurrentRoll } from '../storage/rolls/currentRoll';
import type { Naming } from '../storage/fileNames';
import type { ListedFrame, MadeFrame } from '../storage/frames/madeFrame';
import type { CombinedFacts, MadeCombination } from './combine.worker';

/** What the name of a combined frame's files ends with. */
const ENDINGS: Readonly<Record<WayId, string>> = {
  merge: 'merged',
  fuse: 'blended',
  focus: 'all-sharp',
  average: 'averaged',
  median: 'median',
  brightest: 'trails',
  stars: 'stars',
  sum: 'summed',
};

/**
 * A combined frame: what is known of the one it looks like, when the last of them was made, and how
 * it came to be. It lies in the roll of its sources.
 *
 * @param sources in the order in which they were made
 * @param facts which of them it looks like, and which are not in it
 */
export function combinedFrame(
  sources: readonly ListedFrame[],
  { reference, leftOut }: Pick<CombinedFacts, 'reference' | 'leftOut'>,
  choices: CombineChoices,
  made: MadeCombination,
): { made: MadeFrame; naming: Naming } {
  const { record, decision } = sources[reference];
  const { stem, camera, place, timeS, iso, lens, focusDioptres, white } = record;
  const last = Math.max(...sources.map((frame) => frame.record.capturedAt));
  const used = sources.filter((_, i) => !leftOut.includes(i));
  /** A painted frame by its place among those that are in it; as found where it is not. */
  const placeIn = (frame: number): number =>
    frame < 0 || choices.way !== 'focus' ? frame : used.indexOf(sources[frame]);
  // A millisecond after the last of its frames: it lies beside its stack, just behind it.
  const capturedAt = last + 1;
  const roll: CurrentRoll = { id: decision.roll, name: decision.roll };
  return {
    made: {
      facts: {
        id: frameId(capturedAt),
        capturedAt,
        camera,
        place,
        origin: 'combined',
        timeS,
        iso,
        compClicks: null,
        lens,
        // No single focus distance is true of it.
        focusDioptres: choices.way === 'focus' ? null : focusDioptres,
        white,
        clippedShare: made.clippedShare,
        width: made.width,
        height: made.height,
        average: null,
        roll: roll.id,
        series: null,
        combined: {
          ...choices,
          painted: choices.painted.map((dab) => ({ ...dab, frame: placeIn(dab.frame) })),
          sources: used.map((frame) => frame.record.id),
        },
      },
      name: { epochMs: capturedAt, offsetMinutes: 0, place: '', time: '', iso: '' },
      files: made.files,
      thumbnail: made.thumbnail,
    },
    naming: { pattern: `${stem}-${ENDINGS[choices.way]}`, count: 1, roll: roll.name },
  };
}
