import { withoutPlace } from '@velmo/core/files';
import { HandoffError, httpLine, sendFile } from '@velmo/core/handoff';
import { makeZip } from 'client-zip';
import { archiveEntries, type ZipInput } from '../archive/archiveEntries';
import { sha256 } from '../archive/manifest';
import { developedFile } from '../frame/framedFile';
import { readWholeFile } from '../storage/frames/frameBytes';
import type { ListedFrame } from '../storage/frames/madeFrame';
import type { RollRecord } from '../storage/rolls/rollRecord';
import { fileBlob, MIME_TYPES } from '../storage/save';
import { exposeKept } from '../workers/exposeKept';
import { pathOf, type DeliveryEntry } from './deliveryPlan';
import { temporaryFile } from './temporaryFile';

/** A file that could not be delivered, and why. */
export interface NotDelivered {
  readonly path: string;
  readonly why: string;
}

/** How far a delivery is. */
export interface DeliveryProgress {
  readonly done: number;
  readonly bytes: number;
}

let stopped = false;

/** Bytes of a file, and what they are. */
async function contentOf({
  source,
  place,
}: DeliveryEntry): Promise<{ readonly type: string; readonly bytes: Uint8Array<ArrayBuffer> }> {
  if (source.kind === 'text')
    return { type: 'application/rdf+xml', bytes: new TextEncoder().encode(source.text) };
  const stored = await readWholeFile(source.id, source.file);
  if (source.kind === 'stored') {
    const { kind } = source.file;
    return { type: MIME_TYPES[kind], bytes: place ? stored : withoutPlace(kind, stored) };
  }
  const { kind, parts } = await developedFile(stored, source.order);
  const made = new Uint8Array(await fileBlob(kind, parts).arrayBuffer());
  return { type: MIME_TYPES[kind], bytes: place ? made : withoutPlace(kind, made) };
}

async function blobOf(entry: DeliveryEntry): Promise<Blob> {
  const { type, bytes } = await contentOf(entry);
  return new Blob([bytes], { type });
}

const whyNot = (error: unknown): string =>
  error instanceof Error ? error.message : 'It could not be read.';

/** Inputs as one zip in a file of the browser's own; null once it was stopped. */
async function zipped(inputs: AsyncIterable<ZipInput>): Promise<Blob | null> {
  stopped = false;
  const target = await temporaryFile();
  const reader = makeZip(inputs).getReader();
  try {
    for (;;) {
      const { done, value } = await reader.read();
      if (done) break;
      await target.write(value);
    }
  } catch (error) {
    await target.drop();
    throw error;
  }
  if (!stopped) return target.finish();
  await target.drop();
  return null;
}

/** A zip, and what is not in it; null once it was stopped. */
export type Zipped = { readonly file: Blob; readonly failed: readonly NotDelivered[] } | null;

const api = {
  /** One file. */
  blob: blobOf,
  /**
   * All files in one zip; no more than one of them is held in memory. Those that cannot be read are
   * left out and named.
   */
  async zip(
    entries: readonly DeliveryEntry[],
    onProgress: (progress: DeliveryProgress) => void,
  ): Promise<Zipped> {
    const failed: NotDelivered[] = [];
    let bytes = 0;
    async function* inputs(): AsyncGenerator<ZipInput> {
      for (const [done, entry] of entries.entries()) {
        if (stopped) return;
        onProgress({ done, bytes });
        try {
          const input = await blobOf(entry);
          bytes += input.size;
          yield { input, name: pathOf(entry), lastModified: new Date(entry.at) };
        } catch (error) {
          failed.push({ path: pathOf(entry), why: whyNot(error) });
        }
      }
    }
    const file = await zipped(inputs());
    return file && { file, failed };
  },
  /** All there is of frames as an archive. */
  async archive(
    frames: readonly ListedFrame[],
    rolls: readonly RollRecord[],
    onProgress: (progress: DeliveryProgress) => void,
  ): Promise<Zipped> {
    const failed: NotDelivered[] = [];
    let bytes = 0;
    const onFrame = (done: number): boolean => {
      onProgress({ done, bytes });
      const files = frames[done].record.files;
      bytes += files.reduce((sum, file) => sum + file.bytes, 0);
      return !stopped;
    };
    const onFailed = ({ record }: ListedFrame, error: unknown): void =>
      void failed.push({ path: record.files[0].name, why: whyNot(error) });
    const file = await zipped(archiveEntries(frames, rolls, Date.now(), onFrame, onFailed));
    return file && { file, failed };
  },
  /**
   * Hands one file over to the computer.
   *
   * @param onBytes told of bytes that have gone
   * @returns whether it is there; false once it was stopped
   */
  async handOver(
    entry: DeliveryEntry,
    origin: string,
    token: string,
    onBytes: (bytes: number) => void,
  ): Promise<boolean> {
    const { type, bytes } = await contentOf(entry);
    // Chromium sends a Blob several times faster than the same bytes as they are.
    const content = new Blob([bytes], { type });
    const file = { sha256: await sha256(bytes), bytes: bytes.length, path: pathOf(entry) };
    const line = httpLine((url, options) => fetch(url, options as RequestInit), origin, token);
    const [known] = await line.offer([file]).catch((error: unknown) => {
      throw error instanceof HandoffError ? error : new HandoffError('unreachable');
    });
    let gone = known === 'arrived' ? file.bytes : known;
    return sendFile(line, file, content, known, {
      isStopped: () => stopped,
      pause: (tries) => new Promise((resolve) => setTimeout(resolve, 250 * 2 ** tries)),
      onBytes(there) {
        if (there > gone) onBytes(there - gone);
        gone = Math.max(gone, there);
      },
    });
  },
  stop: async (): Promise<void> => void (stopped = true),
};

/** What the worker answers. */
export type DeliverApi = typeof api;
exposeKept(api);
