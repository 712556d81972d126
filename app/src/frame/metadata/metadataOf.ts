import type { StoredFile } from '../../storage/frames/frameRecord';
import { KeptWorker } from '../../workers/keptWorker';
import type { MetadataApi } from './metadata.worker';
import type { MetadataGroup } from './metadataGroups';

/** Reads everything a stored file says about itself, in a worker that is there for that alone. */
export async function metadataOf(id: string, file: StoredFile): Promise<MetadataGroup[]> {
  const worker = new KeptWorker<MetadataApi>(
    () => new Worker(new URL('./metadata.worker.ts', import.meta.url)),
  );
  try {
    return await worker.call((api) => api.read(id, file));
  } finally {
    worker.end();
  }
}
