import { readWholeFile } from '../../storage/frames/frameBytes';
import type { StoredFile } from '../../storage/frames/frameRecord';
import { exposeKept } from '../../workers/exposeKept';
import type { MetadataGroup } from './metadataGroups';
import { readMetadata } from './readMetadata';

const api = {
  /** Everything a stored file says about itself. */
  async read(id: string, file: StoredFile): Promise<MetadataGroup[]> {
    const bytes = await readWholeFile(id, file);
    return readMetadata(bytes);
  },
};

/** What the worker answers. */
export type MetadataApi = typeof api;
exposeKept(api);
