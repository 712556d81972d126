import { execFileSync } from 'node:child_process';
import { mkdtempSync, readdirSync, readFileSync, statSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import type { Browser, Page } from 'puppeteer-core';
import {
  fieldReady,
  launch,
  openPage,
  press,
  serve,
  tap,
  type Served,
} from '../../e2e/support/browser';
import { SCENES } from '@velmo/core/scene';
import { compared, reported, type Result } from '../measure';
import { pageMemoryMb } from './memory';

const BUNDLES = join(__dirname, '../../app/dist/_expo/static/js/web');

/** Size of everything the page loads before it can draw, as it is sent. */
export function bundleBench(): Result[] {
  const entry = readdirSync(BUNDLES).find((f) => /^entry-.*\.js$/.test(f))!;
  const html = readFileSync(join(__dirname, '../../app/dist/index.html'), 'utf8');
  const initial = [...html.matchAll(/src="([^"]+\.js)"/g)].map((m) => m[1]);
  const brotli = (file: string): number => statSync(`${file}.br`).size / 1000;
  const all = initial.reduce((sum, src) => sum + brotli(join(__dirname, '../../app/dist', src)), 0);
  return [
    reported(
      'entry-bundle',
      brotli(join(BUNDLES, entry)),
      'kB brotli',
      `entry file; ${statSync(join(BUNDLES, entry)).size} bytes raw`,
    ),
    reported(
      'initial-scripts',
      all,
      'kB brotli',
      `all ${initial.length} scripts the page names; budget 300`,
    ),
  ];
}

/** Sharp all over, and focused so near that most of the picture is blurred. */
const PANS = { scene: 'pans-at-noon', link: 'focus=inf' };
const DEFOCUSED = { scene: 'packing-bench', link: 'focus=0.12&support=tripod' };

interface Shot {
  readonly name: string;
  readonly scene: string;
  readonly link: string;
  readonly mp?: 3 | 12;
  readonly files?: string;
  /** Expose is pressed once the light of the framing has been computed ahead. */
  readonly ahead?: boolean;
}

/**
 * Milliseconds in which dcraw develops a frame of the same place and size into a TIFF: the better
 * of two.
 */
function dcrawMs(scene: string, mp: number): number {
  const file = join(mkdtempSync(join(tmpdir(), 'velmo-bench-')), 'peer.dng');
  const cli = join(__dirname, '../../tools/cli/cli.ts');
  const shot = ['shoot', '--scene', scene, '--mp', String(mp), '--time', '1/2000', '--out', file];
  execFileSync(process.execPath, ['--import', 'tsx', cli, ...shot]);
  const times = [0, 1].map(() => {
    const start = performance.now();
    execFileSync('dcraw', ['-T', '-w', '-c', file], { maxBuffer: 1 << 28 });
    return performance.now() - start;
  });
  return Math.min(...times);
}

/** First live picture after load, and Expose to a stored 12 MP frame, in the real page. */
export async function captureBench(): Promise<Result[]> {
  const app = await serve();
  const browser = await launch();
  try {
    const cold = await firstPicture(browser, app);
    const warm = await firstPicture(browser, app);
    return [
      reported(
        'first-picture-cold',
        cold,
        'ms',
        'navigation to first readings of a drawn frame, empty cache',
      ),
      reported('first-picture-warm', warm, 'ms', 'the same, second page of the browser'),
      ...(await capture(browser, app, { ...PANS, name: 'capture-12mp' })),
      ...(await capture(browser, app, { ...PANS, name: 'capture-12mp-ahead', ahead: true })),
      ...(await capture(browser, app, { ...DEFOCUSED, name: 'defocused-12mp' })),
      ...(await capture(browser, app, { ...DEFOCUSED, name: 'defocused-12mp-ahead', ahead: true })),
      ...(await capture(browser, app, { ...PANS, name: 'pair-12mp', files: 'dng%2Bjpeg' })),
      ...(await capture(browser, app, { ...PANS, name: 'capture-3mp', mp: 3 })),
      ...(await capture(browser, app, { ...PANS, name: 'capture-3mp-ahead', mp: 3, ahead: true })),
    ];
  } finally {
    await browser.close();
    app.stop();
  }
}

/**
 * Every place by hand at 1/15 s, focused at half a metre: Expose to a stored 12 MP frame, no light
 * computed ahead.
 */
export async function placesBench(): Promise<Result[]> {
  const app = await serve();
  const browser = await launch();
  try {
    const results: Result[] = [];
    for (const { id } of SCENES) {
      const shot = { name: `place-12mp/${id}`, scene: id, link: 'focus=0.5&time=1/15' };
      results.push(...(await capture(browser, app, shot)).filter(({ ratio }) => ratio !== null));
    }
    return results;
  } finally {
    await browser.close();
    app.stop();
  }
}

async function firstPicture(browser: Browser, app: Served): Promise<number> {
  const start = performance.now();
  const { page } = await openPage(browser, `${app.url}/?scene=pans-at-noon&comp=0`);
  await fieldReady(page);
  const time = performance.now() - start;
  await page.close();
  return time;
}

/** From Expose to what is stored, by stage, and how long the frame takes to be opened again. */
async function capture(
  browser: Browser,
  app: Served,
  { name, scene, link, mp = 12, files = 'dng', ahead = false }: Shot,
): Promise<Result[]> {
  const peer = dcrawMs(scene, mp);
  const { page } = await openPage(
    browser,
    `${app.url}/?scene=${scene}&${link}&mp=${mp}&comp=0&files=${files}`,
  );
  await fieldReady(page);
  await tap(page, '[aria-label^="Camera and place"]');
  await press(page, ahead ? 'always' : 'never');
  if (ahead)
    await page.waitForFunction(() => performance.getEntriesByName('velmo-light-ahead').length > 0, {
      timeout: 60_000,
    });
  await page.keyboard.press('Escape');
  const before = pageMemoryMb(browser.process()!.pid!);
  let peak = before;
  const watch = setInterval(() => {
    peak = Math.max(peak, pageMemoryMb(browser.process()!.pid!));
  }, 50);
  await page.evaluate(() => performance.clearMeasures());
  await page.click('[data-testid=expose]');
  await page.waitForFunction(() => performance.getEntriesByName('velmo-capture/total').length > 0, {
    timeout: 120_000,
  });
  clearInterval(watch);
  const stages = await stagesOf(page, 'capture');
  await (await page.waitForSelector('[role=link][aria-label^="Frame"]'))!.click();
  await page.waitForFunction(
    () => performance.getEntriesByName('velmo-frame/statistics').length > 0,
    { timeout: 60_000 },
  );
  const opened = await stagesOf(page, 'frame');
  await page.close();
  return [
    ...stages.map(([stage, ms]) =>
      stage === 'total'
        ? compared(name, ms, peer, 'ms', `press to stored ${mp} MP ${files}; peer: dcraw -T -w`)
        : reported(`${name}/${stage}`, ms, 'ms', 'stage'),
    ),
    ...opened.map(([stage, ms]) =>
      reported(
        `${name}/frame-${stage}`,
        ms,
        'ms',
        stage === 'statistics' ? 'raw statistics in the worker; limit 500' : 'Frame, in its worker',
      ),
    ),
    reported(
      `${name}/peak-memory`,
      peak,
      'MB',
      `resident memory of the page's process and its workers; ${Math.round(before)} before; budget 700`,
    ),
  ];
}

/** The stages the page itself measured, as User Timing measures. */
const stagesOf = (page: Page, work: string): Promise<[string, number][]> =>
  page.evaluate(
    (prefix) =>
      performance
        .getEntriesByType('measure')
        .filter((m) => m.name.startsWith(prefix))
        .map((m) => [m.name.slice(prefix.length), m.duration] as [string, number]),
    `velmo-${work}/`,
  );
