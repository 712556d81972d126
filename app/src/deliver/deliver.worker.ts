import { makeZip } from 'client-zip';
import { developedFile } from '../frame/framedFile';
import { readWholeFile } from '../storage/frameBytes';
import { fileBlob } from '../storage/save';
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

async function blobOf({ source }: DeliveryEntry): Promise<Blob> {
  if (source.kind === 'text') return new Blob([source.text], { type: 'application/rdf+xml' });
  const bytes = await readWholeFile(source.id, source.file);
  if (source.kind === 'stored') return fileBlob(source.file.kind, [bytes]);
  const { kind, parts } = await developedFile(bytes, source.order);
  return fileBlob(kind, parts);
}

const whyNot = (error: unknown): string =>
  error instanceof Error ? error.message : 'It could not be read.';

const api = {
  /** One file. */
  blob: blobOf,
  /**
   * All files in one zip, written to a file of the browser's own: no more than one of them is held
   * in memory. Those that cannot be read are left out and named. Null once it was stopped.
   */
  async zip(
    entries: readonly DeliveryEntry[],
    onProgress: (progress: DeliveryProgress) => void,
  ): Promise<{ readonly file: Blob; readonly failed: readonly NotDelivered[] } | null> {
    stopped = false;
    const failed: NotDelivered[] = [];
    let bytes = 0;
    async function* inputs() {
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
    const target = await temporaryFile();
    const reader = makeZip(inputs()).getReader();
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
    if (stopped) {
      await target.drop();
      return null;
    }
    return { file: await target.finish(), failed };
  },
  stop: async (): Promise<void> => void (stopped = true),
};

export type DeliverApi = typeof api;
exposeKept(api);
