import type { Browser, CDPSession, Page } from 'puppeteer-core';
import {
  EXPOSE,
  fieldReady,
  LAST_FRAME,
  openPage,
  refined,
  serve,
  SMALL_DNG,
  tap,
} from '../../e2e/support/browser';
import { FEW, MANY, manyAgainstFew } from './manyFrames';
import { compared, median, type Result } from '../measure';

const ROUNDS = 9;

interface Figures {
  readonly picture: number;
  readonly stored: number;
  readonly work: number;
}

/** Milliseconds the page's main thread has worked so far. */
const workedMs = async (client: CDPSession): Promise<number> => {
  const { metrics } = await client.send('Performance.getMetrics');
  return 1000 * metrics.find(({ name }) => name === 'TaskDuration')!.value;
};

async function measured(browser: Browser, url: string): Promise<Figures> {
  const start = performance.now();
  const { page } = await openPage(browser, url + SMALL_DNG);
  await fieldReady(page);
  const picture = performance.now() - start;
  await page.waitForSelector(LAST_FRAME);
  // What the page does once it is open is over: what follows is the shot's.
  await refined(page);
  await page.waitForNetworkIdle({ idleTime: 1000 });
  const client = await page.createCDPSession();
  await client.send('Performance.enable');
  await page.evaluate(() => performance.clearMeasures());
  const before = await workedMs(client);
  await tap(page, EXPOSE);
  const stored = await storedMs(page);
  const work = (await workedMs(client)) - before;
  await page.close();
  return { picture, stored, work };
}

const storedMs = async (page: Page): Promise<number> => {
  await page.waitForFunction(() => performance.getEntriesByName('velmo-capture/total').length > 0, {
    timeout: 120_000,
  });
  return page.evaluate(() => performance.getEntriesByName('velmo-capture/total')[0].duration);
};

/** What 5,000 stored frames cost against 20. */
export async function storeBench(): Promise<Result[]> {
  const app = await serve();
  try {
    const { many, few } = await manyAgainstFew(app.url, ROUNDS, (browser) =>
      measured(browser, app.url),
    );
    const result = (name: string, of: (f: Figures) => number, what: string): Result =>
      compared(
        `store/${name}`,
        median(many.map(of)),
        median(few.map(of)),
        'ms',
        `${what}, ${MANY} frames stored against ${FEW}; median of ${ROUNDS}; at most 1.1 times as much`,
      );
    return [
      result('first-picture', (f) => f.picture, 'navigation to first readings'),
      result('expose-to-stored', (f) => f.stored, 'press of Expose to stored 3 MP DNG'),
      result('main-thread', (f) => f.work, 'work of the main thread from press to stored'),
    ];
  } finally {
    app.stop();
  }
}
