import { createAsyncStorage } from '@react-native-async-storage/async-storage';

/** No room left on the device, or the browser's share of it. */
export class StorageFull extends Error {
  override readonly name = 'StorageFull';
  constructor() {
    super('The browser has no room left for more frames.');
  }
}

/** An error's name survives the way from a worker; its class does not. */
export const isStorageFull = (error: unknown): error is Error =>
  error instanceof Error && error.name === 'StorageFull';

/**
 * The storage package passes on an error's message but not its name. Firefox and Safari name the
 * quota in the message; Chromium aborts the transaction with a QuotaExceededError whose message is
 * empty or speaks of a full disk.
 */
const isQuota = (error: unknown): boolean =>
  error instanceof Error && (error.message === '' || /quota|full|space/i.test(error.message));

/** A database that says nothing for so long does not open. */
const PATIENCE_MS = 10_000;

/**
 * What was asked, or an error once nothing has been heard for long: Chromium may never open a
 * database that a page before was using when it was left.
 */
function answered<T>(asked: Promise<T>): Promise<T> {
  return new Promise((resolve, reject) => {
    const late = setTimeout(() => reject(new Error('The storage does not answer.')), PATIENCE_MS);
    asked.then(resolve, reject).finally(() => clearTimeout(late));
  });
}

/** Texts under keys, in a database of its own (IndexedDB lies underneath). Opened on first use. */
export class Database {
  private readonly storage;

  constructor(name: string) {
    this.storage = createAsyncStorage(name);
  }

  read(key: string): Promise<string | null> {
    return answered(this.storage.getItem(key));
  }

  readMany(keys: string[]): Promise<Record<string, string | null>> {
    return answered(this.storage.getMany(keys));
  }

  /** Writes several values in one transaction: all or none. Throws StorageFull. */
  async write(entries: Record<string, string>): Promise<void> {
    try {
      await this.storage.setMany(entries);
    } catch (error) {
      if (isQuota(error)) throw new StorageFull();
      throw error;
    }
  }

  async remove(keys: string[]): Promise<void> {
    if (keys.length > 0) await this.storage.removeMany(keys);
  }

  keys(): Promise<string[]> {
    return answered(this.storage.getAllKeys());
  }
}
