import { createHash } from 'node:crypto';
import { createReadStream } from 'node:fs';
import { open, stat } from 'node:fs/promises';
import type { Readable } from 'node:stream';

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
  try {
    let { size } = await handle.stat();
    const chunks = body[Symbol.asyncIterator]();
    for (;;) {
      const next = await Promise.race([chunks.next().catch(() => null), stopped]);
      if (next === null) return false;
      if (next.done) break;
      const chunk = next.value as Buffer;
      if (size + chunk.length > limit) return false;
      await writeAll(handle, chunk);
      size += chunk.length;
    }
    if (size === limit) await handle.datasync();
    return true;
  } finally {
    await handle.close();
  }
}

async function writeAll(
  handle: { write(chunk: Buffer, at: number): Promise<{ bytesWritten: number }> },
  chunk: Buffer,
): Promise<void> {
  for (let at = 0; at < chunk.length;) at += (await handle.write(chunk, at)).bytesWritten;
}

/** SHA-256 of a file, in hexadecimal. */
export async function sha256Of(path: string): Promise<string> {
  const hash = createHash('sha256');
  for await (const chunk of createReadStream(path, { highWaterMark: 1 << 20 }))
    hash.update(chunk as Buffer);
  return hash.digest('hex');
}
