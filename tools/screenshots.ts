import { join } from 'node:path';
import type { Page } from 'puppeteer-core';
import { fieldReady, launch, openPage, PHONE, serve, until, WIDE } from '../e2e/browser';

/** Takes the pictures in docs/screenshots anew, from the built app: `node tools/run-ts.mjs tools/screenshots.ts`. */
const FOLDER = join(__dirname, '../docs/screenshots');
/** Time for the framing to be refined and the fonts to be there. */
const SETTLE_MS = 3500;

const settle = (ms = SETTLE_MS): Promise<void> => new Promise((resolve) => setTimeout(resolve, ms));

async function main(): Promise<void> {
  const app = await serve();
  const browser = await launch('allowed');
  const shoot = async (
    name: string,
    link: string,
    viewport: typeof PHONE,
    before: (page: Page) => Promise<void> = async () => {},
  ): Promise<void> => {
    const { page } = await openPage(browser, `${app.url}${link}`, viewport);
    await fieldReady(page);
    await settle();
    await before(page);
    await page.screenshot({ path: join(FOLDER, `${name}.png`) as `${string}.png` });
    await page.close();
  };
  const openFrame = async (page: Page): Promise<void> => {
    await page.click('[role=link][aria-label^="Frame"]');
    await until(() => page.$eval('body', (e) => (e as HTMLElement).innerText), /Clipped/);
    await settle();
  };
  try {
    await shoot(
      'field-phone',
      '/?scene=pans-at-noon&lens=main&time=auto&iso=auto&comp=0&mp=12',
      PHONE,
    );
    await shoot('field-clipping', '/?scene=pans-at-noon&time=1/2000&iso=100&comp=0', PHONE);
    await shoot(
      'field-wide',
      '/?scene=pans-at-noon&time=1/4000&iso=100&comp=0&mp=3',
      WIDE,
      async (page) => {
        await page.click('[data-testid=expose]');
        await page.waitForSelector('[role=link][aria-label^="Frame"]');
        await settle(1500);
      },
    );
    await shoot('test-wall-wide', '/?scene=test-wall&time=1/125&iso=100&comp=0', WIDE);
    await shoot('frame-wide', '/?scene=pans-at-noon', WIDE, openFrame);
    await shoot('frame-phone', '/?scene=pans-at-noon', PHONE, openFrame);
    await shoot('device-camera-phone', '/?device=browser&time=auto', PHONE);
    await shoot('sheet-phone', '/?scene=test-wall&time=1/125&iso=100', PHONE, async (page) => {
      await page.$$eval('[role=button]', (all) =>
        (all.find((e) => e.textContent?.startsWith('Test wall')) as HTMLElement).click(),
      );
      await settle(500);
    });
  } finally {
    await browser.close();
    app.stop();
  }
}

void main();
