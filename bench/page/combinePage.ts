import type { Browser } from 'puppeteer-core';
import {
  EXPOSE,
  fieldReady,
  launch,
  openPage,
  pageText,
  press,
  serve,
  tap,
  until,
} from '../../e2e/support/browser';
import { framesStored } from '../../e2e/support/stored';
import { reported, type Result } from '../measure';
import { pageMemoryMb } from './memory';

const PLACE = 'lens=main&mp=12&files=dng&support=tripod&nd=0&iso=100';
/** What is combined: where it is taken, and of how many frames of 12 MP. */
const STACKS = [
  { name: 'merge', frames: 5, link: 'scene=drying-shed&focus=inf&time=1/250&series=bracket:5:2' },
  {
    name: 'focus',
    frames: 6,
    link: 'scene=packing-bench&time=1/25&series=focus:at:0.33m:0.4m:0.48m:0.61m:0.83m:1.25m',
  },
] as const;

/** Takes a series, and combines it; what that takes, in seconds and in memory. */
async function run(browser: Browser, url: string, link: string, frames: number) {
  const { page } = await openPage(browser, `${url}/?${PLACE}&${link}`);
  await fieldReady(page);
  await tap(page, EXPOSE);
  await framesStored(page, frames);
  const stack = `[role=link][aria-label^="Series of ${frames}"]`;
  await page.waitForSelector(stack);
  await tap(page, stack);
  // What the camera held is not part of it.
  await page.reload();
  const pid = browser.process()!.pid!;
  let peakMb = 0;
  const watch = setInterval(() => (peakMb = Math.max(peakMb, pageMemoryMb(pid))), 50);
  await press(page, `Combine ${frames} ...`);
  const start = performance.now();
  await page.waitForSelector('[aria-label="The frames combined, small"]', { timeout: 60_000 });
  const combined = performance.now();
  await press(page, 'Make the frame');
  await until(() => pageText(page), /Made of \d+ frames/, 60_000);
  clearInterval(watch);
  const made = performance.now();
  await page.close();
  return { combinedS: (combined - start) / 1000, madeS: (made - combined) / 1000, peakMb };
}

/** Stacks of 12 MP combined in the page: how long it takes, and what memory. */
export async function combinePageBench(): Promise<Result[]> {
  const app = await serve();
  const browser = await launch();
  try {
    const results: Result[] = [];
    for (const { name, frames, link } of STACKS) {
      const { combinedS, madeS, peakMb } = await run(browser, app.url, link, frames);
      const of = `${frames} raws of 12 MP in headless Chromium`;
      results.push(
        reported(`combine-page/${name}-read`, combinedS, 's', `${of}: read, combined, shown small`),
        reported(`combine-page/${name}-made`, madeS, 's', `${of}: the frame made and stored`),
        reported(`combine-page/${name}-memory`, peakMb, 'MB', `${of}: peak of page and workers`),
      );
    }
    return results;
  } finally {
    await browser.close();
    app.stop();
  }
}
