import { decodeRaw, readDng } from '@velmo/core/files';
import { rawStatistics } from '@velmo/core/monitor';
import { measureDetail, type FrameMeasure } from '@velmo/core/rank';
import { readWholeFile } from '../storage/frameBytes';
import type { StoredFile } from '../storage/frameRecord';

/** Measures what a stored DNG holds, to be compared with others of its stack. */
export async function measureFrame(id: string, dngFile: StoredFile): Promise<FrameMeasure> {
  const bytes = await readWholeFile(id, dngFile);
  const dng = readDng(bytes);
  const raw = decodeRaw(dng);
  const { width, samplesPerPixel } = dng.raw;
  const levels = { ...dng.raw, midGreyShare: 0.18 };
  const { clippedShare } = rawStatistics(raw, width, samplesPerPixel, levels);
  return { detail: measureDetail({ ...dng.raw, raw }), clippedShare };
}
