import { decodeDng, readDng, type DecodedRaw } from '@velmo/core/files';
import { readWholeFile } from '../storage/frameBytes';
import type { StoredFile } from '../storage/frameRecord';

/** Decodes a raw file. Rejects with a sentence where it cannot be read. */
export async function readRawFile(bytes: Uint8Array<ArrayBuffer>): Promise<DecodedRaw> {
  return decodeDng(readDng(bytes));
}

/** Decodes a stored one. */
export const readStoredRaw = async (id: string, file: StoredFile): Promise<DecodedRaw> =>
  readRawFile(await readWholeFile(id, file));
