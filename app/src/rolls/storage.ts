import { createAsyncStorage } from '@react-native-async-storage/async-storage';

/**
 * The one door to what is kept on this device. Owns the keys and turns a full disk into an error of its own.
 * Works on the main thread and in workers alike (IndexedDB lies underneath).
 */
const storage = createAsyncStorage('velmo');

/** No room left on the device, or the browser's share of it. */
export class StorageFull extends Error {
  override readonly name = 'StorageFull';
  constructor() {
    super('The browser has no room left for more frames.');
  }
}

/**
 * The storage package passes on an error's message but not its name. Firefox and Safari name the quota in the
 * message; Chromium aborts the transaction with a QuotaExceededError whose message is empty or speaks of a full disk.
 */
const isQuota = (error: unknown): boolean =>
  error instanceof Error && (error.message === '' || /quota|full|space/i.test(error.message));

async function guarded<T>(work: () => Promise<T>): Promise<T> {
  try {
    return await work();
  } catch (error) {
    if (isQuota(error)) throw new StorageFull();
    throw error;
  }
}

export const readText = (key: string): Promise<string | null> => storage.getItem(key);

export const writeText = (key: string, text: string): Promise<void> =>
  guarded(() => storage.setItem(key, text));

/** Writes several values in one transaction: all or none. */
export const writeMany = (entries: Record<string, string>): Promise<void> =>
  guarded(() => storage.setMany(entries));

export const readMany = (keys: string[]): Promise<Record<string, string | null>> =>
  storage.getMany(keys);

export const removeMany = (keys: string[]): Promise<void> => storage.removeMany(keys);

export const allKeys = (): Promise<string[]> => storage.getAllKeys();
