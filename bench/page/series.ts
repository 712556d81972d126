import type { Browser, Page } from 'puppeteer-core';
import {
  EXPOSE,
  fieldReady,
  launch,
  openPage,
  refined,
  serve,
  tap,
} from '../../e2e/support/browser';
import { countShown, type Counted } from './countShown';
import { compared, reported, type Result } from '../measure';
import { pageMemoryMb } from './memory';

const BRACKET = 9;
const BURST = 20;
/** A place in which nothing moves, on a tripod, exposed so that nine frames fit into the tapes. */
const STILL = 'scene=drying-shed&support=tripod&time=1/60&iso=100&focus=4m&files=dng';

interface Run {
  readonly ms: number;
  /** Each frame's own milliseconds, in the order they were stored. */
  readonly frames: readonly number[];
  readonly stages: Readonly<Record<string, number>>;
  readonly peakMb: number;
  readonly shownPerS: number;
}

/** Presses Expose and waits until so many frames are stored. */
async function run(browser: Browser, link: string, count: number): Promise<Run> {
  const { page } = await openPage(browser, 'about:blank');
  await page.evaluateOnNewDocument('globalThis.__name = (f) => f');
  await page.evaluateOnNewDocument(countShown);
  await page.goto(link);
  await fieldReady(page);
  await refined(page);
  await page.evaluate(() => performance.clearMeasures());
  const pid = browser.process()!.pid!;
  let peakMb = 0;
  const watch = setInterval(() => (peakMb = Math.max(peakMb, pageMemoryMb(pid))), 50);
  const shown = await shownSoFar(page);
  const start = performance.now();
  await tap(page, EXPOSE);
  await page.waitForFunction(
    (n) => performance.getEntriesByName('velmo-capture/total').length >= n,
    { timeout: 400_000, polling: 20 },
    count,
  );
  const ms = performance.now() - start;
  clearInterval(watch);
  const shownPerS = ((await shownSoFar(page)) - shown) / (ms / 1000);
  const measures = await page.evaluate(() =>
    performance
      .getEntriesByType('measure')
      .filter(({ name }) => name.startsWith('velmo-capture/'))
      .map(({ name, duration }) => [name.slice('velmo-capture/'.length), duration] as const),
  );
  await page.close();
  const stages: Record<string, number> = {};
  for (const [stage, duration] of measures) stages[stage] = (stages[stage] ?? 0) + duration;
  const frames = measures.filter(([stage]) => stage === 'total').map(([, duration]) => duration);
  return { ms, frames, stages, peakMb, shownPerS };
}

const shownSoFar = (page: Page): Promise<number> =>
  page.evaluate(() => (window as unknown as Counted).velmoShown);

/** A bracket of nine against one frame, and a burst, in the real page. */
export async function seriesBench(): Promise<Result[]> {
  const app = await serve();
  const browser = await launch();
  try {
    const one = await run(browser, `${app.url}/?${STILL}&mp=12`, 1);
    const nine = await run(browser, `${app.url}/?${STILL}&mp=12&series=bracket:9:1`, BRACKET);
    const burst = await run(browser, `${app.url}/?${STILL}&mp=3&series=burst:${BURST}`, BURST);
    const later = nine.frames.slice(1).reduce((a, b) => a + b, 0) / (BRACKET - 1);
    return [
      compared(
        'series/bracket-9',
        nine.ms,
        one.ms,
        'ms',
        `press to ninth stored frame of 12 MP against one frame: ${(nine.ms / one.ms).toFixed(2)} times as long; at most 3`,
      ),
      reported('series/further-frame', later, 'ms', 'mean from one stored frame to the next'),
      ...Object.entries(nine.stages)
        .filter(([stage]) => stage !== 'total')
        .map(([stage, ms]) =>
          reported(`series/stage-${stage}`, ms / BRACKET, 'ms', 'a frame, mean of nine'),
        ),
      reported(
        'series/peak-memory',
        nine.peakMb,
        'MB',
        'page and workers, bracket of 9; budget 900',
      ),
      reported('series/live', nine.shownPerS, 'frames/s', 'live picture meanwhile; at least 8'),
      reported('series/burst-20', burst.ms, 'ms', `press to ${BURST}th stored frame of 3 MP`),
      reported('series/burst-memory', burst.peakMb, 'MB', 'page and workers'),
    ];
  } finally {
    await browser.close();
    app.stop();
  }
}
