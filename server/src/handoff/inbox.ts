import { mkdir, readdir, stat, statfs, truncate, unlink } from 'node:fs/promises';
import { join } from 'node:path';
import type { Readable } from 'node:stream';
import type { Arrival, OfferedFile, PairedPhone } from '@velmo/core/handoff';
import { Arrivals } from './arrivals';
import { appendBody, sha256Of, sizeOf } from './partFile';
import { Phones } from './phones';
import { placeFile } from './placeFile';

/** What Velmo notes for itself, in the folder that files arrive in. */
const OWN = '.velmo';
/** A file of Velmo's own in such a folder. */
export const noteOf = (folder: string, name: string): string => join(folder, OWN, name);
/** Room that is left to the computer, in bytes. */
const MIN_FREE_BYTES = 256 * 2 ** 20;
/** What nobody went on sending for so long goes. */
const PART_LASTS_MS = 7 * 86_400_000;

/** What became of bytes that came in. */
export type Received =
  | { readonly kind: 'arrived' }
  /** They do not go on where the computer is, or were not all of them. */
  | { readonly kind: 'at'; readonly at: number }
  | { readonly kind: 'full' };

interface Receiving {
  readonly stop: () => void;
  readonly done: Promise<unknown>;
}

const isFull = (error: unknown): boolean =>
  ['ENOSPC', 'EDQUOT'].includes(String((error as NodeJS.ErrnoException).code));

/** Bytes that the folder's disk has left. */
async function freeBytesIn(folder: string): Promise<number> {
  const { bavail, bsize } = await statfs(folder);
  return bavail * bsize;
}

/** The folder that files arrive in, with what is known of phones and arrivals. */
export class Inbox {
  private readonly receiving = new Map<string, Receiving>();
  private placing: Promise<unknown> = Promise.resolve();

  private constructor(
    readonly folder: string,
    readonly phones: Phones,
    readonly arrivals: Arrivals,
    private readonly freeBytes: (folder: string) => Promise<number>,
  ) {}

  /**
   * Opens a folder, or makes it.
   *
   * @param folder its absolute path
   * @param freeBytes of its disk; asked before a file is taken
   */
  static async open(folder: string, freeBytes = freeBytesIn): Promise<Inbox> {
    const own = join(folder, OWN);
    await mkdir(join(own, 'parts'), { recursive: true, mode: 0o700 });
    await dropOldParts(join(own, 'parts'));
    const phones = await Phones.open(noteOf(folder, 'phones.json'));
    const arrivals = await Arrivals.open(noteOf(folder, 'arrived.jsonl'));
    return new Inbox(folder, phones, arrivals, freeBytes);
  }

  /** What is there of files that a phone offers. */
  arrivalsOf(phone: PairedPhone, files: readonly OfferedFile[]): Promise<Arrival[]> {
    return Promise.all(
      files.map(async ({ sha256, bytes }) =>
        this.arrivals.has(sha256)
          ? 'arrived'
          : Math.min(bytes, await sizeOf(this.partOf(phone, sha256))),
      ),
    );
  }

  /**
   * Takes bytes of a file. One sender at a time: whoever comes later, as after a connection that
   * broke without a word, goes on where the earlier one is then stopped.
   */
  async receive(
    phone: PairedPhone,
    file: OfferedFile,
    from: number,
    body: Readable,
  ): Promise<Received> {
    const part = this.partOf(phone, file.sha256);
    for (let other = this.receiving.get(part); other; other = this.receiving.get(part)) {
      other.stop();
      await other.done;
    }
    let stop = (): void => {};
    const stopped = new Promise<null>((resolve) => (stop = () => resolve(null)));
    const done = this.take(phone, part, file, from, body, stopped).catch(
      (error: unknown): Received => {
        if (isFull(error)) return { kind: 'full' };
        throw error;
      },
    );
    this.receiving.set(part, { stop, done: done.catch(() => {}) });
    try {
      return await done;
    } finally {
      this.receiving.delete(part);
    }
  }

  private partOf({ id }: PairedPhone, sha256: string): string {
    return join(this.folder, OWN, 'parts', `${id}-${sha256}`);
  }

  private async take(
    phone: PairedPhone,
    part: string,
    file: OfferedFile,
    from: number,
    body: Readable,
    stopped: Promise<null>,
  ): Promise<Received> {
    if (this.arrivals.has(file.sha256)) return { kind: 'arrived' };
    // More than the file is: offered before as another.
    if ((await sizeOf(part)) > file.bytes) await truncate(part, 0);
    const size = await sizeOf(part);
    if (size !== from) return { kind: 'at', at: size };
    if ((await this.freeBytes(this.folder)) < file.bytes - from + MIN_FREE_BYTES)
      return { kind: 'full' };
    const isEnd = await appendBody(part, body, file.bytes, stopped);
    const at = await sizeOf(part);
    if (!isEnd || at < file.bytes) return { kind: 'at', at };
    if ((await sha256Of(part)) !== file.sha256) {
      await unlink(part);
      return { kind: 'at', at: 0 };
    }
    // Names are given one after the other, whoever sends.
    const placed = this.placing.then(() => this.place(phone, part, file));
    this.placing = placed.catch(() => {});
    await placed;
    return { kind: 'arrived' };
  }

  private async place(
    { name: device }: PairedPhone,
    part: string,
    { sha256, bytes, path }: OfferedFile,
  ): Promise<void> {
    // Another phone may have sent the same meanwhile.
    if (this.arrivals.has(sha256)) return unlink(part);
    const placed = await placeFile(join(this.folder, device), path, { file: part, sha256, bytes });
    await this.arrivals.add({ sha256, bytes, path: `${device}/${placed}`, device, at: Date.now() });
  }
}

async function dropOldParts(folder: string): Promise<void> {
  for (const name of await readdir(folder)) {
    const path = join(folder, name);
    const { mtimeMs } = await stat(path);
    if (Date.now() - mtimeMs > PART_LASTS_MS) await unlink(path);
  }
}
