import { spawn, type ChildProcess } from 'node:child_process';
import { mkdtempSync, readdirSync, readFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import puppeteer, {
  type Browser,
  type BrowserContext,
  type ElementHandle,
  type Page,
} from 'puppeteer-core';

const ROOT = join(__dirname, '../..');
export const FLAGS = (
  '--no-sandbox --disable-gpu --disable-quic --no-first-run --disable-background-networking ' +
  '--disable-component-update --disable-sync --mute-audio'
).split(' ');

/** The built app, served by the project's own server on a free port. */
export interface Served {
  readonly url: string;
  stop(): void;
}

export async function serve(): Promise<Served> {
  const server: ChildProcess = spawn(
    process.execPath,
    ['--import', 'tsx', join(ROOT, 'server/src/main.ts')],
    { cwd: ROOT, env: { ...process.env, PORT: '0' }, stdio: ['ignore', 'pipe', 'inherit'] },
  );
  const url = await new Promise<string>((resolve, reject) => {
    server.stdout!.on('data', (data: Buffer) => {
      const found = /http:\/\/\S+/.exec(data.toString());
      if (found) resolve(found[0]);
    });
    server.on('exit', () => reject(new Error('the server did not start')));
  });
  return { url, stop: () => void server.kill() };
}

/** Resolves once nobody answers at an address any more. */
export const serverGone = (url: string): Promise<string> =>
  until(
    () =>
      fetch(url).then(
        () => 'there',
        () => 'gone',
      ),
    /gone/,
  );

export const newProfile = (): string => mkdtempSync(join(tmpdir(), 'velmo-chromium-'));

/**
 * Chromium's engine without a browser's windows, cameras and tabs behind tabs: a test takes a third
 * less of the processor.
 */
export const SHELL = process.env.CHROMIUM_SHELL ?? '/usr/bin/chromium-headless-shell';
/** The browser as people have it. */
export const WHOLE = process.env.CHROMIUM ?? '/usr/bin/chromium';

/**
 * A fake camera that is allowed, one not allowed, none; or one that the page is given instead, see
 * `filmCamera`.
 */
export type CameraKind = 'allowed' | 'present' | 'none' | 'film';

/** A new Chromium with a profile of its own. */
export function launch(
  camera: CameraKind = 'none',
  profile = newProfile(),
  flags: readonly string[] = [],
  program = camera === 'allowed' || camera === 'present' ? WHOLE : SHELL,
): Promise<Browser> {
  const allowed = ['--use-fake-device-for-media-stream', '--use-fake-ui-for-media-stream'];
  const present = ['--use-fake-device-for-media-stream'];
  const cameraFlags = { allowed, present, none: [], film: allowed }[camera];
  return puppeteer.launch({
    executablePath: program,
    headless: program === SHELL ? 'shell' : true,
    userDataDir: profile,
    args: [...FLAGS, ...cameraFlags, ...flags],
  });
}

export const pause = (ms: number): Promise<void> =>
  new Promise((resolve) => setTimeout(resolve, ms));

export const PHONE = { width: 390, height: 844 };
export const WIDE = { width: 1280, height: 800 };

/** Where pages are opened that share what they keep: a browser, or a context of its own in one. */
export type Pages = Pick<BrowserContext, 'newPage'>;

/**
 * A page of the app whose errors fail the test that asks for them.
 *
 * @param offline whether the browser may keep the app for use without a server: most tests want
 *   the server's answers, and the processor to themselves
 */
export async function openPage(
  browser: Pages,
  url: string,
  viewport = PHONE,
  offline: 'kept' | 'not kept' = 'not kept',
): Promise<{ page: Page; errors: string[] }> {
  const page = await browser.newPage();
  if (offline === 'not kept')
    await page.evaluateOnNewDocument(() => {
      Object.defineProperty(navigator, 'serviceWorker', { value: undefined });
    });
  const errors: string[] = [];
  page.on('pageerror', (error) => errors.push(String(error)));
  page.on('console', (message) => {
    if (message.type() === 'error') errors.push(message.text());
  });
  await page.setViewport({ ...viewport, deviceScaleFactor: 1 });
  await page.goto(url);
  return { page, errors };
}

/** What a link has to name so that nothing is left over from an earlier visit. */
const PLAIN = [
  'comp=0',
  'mp=12',
  'lens=main',
  'crop=1',
  'meter=centre',
  'spot=0.5,0.5',
  'support=hand',
  'stabiliser=0',
  'nd=0',
  'torch=off',
  'subject=scene',
  'mains=50',
  // Found anew on every page, focus would change the light while a test reads it.
  'focus=inf',
  'series=single',
  'delay=0',
];

/** A link into Field: what the query does not name is plain. */
export function plainLink(query: string): string {
  const named = query.split('&').filter(Boolean);
  const given = new Set(named.map((part) => part.split('=')[0]));
  return `/?${[...named, ...PLAIN.filter((part) => !given.has(part.split('=')[0]))].join('&')}`;
}

/** Field as a plain link opens it, with its first readings there. */
export async function openField(
  browser: Pages,
  url: string,
  query: string,
  viewport = PHONE,
): Promise<Page> {
  const { page } = await openPage(browser, url + plainLink(query), viewport);
  await fieldReady(page);
  return page;
}

/** Field with nothing left to the camera but focus, and small frames of one file. */
export const SMALL_DNG = '/?scene=test-wall&mp=3&time=1/125&iso=100&files=dng';

/** The Expose bar, the frame taken last, and the Window. */
export const EXPOSE = '[data-testid=expose]';
export const LAST_FRAME = '[role=link][aria-label^="Frame"]';
export const WINDOW = '[aria-label^="Live picture"]';

/** All words on the page. */
export const pageText = (page: Page): Promise<string> =>
  page.$eval('body', (e) => (e as HTMLElement).innerText);

export const slider = (name: string): string => `[role=slider][aria-label="${name}"]`;

export const valueText = (page: Page, name: string): Promise<string> =>
  page.$eval(slider(name), (e) => e.getAttribute('aria-valuetext') ?? '');

export const verdict = (page: Page): Promise<string> =>
  page.$eval('[role=status]', (e) => e.textContent ?? '');

/**
 * Waits until a text read from the page satisfies a pattern; fails with what it was instead. Asks
 * less often the longer it takes: a page that is asked has the less time for what is waited for.
 */
export async function until(
  read: () => Promise<string>,
  pattern: RegExp,
  ms = 15000,
): Promise<string> {
  const start = Date.now();
  let last = '';
  for (let gone = 0; gone < ms; gone = Date.now() - start) {
    last = await read().catch((error) => String(error));
    if (pattern.test(last)) return last;
    await pause(Math.min(250, 25 + gone / 8));
  }
  throw new Error(`waited for ${pattern}, got "${last}"`);
}

/**
 * Waits until the picture is as sharp as its framing gets: what is read from it changes until then.
 */
export async function refined(page: Page): Promise<void> {
  await page.waitForSelector('[data-testid=window][aria-busy=false]', { timeout: 60_000 });
}

/** Field with its first readings there. */
export async function fieldReady(page: Page): Promise<void> {
  await page.waitForSelector(slider('Ladder'));
  await until(() => valueText(page, 'Ladder'), /clip/);
}

/**
 * Opens the frame taken last. Just after a reload the page may still be laying itself out, and a
 * tap can land beside what it was meant for: it is tapped again, as a person would.
 */
export async function openLastFrame(page: Page): Promise<void> {
  for (let attempt = 0; attempt < 4; attempt++) {
    await page.waitForSelector(LAST_FRAME, { timeout: 60_000 });
    await tap(page, LAST_FRAME).catch(() => {});
    const opened = until(() => Promise.resolve(page.url()), /\/frame\//, 4000);
    if (await opened.catch(() => null)) return;
  }
  throw new Error('the frame taken last does not open');
}

/**
 * The middle of an element, in page pixels, once it lies still, in view and under nothing else: a
 * list that scrolls under a press takes the press away, as it does from a finger.
 */
export async function stillPlace(
  page: Page,
  target: string | ElementHandle<Element>,
): Promise<{ x: number; y: number }> {
  const element = typeof target === 'string' ? await page.waitForSelector(target) : target;
  const place = await element!.evaluate(async (e) => {
    e.scrollIntoView({ block: 'nearest', behavior: 'instant' });
    let last = '';
    let still = 0;
    for (let frames = 0; frames < 600; frames++) {
      await new Promise(requestAnimationFrame);
      const box = e.getBoundingClientRect();
      const [x, y] = [box.x + box.width / 2, box.y + box.height / 2];
      const hit = document.elementFromPoint(x, y);
      const now = `${x} ${y} ${box.width}`;
      still = now === last && hit && e.contains(hit) ? still + 1 : 0;
      if (still === 3) return { x, y };
      last = now;
    }
    return null;
  });
  if (!place) throw new Error(`${String(target)} does not keep still, or something lies over it`);
  return place;
}

/** Taps an element, given itself or by a selector. */
export async function tap(page: Page, target: string | ElementHandle<Element>): Promise<void> {
  const { x, y } = await stillPlace(page, target);
  await page.mouse.click(x, y);
}

interface At {
  readonly x: number;
  readonly y: number;
}

/**
 * Presses and drags at once, in steps as long as each other, and does not let go. A finger that
 * keeps still for half a second asks why instead: the first step goes with the press, however slow
 * the machine.
 */
export async function dragHeld({ mouse }: Page, from: At, to: At, steps: number): Promise<void> {
  const [x, y] = [(to.x - from.x) / steps, (to.y - from.y) / steps];
  await mouse.move(from.x, from.y);
  await Promise.all([mouse.down(), mouse.move(from.x + x, from.y + y)]);
  for (let k = 2; k <= steps; k++) await mouse.move(from.x + k * x, from.y + k * y);
}

/**
 * Taps a place twice, as fast as a finger does however slow the machine: no tap waits for the one
 * before to be answered.
 */
export const doubleTap = (page: Page, x: number, y: number): Promise<void> =>
  page.mouse.click(x, y, { count: 2 });

/** Presses the button that says exactly this. */
export const press = (page: Page, text: string): Promise<void> =>
  tap(page, `::-p-xpath(//*[@role="button"][normalize-space()="${text}"])`);

/** Presses the button whose words begin so. */
export const pressFirst = (page: Page, start: string): Promise<void> =>
  tap(page, `::-p-xpath(//*[@role="button"][starts-with(normalize-space(), "${start}")])`);

/** The address of what is dropped, in all rolls. */
export const DROPPED = '/frames?which=dropped';

/** In a roll whose dropped frames are looked at: deletes them for good. */
export async function emptyDropped(page: Page): Promise<void> {
  await press(page, 'Empty the dropped ...');
  await press(page, 'Delete for good').catch(async (error) => {
    throw new Error(`${error}. The page says: ${await pageText(page)}`);
  });
}

/** In an open frame: drops it, or what the button says, and deletes what is dropped for good. */
export async function dropForGood(page: Page, drop = 'Drop'): Promise<void> {
  await press(page, drop);
  await page.waitForSelector('[data-testid=notch-dropped]');
  await press(page, 'All frames');
  await tap(page, '[aria-label^="Which:"]');
  await press(page, 'dropped');
  await emptyDropped(page);
  await until(() => pageText(page), /No frame yet|None of the/);
}

/** Lets the page save into a folder of its own; `next` waits for another file of that ending. */
export async function downloads(page: Page): Promise<{ next(ending: string): Promise<string> }> {
  const folder = mkdtempSync(join(tmpdir(), 'velmo-saved-'));
  const client = await page.createCDPSession();
  await client.send('Browser.setDownloadBehavior', {
    behavior: 'allow',
    downloadPath: folder,
    browserContextId: page.browserContext().id,
  });
  const given = new Set<string>();
  return {
    async next(ending) {
      const name = await until(
        async () => readdirSync(folder).find((f) => f.endsWith(ending) && !given.has(f)) ?? '',
        /./,
      );
      given.add(name);
      const path = join(folder, name);
      await until(async () => `${readFileSync(path).length > 1000}`, /true/);
      return path;
    },
  };
}

/** What axe-core finds wrong with the page, a line each. */
export async function axeViolations(page: Page): Promise<string[]> {
  // By the tools' own door: the page's policy lets no script be written into it.
  await page.evaluate(readFileSync(require.resolve('axe-core'), 'utf8'));
  return page.evaluate(async () => {
    const { axe } = window as unknown as {
      axe: { run(): Promise<{ violations: { id: string; nodes: { html: string }[] }[] }> };
    };
    const { violations } = await axe.run();
    return violations.map(
      (v) => `${v.id}: ${v.nodes.map((n) => n.html.slice(0, 120)).join(' | ')}`,
    );
  });
}
