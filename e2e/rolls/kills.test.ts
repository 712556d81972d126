import type { Browser, Page } from 'puppeteer-core';
import {
  DROPPED,
  emptyDropped,
  EXPOSE,
  fieldReady,
  LAST_FRAME,
  launch,
  openPage,
  pageText,
  pause,
  press,
  SMALL_DNG,
  tap,
  until,
} from '../support/browser';
import { astray, keysInPage, storedCounts } from '../support/stored';
import { servedApp } from '../support/suite';

/**
 * Tabs that are closed or crash at random moments: 60 of them. What had been shown is there
 * afterwards, what was being made is there whole or not at all, and nothing else is left.
 */
jest.setTimeout(300_000);
const app = servedApp();

/** The tab goes: by turns closed, and as it does when it crashes. */
async function kill(page: Page, n: number): Promise<void> {
  if (n % 2 === 1) {
    const client = await page.createCDPSession();
    void client.send('Page.crash').catch(() => {});
    await pause(50);
  }
  await page.close().catch(() => {});
}

const frameIds = async (page: Page): Promise<string[]> =>
  (await page.evaluate(keysInPage, 'velmo-records'))
    .filter((key) => key.startsWith('frame/'))
    .map((key) => key.slice('frame/'.length));

/** A page of the app whose storage is as it should be once what was left half done is swept up. */
async function sweptPage(browser: Browser, address: string): Promise<Page> {
  const { page } = await openPage(browser, app.url + address);
  await until(() => pageText(page), /Expose/);
  await until(async () => String((await storedCounts(page)).halves), /^0$/);
  expect(await astray(page)).toEqual({ litter: [], missing: [] });
  return page;
}

/** Copies a stored frame so many times; returns the ids of the copies. Runs in the page. */
async function copyFrame(id: string, count: number): Promise<string[]> {
  const entries = (name: string) =>
    new Promise<{ db: IDBDatabase; all: Map<string, string> }>((resolve) => {
      const open = indexedDB.open(name);
      open.onsuccess = () => {
        const db = open.result;
        const store = db.transaction('entries').objectStore('entries');
        const all = new Map<string, string>();
        store.openCursor().onsuccess = (event) => {
          const cursor = (event.target as IDBRequest<IDBCursorWithValue | null>).result;
          if (!cursor) return resolve({ db, all });
          all.set(String(cursor.key), String(cursor.value));
          cursor.continue();
        };
      };
    });
  const [records, thumbnails, bytes] = await Promise.all(
    ['velmo-records', 'velmo-thumbnails', 'velmo-bytes'].map(entries),
  );
  const put = (db: IDBDatabase, puts: [string, string][]): Promise<void> =>
    new Promise((resolve) => {
      const transaction = db.transaction('entries', 'readwrite');
      for (const [key, value] of puts) transaction.objectStore('entries').put(value, key);
      transaction.oncomplete = () => resolve();
    });
  const record = JSON.parse(records.all.get(`frame/${id}`)!);
  const ids = Array.from({ length: count }, (_, n) => `000000000-${String(n).padStart(7, '0')}`);
  for (const copy of ids) {
    const chunks = [...bytes.all].filter(([key]) => key.startsWith(`bytes/${id}/`));
    await put(
      bytes.db,
      chunks.map(([key, value]) => [key.replace(id, copy), value]),
    );
    await put(thumbnails.db, [[copy, thumbnails.all.get(id)!]]);
    await put(records.db, [[`frame/${copy}`, JSON.stringify({ ...record, id: copy })]]);
  }
  for (const { db } of [records, thumbnails, bytes]) db.close();
  return ids;
}

let browser: Browser;
beforeEach(async () => {
  browser = await launch();
});
afterEach(() => browser?.close());

/**
 * Waits until the frame under way has got so far; past 1, until it is shown, and a little longer.
 */
async function untilMade(page: Page, share: number): Promise<void> {
  if (share > 1) {
    await page.waitForSelector(LAST_FRAME, { timeout: 60_000 });
    return pause((share - 1) * 1000);
  }
  await page.waitForFunction(
    (expose, percent) =>
      Number(/(\d+) %/.exec(document.querySelector(expose)?.textContent ?? '')?.[1] ?? -1) >=
        percent || document.querySelector('[role=link][aria-label^="Frame"]') !== null,
    { polling: 'raf', timeout: 60_000 },
    EXPOSE,
    Math.floor(100 * share),
  );
}

const CAPTURES = 14;
const DELETIONS = 6;

test('14 captures and 6 deletions: none half done, none lost that had been shown', async () => {
  let shown = new Set<string>();
  for (let n = 0; n < CAPTURES; n++) {
    const page = await sweptPage(browser, SMALL_DNG);
    await fieldReady(page);
    const ids = await frameIds(page);
    for (const id of shown) expect(ids).toContain(id);
    shown = new Set(ids);
    await page.$eval(EXPOSE, (e) => (e as HTMLElement).click());
    // The first is kept: there is one to delete.
    await untilMade(page, n === 0 ? 1.1 : 1.15 * Math.random());
    const last = await page.$eval(LAST_FRAME, (e) => e.getAttribute('href') ?? '').catch(() => '');
    if (last !== '') shown.add(last.slice('/frame/'.length));
    await kill(page, n);
  }
  const [first] = shown;
  const { page: copying } = await openPage(browser, `${app.url}/favicon.svg`);
  const copies = await copying.evaluate(copyFrame, first, DELETIONS);
  await copying.close();
  for (const [n, id] of copies.entries()) {
    const { page } = await openPage(browser, `${app.url}/frame/${id}`);
    await press(page, 'Drop');
    await until(() => pageText(page), /1 frame dropped/);
    await page.goto(app.url + DROPPED);
    await emptyDropped(page);
    await pause(40 * Math.random());
    await kill(page, n);
  }
  const page = await sweptPage(browser, SMALL_DNG);
  const ids = await frameIds(page);
  for (const id of shown) expect(ids).toContain(id);
});

/** So many that a fast machine has not brought them over before the last tab is killed. */
const OLDER = 1500;
/** So many at least are left for the page that is not killed. */
const ENOUGH = 100;

/** Puts frames where versions before kept them. Runs in the page. */
const keepOlder = (count: number): Promise<void> =>
  new Promise((resolve) => {
    const open = indexedDB.open('velmo', 1);
    open.onupgradeneeded = () => open.result.createObjectStore('entries');
    open.onsuccess = () => {
      const transaction = open.result.transaction('entries', 'readwrite');
      const store = transaction.objectStore('entries');
      for (let i = 0; i < count; i++) {
        const id = `abc123def-${String(i).padStart(7, '0')}`;
        const file = { kind: 'jpeg', name: `old-${i}.jpg`, bytes: 3, chunks: 1 };
        const record = {
          version: 1,
          id,
          capturedAt: 1 + i,
          source: 'Test wall (simulated)',
          summary: '1/60 s · ISO 200',
          files: [file],
          thumbnail: 'data:image/jpeg;base64,/9j/2Q==',
        };
        store.put('\u00ff\u00d8\u00ff', `bytes/${id}/${file.name}/0`);
        store.put(JSON.stringify(record), `frame/${id}`);
      }
      transaction.oncomplete = () => {
        open.result.close();
        resolve();
      };
    };
  });

const olderLeft = async (page: Page): Promise<number> =>
  (await page.evaluate(keysInPage, 'velmo')).filter((key) => key.startsWith('frame/')).length;

test('20 times, or until few are left, while frames of before are brought over: all of them come, whole', async () => {
  const { page: first } = await openPage(browser, `${app.url}/favicon.svg`);
  await first.evaluate(keepOlder, OLDER);
  await first.close();
  let left = OLDER;
  let kills = 0;
  for (; kills < 20 && left > ENOUGH; kills++) {
    const { page } = await openPage(browser, 'about:blank');
    await page.goto(`${app.url}/frames`, { waitUntil: 'domcontentloaded' });
    // Some have come with this tab: it goes in the middle of it.
    const before = await olderLeft(page);
    await until(async () => String((left = await olderLeft(page)) < before), /true/);
    await pause(20 * Math.random());
    await kill(page, kills);
  }
  expect(kills).toBeGreaterThan(9);
  const { page } = await openPage(browser, `${app.url}/frames`);
  await until(() => pageText(page), new RegExp(`${OLDER} frames`), 60_000);
  // Their bytes stay where they are; their records are there no more.
  expect(await olderLeft(page)).toBe(0);
  const kept = await page.evaluate(keysInPage, 'velmo');
  expect(kept.filter((key) => key.startsWith('bytes/'))).toHaveLength(OLDER);
  expect(await frameIds(page)).toHaveLength(OLDER);
  expect((await storedCounts(page)).halves).toBe(0);
  await tap(page, LAST_FRAME);
  await until(() => pageText(page), /could not decode this picture/);
});
