import type { Browser } from 'puppeteer-core';
import { EXPOSE, fieldReady, LAST_FRAME, launch, openPage, SMALL_DNG, tap } from '../e2e/browser';
import { copyFrames } from '../e2e/manyFrames';

export const MANY = 5000;
export const FEW = 20;

/** A browser with so many frames stored. */
export async function browserWith(count: number, url: string): Promise<Browser> {
  const browser = await launch();
  const { page } = await openPage(browser, url + SMALL_DNG);
  await fieldReady(page);
  await tap(page, EXPOSE);
  await page.waitForSelector(LAST_FRAME, { timeout: 60_000 });
  await copyFrames(page, count);
  await page.close();
  return browser;
}
