import type { Page } from 'puppeteer-core';
import { until } from './browser';

/**
 * Keys of one of the page's databases; none where it does not exist yet (to open it would make it).
 * Runs in the page: it must need nothing from outside.
 */
export const keysInPage = async (name: string): Promise<string[]> => {
  const there = await indexedDB.databases();
  if (!there.some((db) => db.name === name)) return [];
  return new Promise<string[]>((resolve, reject) => {
    // Chromium loses a request that is made while site data are cleared: who asks again is
    // answered.
    setTimeout(() => resolve([]), 3000);
    const open = indexedDB.open(name);
    let isNew = false;
    // Gone since it was seen: what would be made in its place must not be.
    open.onupgradeneeded = () => {
      isNew = true;
      open.transaction!.abort();
    };
    open.onerror = () => (isNew ? resolve([]) : reject(open.error));
    open.onsuccess = () => {
      const keys = open.result.transaction('entries').objectStore('entries').getAllKeys();
      keys.onsuccess = () => {
        open.result.close();
        resolve(keys.result.map(String));
      };
    };
  });
};

/**
 * How many frames and how many chunks of bytes the browser's storage holds, and what is noted as
 * half written.
 */
export async function storedCounts(
  page: Page,
): Promise<{ frames: number; chunks: number; halves: number }> {
  const [records, bytes] = await Promise.all([
    page.evaluate(keysInPage, 'velmo-records'),
    page.evaluate(keysInPage, 'velmo-bytes'),
  ]);
  const count = (prefix: string): number => records.filter((k) => k.startsWith(prefix)).length;
  return { frames: count('frame/'), chunks: bytes.length, halves: count('writing/') };
}

/** Waits until so many frames are stored. */
export const framesStored = (page: Page, count: number): Promise<string> =>
  until(async () => String((await storedCounts(page)).frames), new RegExp(`^${count}$`), 60_000);

/** What the browser's storage holds of a small value that is remembered; null: nothing. */
export const rememberedValue = (page: Page, key: string): Promise<string | null> =>
  page.evaluate(
    (wanted) =>
      new Promise<string | null>((resolve, reject) => {
        const open = indexedDB.open('velmo');
        open.onerror = () => reject(open.error);
        open.onsuccess = () => {
          const get = open.result.transaction('entries').objectStore('entries').get(wanted);
          get.onsuccess = () => {
            open.result.close();
            resolve(get.result === undefined ? null : String(get.result));
          };
        };
      }),
    key,
  );

interface StoredRecord {
  readonly id: string;
  readonly capturedAt: number;
  readonly width: number;
  readonly height: number;
  readonly focusDioptres: number | null;
  readonly series: { readonly id: string; readonly step: number; readonly count: number } | null;
  readonly files: readonly {
    readonly name: string;
    readonly chunks: number;
    readonly bytes: number;
  }[];
  readonly timeS: number | null;
  readonly compClicks: number | null;
  readonly iso: number | null;
  readonly lens: string | null;
  readonly white: { readonly kelvin: number; readonly tint: number } | null;
  readonly clippedShare: readonly number[] | null;
  readonly average: { readonly frames: number } | null;
  /** What it was made of; left out where it was not combined. */
  readonly combined?: {
    readonly sources: readonly string[];
    readonly moved: readonly object[];
    readonly painted?: readonly { readonly frame: number }[];
    readonly finish: { readonly brightness: number } | null;
  } | null;
}

/** Records of all stored frames, as they are kept. */
export const storedRecords = (page: Page) =>
  page.evaluate(
    () =>
      new Promise<StoredRecord[]>((resolve, reject) => {
        const open = indexedDB.open('velmo-records');
        open.onerror = () => reject(open.error);
        open.onsuccess = () => {
          const range = IDBKeyRange.bound('frame/', 'frame/\uffff');
          const all = open.result.transaction('entries').objectStore('entries').getAll(range);
          all.onsuccess = () => {
            open.result.close();
            resolve(all.result.map((text) => JSON.parse(String(text))));
          };
        };
      }),
  );

/** Names of all stored files. */
export const storedNames = async (page: Page): Promise<string[]> =>
  (await storedRecords(page)).flatMap(({ files }) => files.map(({ name }) => name));

/**
 * Chunks of bytes that no stored frame owns, and chunks that one misses; none of either where all
 * is well.
 */
export async function astray(page: Page): Promise<{ litter: string[]; missing: string[] }> {
  const { frames } = await storedCounts(page);
  const records = frames === 0 ? [] : await storedRecords(page);
  const owned = records.flatMap(({ id, files }) =>
    files.flatMap(({ name, chunks }) =>
      Array.from({ length: chunks }, (_, n) => `bytes/${id}/${name}/${n}`),
    ),
  );
  const there = await page.evaluate(keysInPage, 'velmo-bytes');
  return {
    litter: there.filter((key) => !owned.includes(key)),
    missing: owned.filter((key) => !there.includes(key)),
  };
}
