import { clickFromIso, nominalIso, timeWords } from '@velmo/core/exposure';
import type { Moment } from '@velmo/core/files';
import type { NameFacts } from '../../storage/fileNames';
import type { FrameFacts } from '../../storage/frames/frameRecord';
import type { MadeFile, MadeFrame } from '../../storage/frames/madeFrame';
import { frameId, timeInName } from './frameNames';

/** What is found out while a frame is made. */
type Found = Pick<FrameFacts, 'origin' | 'width' | 'height' | 'average' | 'clippedShare'>;

/** What is known of a frame when its shutter has closed: the same for both cameras. */
export interface FrameJob {
  readonly facts: Omit<FrameFacts, keyof Found | 'id'>;
  readonly name: NameFacts;
}

/** A moment where the photographer is. */
export function momentAt(epochMs: number): Moment {
  const whole = Math.round(epochMs);
  return { epochMs: whole, offsetMinutes: -new Date(whole).getTimezoneOffset() };
}

/** Now, with the offset of this device's time zone. */
export const momentNow = (): Moment => momentAt(Date.now());

/** @param placeInName what stands for the place in a file's name */
export function frameJob(
  facts: Omit<FrameJob['facts'], 'capturedAt'>,
  capturedAt: Moment,
  placeInName: string,
): FrameJob {
  const { timeS, iso } = facts;
  return {
    facts: { ...facts, capturedAt: capturedAt.epochMs },
    name: {
      ...capturedAt,
      place: placeInName,
      time: timeS === null ? '' : timeInName(timeWords(timeS)),
      iso: iso === null ? '' : nominalIso(clickFromIso(iso)),
    },
  };
}

/** A frame out of its job, what was found out and its files. */
export function madeFrame(
  { facts, name }: FrameJob,
  found: Found,
  files: readonly MadeFile[],
  thumbnail: string,
): MadeFrame {
  return { facts: { id: frameId(facts.capturedAt), ...facts, ...found }, name, files, thumbnail };
}
