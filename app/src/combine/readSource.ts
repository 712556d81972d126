import { pictureFrame, stackRaw, type StackRaw } from '@velmo/core/combine';
import type { RawFile } from '@velmo/core/files';
import { pictureCanvas, pictureExif } from '../frame/pictureCanvas';
import { readStoredRaw } from '../frame/readRawFile';
import { readWholeFile } from '../storage/frames/frameBytes';
import type { StoredFile } from '../storage/frames/frameRecord';

/** A frame that was read to become part of another. */
export interface ReadSource {
  readonly file: RawFile;
  readonly frame: StackRaw;
}

/** Decodes a stored raw or picture. Rejects with a sentence where it cannot be read. */
export async function readSource(id: string, stored: StoredFile): Promise<ReadSource> {
  const { kind } = stored;
  if (kind === 'dng' || kind === 'raw') {
    const { file, data } = await readStoredRaw(id, stored);
    return { file, frame: stackRaw(file, data) };
  }
  const bytes = await readWholeFile(id, stored);
  const canvas = await pictureCanvas(kind, bytes);
  const { width, height } = canvas;
  const { data } = canvas.getContext('2d')!.getImageData(0, 0, width, height);
  return pictureFrame(data, width, height, pictureExif(kind, bytes));
}
