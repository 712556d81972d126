import { createHash, webcrypto } from 'node:crypto';
import { createReadStream } from 'node:fs';
import { open, readFile, stat } from 'node:fs/promises';
import type { Readable } from 'node:stream';
import { finished } from 'node:stream/promises';

/** Bytes that are gathered before they are written. */
const WRITTEN_AT_ONCE = 1 << 20;

/** Up to so many bytes a sum is made beside the thread that receives: it takes as long as that. */
const HASHED_AT_ONCE = 32 << 20;

/** Bytes in a file that is not whole yet; 0 where there is none. */
export async function sizeOf(path: string): Promise<number> {
  return (await stat(path).catch(() => null))?.size ?? 0;
}

/**
 * Writes what comes behind what is there; what has come by the time the connection breaks stays.
 *
 * @param limit bytes that the file may have in the end
 * @param stopped resolves when nobody waits for it any more
 * @returns whether the body ended by itself, with no byte over the limit
 * @throws the file system's error, ENOSPC among them
 */
export async function appendBody(
  path: string,
  body: Readable,
  limit: number,
  stopped: Promise<null>,
): Promise<boolean> {
  let size = await sizeOf(path);
  const handle = await open(path, 'a', 0o600);
  let pending: Buffer[] = [];
  let pendingBytes = 0;
  // A connection brings bytes in pieces of a few kilobytes: too many to be written one by one.
  const flush = async (): Promise<void> => {
    const chunk = Buffer.concat(pending);
    [pending, pendingBytes] = [[], 0];
    for (let at = 0; at < chunk.length;) at += (await handle.write(chunk, at)).bytesWritten;
  };
  let writing = Promise.resolve();
  // By events: waiting for each piece anew costs more than all else that is done with it.
  let take = (_piece: Buffer): void => {};
  const tooMuchOrFull = new Promise<false>((resolve, reject) => {
    take = (piece) => {
      size += piece.length;
      if (size > limit) return resolve(false);
      pending.push(piece);
      pendingBytes += piece.length;
      if (pendingBytes < WRITTEN_AT_ONCE) return;
      body.pause();
      writing = flush();
      writing.then(() => body.resume(), reject);
    };
  });
  body.on('data', take);
  const ended = finished(body).then(
    () => true,
    () => false,
  );
  try {
    const isEnd = await Promise.race([ended, tooMuchOrFull, stopped.then(() => false)]);
    body.off('data', take).pause();
    await writing;
    if (size > limit) return false;
    await flush();
    if (isEnd && size === limit) await handle.datasync();
    return isEnd;
  } finally {
    await handle.close();
  }
}

/** SHA-256 of a file, in hexadecimal. */
export async function sha256Of(path: string): Promise<string> {
  if ((await sizeOf(path)) <= HASHED_AT_ONCE) {
    const digest = await webcrypto.subtle.digest('SHA-256', await readFile(path));
    return Buffer.from(digest).toString('hex');
  }
  const hash = createHash('sha256');
  for await (const chunk of createReadStream(path, { highWaterMark: 1 << 20 }))
    hash.update(chunk as Buffer);
  return hash.digest('hex');
}
