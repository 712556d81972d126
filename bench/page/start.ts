import { execFileSync } from 'node:child_process';
import { join } from 'node:path';
import type { Browser } from 'puppeteer-core';
import { launch, openPage, serve, slider } from '../../e2e/support/browser';
import { createServer } from '../../server/src/createServer';
import { compared, median, type Result } from '../measure';

const BARE = join(__dirname, '../bare');
/** A script without types. */
const BUILD: string = '../../tools/build.mjs';
const ROUNDS = 5;

/** A page that is opened, and what it shows first. */
interface Opened {
  readonly url: string;
  readonly word: string | null;
}

/** Builds the bare page as the app is built, and serves it with the app's own server. */
async function serveBare(): Promise<{ url: string; stop(): Promise<void> }> {
  execFileSync('npx', ['expo', 'export', '-p', 'web'], {
    cwd: BARE,
    env: { ...process.env, EXPO_NO_TELEMETRY: '1', EXPO_OFFLINE: '1', CI: '1' },
    stdio: 'ignore',
  });
  const { compressAll } = (await import(BUILD)) as {
    compressAll(dir: string): Promise<void>;
  };
  await compressAll(join(BARE, 'dist'));
  const server = await createServer(join(BARE, 'dist'));
  const url = await server.listen({ port: 0, host: '127.0.0.1' });
  return { url, stop: () => server.close() };
}

/** In the page: the picture has been drawn, and the ladder says what was read of it. */
function showsLivePicture(ladder: string): boolean {
  const canvas = document.querySelector<HTMLCanvasElement>('[data-testid=window] canvas');
  if (!canvas || !document.querySelector(ladder)?.getAttribute('aria-valuetext')?.includes('clip'))
    return false;
  const small = new OffscreenCanvas(8, 8).getContext('2d')!;
  small.drawImage(canvas, 0, 0, 8, 8);
  // Before anything is drawn every pixel is black.
  return small.getImageData(0, 0, 8, 8).data.some((value, i) => i % 4 < 3 && value > 0);
}

async function openedIn(browser: Browser, { url, word }: Opened): Promise<number> {
  const start = performance.now();
  const { page } = await openPage(browser, url);
  // Looked at every frame: who asks from outside asks less often the longer it takes.
  if (word === null)
    await page.waitForFunction(showsLivePicture, { polling: 'raf' }, slider('Ladder'));
  else
    await page.waitForFunction(
      (text) => document.body.innerText.includes(text),
      { polling: 'raf' },
      word,
    );
  const ms = performance.now() - start;
  await page.close();
  return ms;
}

/** Cold: a browser without a cache. Warm: its second page. */
async function coldAndWarm(opened: Opened): Promise<[number, number]> {
  const browser = await launch();
  try {
    const cold = await openedIn(browser, opened);
    return [cold, await openedIn(browser, opened)];
  } finally {
    await browser.close();
  }
}

/**
 * Time to the first live picture of the page as it opens, against a bare Expo Router page that
 * shows one word, built and served alike; in turns, so that both see the same machine.
 */
export async function startBench(): Promise<Result[]> {
  const app = await serve();
  const bare = await serveBare();
  try {
    const times = { ours: [] as [number, number][], bare: [] as [number, number][] };
    for (let round = 0; round < ROUNDS; round++) {
      times.ours.push(await coldAndWarm({ url: `${app.url}/`, word: null }));
      times.bare.push(await coldAndWarm({ url: bare.url, word: 'Salt' }));
    }
    const note = 'navigation to first live picture; peer: a bare Expo Router page shows its word';
    return (['cold', 'warm'] as const).map((kind, i) =>
      compared(
        `start-${kind}`,
        median(times.ours.map((t) => t[i])),
        median(times.bare.map((t) => t[i])),
        'ms',
        note,
      ),
    );
  } finally {
    app.stop();
    await bare.stop();
  }
}
