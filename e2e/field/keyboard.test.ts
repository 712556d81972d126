import type { Page } from 'puppeteer-core';
import {
  downloads,
  fieldReady,
  launch,
  openPage,
  pageText,
  PHONE,
  until,
  verdict,
} from '../support/browser';
import { framesStored, storedRecords } from '../support/stored';
import { servedApp } from '../support/suite';

jest.setTimeout(240_000);
const app = servedApp();

/** What has the focus, as it is called. */
const focused = (page: Page): Promise<string> =>
  page.evaluate(() => {
    const e = document.activeElement;
    return e?.getAttribute('aria-label') ?? e?.textContent?.replace(/\s+/g, ' ').trim() ?? '';
  });

const MAX_TABS = 120;

/** Goes on with Tab until something called so has the focus, as a person without a mouse does. */
async function tabTo(page: Page, name: RegExp): Promise<void> {
  const passed: string[] = [];
  for (let n = 0; n < MAX_TABS; n++) {
    const now = await focused(page);
    if (name.test(now)) return;
    passed.push(now.slice(0, 24));
    await page.keyboard.press('Tab');
  }
  throw new Error(`Tab does not come to ${name}: ${passed.join(' | ')}`);
}

async function enter(page: Page, name: RegExp): Promise<void> {
  await tabTo(page, name);
  await page.keyboard.press('Enter');
}

test('a day’s work by keyboard alone: set, metered, a bracket exposed, looked at, chosen, combined, delivered', async () => {
  const browser = await launch();
  try {
    const { page } = await openPage(
      browser,
      `${app.url}/?scene=drying-shed&mp=3&files=dng&time=auto&iso=auto&series=single`,
      PHONE,
    );
    await fieldReady(page);

    // A roll of its own, and a starting point.
    await page.keyboard.press('f');
    await enter(page, /^New roll \.\.\.$/);
    await until(() => focused(page), /^New roll$/);
    await page.keyboard.type('Shed by keys');
    await page.keyboard.press('Enter');
    await until(() => pageText(page), /Shed by keys/);
    await page.keyboard.press('Escape');
    await page.keyboard.press('t');
    await enter(page, /^Kit: Interior with a window$/);
    await until(() => pageText(page), /bracket/);
    await until(() => verdict(page), /^All in range/);

    // Without a delay, and with more frames.
    await page.keyboard.press('s');
    await enter(page, /^Delay off$/);
    await enter(page, /^5 frames$/);
    await page.keyboard.press('Escape');
    const frames = Number(
      /bracket (\d)/.exec(await page.$eval('[data-testid=expose]', (e) => e.textContent ?? ''))![1],
    );
    await tabTo(page, /^Expose/);
    await page.keyboard.press('Enter');
    await framesStored(page, frames);

    // Looked at, and kept.
    await enter(page, /^Series of \d frames/);
    await until(() => pageText(page), /1 of \d/);
    await page.keyboard.press('ArrowRight');
    await until(() => pageText(page), /2 of \d/);
    await page.keyboard.press('k');
    await page.waitForSelector('[data-testid=notch-kept]');

    // Combined, and made.
    await enter(page, /^Combine \d \.\.\.$/);
    await page.waitForSelector('[aria-label="The frames combined, small"]');
    await enter(page, /^Make the frame$/);
    await until(() => pageText(page), /Made of \d+ frames/, 60_000);

    // Delivered.
    const saved = await downloads(page);
    await enter(page, /^Save JPEG/);
    expect(await saved.next('.jpg')).toMatch(/\.jpg$/);
    await enter(page, /^Save DNG/);
    expect(await saved.next('.dng')).toMatch(/\.dng$/);
    const records = await storedRecords(page);
    expect(records).toHaveLength(frames + 1);
  } finally {
    await browser.close();
  }
});
