import type { Browser, Page } from 'puppeteer-core';
import { fieldReady, openPage, serve, SMALL_DNG, tap, WIDE } from '../../e2e/support/browser';
import { FEW, MANY, manyAgainstFew } from './manyFrames';
import { compared, median, reported, type Result } from '../measure';

const ROUNDS = 7;
const SCROLL_S = 6;
/** As fast as a flung list goes. */
const SCROLL_PX_S = 3000;
/** Time between two pictures of a screen of 60 Hz. */
const PICTURE_MS = 1000 / 60;

/** Resolves once the first row's pictures are there. */
const rowShown = (page: Page): Promise<unknown> =>
  page.waitForFunction(() => {
    const pictures = [...document.querySelectorAll('[data-cell] img')];
    return pictures.length >= 6 && pictures.every((e) => (e as HTMLImageElement).complete);
  });

interface Figures {
  readonly fromField: number;
  readonly fromAddress: number;
}

async function opened(browser: Browser, url: string): Promise<Figures> {
  const { page } = await openPage(browser, url + SMALL_DNG, WIDE);
  await fieldReady(page);
  // What Field loads ahead is loaded: the way to the roll is what is measured.
  await page.waitForNetworkIdle({ idleTime: 1000 });
  let start = performance.now();
  await tap(page, '::-p-xpath(//*[@role="link"][starts-with(normalize-space(), "All ")])');
  await rowShown(page);
  const fromField = performance.now() - start;
  await page.goto('about:blank');
  start = performance.now();
  await page.goto(`${url}/frames`);
  await rowShown(page);
  const fromAddress = performance.now() - start;
  await page.close();
  return { fromField, fromAddress };
}

/** Share of a screen's pictures that are missed while a roll is scrolled through. */
async function missed(browser: Browser, url: string): Promise<number> {
  const { page } = await openPage(browser, `${url}/frames`, WIDE);
  await rowShown(page);
  const gaps = await page.$eval(
    '[data-testid=contact-sheet]',
    async (sheet, seconds, speed) => {
      const times: number[] = [];
      const start = performance.now();
      for (let now = start; now - start < 1000 * seconds;) {
        now = await new Promise<number>(requestAnimationFrame);
        times.push(now);
        sheet.scrollTop = ((now - start) * speed) / 1000;
      }
      return times.slice(1).map((t, i) => t - times[i]);
    },
    SCROLL_S,
    SCROLL_PX_S,
  );
  await page.close();
  const total = gaps.reduce((sum, gap) => sum + gap, 0);
  const late = gaps.reduce((sum, gap) => sum + Math.max(0, Math.round(gap / PICTURE_MS) - 1), 0);
  return late / (total / PICTURE_MS);
}

/** What a roll of 5,000 frames costs against one of 20. */
export async function rollsBench(): Promise<Result[]> {
  const app = await serve();
  try {
    let share = NaN;
    const { many, few } = await manyAgainstFew(
      app.url,
      ROUNDS,
      (browser) => opened(browser, app.url),
      async (browser) => {
        share = 100 * (await missed(browser, app.url));
      },
    );
    const result = (name: string, of: (f: Figures) => number, what: string): Result =>
      compared(
        `rolls/${name}`,
        median(many.map(of)),
        median(few.map(of)),
        'ms',
        `${what} to the first rows of pictures, ${MANY} frames stored against ${FEW}; median of ${ROUNDS}; at most 1.2 times as much`,
      );
    return [
      result('open-from-field', (f) => f.fromField, 'press on “All”'),
      result('open-from-address', (f) => f.fromAddress, 'navigation'),
      reported(
        'rolls/scroll',
        share,
        '% of pictures missed',
        `${MANY} frames, ${SCROLL_PX_S} pixels a second for ${SCROLL_S} s; under 1 asked`,
      ),
    ];
  } finally {
    app.stop();
  }
}
