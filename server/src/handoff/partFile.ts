import { createHash } from 'node:crypto';
import { createReadStream } from 'node:fs';
import { open, stat } from 'node:fs/promises';
import type { Readable } from 'node:stream';

/** Bytes that are gathered before they are written. */
const WRITTEN_AT_ONCE = 1 << 20;

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
  const handle = await open(path, 'a', 0o600);
  let pending: Buffer[] = [];
  let pendingBytes = 0;
  // A connection brings bytes in pieces of a few kilobytes: too many to be written one by one.
  const flush = async (): Promise<void> => {
    const chunk = Buffer.concat(pending);
    [pending, pendingBytes] = [[], 0];
    for (let at = 0; at < chunk.length;) at += (await handle.write(chunk, at)).bytesWritten;
  };
  try {
    let { size } = await handle.stat();
    const chunks = body[Symbol.asyncIterator]() as AsyncIterator<Buffer>;
    for (;;) {
      const next = await Promise.race([chunks.next().catch(() => null), stopped]);
      if (next === null || next.done) {
        await flush();
        if (next && size === limit) await handle.datasync();
        return next !== null;
      }
      size += next.value.length;
      if (size > limit) return false;
      pending.push(next.value);
      pendingBytes += next.value.length;
      if (pendingBytes >= WRITTEN_AT_ONCE) await flush();
    }
  } finally {
    await handle.close();
  }
}

/** SHA-256 of a file, in hexadecimal. */
export async function sha256Of(path: string): Promise<string> {
  const hash = createHash('sha256');
  for await (const chunk of createReadStream(path, { highWaterMark: 1 << 20 }))
    hash.update(chunk as Buffer);
  return hash.digest('hex');
}
