import type { Page } from 'puppeteer-core';
import {
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
  serve,
  SMALL_DNG,
  tap,
  until,
} from '../support/browser';
import { contrastOf, picture } from '../support/pictures';
import { astray, framesStored, storedCounts, storedNames } from '../support/stored';
import { servedApp } from '../support/suite';

jest.setTimeout(120_000);
const app = servedApp();

/** A browser of its own with Field open; `before` runs in the page before anything of it does. */
async function withField(
  work: (page: Page, open: (link?: string) => Promise<Page>) => Promise<void>,
  before?: () => void,
): Promise<void> {
  const browser = await launch();
  try {
    const open = async (link = SMALL_DNG): Promise<Page> => {
      const { page } = await openPage(browser, 'about:blank');
      if (before) await page.evaluateOnNewDocument(before);
      await page.goto(app.url + link);
      return page;
    };
    const page = await open();
    await fieldReady(page);
    await work(page, open);
  } finally {
    await browser.close();
  }
}

/**
 * Field in a browser whose storage takes no more than a megabyte, with one frame in it from before.
 */
async function withFullDisk(
  work: (page: Page, room: (bytes: number) => Promise<void>) => Promise<void>,
): Promise<void> {
  const profile = newProfile();
  const first = await launch('none', profile);
  const { page: before } = await openPage(first, app.url + SMALL_DNG);
  await fieldReady(before);
  await tap(before, EXPOSE);
  await framesStored(before, 1);
  await first.close();
  // Started anew, and told before the page opens: Chromium asks for the quota when storage is first
  // written to.
  const browser = await launch('none', profile);
  try {
    const { page } = await openPage(browser, 'about:blank');
    const client = await page.createCDPSession();
    const room = async (quotaSize: number): Promise<void> => {
      await client.send('Storage.overrideQuotaForOrigin', { origin: app.url, quotaSize });
    };
    await room(1_000_000);
    await page.goto(app.url + SMALL_DNG);
    await fieldReady(page);
    await page.waitForSelector(LAST_FRAME);
    await work(page, room);
  } finally {
    await browser.close();
  }
}

const unsaved = (page: Page, pattern: RegExp): Promise<string> =>
  until(() => pageText(page), pattern, 40_000);

describe('a full disk', () => {
  test('every frame waits, through all that is done meanwhile, and each can be saved', async () => {
    await withFullDisk(async (page) => {
      const files = await downloads(page);
      await tap(page, EXPOSE);
      await unsaved(page, /No room left: this frame waits/);
      await tap(page, EXPOSE);
      await unsaved(page, /No room left: 2 frames wait/);
      await page.keyboard.press('u');
      await page.keyboard.press('n');
      await openLastFrame(page);
      await until(() => pageText(page), /Clipped/);
      await press(page, 'All frames');
      await unsaved(page, /2 frames are only in this page/);
      await press(page, 'Save all 2');
      expect(await files.next('.dng')).toMatch(/\.dng$/);
      await unsaved(page, /saved to the computer/);
      expect(await storedCounts(page)).toMatchObject({ frames: 1, halves: 0 });
      expect(await astray(page)).toEqual({ litter: [], missing: [] });
    });
  });

  test('when room is made, what waits is stored by itself', async () => {
    await withFullDisk(async (page, room) => {
      await tap(page, EXPOSE);
      await unsaved(page, /this frame waits/);
      await press(page, 'Make room');
      await unsaved(page, /One frame is only in this page/);
      // Not even a decision fits: what is to go can be deleted all the same.
      await press(page, 'Choose');
      await tap(page, '[role=checkbox]');
      await press(page, 'Drop');
      await until(() => pageText(page), /No room is left even to note that/);
      await press(page, 'Delete for good');
      await framesStored(page, 0);
      await room(500_000_000);
      await until(
        async () => String(/only in this page/.test(await pageText(page))),
        /false/,
        30_000,
      );
      await framesStored(page, 1);
      expect(await pageText(page)).toMatch(/1 frame\b/);
      expect(await astray(page)).toEqual({ litter: [], missing: [] });
    });
  });
});

describe('storage that fails', () => {
  test('site data cleared in an open tab: the next frame is stored, without a reload', async () => {
    await withField(async (page) => {
      await tap(page, EXPOSE);
      await framesStored(page, 1);
      const client = await page.createCDPSession();
      await client.send('Storage.clearDataForOrigin', {
        origin: app.url,
        storageTypes: 'indexeddb',
      });
      await tap(page, EXPOSE);
      await framesStored(page, 1);
      await openLastFrame(page);
      await until(() => pageText(page), /Clipped/);
    });
  });

  test('a database of a newer version: said where frames are, and a new frame is handed over', async () => {
    const browser = await launch();
    try {
      const { page } = await openPage(browser, `${app.url}/favicon.svg`);
      await page.evaluate(
        () =>
          new Promise<void>((resolve, reject) => {
            const newer = indexedDB.open('velmo-records', 99);
            newer.onsuccess = () => {
              newer.result.close();
              resolve();
            };
            newer.onerror = () => reject(newer.error);
          }),
      );
      await page.goto(app.url + SMALL_DNG);
      await fieldReady(page);
      await page.waitForSelector('[aria-label^="Frames that cannot be read"]');
      const files = await downloads(page);
      await tap(page, EXPOSE);
      await unsaved(page, /Not stored: this frame waits/);
      await tap(page, '[aria-label="Save the frame"]');
      expect(await files.next('.dng')).toMatch(/\.dng$/);
      await tap(page, '[aria-label^="Frames that cannot be read"]');
      await until(() => pageText(page), /cannot be read just now.*New frames can be made/s);
    } finally {
      await browser.close();
    }
  });
});

test('frames of before are brought over: seen, opened, deleted', async () => {
  const browser = await launch();
  try {
    const { page } = await openPage(browser, `${app.url}/favicon.svg`);
    await page.evaluate(
      () =>
        new Promise<void>((resolve) => {
          const open = indexedDB.open('velmo', 1);
          open.onupgradeneeded = () => open.result.createObjectStore('entries');
          open.onsuccess = () => {
            const store = open.result.transaction('entries', 'readwrite').objectStore('entries');
            const file = { kind: 'jpeg', name: 'old.jpg', bytes: 3, chunks: 1 };
            const record = {
              version: 1,
              id: 'abc123def-0000001',
              capturedAt: 1,
              source: 'Test wall (simulated)',
              summary: '1/60 s · ISO 200',
              files: [file],
              thumbnail: 'data:image/jpeg;base64,/9j/2Q==',
            };
            store.put('\u00ff\u00d8\u00ff', `bytes/${record.id}/old.jpg/0`);
            store.put(JSON.stringify(record), `frame/${record.id}`).onsuccess = () => {
              open.result.close();
              resolve();
            };
          };
        }),
    );
    await page.goto(`${app.url}/frames`);
    await until(() => pageText(page), /All frames\s+1 frame/);
    await tap(page, LAST_FRAME);
    await until(() => pageText(page), /Test wall \(simulated\)/);
    await dropForGood(page);
    await until(() => pageText(page), /No frame yet/);
  } finally {
    await browser.close();
  }
});

/** Keys that open a sheet of Field. */
const SHEETS = ['m', 'r', 'v', 'w', 'k', 'f', 'j'] as const;

describe('without the server', () => {
  test('every step of a frame works, from the first press to the list of all frames: what they need was loaded before', async () => {
    const own = await serve();
    const browser = await launch();
    try {
      const { page } = await openPage(browser, own.url + SMALL_DNG);
      await fieldReady(page);
      // What is loaded ahead is loaded once the workers of captures and frames answer.
      await page.waitForNetworkIdle({ idleTime: 1500 });
      own.stop();
      await tap(page, EXPOSE);
      await page.waitForSelector(LAST_FRAME, { timeout: 60_000 });
      for (const key of SHEETS) {
        await page.keyboard.press(key);
        await page.waitForSelector('[role=region][tabindex="-1"]');
        await page.keyboard.press('Escape');
        await page.waitForSelector('[role=region][tabindex="-1"]', { hidden: true });
      }
      await page.keyboard.press('o');
      await page.waitForSelector('[data-testid=loupe] canvas');
      await page.keyboard.press('Escape');
      const files = await downloads(page);
      await openLastFrame(page);
      await until(() => pageText(page), /Clipped/);
      await press(page, '100 %');
      await page.waitForSelector('[aria-label="Frame at 100 percent"]');
      await pressFirst(page, 'Save DNG');
      expect(await files.next('.dng')).toMatch(/\.dng$/);
      await press(page, 'All frames');
      await until(() => pageText(page), /1 frame\b/);
    } finally {
      await browser.close();
      own.stop();
    }
  });
});

describe('workers that go', () => {
  /** Keeps every worker the page starts, by its script. */
  const keepWorkers = (): void => {
    const Started = window.Worker;
    const all = new Set<{ url: string; worker: Worker }>();
    const scripts = new Map<string, Blob>();
    const makeUrl = URL.createObjectURL.bind(URL);
    URL.createObjectURL = (blob: Blob) => {
      const url = makeUrl(blob);
      scripts.set(url, blob);
      return url;
    };
    Object.assign(window, { startedWorkers: all, workerScripts: scripts });
    window.Worker = new Proxy(Started, {
      construct(target, args: [string | URL, WorkerOptions?]) {
        const worker = new target(...args);
        const started = { url: String(args[0]), worker };
        all.add(started);
        const end = worker.terminate.bind(worker);
        worker.terminate = () => {
          all.delete(started);
          end();
        };
        return worker;
      },
    });
  };
  /**
   * Ends all workers of a script, once Expose says something; returns how many they were, 0 where
   * it did not say it. Runs in the page: a step may last for a frame or two. Where Expose need say
   * nothing, all that have been started run first: one that goes before is missed after 30 s only.
   */
  const endWorkers = (page: Page, kind: string, said = ''): Promise<number> =>
    page.evaluate(
      async (named, pattern, expose) => {
        const { startedWorkers, workerScripts } = window as unknown as {
          startedWorkers: Set<{ url: string; worker: Worker }>;
          workerScripts: Map<string, Blob>;
        };
        const words = (): string => document.querySelector(expose)?.textContent ?? '';
        const wanted = new RegExp(pattern);
        let busy = false;
        while (pattern !== '' && !wanted.test(words())) {
          // A step may be over before it has been shown.
          if (busy && /^ExposeDNG/.test(words())) return 0;
          busy ||= /Exposing/.test(words());
          await new Promise((resolve) => setTimeout(resolve, 2));
        }
        const running = async (): Promise<number> =>
          (await navigator.locks.query()).held!.filter((l) => l.name!.startsWith('velmo-worker-'))
            .length;
        while (pattern === '' && (await running()) < startedWorkers.size)
          await new Promise((resolve) => setTimeout(resolve, 20));
        // On an isolated page a worker's own script is a few lines, which name the script it runs.
        const all = [...startedWorkers];
        const scripts = await Promise.all(
          all.map(async ({ url }) => (await workerScripts.get(url)?.text()) ?? url),
        );
        const found = all.filter((_, i) => scripts[i].includes(named));
        for (const { worker } of found) worker.terminate();
        return found.length;
      },
      kind,
      said,
      EXPOSE,
    );

  /** Steps of a capture, by what Expose says of it. */
  const STEPS = ['Exposing 0 %', 'Exposing [1-9]', 'Exposing 8', 'Storing'];

  test.each(['simulatedCapture', 'frameStore'])(
    '%s, at every step of a capture: the frame is made and kept all the same, or said not to be',
    async (kind) => {
      await withField(async (page) => {
        for (const [k, step] of STEPS.entries()) {
          await tap(page, EXPOSE);
          const ended = await endWorkers(page, kind, step);
          if (step !== 'Storing') expect(ended).toBeGreaterThan(0);
          await until(() => page.$eval(EXPOSE, (e) => e.textContent ?? ''), /^ExposeDNG/, 60_000);
          const { frames } = await storedCounts(page);
          const said = await pageText(page);
          // Only what puts the frame together cannot be done again: the frame went with it.
          if (frames === k) {
            expect(kind).toBe('simulatedCapture');
            expect(said).toMatch(/this frame was not made.*Press again/s);
            await tap(page, EXPOSE);
          }
          await framesStored(page, k + 1);
          expect(await astray(page)).toEqual({ litter: [], missing: [] });
        }
      }, keepWorkers);
    },
  );

  test('simulatedLive, while the picture runs: said, and trying again brings it back', async () => {
    await withField(async (page) => {
      expect(await endWorkers(page, 'simulatedLive')).toBe(1);
      await until(() => pageText(page), /makes the live picture stopped/);
      await press(page, 'Try again');
      await fieldReady(page);
      await tap(page, EXPOSE);
      await framesStored(page, 1);
    }, keepWorkers);
  });

  test('frameView, before a frame is opened: another opens it', async () => {
    await withField(async (page) => {
      await tap(page, EXPOSE);
      await page.waitForSelector(LAST_FRAME, { timeout: 60_000 });
      // It is started when the page is idle.
      await until(async () => String(await endWorkers(page, 'frameView')), /^[1-9]/);
      await openLastFrame(page);
      await until(() => pageText(page), /Clipped/);
    }, keepWorkers);
  });

  test('frameView, while a frame is read, and while it is shown: another reads and shows it', async () => {
    await withField(async (page) => {
      await tap(page, EXPOSE);
      await page.waitForSelector(LAST_FRAME, { timeout: 60_000 });
      await openLastFrame(page);
      await until(() => pageText(page), /Reading the raw|Clipped/);
      expect(await endWorkers(page, 'frameView')).toBeGreaterThan(0);
      await until(() => pageText(page), /Clipped/);
      await page.evaluate(() => performance.clearMeasures());
      expect(await endWorkers(page, 'frameView')).toBeGreaterThan(0);
      await page.waitForFunction(
        () => performance.getEntriesByName('velmo-frame/statistics').length > 0,
      );
      await press(page, '100 %');
      const shown = '[aria-label="Frame at 100 percent"]';
      await until(async () => String(contrastOf(await picture(page, shown)) > 10), /true/);
    }, keepWorkers);
  });
});

test('two tabs that store at once give no name twice, and see each other’s frames', async () => {
  await withField(async (one, open) => {
    const two = await open();
    await fieldReady(two);
    for (let k = 0; k < 3; k++) {
      for (const page of [one, two]) await page.$eval(EXPOSE, (e) => (e as HTMLElement).click());
      await framesStored(one, 2 * (k + 1));
    }
    const names = await storedNames(one);
    expect(new Set(names.map((name) => name.toLowerCase())).size).toBe(6);
    await one.bringToFront();
    await openLastFrame(one);
    await press(one, 'All frames');
    await until(() => pageText(one), /6 frames/);
  });
});

describe('by keyboard', () => {
  test('Enter and Space open a frame; keys of Field are not those of other screens', async () => {
    await withField(async (page) => {
      await tap(page, EXPOSE);
      await page.waitForSelector(LAST_FRAME, { timeout: 60_000 });
      for (const key of ['Enter', 'Space'] as const) {
        await page.focus(LAST_FRAME);
        await page.keyboard.press(key);
        await until(() => pageText(page), /Clipped/);
        await page.keyboard.down('Shift');
        await page.keyboard.press('A');
        await page.keyboard.up('Shift');
        await press(page, '‹ Field');
        await fieldReady(page);
        expect(await page.$eval('[aria-label="Time"]', (e) => e.textContent)).toMatch(
          /set|held|1\/125/,
        );
        expect(await page.$eval('[aria-label="Time"]', (e) => e.textContent)).not.toMatch(/auto/);
      }
    });
  });

  test('a sheet takes the focus and gives it back', async () => {
    await withField(async (page) => {
      const focused = (): Promise<string> =>
        page.evaluate(() => document.activeElement?.getAttribute('aria-label') ?? 'nothing');
      await page.focus('[aria-label^="Meter"]');
      const before = await focused();
      await page.keyboard.press('Enter');
      await page.waitForSelector('[role=region][aria-label^="Meter"]');
      expect(await focused()).toMatch(/^Meter · /);
      await page.keyboard.press('Escape');
      await until(
        async () => String((await focused()).split(':')[0] === before.split(':')[0]),
        /true/,
      );
    });
  });
});

describe('any address', () => {
  const HOSTILE = [
    '?time=1&time=2',
    '?toString=x',
    '?__proto__=x',
    '?valueOf=1&mode=2',
    '?constructor=1',
    '_sitemap',
    '?scene[]=a',
    'frame/..%2f',
    'frame/%E0%A4%A',
    '%',
    '?%',
    'frame/',
    'frames/x',
    '+not-found',
    'frame/[id]',
    'a.b',
    'frame/a.b',
    '?screen=frame&params=x',
    '?time=%E0%A4%A',
    '#%',
  ];
  let seed = 7;
  const random = (below: number): number => (seed = (seed * 48271) % 0x7fffffff) % below;
  const PIECES = [
    'frame',
    '/',
    '?',
    '&',
    '=',
    'time',
    'scene',
    '%2f',
    '%',
    '[',
    ']',
    '..',
    'toString',
    '1',
    '#',
  ];
  const made = Array.from({ length: 40 }, () =>
    Array.from({ length: 1 + random(7) }, () => PIECES[random(PIECES.length)]).join(''),
  );
  test.each([
    ['hostile', HOSTILE],
    ['made', made.slice(0, 20)],
    ['made', made.slice(20)],
  ])('ends on a screen that works: %s', async (_, addresses) => {
    const browser = await launch();
    try {
      const { page } = await openPage(browser, `${app.url}/`);
      const errors: string[] = [];
      page.on('pageerror', (error) => errors.push(String(error)));
      for (const address of addresses) {
        await page.goto(`${app.url}/${address}`);
        const said = await until(
          () => pageText(page),
          /Expose|Back to Field|Go to Field|To Field|Best of/,
          // Twice ten seconds, should the browser not open a database that the page before used.
          40_000,
        ).catch(() => `nothing at ${address}`);
        expect(said).not.toMatch(/^nothing at/);
      }
      expect(errors).toEqual([]);
    } finally {
      await browser.close();
    }
  });
});
