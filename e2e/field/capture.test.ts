import { execFileSync } from 'node:child_process';
import { readFileSync } from 'node:fs';
import type { Browser, Page } from 'puppeteer-core';
import { VALID_WITH_DEPTH } from '../../core/test/support/validated';
import {
  axeViolations,
  downloads,
  dropForGood,
  EXPOSE,
  fieldReady,
  LAST_FRAME,
  launch,
  newProfile,
  openLastFrame,
  openPage,
  pageText,
  press,
  pressFirst,
  tap,
  until,
  valueText,
} from '../support/browser';
import { storedCounts, storedRecords } from '../support/stored';
import { servedApp } from '../support/suite';

jest.setTimeout(120_000);
const app = servedApp();

async function withPage(
  query: string,
  work: (page: Page, browser: Browser) => Promise<void>,
): Promise<void> {
  const browser = await launch();
  try {
    const { page } = await openPage(browser, `${app.url}/${query}`);
    await fieldReady(page);
    await work(page, browser);
  } finally {
    await browser.close();
  }
}

const json = (program: string, ...args: string[]): Record<string, unknown> =>
  JSON.parse(execFileSync(program, args, { maxBuffer: 1 << 26 }).toString())[0];

describe('from Expose to a file on the computer', () => {
  test('a 3 MP frame: progress, picture live meanwhile, read back, saved, opened by others, deleted', async () => {
    await withPage('?scene=test-wall&lens=main&time=1/125&iso=100&mp=3', async (page) => {
      const files = await downloads(page);
      expect(await page.$eval(EXPOSE, (e) => e.textContent)).toMatch(/^Expose.*DNG/);
      await tap(page, EXPOSE);
      await until(() => page.$eval(EXPOSE, (e) => e.textContent ?? ''), /Exposing \d+ %/);
      await openLastFrame(page);
      await until(() => pageText(page), /Clipped/);
      const facts = await pageText(page);
      expect(facts).toContain('1/125 s');
      expect(facts).toContain('red 0 %, green 0 %, blue 0 %');
      expect(facts).toContain('1512 × 2016');
      expect(facts).toContain('Simulated');
      expect(await axeViolations(page)).toEqual([]);

      await pressFirst(page, 'Save DNG');
      const saved = await files.next('.dng');
      const tags = json('exiftool', '-json', '-n', '-validate', '-All:All', saved);
      expect(tags).toMatchObject({
        Validate: VALID_WITH_DEPTH,
        ExposureTime: 1 / 128,
        ISO: 100,
        Orientation: 6,
      });
      // The raw that dcraw sees has the grey card where the meter put it: 12.8 % of saturation (ISO
      // 12232).
      const pgm = execFileSync('dcraw', ['-D', '-4', '-t', '0', '-c', saved], {
        maxBuffer: 1 << 26,
      });
      const body = pgm.subarray(pgm.length - 2 * 2016 * 1512);
      let sum = 0;
      let n = 0;
      for (let y = 740; y < 772; y++)
        for (let x = 990; x < 1026; x++)
          if (((x ^ y) & 1) === 1) {
            sum += body.readUInt16BE(2 * (y * 2016 + x)) - 256;
            n++;
          }
      expect(Math.abs(Math.log2(sum / n / 3839 / (10 / 78)))).toBeLessThan(0.05);

      await dropForGood(page);
      const none = JSON.stringify({ frames: 0, chunks: 0, halves: 0 });
      await until(async () => String(JSON.stringify(await storedCounts(page)) === none), /true/);
    });
  });

  test('a frame is what was set when Expose was pressed, and its clipped shares are those of its raw', async () => {
    const query = '?scene=test-wall&lens=main&time=1/30&iso=200&mp=3&white=4000';
    await withPage(query, async (page) => {
      const files = await downloads(page);
      const tapes = {
        Time: await valueText(page, 'Time'),
        ISO: await valueText(page, 'ISO'),
        White: await valueText(page, 'White'),
      };
      // All within one turn of the page: nothing has been asked of the camera in between.
      await page.evaluate((expose) => {
        document.querySelector<HTMLElement>(expose)!.click();
        for (const name of ['Time', 'ISO', 'White']) {
          const tape = document.querySelector(`[role=slider][aria-label="${name}"]`)!;
          for (let i = 0; i < 4; i++)
            tape.dispatchEvent(new KeyboardEvent('keydown', { key: 'ArrowRight', bubbles: true }));
        }
      }, EXPOSE);
      for (const [name, before] of Object.entries(tapes))
        await until(async () => String((await valueText(page, name)) === before), /false/);
      await page.waitForSelector(LAST_FRAME, { timeout: 60_000 });
      const [record] = await storedRecords(page);
      expect(record).toMatchObject({ timeS: 1 / 32, iso: 200, lens: 'main' });
      expect(record.white!.kelvin).toBe(4000);
      await openLastFrame(page);
      await until(() => pageText(page), /Clipped/);
      await pressFirst(page, 'Save DNG');
      const saved = await files.next('.dng');
      const pgm = execFileSync('dcraw', ['-D', '-4', '-t', '0', '-c', saved], {
        maxBuffer: 1 << 26,
      });
      const body = pgm.subarray(pgm.length - 2 * 2016 * 1512);
      const clipped = [0, 0, 0];
      for (let y = 0, at = 0; y < 1512; y++)
        for (let x = 0; x < 2016; x++, at += 2)
          if (body.readUInt16BE(at) >= 4095) clipped[(y & 1) + (x & 1)]++;
      const quarter = (1512 * 2016) / 4;
      const shares = [clipped[0] / quarter, clipped[1] / 2 / quarter, clipped[2] / quarter];
      expect(shares[1]).toBeGreaterThan(0);
      expect(record.clippedShare).toEqual(shares.map((share) => expect.closeTo(share, 9)));
    });
  });

  test('leaving Field while a frame is exposed does not lose it', async () => {
    await withPage('?scene=test-wall&mp=3&time=1/125&iso=100', async (page) => {
      await tap(page, EXPOSE);
      await page.waitForSelector(LAST_FRAME);
      await tap(page, EXPOSE);
      await openLastFrame(page);
      await until(() => pageText(page), /Clipped/);
      await until(async () => String((await storedCounts(page)).frames), /^2$/, 30_000);
      await press(page, '‹ Field');
      await fieldReady(page);
      await until(() => page.$eval(EXPOSE, (e) => e.textContent ?? ''), /^ExposeDNG/);
    });
  });

  test('by choice, light is computed while a framing rests, and anew for another; a frame is stored from it', async () => {
    await withPage('?scene=test-wall&mp=3&time=1/125&iso=100', async (page) => {
      const ahead = async () =>
        String(await page.evaluate(() => performance.getEntriesByName('velmo-light-ahead').length));
      await tap(page, '[aria-label^="Camera and place"]');
      await press(page, 'always');
      await until(ahead, /^1$/, 60_000);
      await pressFirst(page, 'Test wall by lamp');
      await until(ahead, /^2$/, 60_000);
      await tap(page, EXPOSE);
      await openLastFrame(page);
      await until(() => pageText(page), /Test wall by lamp/);
      await until(() => pageText(page), /red \d/);
    });
  });

  test('a 12 MP frame is stored whole, and survives a reload', async () => {
    await withPage('?scene=test-wall&mp=12&time=1/125&iso=100', async (page) => {
      await tap(page, EXPOSE);
      await page.waitForSelector(LAST_FRAME, { timeout: 60_000 });
      await page.reload();
      await fieldReady(page);
      await openLastFrame(page);
      await until(() => pageText(page), /3024 × 4032/);
      await press(page, '100 %');
      await page.waitForSelector('[aria-label="Frame at 100 percent"]');
    });
  });

  test('storage full: the frame is offered as a download at once, and nothing else is lost', async () => {
    const link = `${app.url}/?scene=test-wall&mp=3&time=1/125&iso=100`;
    const profile = newProfile();
    const first = await launch('none', profile);
    const { page: full } = await openPage(first, link);
    await fieldReady(full);
    await tap(full, EXPOSE);
    await full.waitForSelector(LAST_FRAME);
    await first.close();
    // Started anew, and told before the page opens: Chromium asks for the quota when storage is
    // first written to, which a page does as soon as it has obeyed its link.
    const browser = await launch('none', profile);
    try {
      const { page } = await openPage(browser, 'about:blank');
      const client = await page.createCDPSession();
      await client.send('Storage.overrideQuotaForOrigin', {
        origin: app.url,
        quotaSize: 1_000_000,
      });
      await page.goto(link);
      await fieldReady(page);
      await page.waitForSelector(LAST_FRAME);
      const before = await storedCounts(page);
      const files = await downloads(page);
      await tap(page, EXPOSE);
      await until(() => pageText(page), /No room left: this frame waits.*not lost/s, 30_000);
      await tap(page, '[aria-label="Save the frame"]');
      const saved = await files.next('.dng');
      const read = json('exiftool', '-json', '-n', '-validate', saved);
      expect(read.Validate).toEqual(VALID_WITH_DEPTH);
      expect(readFileSync(saved).length).toBeGreaterThan(1e6);
      expect(await storedCounts(page)).toEqual(before);
    } finally {
      await browser.close();
    }
  });
});

describe('stored records that are not as they should be', () => {
  test('unknown, broken and older records: set aside with a message or migrated, never a blank screen', async () => {
    const browser = await launch();
    try {
      const { page } = await openPage(browser, `${app.url}/?scene=test-wall&mp=3`, {
        width: 1280,
        height: 800,
      });
      await fieldReady(page);
      await tap(page, EXPOSE);
      await page.waitForSelector(LAST_FRAME);
      await page.evaluate(
        () =>
          new Promise<void>((resolve) => {
            const open = indexedDB.open('velmo-records');
            open.onsuccess = () => {
              const store = open.result.transaction('entries', 'readwrite').objectStore('entries');
              store.put('{"version":9,"id":"from-the-future"}', 'frame/zzzz-future');
              store.put('{ not even JSON', 'frame/zzzz-broken');
              store.put('', 'frame/zzzz-empty').onsuccess = () => {
                open.result.close();
                resolve();
              };
            };
          }),
      );
      await page.goto(app.url);
      await fieldReady(page);
      await until(
        () => pageText(page),
        /3 of the newest cannot be read by this version and are set aside/,
      );
      expect(await page.$$(LAST_FRAME)).not.toHaveLength(0);
      await page.goto(`${app.url}/frame/zzzz-future`);
      await until(() => pageText(page), /not on this device/);
      await press(page, 'Back to Field');
      await fieldReady(page);
    } finally {
      await browser.close();
    }
  });
});
