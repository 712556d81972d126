import { mkdtempSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { PNG } from 'pngjs';
import puppeteer, { type Browser, type KeyInput, type Page } from 'puppeteer-core';
import { doubleTap, launch, newProfile, PHONE, WHOLE } from '../support/browser';
import { startScreen, type Screen } from './screen';
import type { Engine, MockCamera, Place, Size, Tab } from './tab';

/** Chromium, by its own protocol. */
export async function chromiumTab(camera: MockCamera): Promise<Tab> {
  const flags = camera === 'denied' ? ['--deny-permission-prompts'] : [];
  const kind = camera === 'allowed' ? 'allowed' : 'present';
  const browser = await launch(kind, newProfile(), flags, WHOLE);
  const downloads = mkdtempSync(join(tmpdir(), 'velmo-saved-'));
  const client = await browser.target().createCDPSession();
  await client.send('Browser.setDownloadBehavior', { behavior: 'allow', downloadPath: downloads });
  return tabOf('chromium', browser, downloads);
}

/**
 * Firefox, by WebDriver BiDi (Debian has no geckodriver), on a screen that is photographed: its own
 * screenshots hang now and then for ten seconds on a page whose canvas belongs to a worker, and
 * show the canvas black.
 */
export async function firefoxTab(camera: MockCamera): Promise<Tab> {
  const downloads = mkdtempSync(join(tmpdir(), 'velmo-saved-'));
  const screen = await startScreen();
  const browser = await puppeteer.launch({
    browser: 'firefox',
    executablePath: process.env.FIREFOX ?? '/usr/bin/firefox-esr',
    headless: false,
    // As a person does who has compared its sum with the printed one.
    acceptInsecureCerts: true,
    args: ['--width', '1400', '--height', '1100'],
    env: { ...process.env, DISPLAY: screen.display },
    userDataDir: mkdtempSync(join(tmpdir(), 'velmo-firefox-')),
    extraPrefsFirefox: {
      'media.navigator.streams.fake': true,
      'media.navigator.permission.disabled': camera === 'allowed',
      'permissions.default.camera': camera === 'allowed' ? 1 : 2,
      // A screen for fingers, as a phone's is.
      'dom.w3c_touch_events.enabled': 1,
      'browser.download.folderList': 2,
      'browser.download.dir': downloads,
      'browser.download.alwaysOpenPanel': false,
    },
  });
  return tabOf('firefox', browser, downloads, screen);
}

async function tabOf(
  engine: Engine,
  browser: Browser,
  downloads: string,
  screen: Screen | null = null,
): Promise<Tab> {
  const page = await browser.newPage();
  await page.setViewport({ ...PHONE, deviceScaleFactor: 1, hasTouch: true });
  return new PuppeteerTab(engine, await browser.version(), browser, page, downloads, screen);
}

/** A finger that keeps still for so long asks why. */
const ASKS_WHY_MS = 500;

/** What Firefox says of a part that a page was still loading ahead of need when it was left. */
const GIVEN_UP = /Failed to load .* A ServiceWorker intercepted the request/;

class PuppeteerTab implements Tab {
  readonly errors: string[] = [];

  constructor(
    readonly engine: Engine,
    readonly version: string,
    private readonly browser: Browser,
    private readonly page: Page,
    readonly downloads: string,
    private readonly screen: Screen | null,
  ) {
    page.on('pageerror', (error) => {
      if (!GIVEN_UP.test(String(error))) this.errors.push(String(error));
    });
  }

  get pid(): number {
    return this.browser.process()!.pid!;
  }

  async goto(url: string): Promise<void> {
    await this.page.goto(url);
  }

  evaluate(expression: string): Promise<unknown> {
    return this.page.evaluate(expression);
  }

  async screenshot(): Promise<Buffer> {
    if (!this.screen) return Buffer.from(await this.page.screenshot());
    const whole = PNG.sync.read(await this.screen.photograph());
    const [x, y, width, height] = (await this.evaluate(
      '[mozInnerScreenX, mozInnerScreenY, innerWidth, innerHeight]',
    )) as number[];
    const page = new PNG({ width, height });
    PNG.bitblt(whole, page, Math.round(x), Math.round(y), width, height, 0, 0);
    return PNG.sync.write(page);
  }

  async drag(places: readonly Place[], pointer: 'mouse' | 'touch' = 'mouse'): Promise<void> {
    const [first, second, ...rest] = places;
    const { mouse, touchscreen } = this.page;
    // A tap is one command, a press and its first step go together: on a busy machine a finger that
    // waits to be taken up or moved asks why.
    if (!second)
      return pointer === 'touch'
        ? touchscreen.tap(first.x, first.y)
        : mouse.click(first.x, first.y);
    if (pointer === 'touch') {
      const pressed = performance.now();
      const touch = await touchscreen.touchStart(first.x, first.y);
      await touch.move(second.x, second.y);
      // On a busy machine it has kept still for so long that it has asked why: once more.
      if (performance.now() - pressed > ASKS_WHY_MS) {
        await touch.end();
        await this.key('Escape');
        return this.drag(places, pointer);
      }
      for (const { x, y } of rest) await touch.move(x, y);
      await touch.end();
      return;
    }
    await mouse.move(first.x, first.y);
    await Promise.all([mouse.down(), mouse.move(second.x, second.y)]);
    for (const { x, y } of rest) await mouse.move(x, y);
    await mouse.up();
  }

  doubleTap({ x, y }: Place): Promise<void> {
    return doubleTap(this.page, x, y);
  }

  async pinch({ x, y }: Place, from: number, to: number): Promise<boolean> {
    // Firefox puts one finger down at a time.
    if (this.engine !== 'chromium') return false;
    const { touchscreen } = this.page;
    const left = await touchscreen.touchStart(x - from, y);
    const right = await touchscreen.touchStart(x + from, y);
    const steps = 8;
    for (let k = 1; k <= steps; k++) {
      const half = from + ((to - from) * k) / steps;
      await left.move(x - half, y);
      await right.move(x + half, y);
    }
    await left.end();
    await right.end();
    return true;
  }

  async key(key: string): Promise<void> {
    await this.page.keyboard.press(key as KeyInput);
  }

  async resize(size: Size): Promise<void> {
    await this.page.setViewport({ ...size, deviceScaleFactor: 1, hasTouch: true });
  }

  async behindAnother(work: () => Promise<void>): Promise<void> {
    const other = await this.browser.newPage();
    await other.bringToFront();
    try {
      await work();
    } finally {
      await other.close();
      await this.page.bringToFront();
    }
  }

  async close(): Promise<void> {
    await this.browser.close();
    this.screen?.stop();
  }
}
