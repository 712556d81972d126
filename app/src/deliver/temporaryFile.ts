/** A file that grows, and is then read as a whole. */
export interface TemporaryFile {
  write(bytes: Uint8Array): Promise<void>;
  finish(): Promise<Blob>;
  drop(): Promise<void>;
}

const NAME = 'delivery.zip';

/** Of workers alone; the types of this library know pages. */
interface SyncHandle {
  write(bytes: Uint8Array, options: { at: number }): number;
  truncate(size: number): void;
  flush(): void;
  close(): void;
}

/**
 * A file in the browser's own file system (W3C File System), where it has one: it takes no memory.
 * Else parts that the browser holds as it likes. There is one at a time: the one before goes.
 */
export async function temporaryFile(): Promise<TemporaryFile> {
  try {
    const folder = await navigator.storage.getDirectory();
    await folder.removeEntry(NAME).catch(() => {});
    const entry = await folder.getFileHandle(NAME, { create: true });
    const handle = await (
      entry as unknown as { createSyncAccessHandle(): Promise<SyncHandle> }
    ).createSyncAccessHandle();
    // One that could not be removed may be longer than this one.
    handle.truncate(0);
    let at = 0;
    return {
      async write(bytes) {
        const written = handle.write(bytes, { at });
        at += written;
        if (written < bytes.length) throw new DOMException('', 'QuotaExceededError');
      },
      async finish() {
        handle.flush();
        handle.close();
        return entry.getFile();
      },
      async drop() {
        handle.close();
        await folder.removeEntry(NAME).catch(() => {});
      },
    };
  } catch {
    return inParts();
  }
}

function inParts(): TemporaryFile {
  let parts: Blob[] = [];
  return {
    async write(bytes) {
      parts.push(new Blob([bytes as Uint8Array<ArrayBuffer>]));
    },
    finish: async () => new Blob(parts, { type: 'application/zip' }),
    async drop() {
      parts = [];
    },
  };
}
