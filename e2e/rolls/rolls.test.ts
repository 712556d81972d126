import type { Page } from 'puppeteer-core';
import {
  axeViolations,
  DROPPED,
  emptyDropped,
  EXPOSE,
  fieldReady,
  LAST_FRAME,
  launch,
  openPage,
  pageText,
  PHONE,
  press,
  stillPlace,
  tap,
  until,
  WIDE,
} from '../support/browser';
import { CELL, cell, cells, cellsAre, expose } from '../support/cells';
import { copyFrames } from '../support/manyFrames';
import { astray, framesStored, storedCounts, storedNames, storedRecords } from '../support/stored';
import { servedApp } from '../support/suite';

jest.setTimeout(120_000);
const app = servedApp();

const JPEG = '/?scene=test-wall&time=1/125&iso=100&mp=3&crop=2&files=jpeg&support=tripod';

/** A browser of its own with so many small frames in it, and Field open. */
async function withFrames(
  count: number,
  work: (page: Page, open: (path: string) => Promise<Page>) => Promise<void>,
): Promise<void> {
  const browser = await launch();
  try {
    const open = async (path: string, viewport = PHONE): Promise<Page> =>
      (await openPage(browser, app.url + path, viewport)).page;
    const page = await open(JPEG);
    await fieldReady(page);
    for (let n = 1; n <= count; n++) await expose(page, n);
    await work(page, open);
  } finally {
    await browser.close();
  }
}

const nameOf = (page: Page, index: number): Promise<string> =>
  page.$eval(cell(index), (e) => e.getAttribute('aria-label') ?? '');
const part = (name: string): string => `[aria-label^="${name}:"]`;
const partSays = (page: Page, name: string, pattern: RegExp): Promise<string> =>
  until(() => page.$eval(part(name), (e) => e.getAttribute('aria-label') ?? ''), pattern);

/** Makes a roll in the sheet that is open. */
async function makeRoll(page: Page, name: string): Promise<void> {
  await press(page, 'New roll ...');
  await page.waitForSelector('[aria-label="New roll"]');
  await page.type('[aria-label="New roll"]', name);
  await press(page, 'Make');
}

describe('rolls', () => {
  test('made in Field: frames lie in it and are called after it; renamed and deleted, its frames stay', async () => {
    await withFrames(1, async (page) => {
      await partSays(page, 'Files and roll', /salt-works/);
      await page.keyboard.press('f');
      await makeRoll(page, 'Shed  by night');
      await press(page, 'Close');
      await partSays(page, 'Files and roll', /Shed by night/);
      await expose(page, 2);
      expect((await storedNames(page)).map((name) => name.replace(/-.*/, '')).sort()).toEqual([
        'Shed',
        'salt',
      ]);
      await tap(page, LAST_FRAME);
      await until(() => pageText(page), /In Shed by night/);
      await press(page, 'All frames');
      await cellsAre(page, 2);
      await tap(page, part('Roll'));
      await press(page, 'Shed by night');
      await partSays(page, 'Roll', /Shed by night 1 frame/);
      await cellsAre(page, 1);
      // The address leads there again.
      await page.reload();
      await partSays(page, 'Roll', /Shed by night 1 frame/);
      await tap(page, part('Roll'));
      await tap(page, '[aria-label="Rename Shed by night"]');
      const { x, y } = await stillPlace(page, '[aria-label="Roll’s name"]');
      await page.mouse.click(x, y, { count: 3 });
      await page.keyboard.type('Evening');
      await page.keyboard.press('Enter');
      await partSays(page, 'Roll', /Evening 1 frame/);
      await tap(page, '[aria-label="Delete roll Evening"]');
      await press(page, 'Keep the frames');
      await until(() => pageText(page), /Roll Evening deleted/);
      await partSays(page, 'Roll', /0 frames/);
      expect(await storedCounts(page)).toMatchObject({ frames: 2 });
      await press(page, 'Close');
      await press(page, 'Undo');
      await partSays(page, 'Roll', /Evening 1 frame/);
      // Field exposes into what is there: the roll was its own, and went.
      await press(page, 'To Field');
      await fieldReady(page);
      await partSays(page, 'Files and roll', /Evening|loose/);
    });
  });

  test('frames are moved, several at once, and back', async () => {
    await withFrames(3, async (page, open) => {
      const roll = await open('/frames');
      await cellsAre(roll, 3);
      await press(roll, 'Choose');
      await tap(roll, cell(0));
      await tap(roll, cell(2));
      await press(roll, 'Move ...');
      await tap(roll, '[aria-label="Move to loose"]');
      await until(() => pageText(roll), /2 frames moved to loose/);
      await tap(roll, part('Roll'));
      await press(roll, 'salt-works');
      await cellsAre(roll, 1);
      await roll.keyboard.press('z');
      await cellsAre(roll, 3);
      // The tab beside it shows the same.
      await page.bringToFront();
      await page.goto(`${app.url}/frames?roll=salt-works`);
      await cellsAre(page, 3);
    });
  });
});

describe('choosing', () => {
  test('by keys: kept and dropped, hidden, taken back; emptied only after it is said how much', async () => {
    await withFrames(3, async (page) => {
      await page.goto(`${app.url}/frames`);
      await cellsAre(page, 3);
      await page.focus(cell(0));
      await page.keyboard.press('k');
      await until(() => nameOf(page, 0), /, kept$/);
      await page.keyboard.press('ArrowRight');
      await page.keyboard.press('d');
      await until(() => pageText(page), /1 frame dropped/);
      await cellsAre(page, 2);
      await page.keyboard.press('z');
      await cellsAre(page, 3);
      await page.focus(cell(1));
      await page.keyboard.press('d');
      await cellsAre(page, 2);
      // The keys go on from the frame that came in its place.
      await until(
        () => page.evaluate(() => document.activeElement?.getAttribute('data-cell') ?? 'nowhere'),
        /^1$/,
      );
      await page.keyboard.press('ArrowLeft');
      await until(
        () => page.evaluate(() => document.activeElement?.getAttribute('data-cell') ?? 'nowhere'),
        /^0$/,
      );
      expect(await axeViolations(page)).toEqual([]);

      await tap(page, part('Which'));
      expect(await axeViolations(page)).toEqual([]);
      await press(page, 'kept');
      await cellsAre(page, 1);
      await press(page, 'dropped');
      await cellsAre(page, 1);
      await until(() => nameOf(page, 0), /, dropped$/);
      await press(page, 'Empty the dropped ...');
      await until(() => pageText(page), /Delete 1 frame, \d+ MB, for good\?/);
      await press(page, 'Leave them');
      expect(await storedCounts(page)).toMatchObject({ frames: 3 });
      await emptyDropped(page);
      await framesStored(page, 2);
      expect(await astray(page)).toEqual({ litter: [], missing: [] });
      await press(page, 'Show all');
      await cellsAre(page, 2);
      await tap(page, part('Room'));
      await until(() => pageText(page), /2 frames here take \d+ MB\..*None of them is dropped/s);
    });
  });

  test('with one thumb: up keeps, down drops, sideways goes on, at the same place and magnification', async () => {
    await withFrames(3, async (page) => {
      await page.goto(`${app.url}/frames?roll=salt-works`);
      await cellsAre(page, 3);
      await tap(page, cell(0));
      const picture = '[data-testid=frame-picture]';
      const swipe = async (dx: number, dy: number): Promise<void> => {
        const { x, y } = await stillPlace(page, picture);
        await page.mouse.move(x, y);
        await page.mouse.down();
        await page.mouse.move(x + dx, y + dy, { steps: 6 });
        await page.mouse.up();
      };
      await until(() => pageText(page), /1 of 3[^]*Size/);
      await swipe(0, -120);
      await page.waitForSelector('[data-testid=notch-kept]');
      await swipe(-120, 0);
      await until(() => pageText(page), /2 of 3[^]*Size/);
      await swipe(0, 120);
      await page.waitForSelector('[data-testid=notch-dropped]');
      // What was dropped keeps its place in the row until the roll is left.
      await press(page, '100 %');
      await page.keyboard.press('ArrowRight');
      await until(() => pageText(page), /3 of 3[^]*Size/);
      await page.waitForSelector('[aria-label="Frame at 100 percent"]');
      const { x, y } = await stillPlace(page, picture);
      await page.mouse.move(x, y);
      await page.mouse.wheel({ deltaY: -120 });
      await page.waitForSelector('[aria-label="Frame at 200 percent"]');
      await press(page, '100 %');
      await page.waitForSelector('[aria-label="Frame at 100 percent"]');
      await page.keyboard.press('ArrowLeft');
      await until(() => pageText(page), /2 of 3[^]*Size/);
      expect(await axeViolations(page)).toEqual([]);
      await press(page, '‹ Roll');
      await cellsAre(page, 2);
      await until(() => nameOf(page, 0), /, kept$/);
    });
  });

  test('filters and order stand in the address', async () => {
    await withFrames(2, async (page) => {
      await page.goto(`${app.url}/frames?place=test-wall&order=oldest`);
      await cellsAre(page, 2);
      const ids = (await storedRecords(page)).map(({ id }) => id).sort();
      await tap(page, cell(0));
      await until(async () => page.url(), new RegExp(ids[0]));
      await page.goto(`${app.url}/frames?place=sluice-at-dusk`);
      await until(() => pageText(page), /None of the 2 frames here is like that/);
      await tap(page, part('Which'));
      await press(page, 'Show all');
      await cellsAre(page, 2);
      await page.goto(`${app.url}${DROPPED}&order=nonsense&roll=nowhere`);
      await until(() => pageText(page), /Nothing in this roll yet/);
    });
  });
});

test('5,000 frames: only those in sight are there, any of them is reached, wide screens use their width', async () => {
  await withFrames(1, async (page, open) => {
    await copyFrames(page, 5000);
    const roll = await open('/frames');
    await partSays(roll, 'Roll', /5000 frames/);
    await roll.waitForSelector(cell(0));
    expect(await cells(roll)).toBeLessThan(40);
    await roll.$eval('[data-testid=contact-sheet]', (e) => e.scrollTo(0, e.scrollHeight));
    await roll.waitForSelector(cell(4999));
    expect(await cells(roll)).toBeLessThan(40);
    await until(() => nameOf(roll, 4999), /Test wall/);
    await roll.setViewport(WIDE);
    await until(
      async () =>
        String(
          await roll.$$eval(CELL, (all) => {
            const top = all[0].getBoundingClientRect().top;
            return all.filter((e) => e.getBoundingClientRect().top === top).length;
          }),
        ),
      /^6$/,
    );
  });
});

describe('best of many', () => {
  test('ranks a burst by what is measured on its raws, says why, and drops the others in one press', async () => {
    const burst =
      '/?scene=packing-bench&time=1/15&iso=100&nd=3&mp=3&crop=2&files=dng&support=hand&series=burst:4';
    const browser = await launch();
    try {
      const { page } = await openPage(browser, app.url + burst, PHONE);
      await fieldReady(page);
      await tap(page, EXPOSE);
      await framesStored(page, 4);
      const stack = '[role=link][aria-label^="Series of 4 frames"]';
      await page.waitForSelector(stack);
      await tap(page, stack);
      await press(page, 'Best of 4 ...');
      await until(() => pageText(page), /As sharp as the next|Sharpest: \d\.\d+ times the next/);
      const said = await pageText(page);
      expect(said).toMatch(/Best of 4 · burst/);
      expect(said).toMatch(/less their noise, where focus was asked for; 100 is the sharpest/);
      expect(said.match(/\d+ % of the first’s detail/g)).toHaveLength(3);
      expect(
        said.match(/detail \d+ · smear .* · clipped .* · noise 1\/\d+ of the light/g),
      ).toHaveLength(4);
      // From most detail to least: nothing clips here, and the noise differs by little.
      expect(said.match(/clipped 0 %/g)).toHaveLength(4);
      const details = [...said.matchAll(/detail (\d+) ·/g)].map(([, d]) => Number(d));
      for (const [i, detail] of details.entries())
        expect(detail).toBeGreaterThanOrEqual(Math.max(...details.slice(i)) - 2);
      expect(await axeViolations(page)).toEqual([]);
      await press(page, 'Drop the other 3');
      await until(() => pageText(page), /3 frames dropped/);
      await page.goto(`${app.url}/frames`);
      await cellsAre(page, 1);
      await until(() => nameOf(page, 0), /burst 1 of 4/);
    } finally {
      await browser.close();
    }
  });
});
