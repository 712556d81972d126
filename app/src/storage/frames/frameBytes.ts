import { joinChunks } from './chunks';
import { bytes, values } from '../databases';
import type { StoredFile } from './frameRecord';
import { chunkKeys } from '../keys';

/** Bytes of one file of a frame, or null when they are not all there. */
export async function readFile(
  id: string,
  file: StoredFile,
): Promise<Uint8Array<ArrayBuffer> | null> {
  const keys = chunkKeys(id, file);
  const found = await bytes.readMany(keys);
  const missing = keys.filter((key) => found[key] == null);
  // Version 1 kept bytes beside everything else.
  const before = missing.length > 0 ? await values.readMany(missing) : {};
  return joinChunks(
    keys.map((key) => found[key] ?? before[key] ?? null),
    file.bytes,
  );
}

/** The same, or a rejection with a sentence where part of it is missing. */
export async function readWholeFile(
  id: string,
  file: StoredFile,
): Promise<Uint8Array<ArrayBuffer>> {
  const bytes = await readFile(id, file);
  if (!bytes) throw new Error('Part of this frame is missing from the browser’s storage.');
  return bytes;
}
