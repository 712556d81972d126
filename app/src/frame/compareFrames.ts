import { compareRaws, type RawComparison } from '@velmo/core/compare';
import type { DecodedRaw } from '@velmo/core/files';
import { rawStatistics } from '@velmo/core/monitor';
import type { StoredFile } from '../storage/frames/frameRecord';
import { DifferenceView } from './differenceView';
import { readStoredRaw } from './readRawFile';

/** A stored raw file. */
export interface StoredRaw {
  readonly id: string;
  readonly file: StoredFile;
}

/** Two frames whose raws were compared. */
export interface ComparedFrames {
  /** Null where the raws have different sizes or kinds: they cannot be laid on one another. */
  readonly raw: RawComparison | null;
  /** Stops by which the second is shown brighter, against the first (BaselineExposure). */
  readonly shownStops: number;
  /** Photosites per ladder bin, all channels together, of both. */
  readonly histograms: readonly [Uint32Array, Uint32Array];
}

const MID_GREY = 0.18;

function histogramOf({ file, data }: DecodedRaw): Uint32Array {
  // Both on the same scale, stops of the raw: how each is shown is another matter.
  const levels = { ...file.raw, midGreyShare: MID_GREY };
  const { histogram } = rawStatistics(data, file.raw.width, file.raw.samplesPerPixel, levels);
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
  first: StoredRaw,
  second: StoredRaw,
): Promise<{ readonly compared: ComparedFrames; readonly picture: DifferenceView | null }> {
  const a = await readStoredRaw(first.id, first.file);
  const b = await readStoredRaw(second.id, second.file);
  let raw: RawComparison | null = null;
  try {
    raw = compareRaws({ ...a.file.raw, raw: a.data }, { ...b.file.raw, raw: b.data });
  } catch (error) {
    if (!(error instanceof RangeError)) throw error;
  }
  const compared: ComparedFrames = {
    raw,
    shownStops: b.file.baselineExposure - a.file.baselineExposure,
    histograms: [histogramOf(a), histogramOf(b)],
  };
  return { compared, picture: raw && new DifferenceView(a, b, raw) };
}
