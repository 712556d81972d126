import { execFileSync } from 'node:child_process';
import type { Page } from 'puppeteer-core';
import {
  axeViolations,
  downloads,
  EXPOSE,
  fieldReady,
  launch,
  openPage,
  pageText,
  PHONE,
  press,
  refined,
  slider,
  tap,
  until,
  valueText,
  WINDOW,
} from '../support/browser';
import { cell, cellsAre, expose } from '../support/cells';
import { framesStored, storedRecords } from '../support/stored';
import { servedApp } from '../support/suite';

jest.setTimeout(180_000);
const app = servedApp();

const PLACE = '/?lens=main&mp=3&crop=2&files=dng&support=tripod&focus=inf&nd=0&iso=100';
const SHED = `${PLACE}&scene=drying-shed&time=1/250&series=bracket:5:2`;
const SLUICE = `${PLACE}&scene=sluice-at-dusk&time=1/15&series=bracket:3:2`;
const BURST = `${PLACE}&scene=packing-bench&time=1/15&series=burst:4`;

const BENCH =
  '/?lens=main&mp=3&files=dng&support=tripod&nd=0&iso=100&scene=packing-bench&time=1/25&series=focus:at:0.33m:0.5m:1.2m';

const NIGHT =
  '/?lens=main&mp=3&crop=2&files=dng&support=tripod&nd=0&iso=1600&scene=stars-over-the-pans&time=8&focus=inf&clock=15&series=interval:3:4';

const PICTURE = '[data-testid=combined]';
const STACK = '[role=link][aria-label^="Series of"]';

/** A series taken in Field, and what is done with its stack. */
async function withStack(
  link: string,
  count: number,
  work: (page: Page) => Promise<void>,
): Promise<void> {
  const browser = await launch();
  try {
    const { page } = await openPage(browser, app.url + link, PHONE);
    await fieldReady(page);
    await tap(page, EXPOSE);
    await framesStored(page, count);
    await page.waitForSelector(STACK);
    await tap(page, STACK);
    await work(page);
  } finally {
    await browser.close();
  }
}

/** The stack opened in Combine, with its frames combined. */
async function combined(page: Page, count: number): Promise<void> {
  await press(page, `Combine ${count} ...`);
  await isCombined(page);
}

async function isCombined(page: Page): Promise<void> {
  await page.waitForSelector(PICTURE);
  await page.waitForSelector('[aria-label="The frames combined, small"]');
}

const frameAddress = (page: Page): Promise<string> =>
  until(() => page.evaluate(() => location.pathname), /^\/frame\//);

const made = async (page: Page): Promise<void> => {
  await press(page, 'Make the frame');
  await until(() => pageText(page), /Made of \d+ frames/);
  // What the frame holds is there: nothing moves any more.
  await until(() => pageText(page), /\nSize\n/);
};

/** The record of the combined frame, and of all others by their ids. */
async function records(page: Page) {
  const all = await storedRecords(page);
  const [result] = all.filter(({ combined: recipe }) => recipe);
  return { all, result };
}

describe('combine', () => {
  test('merges a bracket of the shed from its stack into a frame that names its sources', async () => {
    await withStack(SHED, 5, async (page) => {
      await combined(page, 5);
      const said = await pageText(page);
      expect(said).toMatch(/Combine 5 frames/);
      expect(said).toMatch(/Nothing moved between the frames\./);
      expect(said).toMatch(/Whole range/);
      expect(await axeViolations(page)).toEqual([]);
      // Each frame as a bar: the least exposed first, what it holds two stops above the next.
      const bars = await page.$$eval('[role=switch]', (all) =>
        all.map((e) => e.getAttribute('aria-label') ?? ''),
      );
      const held = bars.map((bar) => / ([+−]\d+) to ([+−]\d+) stops$/.exec(bar)!.slice(1, 3));
      const tops = held.map(([top]) => Number(top.replace('−', '-')));
      expect(tops).toEqual([0, 1, 2, 3, 4].map((i) => tops[0] - 2 * i));
      await made(page);
      await framesStored(page, 6);
      const { all, result } = await records(page);
      const sources = all.filter(({ id }) => id !== result.id).map(({ id }) => id);
      expect([...result.combined!.sources].sort()).toEqual(sources.sort());
      expect(result).toMatchObject({ origin: 'combined', clippedShare: [0, 0, 0] });
      expect(result.files.map(({ name }) => name)).toEqual([
        expect.stringMatching(/-merged\.dng$/),
        expect.stringMatching(/-merged\.jpg$/),
      ]);
      // What is looked at is the finished picture; the raw is a tap away.
      await until(() => pageText(page), /in its DNG: this is the finished picture/);
      const saving = await downloads(page);
      await press(page, `Save JPEG · ${(result.files[1].bytes / 1e6).toFixed(1)} MB`);
      const tags = execFileSync('exiftool', ['-validate', '-s', await saving.next('.jpg')]);
      expect(tags.toString()).toMatch(/Validate\s+: OK/);
      await press(page, 'raw');
      await until(() => pageText(page), /raw mosaic/);
      expect(await pageText(page)).toMatch(
        /Merged from 5 exposures, each weighted by its noise, in linear raw light/,
      );
      // It lies beside its stack in the roll.
      await page.goto(`${app.url}/frames`);
      await cellsAre(page, 2);
    });
  });

  test('leaves frames out, sets the picture, and makes it again with other choices', async () => {
    await withStack(SHED, 5, async (page) => {
      await combined(page, 5);
      await tap(page, '[role=switch][aria-label^="Frame 5"]');
      await until(() => pageText(page), /Combine 4 of 5 frames/);
      await isCombined(page);
      const brightness = slider('Brightness');
      await page.focus(brightness);
      await page.keyboard.press('ArrowRight');
      await page.keyboard.press('ArrowRight');
      const set = await valueText(page, 'Brightness');
      await press(page, '16 bits');
      await made(page);
      const { result } = await records(page);
      expect(result.combined).toMatchObject({ way: 'merge', floating: false });
      expect(result.combined!.sources).toHaveLength(4);
      expect(Math.abs(result.combined!.finish!.brightness)).toBeCloseTo(2 / 3, 6);
      await press(page, 'Combine again ...');
      await isCombined(page);
      expect(await valueText(page, 'Brightness')).toBe(set);
      expect(await pageText(page)).toMatch(/Combine 4 frames/);
      await press(page, 'floating point');
      await made(page);
      await framesStored(page, 7);
    });
  });

  test('shows what moved, and takes another frame there when it is tapped', async () => {
    await withStack(SLUICE, 3, async (page) => {
      await combined(page, 3);
      await until(() => pageText(page), /Something moved in .* place/);
      const box = (await (await page.$(PICTURE))!.boundingBox())!;
      // The water at the foot of the picture.
      const water = [box.x + box.width / 2, box.y + 0.93 * box.height] as const;
      // Each tap takes another: three frames alone, and all of them merged.
      const taken: string[] = [];
      for (let n = 0; n < 4; n++) {
        await page.mouse.click(...water);
        const now = async (): Promise<string> =>
          /Here (frame \d of 3 alone|all frames are merged)/.exec(await pageText(page))?.[0] ?? '';
        taken.push(await until(async () => ((await now()) === taken[n - 1] ? '' : now()), /Here/));
      }
      expect(new Set(taken).size).toBe(4);
      await made(page);
      const { result } = await records(page);
      expect(result.combined!.moved).toHaveLength(1);
    });
  });

  test('makes focus steps sharp all over; what is taken where is painted over and kept', async () => {
    await withStack(BENCH, 3, async (page) => {
      await combined(page, 3);
      await until(() => pageText(page), /The colours show which frame is taken where/);
      expect(await page.$eval('[aria-pressed=true]', (e) => e.textContent)).toBe('All sharp');
      expect(await axeViolations(page)).toEqual([]);
      const bars = await page.$$eval('[role=switch]', (all) =>
        all.map((e) => /focused at (.*)$/.exec(e.getAttribute('aria-label') ?? '')?.[1]),
      );
      expect(bars).toEqual(['0.33 m', '0.5 m', '1.2 m']);
      const nearest = '[role=button][aria-label="Brush: 0.33 m"]';
      await tap(page, nearest);
      const box = (await (await page.$(PICTURE))!.boundingBox())!;
      const [x, y] = [box.x + box.width / 2, box.y + 0.2 * box.height];
      await page.mouse.move(x - 40, y);
      await page.mouse.down();
      await page.mouse.move(x + 40, y, { steps: 8 });
      await page.mouse.up();
      await until(() => pageText(page), /Painted: here frame \d is taken\./);
      await made(page);
      const { all, result } = await records(page);
      expect(result).toMatchObject({ origin: 'combined', focusDioptres: null });
      expect(result.combined).toMatchObject({ way: 'focus', finish: null });
      expect(result.combined!.painted!.length).toBeGreaterThan(2);
      const near = Math.max(...all.map(({ focusDioptres }) => focusDioptres ?? 0));
      const place = result.combined!.painted![0].frame;
      const painted = all.find(({ id }) => id === result.combined!.sources[place])!;
      expect(painted.focusDioptres).toBe(near);
      await press(page, 'Combine again ...');
      await isCombined(page);
      await made(page);
      const again = (await storedRecords(page)).filter(({ combined: recipe }) => recipe);
      expect(again.map((record) => record.combined!.painted)).toEqual([
        result.combined!.painted,
        result.combined!.painted,
      ]);
    });
  });

  test('blends pictures without a raw into a picture', async () => {
    await withStack(SHED.replace('files=dng', 'files=jpeg'), 5, async (page) => {
      await combined(page, 5);
      const said = await pageText(page);
      expect(said).toMatch(/Each place from the pictures that show it best/);
      expect(said).toMatch(/These frames have no raw: their pictures are combined/);
      expect(await page.$eval('[aria-pressed=true]', (e) => e.textContent)).toBe('Whole range');
      expect(await axeViolations(page)).toEqual([]);
      await made(page);
      const { result } = await records(page);
      expect(result).toMatchObject({ origin: 'combined', clippedShare: null });
      expect(result.combined).toMatchObject({ way: 'fuse', finish: null });
      expect(result.files.map(({ name }) => name)).toEqual([
        expect.stringMatching(/-blended\.jpg$/),
      ]);
      await press(page, 'Combine again ...');
      await isCombined(page);
    });
  });

  test('turns the sky back by its own stars; ground and sky are painted over', async () => {
    await withStack(NIGHT, 4, async (page) => {
      await combined(page, 4);
      await until(() => pageText(page), /Sand is ground, as it stood; dusk is sky/);
      expect(await page.$eval('[aria-pressed=true]', (e) => e.textContent)).toBe('Stars as points');
      expect(await pageText(page)).not.toMatch(/could not be laid/);
      await tap(page, '[role=button][aria-label="Brush: ground"]');
      const box = (await (await page.$(PICTURE))!.boundingBox())!;
      await page.mouse.click(box.x + box.width / 2, box.y + 0.9 * box.height);
      await until(() => pageText(page), /Painted: here is ground\./);
      await made(page);
      const { result } = await records(page);
      expect(result.combined).toMatchObject({ way: 'stars', painted: [{ frame: 0 }] });
      expect(result.combined!.sources).toHaveLength(4);
      await until(() => pageText(page), /linear RGB/);
    });
  });

  test('averages chosen frames of a roll; stopped, it stores nothing', async () => {
    await withStack(BURST, 4, async (page) => {
      await page.goto(`${app.url}/frames`);
      await cellsAre(page, 1);
      await press(page, 'Choose');
      await tap(page, cell(0));
      await press(page, 'Combine ...');
      await isCombined(page);
      expect(await pageText(page)).toMatch(/The mean of 4 frames: noise 2\.0 times less\./);
      // Stop is pressed the moment it is there.
      await page.evaluate(() => {
        const watch = new MutationObserver(() => {
          const stop = [...document.querySelectorAll<HTMLElement>('[role=button]')].find(
            (e) => e.textContent === 'Stop',
          );
          if (!stop) return;
          watch.disconnect();
          stop.click();
        });
        watch.observe(document.body, { childList: true, subtree: true });
      });
      await press(page, 'Make the frame');
      await isCombined(page);
      expect(await storedRecords(page)).toHaveLength(4);
      await press(page, 'Trails');
      await isCombined(page);
      await press(page, 'Less noise');
      await isCombined(page);
      await made(page);
      await frameAddress(page);
      const { result } = await records(page);
      expect(result.combined).toMatchObject({ way: 'average', finish: null, moved: [] });
      // An average is looked at by its raw, as any frame is.
      await until(() => pageText(page), /raw mosaic/);
    });
  });

  test('lays frames on one another that were framed apart, and keeps what both show', async () => {
    const browser = await launch();
    try {
      const wall = `${PLACE}&scene=test-wall&time=1/125`;
      const { page } = await openPage(browser, app.url + wall, PHONE);
      await fieldReady(page);
      await expose(page, 1);
      const box = (await (await page.$(WINDOW))!.boundingBox())!;
      const [x, y] = [box.x + box.width / 2, box.y + box.height / 2];
      await page.mouse.move(x, y);
      await page.mouse.down();
      await page.mouse.move(x + 20, y + 9, { steps: 6 });
      await page.mouse.up();
      await refined(page);
      await expose(page, 2);
      await page.goto(`${app.url}/frames`);
      await cellsAre(page, 2);
      await press(page, 'Choose');
      await tap(page, cell(0));
      await tap(page, cell(1));
      await press(page, 'Combine ...');
      await isCombined(page);
      await until(() => pageText(page), /The frames had moved, and were laid on one another\./);
      await made(page);
      const { all, result } = await records(page);
      const [source] = all.filter(({ id }) => id !== result.id);
      expect(result.width).toBeLessThan(source.width);
      expect(result.width).toBeGreaterThan(0.8 * source.width);
      await until(() => pageText(page), /linear RGB/);
    } finally {
      await browser.close();
    }
  });

  test('says in words what cannot be combined', async () => {
    const browser = await launch();
    try {
      const { page } = await openPage(browser, `${app.url}/combine?ids=none,nothing`, PHONE);
      await until(() => pageText(page), /Two frames at least are needed to combine them/);
      await page.goto(`${app.url}/combine?again=gone`);
      await until(() => pageText(page), /was not combined from others, or is not here any more/);
    } finally {
      await browser.close();
    }
  });
});
