import { compareRaws, type RawComparison } from '@velmo/core/compare';
import { decodeRaw, readDng } from '@velmo/core/files';
import { rawStatistics } from '@velmo/core/monitor';
import { readWholeFile } from '../storage/frameBytes';
import type { StoredFile } from '../storage/frameRecord';
import { DifferenceView, type DecodedDng } from './differenceView';

/** A stored DNG. */
export interface StoredDng {
  readonly id: string;
  readonly file: StoredFile;
}

export interface ComparedFrames {
  /** Null where the raws have different sizes or kinds: they cannot be laid on one another. */
  readonly raw: RawComparison | null;
  /** Stops by which the second is shown brighter, against the first (BaselineExposure). */
  readonly shownStops: number;
  /** Photosites per ladder bin, all channels together, of both. */
  readonly histograms: readonly [Uint32Array, Uint32Array];
}

const MID_GREY = 0.18;

async function readRaw({ id, file }: StoredDng): Promise<DecodedDng> {
  const bytes = await readWholeFile(id, file);
  const dng = readDng(bytes);
  return { dng, raw: decodeRaw(dng) };
}

function histogramOf({ dng, raw }: DecodedDng): Uint32Array {
  // Both on the same scale, stops of the raw: how each is shown is another matter.
  const levels = { ...dng.raw, midGreyShare: MID_GREY };
  const { histogram } = rawStatistics(raw, dng.raw.width, dng.raw.samplesPerPixel, levels);
  const bins = histogram.length / 3;
  return Uint32Array.from(
    { length: bins },
    (_, b) => histogram[b] + histogram[bins + b] + histogram[2 * bins + b],
  );
}

/**
 * Reads the raws of two stored frames and says how they differ, in words' figures and as a picture:
 * none where they have different sizes or kinds.
 */
export async function compareFrames(
  first: StoredDng,
  second: StoredDng,
): Promise<{ readonly compared: ComparedFrames; readonly picture: DifferenceView | null }> {
  const a = await readRaw(first);
  const b = await readRaw(second);
  let raw: RawComparison | null = null;
  try {
    raw = compareRaws({ ...a.dng.raw, raw: a.raw }, { ...b.dng.raw, raw: b.raw });
  } catch (error) {
    if (!(error instanceof RangeError)) throw error;
  }
  const compared: ComparedFrames = {
    raw,
    shownStops: b.dng.baselineExposure - a.dng.baselineExposure,
    histograms: [histogramOf(a), histogramOf(b)],
  };
  return { compared, picture: raw && new DifferenceView(a, b, raw) };
}
