import { join } from 'node:path';
import type { Browser, Page } from 'puppeteer-core';
import {
  EXPOSE,
  fieldReady,
  launch,
  openPage,
  pageText,
  PHONE,
  plainLink,
  press,
  pressFirst,
  refined,
  serve,
  slider,
  stillPlace,
  tap,
  until,
  WIDE,
} from '../e2e/support/browser';
import { cameraReady } from '../e2e/support/cameraSuite';
import { framesStored, storedCounts } from '../e2e/support/stored';
import { ALL_CONTROLS, filmCamera, PLAIN_SETTINGS } from '../e2e/support/filmCamera';
import { phoneView } from './phoneView';

/**
 * Takes the pictures in docs/screenshots anew, from the built app: `node tools/run-ts.mjs
 * tools/screenshots.ts`.
 */
const FOLDER = join(__dirname, '../docs/screenshots');
/** Time for what follows a change: readings, focus, fonts. */
const SETTLE_MS = 1500;

async function leavePin(page: Page, x: number, y: number): Promise<void> {
  await page.mouse.move(x, y);
  await page.mouse.down();
  await settle(700);
  await page.mouse.up();
}

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
    await refined(page);
    await settle();
    await before(page);
    await page.screenshot({ path: join(FOLDER, `${name}.png`) as `${string}.png` });
    await page.close();
  };
  /** Exposes what a link plans, and waits until its frames are stored. */
  const exposed = async (
    page: Page,
    query: string,
    series = 'single',
    frames = 1,
  ): Promise<void> => {
    const link = new URLSearchParams(
      'mp=3&aspect=4:3&files=dng&lens=main&nd=0&support=tripod&white=auto&time=auto&iso=auto',
    );
    for (const [name, value] of new URLSearchParams(query)) link.set(name, value);
    await page.goto(`${app.url}/?${link.toString()}&series=${series}`);
    await fieldReady(page);
    await refined(page);
    const before = (await storedCounts(page)).frames;
    await page.click('[data-testid=expose]');
    await framesStored(page, before + frames);
  };
  /** Frames of several places, a series among them, one kept and one dropped. */
  const roll = async (page: Page): Promise<void> => {
    for (const place of ['pans-at-noon', 'sluice-at-dusk', 'packing-bench'])
      await exposed(page, `scene=${place}`);
    await exposed(page, 'scene=drying-shed', 'bracket:5:2', 5);
    await exposed(page, 'scene=pans-at-noon&lens=tele');
    await page.goto(`${app.url}/frames`);
    await page.waitForSelector('[data-cell="3"]');
    await page.focus('[data-cell="2"]');
    await page.keyboard.press('k');
    await settle();
  };
  /** Two exposures a third of a stop apart, split by an edge. */
  const compared = async (page: Page): Promise<void> => {
    for (const time of ['1/60', '1/80'])
      await exposed(page, `scene=pans-at-noon&nd=6&time=${time}&iso=100`);
    await page.goto(`${app.url}/frames`);
    await page.waitForSelector('[data-cell="1"]');
    await press(page, 'Choose');
    for (const cell of [0, 1]) await page.click(`[data-cell="${cell}"]`);
    await press(page, 'Compare');
    await until(() => pageText(page), /Largest difference/);
    await press(page, 'split');
    await settle();
  };
  /** A burst by hand, ranked. */
  const best = async (page: Page): Promise<void> => {
    const query = 'scene=packing-bench&lens=tele&support=hand&time=1/15';
    await exposed(page, query, 'burst:4', 4);
    const stack = '[role=link][aria-label^="Series of 4 frames"]';
    await page.waitForSelector(stack);
    await page.click(stack);
    await press(page, 'Best of 4 ...');
    await until(() => pageText(page), /next/);
    await settle();
  };
  /** Five exposures of the shed, merged small. */
  const combined = async (page: Page): Promise<void> => {
    await exposed(page, 'scene=drying-shed&time=1/250&iso=100&focus=inf', 'bracket:5:2', 5);
    const stack = '[role=link][aria-label^="Series of 5 frames"]';
    await page.waitForSelector(stack);
    await page.click(stack);
    await press(page, 'Combine 5 ...');
    await page.waitForSelector('[aria-label="The frames combined, small"]');
    await settle();
  };
  const openFrame = async (page: Page): Promise<void> => {
    await page.click('[role=link][aria-label^="Frame"]');
    await until(() => pageText(page), /Clipped/);
    await settle();
  };
  /** The pans on the way to greys. */
  const developed = async (page: Page): Promise<void> => {
    await exposed(page, 'scene=pans-at-noon');
    await page.click('[role=link][aria-label^="Frame"]');
    await page.waitForSelector('[data-testid=frame-picture][data-shown]');
    await press(page, 'Develop ...');
    await press(page, 'Rust');
    await page.focus(slider('Shadows'));
    for (let n = 0; n < 4; n++) await page.keyboard.press('ArrowRight');
    await page.waitForSelector('[data-testid=develop-picture][data-shown*="0.2,"]');
    await settle();
  };
  const reframed = async (page: Page): Promise<void> => {
    await page.click('[data-testid=expose]');
    await framesStored(page, 1);
    await openFrame(page);
    await press(page, 'Reframe ...');
    await page.waitForSelector('[data-testid=reframe-picture][data-shown]');
    await press(page, '3:2');
    await page.focus(slider('Tilt'));
    for (let n = 0; n < 23; n++) await page.keyboard.press('ArrowLeft');
    await settle();
  };
  try {
    await shoot('field-phone', plainLink('scene=pans-at-noon&lens=main&time=auto&iso=auto'), PHONE);
    await shoot(
      'pins-phone',
      plainLink('scene=drying-shed&time=auto&iso=auto&meter=spot&spot=0.5,0.5'),
      PHONE,
      async (page) => {
        for (const [x, y] of [
          [196, 300],
          [90, 420],
        ])
          await leavePin(page, x, y);
      },
    );
    await shoot(
      'series-phone',
      plainLink('scene=drying-shed&time=auto&iso=100&support=tripod&focus=4&series=bracket:3:1'),
      PHONE,
      async (page) => {
        await page.keyboard.press('s');
        await pressFirst(page, 'Cover the scene');
        // What was answered goes by itself.
        await settle(8000);
      },
    );
    await shoot(
      'kits-phone',
      plainLink('scene=stars-over-the-pans&time=20&iso=1600&support=tripod'),
      PHONE,
      async (page) => {
        await page.keyboard.press('t');
        await press(page, 'Save what is set ...');
        await page.keyboard.type('Night over the pans');
        await press(page, 'Save');
        await page.waitForSelector('[aria-label^="Kit: Night"]');
        await settle();
      },
    );
    await shoot(
      'notes-phone',
      plainLink('scene=packing-bench&time=1/8&iso=100'),
      PHONE,
      async (page) => {
        await page.focus(slider('Time'));
        await page.keyboard.press('?');
        await settle();
      },
    );
    await shoot(
      'drill-phone',
      '/?drill=white-heap&round=0&mp=3&time=1/4000&iso=100',
      PHONE,
      async (page) => {
        await tap(page, EXPOSE);
        await until(() => pageText(page), /of 100/, 60_000);
        await settle();
      },
    );
    await shoot(
      'field-wide',
      plainLink('scene=pans-at-noon&time=1/4000&iso=100'),
      WIDE,
      async (page) => {
        await page.click('[data-testid=expose]');
        await page.waitForSelector('[role=link][aria-label^="Frame"]');
        await settle(1500);
      },
    );
    await shoot(
      'files-phone',
      plainLink('scene=pans-at-noon&time=auto&iso=auto&files=dng%2Bjpeg&aspect=16:9'),
      PHONE,
      (page) => page.keyboard.press('f'),
    );
    await shoot(
      'frame-phone',
      plainLink('scene=pans-at-noon&time=auto&iso=auto'),
      PHONE,
      openFrame,
    );
    await shoot(
      'focus-phone',
      plainLink('scene=packing-bench&support=tripod&focus=0.34'),
      PHONE,
      async (page) => {
        // In hand: edges in focus are lined, and the loupe opens as the tape turns.
        const { x, y } = await stillPlace(page, slider('Focus'));
        await page.mouse.move(x, y);
        await page.mouse.down();
        await page.mouse.move(x - 16, y, { steps: 3 });
        await page.mouse.move(x, y, { steps: 3 });
        await page.mouse.up();
        await settle();
      },
    );
    await shoot(
      'reframe-phone',
      plainLink('scene=pans-at-noon&time=auto&iso=auto&mp=3&files=dng'),
      PHONE,
      reframed,
    );
    await shoot('roll-phone', plainLink('scene=test-wall&time=1/125&iso=100'), PHONE, roll);
    await shoot('compare-phone', plainLink('scene=test-wall&time=1/125&iso=100'), PHONE, compared);
    await shoot('develop-phone', plainLink('scene=test-wall&time=1/125&iso=100'), PHONE, developed);
    await shoot('combine-phone', plainLink('scene=test-wall&time=1/125&iso=100'), PHONE, combined);
    await shoot('best-phone', plainLink('scene=test-wall&time=1/125&iso=100'), PHONE, best);
    await deviceCamera(app.url, browser);
    // Last, because marks are remembered.
    await shoot(
      'marks-wide',
      plainLink('scene=pans-at-noon&time=1/1600&iso=100'),
      WIDE,
      async (page) => {
        for (const key of ['z', 'h', 'k'] as const) await page.keyboard.press(key);
        await settle(1500);
      },
    );
  } finally {
    await browser.close();
    app.stop();
  }
}

/**
 * A camera of the browser: a film of what a phone would see of a simulated place, with every
 * control there is.
 */
async function deviceCamera(url: string, browser: Browser): Promise<void> {
  const { page } = await openPage(browser, 'about:blank', PHONE);
  // The compiler marks named functions with a helper that the page does not have.
  await page.evaluateOnNewDocument('globalThis.__name = (f) => f');
  await filmCamera(page, {
    curve: 'film',
    noise: 0.02,
    capabilities: ALL_CONTROLS,
    settings: PLAIN_SETTINGS,
    picture: phoneView('packing-bench', ['--lens', 'main', '--time', '1/60', '--iso', '200']),
  });
  await page.goto(
    `${url}/?device=browser&average=16&comp=0&time=auto&iso=auto&white=auto&series=single`,
  );
  await cameraReady(page);
  await settle();
  await page.screenshot({ path: join(FOLDER, 'device-camera-phone.png') });
  await page.keyboard.press('m');
  await press(page, 'Calibrate…');
  await press(page, 'Start the series');
  await settle(4000);
  await page.screenshot({ path: join(FOLDER, 'light-phone.png') });
  await page.close();
}

void main();
