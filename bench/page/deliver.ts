import { execFileSync } from 'node:child_process';
import { mkdtempSync, readFileSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import type { Page } from 'puppeteer-core';
import { decodeDng, readDng, writeDevelopedTiff } from '@velmo/core/files';
import { AS_EXPOSED, developWords, type Development } from '@velmo/core/recipe';
import {
  EXPOSE,
  fieldReady,
  launch,
  openPage,
  PHONE,
  press,
  serve,
  tap,
  WIDE,
} from '../../e2e/support/browser';
import { framesStored } from '../../e2e/support/stored';
import { handoffBench } from './handoff';
import { compared, inTurns, percentile, reported, type Result } from '../measure';

const FRAME = '[role=link][aria-label^="Frame"]';
const STAGE = '[data-testid=develop-picture]';
const CHANGES = 40;

/** What is asked of a raw that is really developed. */
const RECIPE: Partial<Development> = { exposure: 1, shadows: 0.5, highlights: -0.5, contrast: 0.2 };

/** A 12 MP DNG from storage to a 16-bit TIFF on disk, against dcraw. */
function developBench(): Result[] {
  const folder = mkdtempSync(join(tmpdir(), 'velmo-bench-'));
  const file = join(folder, 'shed.dng');
  const cli = join(__dirname, '../../tools/cli/cli.ts');
  const shot = ['shoot', '--scene', 'drying-shed', '--mp', '12', '--time', '1/60', '--out', file];
  execFileSync(process.execPath, ['--import', 'tsx', cli, ...shot]);
  const developed = (recipe: Partial<Development>) => (): void => {
    const bytes = new Uint8Array(readFileSync(file));
    const raw = decodeDng(readDng(bytes));
    const { data, width, height } = developWords(
      raw,
      { ...AS_EXPOSED, ...recipe },
      { space: 'srgb' },
    );
    const parts = writeDevelopedTiff(data, bytes, { width, height, space: 'srgb' });
    writeFileSync(join(folder, 'ours.tif'), Buffer.concat(parts));
  };
  const peer = (): void => void execFileSync('dcraw', ['-T', '-w', file]);
  const note =
    '12 MP DNG to a TIFF on disk, ours 16 bits. Peer: dcraw -T -w, 8 bits; at least 2 asked';
  return (
    [
      ['develop-12mp', {}],
      ['develop-12mp-recipe', RECIPE],
      ['develop-12mp-noise', { ...RECIPE, noise: 0.6, sharpening: 0.5 }],
    ] as const
  ).map(([name, recipe]) => {
    const times = inTurns(developed(recipe), peer, 3, 1);
    return compared(name, times.ours, times.peer, 'ms', note);
  });
}

/** Milliseconds from a key on a tape to the picture drawn anew, each of many. */
const changes = (page: Page, tape: string): Promise<number[]> =>
  page.evaluate(
    async (stage, name, count) => {
      const picture = document.querySelector(stage)!;
      const slider = document.querySelector<HTMLElement>(
        `[aria-label=Recipe] [aria-label="${name}"]`,
      )!;
      const times: number[] = [];
      for (let n = 0; n < count; n++) {
        const key = n % 20 < 10 ? 'ArrowRight' : 'ArrowLeft';
        const drawn = new Promise<void>((resolve) => {
          const observer = new MutationObserver(() => {
            observer.disconnect();
            resolve();
          });
          observer.observe(picture, { attributeFilter: ['data-shown'] });
        });
        const start = performance.now();
        slider.dispatchEvent(new KeyboardEvent('keydown', { key, bubbles: true }));
        await drawn;
        times.push(performance.now() - start);
        await new Promise((resolve) => setTimeout(resolve, 30));
      }
      return times;
    },
    STAGE,
    tape,
    CHANGES,
  );

/** Changes of a recipe in the page, of a frame of 12 MP. */
async function recipeBench(): Promise<Result[]> {
  const app = await serve();
  const browser = await launch();
  try {
    const results: Result[] = [];
    for (const [where, viewport] of [
      ['phone', PHONE],
      ['wide', WIDE],
    ] as const) {
      const link = '/?scene=drying-shed&mp=12&files=dng&support=tripod&time=1/60&iso=100';
      const { page } = await openPage(browser, app.url + link, viewport);
      await fieldReady(page);
      await tap(page, EXPOSE);
      await framesStored(page, 1);
      await tap(page, FRAME);
      await page.waitForSelector('[data-testid=frame-picture][data-shown]');
      await press(page, 'Develop ...');
      await page.waitForSelector(`${STAGE}[data-shown]`);
      for (const tape of ['Exposure', 'Shadows', 'White', 'Noise']) {
        const times = await changes(page, tape);
        results.push(
          reported(
            `recipe-${where}-${tape.toLowerCase()}`,
            percentile(times, 0.95),
            'ms',
            `a key on the tape to the picture drawn anew, 95th percentile of ${CHANGES}, 12 MP seen whole; under 100 asked`,
          ),
        );
      }
      await page.close();
    }
    return results;
  } finally {
    await browser.close();
    app.stop();
  }
}

/** The way home: a raw developed, a recipe changed, frames handed to the computer. */
export const deliverBench = async (): Promise<Result[]> => [
  ...developBench(),
  ...(await recipeBench()),
  ...(await handoffBench()),
];
