import { joinChunks } from './chunks';
import { bytes, values } from '../databases';
import { bytesOf, chunkKeys } from '../keys';

/** A record that this version cannot read. */
export interface UnreadableFrame {
  readonly id: string;
  readonly text: string;
}

/**
 * Keys of what lies under an id whose record does not say: the one time that keys of bytes are
 * listed.
 */
export async function keysOfUnreadable(id: string): Promise<string[]> {
  const all = await Promise.all([bytes.keys(), values.keys()]);
  return all.flat().filter((key) => key.startsWith(bytesOf(id)));
}

/** The files under an id whose record cannot be read, as they are. */
export async function filesOfUnreadable(
  id: string,
): Promise<{ readonly name: string; readonly bytes: Uint8Array<ArrayBuffer> }[]> {
  const keys = await keysOfUnreadable(id);
  const files = new Map<string, number>();
  for (const key of keys) {
    const [name, n] = key.slice(bytesOf(id).length).split('/');
    files.set(name, Math.max(files.get(name) ?? 0, Number(n) + 1));
  }
  const found: { name: string; bytes: Uint8Array<ArrayBuffer> }[] = [];
  for (const [name, chunks] of files) {
    const wanted = chunkKeys(id, { name, chunks });
    const [here, before] = await Promise.all([bytes.readMany(wanted), values.readMany(wanted)]);
    const texts = wanted.map((key) => here[key] ?? before[key] ?? '');
    const length = texts.reduce((sum, text) => sum + text.length, 0);
    const joined = joinChunks(texts, length);
    if (joined) found.push({ name, bytes: joined });
  }
  return found;
}
