import { safeName } from '@velmo/core/files';
import { readWholeFile } from '../storage/frames/frameBytes';
import type { ListedFrame } from '../storage/frames/madeFrame';
import type { RollRecord } from '../storage/rolls/rollRecord';
import {
  MANIFEST_NAME,
  manifestText,
  sha256,
  type ArchivedFile,
  type ArchivedFrame,
} from './manifest';

/** A file on its way into a zip. */
export interface ZipInput {
  readonly name: string;
  readonly input: Uint8Array<ArrayBuffer> | Blob;
  readonly lastModified: Date;
}

/** Bytes of a data URL in base64. */
export const bytesOfUrl = (url: string): Uint8Array<ArrayBuffer> =>
  Uint8Array.from(atob(url.slice(url.indexOf(',') + 1)), (c) => c.charCodeAt(0));

/**
 * Files of an archive of frames, one after the other, and last what it holds. A frame of which a
 * file cannot be read is left out whole.
 *
 * @param onFrame called before each frame with its place
 * @param onFailed called with a frame that is left out
 */
export async function* archiveEntries(
  frames: readonly ListedFrame[],
  rolls: readonly RollRecord[],
  madeAt: number,
  onFrame: (done: number) => boolean,
  onFailed: (frame: ListedFrame, error: unknown) => void,
): AsyncGenerator<ZipInput> {
  const archived: ArchivedFrame[] = [];
  for (const [done, frame] of frames.entries()) {
    if (!onFrame(done)) return;
    const { record, decision, thumbnail } = frame;
    const lastModified = new Date(record.capturedAt);
    const place = (name: string): string => `frames/${record.id}/${safeName(name)}`;
    const inputs: ZipInput[] = [];
    const add = async (name: string, input: Uint8Array<ArrayBuffer>): Promise<ArchivedFile> => {
      inputs.push({ name, input, lastModified });
      return { path: name, bytes: input.length, sha256: await sha256(input) };
    };
    try {
      const files: ArchivedFile[] = [];
      for (const file of record.files)
        files.push(await add(place(file.name), await readWholeFile(record.id, file)));
      const small =
        thumbnail === '' ? null : await add(`thumbnails/${record.id}.jpg`, bytesOfUrl(thumbnail));
      archived.push({ record, decision, files, thumbnail: small });
    } catch (error) {
      onFailed(frame, error);
      continue;
    }
    yield* inputs;
  }
  const text = manifestText({ madeAt, frames: archived, rolls });
  const input = new TextEncoder().encode(text);
  yield { name: MANIFEST_NAME, input, lastModified: new Date(madeAt) };
}
