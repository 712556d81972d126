import {
  decodeDng,
  DngNotSupported,
  isCutShort,
  isDng,
  readDng,
  readPictureExif,
  type DecodedRaw,
} from '@velmo/core/files';
import { readWholeFile } from '../storage/frames/frameBytes';
import type { StoredFile } from '../storage/frames/frameRecord';
import { LibrawGone } from './libraw/librawWorker';
import { readByLibraw } from './libraw/readByLibraw';

/**
 * Decodes a raw file: a DNG by our own reader, all others, and those DNGs that are of a kind it
 * does not read, by LibRaw. Rejects with a sentence where it cannot be read.
 */
export async function readRawFile(bytes: Uint8Array<ArrayBuffer>): Promise<DecodedRaw> {
  if (!isDng(bytes)) {
    // LibRaw takes what is missing for black.
    if (isCutShort(bytes)) throw new Error('The file is cut short: part of its pixels is missing.');
    return withItsExif(bytes, await readByLibraw(bytes));
  }
  try {
    return decodeDng(readDng(bytes));
  } catch (error) {
    if (!(error instanceof DngNotSupported)) throw error;
    // What our own reader says is what is wrong with it.
    const decoded = await readByLibraw(bytes).catch((problem: unknown) => {
      throw problem instanceof LibrawGone ? problem : error;
    });
    return withItsExif(bytes, decoded);
  }
}

/** Where the file is built like a TIFF, its Exif says more than LibRaw does. */
function withItsExif(bytes: Uint8Array, decoded: DecodedRaw): DecodedRaw {
  const said = Object.entries(readPictureExif('tiff', bytes)).filter(([, v]) => v !== undefined);
  const exif = { ...decoded.file.exif, ...Object.fromEntries(said) };
  return { ...decoded, file: { ...decoded.file, exif } };
}

/** Decodes a stored one. */
export const readStoredRaw = async (id: string, file: StoredFile): Promise<DecodedRaw> =>
  readRawFile(await readWholeFile(id, file));
