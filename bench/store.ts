import type { Browser, CDPSession, Page } from 'puppeteer-core';
import {
  EXPOSE,
  fieldReady,
  LAST_FRAME,
  launch,
  openPage,
  refined,
  serve,
  SMALL_DNG,
  tap,
} from '../e2e/browser';
import { compared, median, type Result } from './measure';

const MANY = 5000;
const FEW = 20;
const ROUNDS = 9;

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

interface Figures {
  readonly picture: number;
  readonly stored: number;
  readonly work: number;
}

/** Milliseconds the page's main thread has worked so far. */
const workedMs = async (client: CDPSession): Promise<number> => {
  const { metrics } = await client.send('Performance.getMetrics');
  return 1000 * metrics.find(({ name }) => name === 'TaskDuration')!.value;
};

async function measured(browser: Browser, url: string): Promise<Figures> {
  const start = performance.now();
  const { page } = await openPage(browser, url + SMALL_DNG);
  await fieldReady(page);
  const picture = performance.now() - start;
  await page.waitForSelector(LAST_FRAME);
  // What the page does once it is open is over: what follows is the shot's.
  await refined(page);
  await page.waitForNetworkIdle({ idleTime: 1000 });
  const client = await page.createCDPSession();
  await client.send('Performance.enable');
  await page.evaluate(() => performance.clearMeasures());
  const before = await workedMs(client);
  await tap(page, EXPOSE);
  const stored = await storedMs(page);
  const work = (await workedMs(client)) - before;
  await page.close();
  return { picture, stored, work };
}

const storedMs = async (page: Page): Promise<number> => {
  await page.waitForFunction(() => performance.getEntriesByName('velmo-capture/total').length > 0, {
    timeout: 120_000,
  });
  return page.evaluate(() => performance.getEntriesByName('velmo-capture/total')[0].duration);
};

/** A browser with so many frames stored. */
async function browserWith(count: number, url: string): Promise<Browser> {
  const browser = await launch();
  const { page } = await openPage(browser, url + SMALL_DNG);
  await fieldReady(page);
  await tap(page, EXPOSE);
  await page.waitForSelector(LAST_FRAME, { timeout: 60_000 });
  // The compiler names functions by a helper that the page does not have.
  await page.evaluate('globalThis.__name = (f) => f');
  await page.evaluate(multiply, count);
  await page.close();
  return browser;
}

/** What 5,000 stored frames cost against 20, turn by turn in one run. */
export async function storeBench(): Promise<Result[]> {
  const app = await serve();
  const browsers = [await browserWith(MANY, app.url), await browserWith(FEW, app.url)];
  try {
    const figures: Figures[][] = [[], []];
    for (let round = 0; round < ROUNDS; round++)
      for (const [i, browser] of browsers.entries())
        figures[i].push(await measured(browser, app.url));
    const result = (name: string, of: (f: Figures) => number, what: string): Result =>
      compared(
        `store/${name}`,
        median(figures[0].map(of)),
        median(figures[1].map(of)),
        'ms',
        `${what}, ${MANY} frames stored against ${FEW}; median of ${ROUNDS}; at most 1.1 times as much`,
      );
    return [
      result('first-picture', (f) => f.picture, 'navigation to first readings'),
      result('expose-to-stored', (f) => f.stored, 'press of Expose to stored 3 MP DNG'),
      result('main-thread', (f) => f.work, 'work of the main thread from press to stored'),
    ];
  } finally {
    for (const browser of browsers) await browser.close();
    app.stop();
  }
}
