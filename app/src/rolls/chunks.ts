/** Bytes as strings of one character a byte, a megabyte each: what the key-value storage holds well. */
const CHUNK_BYTES = 1 << 20;
const SLICE = 8192;

function toLatin1(bytes: Uint8Array): string {
  let text = '';
  for (let i = 0; i < bytes.length; i += SLICE)
    text += String.fromCharCode.apply(null, bytes.subarray(i, i + SLICE) as unknown as number[]);
  return text;
}

export const totalBytes = (parts: readonly Uint8Array[]): number =>
  parts.reduce((sum, part) => sum + part.length, 0);

/** Parts laid end to end. */
export function joinParts(parts: readonly Uint8Array[]): Uint8Array<ArrayBuffer> {
  const bytes = new Uint8Array(totalBytes(parts));
  let at = 0;
  for (const part of parts) {
    bytes.set(part, at);
    at += part.length;
  }
  return bytes;
}

/** Chunks of parts laid end to end, one at a time, so that no second copy of a file is ever held. */
export function* chunkStrings(parts: readonly Uint8Array[]): Generator<string> {
  const buffer = new Uint8Array(CHUNK_BYTES);
  let filled = 0;
  for (const part of parts) {
    let at = 0;
    while (at < part.length) {
      const take = Math.min(CHUNK_BYTES - filled, part.length - at);
      buffer.set(part.subarray(at, at + take), filled);
      filled += take;
      at += take;
      if (filled === CHUNK_BYTES) {
        yield toLatin1(buffer);
        filled = 0;
      }
    }
  }
  if (filled > 0) yield toLatin1(buffer.subarray(0, filled));
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
