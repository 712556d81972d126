import type { RawFile } from '../files/rawFile';
import { UNKNOWN_NOISE, type NoiseProfile } from '../sensor/noiseProfile';

/** A sample of which nothing is known: what was drawn anew does not reach there. White at least. */
export const UNKNOWN = 0xffff;

/** A frame that is to become part of another: its raw, and how much light it was given. */
export interface StackRaw {
  /** `width * height * samplesPerPixel` values, row by row. */
  readonly data: Uint16Array;
  readonly width: number;
  readonly height: number;
  readonly samplesPerPixel: 1 | 3;
  readonly blackLevel: number;
  readonly whiteLevel: number;
  readonly noise: NoiseProfile;
  /** Share of the raw's range that a unit of the scene's light fills; only ratios matter. */
  readonly exposure: number;
}

/** Whether a frame may hold UNKNOWN: it was drawn anew, and its white lies below. */
export const isPartlyUnknown = ({ samplesPerPixel, whiteLevel }: StackRaw): boolean =>
  samplesPerPixel === 3 && whiteLevel < UNKNOWN;

/** Frames that cannot become one; the message says why, and what to do. */
export class CombineError extends Error {
  override readonly name = 'CombineError';
}

/**
 * How much of its range a unit of light fills, by what a file says: time, ISO and aperture; below
 * base ISO the raw is not amplified less (BaselineExposure tells). What is not said counts as 1.
 */
export function statedExposure({ exif, baselineExposure }: RawFile): number {
  const { timeS = 1, iso = 100, fNumber = 1 } = exif;
  const stated = (timeS * iso) / (fNumber * fNumber) / 2 ** baselineExposure;
  return stated > 0 && Number.isFinite(stated) ? stated : 1;
}

/** A decoded raw as a frame of a stack. */
export function stackRaw(file: RawFile, data: Uint16Array): StackRaw {
  const { width, height, samplesPerPixel, blackLevel, whiteLevel, noise } = file.raw;
  return {
    data,
    width,
    height,
    samplesPerPixel,
    blackLevel,
    whiteLevel,
    noise: noise ?? UNKNOWN_NOISE,
    exposure: statedExposure(file),
  };
}

/** Throws CombineError unless there are two frames or more, all of one size and kind. */
export function checkStack(frames: readonly Omit<StackRaw, 'data'>[]): void {
  const [first] = frames;
  if (frames.length < 2) throw new CombineError('One frame alone: choose two or more.');
  for (const { width, height, samplesPerPixel } of frames) {
    if (width !== first.width || height !== first.height)
      throw new CombineError(
        `The frames differ in size (${first.width} x ${first.height}, ${width} x ${height}): choose frames of one size.`,
      );
    if (samplesPerPixel !== first.samplesPerPixel)
      throw new CombineError(
        'Some frames are mosaics, others are not: choose frames of one camera and kind.',
      );
  }
}
