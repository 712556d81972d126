import type { Page } from 'puppeteer-core';
import {
  axeViolations,
  fieldReady,
  launch,
  openPage,
  pageText,
  PHONE,
  press,
  refined,
  stillPlace,
  tap,
  until,
} from '../support/browser';
import { detailIn } from '../support/pictures';
import { cell, cellsAre, expose } from '../support/cells';
import { servedApp } from '../support/suite';

jest.setTimeout(120_000);
const app = servedApp();

describe('compare', () => {
  const SMALL_RAW =
    '/?scene=pans-at-noon&lens=main&mp=3&crop=2&files=dng&support=tripod&series=single&nd=6&focus=inf';
  /** Two frames with these settings, compared; A is the one made first. */
  const withPair = async (
    one: string,
    two: string,
    work: (page: Page) => Promise<void>,
  ): Promise<void> => {
    const browser = await launch();
    try {
      const { page } = await openPage(browser, 'about:blank', PHONE);
      for (const [n, settings] of [one, two].entries()) {
        await page.goto(`${app.url}${SMALL_RAW}&${settings}`);
        await fieldReady(page);
        await expose(page, n + 1);
      }
      await page.goto(`${app.url}/frames`);
      await cellsAre(page, 2);
      await press(page, 'Choose');
      await tap(page, cell(0));
      await tap(page, cell(1));
      await press(page, 'Compare');
      await until(() => pageText(page), /Largest difference/);
      await work(page);
    } finally {
      await browser.close();
    }
  };
  const shown = (page: Page): Promise<string> =>
    page.$eval('[data-testid=compared]', (e) => e.getAttribute('aria-label') ?? '');

  test('ISO 50 holds the same light as ISO 100, shown a stop darker: extended', async () => {
    await withPair('time=1/60&iso=100', 'time=1/60&iso=50', async (page) => {
      const said = await pageText(page);
      expect(said).toMatch(
        /The same light in both raws: they differ by no more than their noise\./,
      );
      expect(said).toMatch(/Largest difference \d+ of 3839, in \d+ % of photosites\./);
      expect(said).toMatch(/B is shown 1 stop darker than its raw, against A/);
      expect(await axeViolations(page)).toEqual([]);
    });
  });

  test('a third of a stop is told; flipped by a held finger or key, beside, split by an edge; one is dropped', async () => {
    await withPair('time=1/60&iso=100', 'time=1/80&iso=100', async (page) => {
      expect(await pageText(page)).toMatch(
        /In the raw B is 1\/3 stop darker than A, and differs by nothing else but noise\./,
      );
      expect(await shown(page)).toBe('Frame A');
      const { x, y } = await stillPlace(page, '[data-testid=compared]');
      await page.mouse.move(x, y);
      await page.mouse.down();
      await until(() => shown(page), /^Frame B$/);
      await page.mouse.up();
      await until(() => shown(page), /^Frame A$/);
      await page.keyboard.down('f');
      await until(() => shown(page), /^Frame B$/);
      await page.keyboard.up('f');
      await press(page, '100 %');
      await until(() => shown(page), /^Frame A at 100 percent$/);
      await press(page, 'side by side');
      await until(() => shown(page), /^Frames A and B at 100 percent$/);
      await press(page, 'split');
      await page.focus('[aria-label="Edge between A and B"]');
      await page.keyboard.press('ArrowRight');
      await until(
        () => page.$eval('[aria-label="Edge between A and B"]', (e) => e.ariaValueNow ?? ''),
        /^52$/,
      );
      expect(await axeViolations(page)).toEqual([]);
      await press(page, 'Drop B');
      await until(() => pageText(page), /1 frame dropped/);
    });
  });

  test('three frames: side by side, one chosen against A, aligned where the camera was turned; how they differ as a picture', async () => {
    const browser = await launch();
    try {
      const { page } = await openPage(browser, app.url + SMALL_RAW + '&time=1/60&iso=100', PHONE);
      await fieldReady(page);
      await expose(page, 1);
      await expose(page, 2);
      // Turned by a finger: what is seen moves along with it.
      const { x, y } = await stillPlace(page, '[data-testid=window]');
      await page.mouse.move(x, y);
      await page.mouse.down();
      await page.mouse.move(x - 16, y, { steps: 4 });
      await page.mouse.up();
      await refined(page);
      await expose(page, 3);
      await page.goto(`${app.url}/frames`);
      await cellsAre(page, 3);
      await press(page, 'Choose');
      for (const n of [0, 1, 2]) await tap(page, cell(n));
      await press(page, 'Compare');
      await until(() => pageText(page), /Largest difference/);
      await press(page, 'side by side');
      await until(() => shown(page), /^Frames A, B and C$/);
      expect(await axeViolations(page)).toEqual([]);
      await tap(page, '[aria-label="C: A against it"]');
      await press(page, 'difference');
      await until(() => shown(page), /^How C differs from A$/);
      // Edges of what lies elsewhere, in the middle of the picture.
      const middle = { x0: 0.3, x1: 0.7, y0: 0.2, y1: 0.8 };
      const edges = (): Promise<number> => detailIn(page, '[data-testid=compared]', middle);
      await until(async () => String((await edges()) > 1), /^true$/);
      const apart = await edges();
      await press(page, 'Align');
      await until(() => pageText(page), /C lay \d+ left( of A|, 1 (up|down))/);
      // Grey but for the noise.
      await until(async () => String((await edges()) < 0.6 * apart), /^true$/);
      await tap(page, '[aria-label="B: A against it"]');
      await until(() => pageText(page), /B lies as A does\./);
      await until(() => pageText(page), /they differ by no more than their noise/);
      expect(await axeViolations(page)).toEqual([]);
    } finally {
      await browser.close();
    }
  });

  test('an address that names one frame, or one twice, says what is missing', async () => {
    const browser = await launch();
    try {
      const { page } = await openPage(browser, `${app.url}/compare?a=frame-00&b=frame-00`, PHONE);
      await until(() => pageText(page), /Two frames at least are needed/);
    } finally {
      await browser.close();
    }
  });
});
