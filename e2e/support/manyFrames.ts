import type { Page } from 'puppeteer-core';

/** Copies the one stored frame, with few bytes, until there are so many. Runs in the page. */
async function multiply(count: number): Promise<void> {
  const open = (name: string): Promise<IDBDatabase> =>
    new Promise((resolve, reject) => {
      const request = indexedDB.open(name);
      request.onsuccess = () => resolve(request.result);
      request.onerror = () => reject(request.error);
    });
  const [records, thumbnails, bytes] = await Promise.all(
    ['velmo-records', 'velmo-thumbnails', 'velmo-bytes'].map(open),
  );
  const all = <T>(db: IDBDatabase, what: 'getAllKeys' | 'getAll'): Promise<T[]> =>
    new Promise((resolve) => {
      const request = db.transaction('entries').objectStore('entries')[what]();
      request.onsuccess = () => resolve(request.result as T[]);
    });
  const keys = (await all<string>(records, 'getAllKeys')).map(String);
  const texts = await all<string>(records, 'getAll');
  const record = JSON.parse(texts[keys.findIndex((key) => key.startsWith('frame/'))]);
  const [thumbnail] = await all<string>(thumbnails, 'getAll');
  const put = (db: IDBDatabase, entries: [string, string][]): Promise<void> =>
    new Promise((resolve, reject) => {
      const transaction = db.transaction('entries', 'readwrite');
      const store = transaction.objectStore('entries');
      for (const [key, value] of entries) store.put(value, key);
      transaction.oncomplete = () => resolve();
      transaction.onerror = () => reject(transaction.error);
    });
  const copies = Array.from({ length: count - 1 }, (_, i) => {
    const id = `000000000-${String(i).padStart(7, '0')}`;
    const stem = `copy-${i}`;
    const files = [{ ...record.files[0], name: `${stem}.dng`, chunks: 1 }];
    return { ...record, id, stem, capturedAt: i, files };
  });
  await put(
    records,
    copies.flatMap((copy): [string, string][] => [
      [`frame/${copy.id}`, JSON.stringify(copy)],
      [`name/${copy.stem}`, copy.id],
    ]),
  );
  await put(
    thumbnails,
    copies.map(({ id }) => [id, thumbnail]),
  );
  await put(
    bytes,
    copies.map(({ id, stem }) => [`bytes/${id}/${stem}.dng/0`, 'AAAA']),
  );
  for (const db of [records, thumbnails, bytes]) db.close();
}

/** Stores copies of the newest frame, with few bytes, until there are so many frames. */
export async function copyFrames(page: Page, count: number): Promise<void> {
  // The compiler names functions by a helper that the page does not have.
  await page.evaluate('globalThis.__name = (f) => f');
  await page.evaluate(multiply, count);
}
