import { rawStatistics } from '@velmo/core/monitor';
import { measureDetail, type FrameMeasure } from '@velmo/core/rank';
import type { StoredFile } from '../storage/frameRecord';
import { readStoredRaw } from './readRawFile';

/** Measures what a stored raw holds, to be compared with others of its stack. */
export async function measureFrame(id: string, rawFile: StoredFile): Promise<FrameMeasure> {
  const { file, data } = await readStoredRaw(id, rawFile);
  const { width, samplesPerPixel } = file.raw;
  const levels = { ...file.raw, midGreyShare: 0.18 };
  const { clippedShare } = rawStatistics(data, width, samplesPerPixel, levels);
  return { detail: measureDetail({ ...file.raw, raw: data }), clippedShare };
}
