import type { Moment, ShotMetadata } from '../files/dng/description';
import type { RawFile } from '../files/rawFile';
import { isPicture } from './picture/pictureFrame';
import type { WayId } from './ways/wayIds';

/** What was done to the frames, as a sentence of the file's description. */
const DONE: Readonly<Record<WayId, (frames: number) => string>> = {
  merge: (n) => `Merged from ${n} exposures, each weighted by its noise`,
  fuse: (n) => `Blended from ${n} pictures of different exposures (exposure fusion)`,
  focus: (n) => `Of ${n} frames focused apart, each where it is sharpest`,
  average: (n) => `Mean of ${n} frames`,
  median: (n) => `Median of ${n} frames`,
  brightest: (n) => `Brightest of each place of ${n} frames`,
  stars: (n) =>
    `Mean of ${n} frames, the sky turned back by its own rotation, the ground as it stood`,
  sum: (n) => `Sum of ${n} frames`,
};

/** What a combined frame says of its making: what its reference says, and what was done. */
export function combinedShot(
  way: WayId,
  reference: RawFile,
  sources: readonly RawFile[],
  capturedAt: Moment,
  software: string,
): ShotMetadata {
  const { exif } = reference;
  const times = sources.flatMap(({ exif: { timeS } }) => (timeS === undefined ? [] : [timeS]));
  const n = sources.length;
  const done = isPicture(reference) ? DONE[way](n) : `${DONE[way](n)}, in linear raw light`;
  const allTimes = times.length === n ? times : undefined;
  return {
    make: exif.make ?? '',
    model: exif.model ?? '',
    software,
    description: `${exif.description ? `${exif.description} ` : ''}${done}.`,
    capturedAt,
    timeS: exif.timeS,
    iso: exif.iso,
    fNumber: exif.fNumber,
    focalLengthMm: exif.focalLengthMm,
    focalLength35Mm: exif.focalLength35Mm,
    lensModel: exif.lensModel,
    // No single focus distance is true of it.
    focusedM: way === 'focus' ? undefined : exif.focusedM,
    composite: {
      taken: n,
      used: n,
      periodS: allTimes?.reduce((sum, s) => sum + s, 0) ?? 0,
      timesS: allTimes,
    },
  };
}
