import type { Browser } from 'puppeteer-core';
import {
  EXPOSE,
  fieldReady,
  LAST_FRAME,
  launch,
  openPage,
  SMALL_DNG,
  tap,
} from '../../e2e/support/browser';
import { copyFrames } from '../../e2e/support/manyFrames';

export const MANY = 5000;
export const FEW = 20;

/** A browser with so many frames stored. */
async function browserWith(count: number, url: string): Promise<Browser> {
  const browser = await launch();
  const { page } = await openPage(browser, url + SMALL_DNG);
  await fieldReady(page);
  await tap(page, EXPOSE);
  await page.waitForSelector(LAST_FRAME, { timeout: 60_000 });
  await copyFrames(page, count);
  await page.close();
  return browser;
}

/** What is measured in a browser of many frames and in one of few, turn by turn. */
export async function manyAgainstFew<T>(
  url: string,
  rounds: number,
  measured: (browser: Browser) => Promise<T>,
  then: (many: Browser) => Promise<void> = async () => {},
): Promise<{ readonly many: T[]; readonly few: T[] }> {
  const [many, few] = [await browserWith(MANY, url), await browserWith(FEW, url)];
  try {
    const figures = { many: [] as T[], few: [] as T[] };
    for (let round = 0; round < rounds; round++) {
      figures.many.push(await measured(many));
      figures.few.push(await measured(few));
    }
    await then(many);
    return figures;
  } finally {
    await many.close();
    await few.close();
  }
}
