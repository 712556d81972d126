import type { Page } from 'puppeteer-core';
import {
  EXPOSE,
  fieldReady,
  launch,
  openPage,
  PHONE,
  press,
  serve,
  tap,
} from '../../e2e/support/browser';
import { framesStored } from '../../e2e/support/stored';
import { median, reported, type Result } from '../measure';

const SERIES = '/?scene=test-wall&mp=12&time=1/125&iso=100&files=dng&support=tripod';
const FRAMES = 5;
const ROUNDS = 12;
const PICTURE = '[data-testid=frame-picture]';

/** Presses a key and measures, in the page, until the other frame is drawn at 100 %. */
const nextShown = (page: Page, key: string): Promise<number> =>
  page.evaluate(
    async (selector, pressed) => {
      const before = location.pathname;
      const start = performance.now();
      window.dispatchEvent(new KeyboardEvent('keydown', { key: pressed }));
      // (A function with a name does not run in the page.)
      while (
        location.pathname === before ||
        ![...document.querySelectorAll<HTMLElement>(selector)]
          .at(-1)
          ?.dataset.shown?.includes('"zoom":1')
      )
        await new Promise(requestAnimationFrame);
      return performance.now() - start;
    },
    PICTURE,
    key,
  );

/** Time the page leaves a frame that is looked at, so that the ones beside it are prepared. */
const LOOKED_AT_MS = 3000;

/** From a frame of a series at 100 % to the next, by key, with the neighbours prepared. */
export async function nextFrameBench(): Promise<Result[]> {
  const app = await serve();
  const browser = await launch();
  try {
    const { page } = await openPage(browser, `${app.url}${SERIES}&series=burst:${FRAMES}`, PHONE);
    await fieldReady(page);
    await tap(page, EXPOSE);
    await framesStored(page, FRAMES);
    await tap(page, '[role=link][aria-label^="Series of"]');
    await press(page, '100 %');
    await page.waitForSelector(`${PICTURE}[data-shown*='"zoom":1']`);
    const times: number[] = [];
    for (let n = 0; n < ROUNDS; n++) {
      await new Promise((resolve) => setTimeout(resolve, LOOKED_AT_MS));
      times.push(await nextShown(page, 'ArrowRight'));
    }
    return [
      reported(
        'next-frame/100-percent',
        median(times),
        'ms',
        `key press to the next frame of a series drawn at 100 %, 12 MP, neighbours prepared; median of ${ROUNDS}, slowest ${Math.round(Math.max(...times))} ms; under 150 asked`,
      ),
    ];
  } finally {
    await browser.close();
    app.stop();
  }
}
