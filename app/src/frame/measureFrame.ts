import { orientationOf, placeInFile } from '@velmo/core/files';
import { rawStatistics } from '@velmo/core/monitor';
import { measureDetail, type FrameMeasure } from '@velmo/core/rank';
import type { FrameRecord, StoredFile } from '../storage/frames/frameRecord';
import { readStoredRaw } from './readRawFile';

/**
 * Measures what a stored raw holds, to be compared with others of its stack.
 *
 * @param focusedAt where focus was asked for, as its record has it
 */
export async function measureFrame(
  id: string,
  rawFile: StoredFile,
  focusedAt: FrameRecord['focusedAt'],
): Promise<FrameMeasure> {
  const { file, data } = await readStoredRaw(id, rawFile);
  const { width, samplesPerPixel } = file.raw;
  const levels = { ...file.raw, midGreyShare: 0.18 };
  const { clippedShare } = rawStatistics(data, width, samplesPerPixel, levels);
  const asked = focusedAt ? placeInFile(orientationOf(file.orientation), focusedAt) : null;
  return { detail: measureDetail({ ...file.raw, raw: data }), clippedShare, asked };
}
