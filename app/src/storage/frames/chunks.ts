/**
 * Bytes as strings of one character a byte, a megabyte each: what the key-value storage holds well.
 */
const CHUNK_BYTES = 1 << 20;
const SLICE = 8192;

function toLatin1(bytes: Uint8Array): string {
  let text = '';
  for (let i = 0; i < bytes.length; i += SLICE)
    text += String.fromCharCode.apply(null, bytes.subarray(i, i + SLICE) as unknown as number[]);
  return text;
}

/** How many chunks so many bytes take. */
export const chunkCount = (bytes: number): number => Math.ceil(bytes / CHUNK_BYTES);

/** A piece of a blob as a chunk; no more of it is read than that. */
export async function chunkOf(blob: Blob, n: number): Promise<string> {
  const piece = blob.slice(n * CHUNK_BYTES, (n + 1) * CHUNK_BYTES);
  return toLatin1(new Uint8Array(await piece.arrayBuffer()));
}

/** Puts chunks back into bytes; null when a chunk is missing or the length is wrong. */
export function joinChunks(
  chunks: readonly (string | null)[],
  length: number,
): Uint8Array<ArrayBuffer> | null {
  const bytes = new Uint8Array(length);
  let at = 0;
  for (const chunk of chunks) {
    if (chunk === null || at + chunk.length > length) return null;
    for (let i = 0; i < chunk.length; i++) bytes[at + i] = chunk.charCodeAt(i);
    at += chunk.length;
  }
  return at === length ? bytes : null;
}
