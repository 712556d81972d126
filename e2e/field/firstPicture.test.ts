import type { Page } from 'puppeteer-core';
import {
  fieldReady,
  openPage,
  pageText,
  PHONE,
  refined,
  tap,
  until,
  valueText,
  WIDE,
} from '../support/browser';
import { fieldSuite } from '../support/suite';

jest.setTimeout(120_000);
const { app, pages } = fieldSuite('each');

/** Left, top, width, height in CSS pixels. */
type Box = readonly number[];

interface Watched {
  /** What the page's head has begun. */
  velmoLive?: { readonly canvas: HTMLCanvasElement };
  /** The first canvas of the page, where it was laid, and how it was coloured. */
  velmoFirst?: { readonly canvas: HTMLCanvasElement; readonly box: Box; readonly filter: string };
}

/** Notes the first canvas that is laid over the page. */
function watchFirst(): void {
  const watch = new MutationObserver((records) => {
    for (const node of records.flatMap((record) => [...record.addedNodes])) {
      if (!(node instanceof HTMLCanvasElement) || node.parentElement !== document.body) continue;
      const { left, top, width, height } = node.getBoundingClientRect();
      const { filter } = node.style;
      Object.assign(window, {
        velmoFirst: { canvas: node, box: [left, top, width, height], filter },
      });
      watch.disconnect();
    }
  });
  watch.observe(document, { childList: true, subtree: true });
}

async function watched(viewport = PHONE): Promise<Page> {
  const { page } = await openPage(pages(), 'about:blank', viewport);
  await page.evaluateOnNewDocument(watchFirst);
  return page;
}

/** Where the first canvas was laid, and where it is now, in the Window. */
const firstAndNow = (page: Page): Promise<{ first: Box; now: Box; inWindow: boolean }> =>
  page.evaluate(() => {
    const { canvas, box } = (window as Watched).velmoFirst!;
    const { left, top, width, height } = canvas.getBoundingClientRect();
    const host = document.querySelector('[data-testid=window]')!;
    return {
      first: box,
      now: [left, top, width, height],
      inWindow: canvas.parentElement === host && host.querySelectorAll('canvas').length === 1,
    };
  });

async function expectInPlace(page: Page): Promise<void> {
  await fieldReady(page);
  const { first, now, inWindow } = await firstAndNow(page);
  expect(inWindow).toBe(true);
  for (const [i, value] of first.entries()) expect(value).toBeCloseTo(now[i], 0);
}

test.each([
  ['an upright phone', PHONE],
  ['a small phone', { width: 360, height: 640 }],
  ['a phone on its side', { width: 844, height: 390 }],
  ['a wide screen', WIDE],
])('%s: the picture begins where the Window is going to be, for either hand', async (_, size) => {
  const page = await watched(size);
  await page.goto(`${app.url}/?scene=test-wall`);
  await expectInPlace(page);
  await page.keyboard.press('r');
  await tap(page, '[aria-label="Hand: left"]');
  await page.goto(`${app.url}/?scene=pans-at-noon`);
  await expectInPlace(page);
  const { left, right } = (await page.evaluate(() =>
    document.querySelector('[data-testid=window]')!.getBoundingClientRect().toJSON(),
  )) as DOMRect;
  // What lies beside the picture lies on its left now.
  expect(left + right).toBeGreaterThan(size.width - 1);
});

test('at night it begins in the colours of the plate', async () => {
  const page = await watched();
  await page.goto(`${app.url}/?scene=test-wall`);
  await fieldReady(page);
  await page.keyboard.press('r');
  await tap(page, '[aria-label="Plate: night"]');
  await page.reload();
  await fieldReady(page);
  expect(await page.evaluate(() => (window as Watched).velmoFirst!.filter)).toBe('grayscale(1)');
});

test('where another camera is asked for, nothing of it lies over the page', async () => {
  const page = await watched();
  await page.goto(`${app.url}/?device=browser`);
  await page.waitForSelector('[role=alert], [role=status]');
  expect(await page.$$eval('body > canvas', (found) => found.length)).toBe(0);
});

/** The mean of what the worker has drawn on the canvas of the page's head; none before it has. */
const headPicture = (page: Page): Promise<readonly number[]> =>
  page.evaluate(() => {
    const { canvas } = (window as Watched).velmoLive!;
    const small = new OffscreenCanvas(1, 1).getContext('2d')!;
    small.imageSmoothingQuality = 'high';
    small.drawImage(canvas, 0, 0, 1, 1);
    return [...small.getImageData(0, 0, 1, 1).data.slice(0, 3)];
  });

test('it is drawn before the app is there, and as Field was left', async () => {
  const page = await watched();
  await page.goto(`${app.url}/?scene=drying-shed&time=1/60&iso=100`);
  await fieldReady(page);
  const { now } = await firstAndNow(page);
  const withoutApp = async (): Promise<readonly number[]> => {
    const network = await page.createCDPSession();
    await network.send('Network.enable');
    await network.send('Network.setBlockedURLs', { urls: ['*/entry-*'] });
    await page.goto(`${app.url}/`);
    await until(async () => String((await headPicture(page)).some((v) => v > 0)), /true/);
    await network.detach();
    return headPicture(page);
  };
  const shed = await withoutApp();
  expect(await page.$('[data-testid=window]')).toBeNull();
  // Where the Window was, and above what the page holds.
  const laid = await page.$eval('body > canvas', (canvas) => {
    const { left, top, width, height } = canvas.getBoundingClientRect();
    canvas.style.pointerEvents = '';
    const onTop = document.elementFromPoint(left + width / 2, top + height / 2) === canvas;
    return { box: [left, top, width, height], onTop };
  });
  expect(laid.box).toEqual(now);
  expect(laid.onTop).toBe(true);
  await page.goto(`${app.url}/?scene=test-wall&time=1/60&iso=100`);
  await fieldReady(page);
  const wall = await withoutApp();
  // The shed at a sixtieth is nearly black but for its window, the wall grey.
  expect(Math.max(...shed)).toBeLessThan(Math.min(...wall));
});

test.each([
  ['place', { target: { sceneId: 7 }, settings: { time: 'soon' } }],
  [
    'settings',
    { target: { sceneId: 'drying-shed', aim: { yawRad: 0, pitchRad: 0 } }, settings: {} },
  ],
])('what was noted cannot be used for its %s: Field opens as it is kept', async (_, spoilt) => {
  const page = await watched();
  await page.goto(`${app.url}/?scene=drying-shed&iso=400`);
  await fieldReady(page);
  await page.goto(`${app.url}/frames`);
  await page.evaluate((shot) => {
    const { target, settings } = shot;
    const camera = { device: 'simulated', scene: target.sceneId };
    const noted = { shot: { ...shot, upright: true }, settings, preferences: 3, camera };
    const { innerWidth: width, innerHeight: height } = window;
    const lay = 'position: absolute; top: 90px';
    localStorage.setItem('velmo-opening', JSON.stringify({ ...noted, width, height, lay }));
  }, spoilt);
  await page.goto(`${app.url}/`);
  await fieldReady(page);
  // The canvas of the head is the Window's, or gone.
  expect(await page.$$eval('body > canvas', (found) => found.length)).toBe(0);
  expect(await valueText(page, 'ISO')).toMatch(/400/);
  expect(await pageText(page)).toContain('Drying shed');
});

test('while what is kept does not answer, the picture is there, and Field says what it waits for', async () => {
  const page = await watched();
  await page.evaluateOnNewDocument(() => {
    const { open } = IDBFactory.prototype;
    IDBFactory.prototype.open = function (...asked) {
      const request = open.apply(this, asked);
      for (const answer of ['success', 'error', 'upgradeneeded', 'blocked'])
        request.addEventListener(answer, (event) => event.stopImmediatePropagation());
      return request;
    };
  });
  await page.goto(`${app.url}/`);
  await until(() => pageText(page), /does not answer yet/);
  expect(await page.$$eval('body > canvas', (found) => found.length)).toBe(1);
  // Without it, after ten seconds.
  await until(() => valueText(page, 'Ladder'), /clip/, 60_000);
  expect(await pageText(page)).not.toContain('does not answer yet');
});

/** Names on tapes that are shown, each with where it stands. */
const shownNames = (page: Page): Promise<string> =>
  page.$$eval('[data-from]', (all) =>
    (all as HTMLElement[])
      .filter(({ style }) => style.opacity === '1')
      .map(({ textContent, style }) => `${textContent} ${style.transform}`)
      .sort()
      .join('\n'),
  );

test('names on tapes stand as they do in the page’s own face, however late that comes', async () => {
  const held = '/?scene=drying-shed&time=1/60&iso=auto&focus=inf&white=5500';
  const known = await watched();
  await known.goto(app.url + held);
  await fieldReady(known);
  await known.evaluate(() => document.fonts.ready);
  await refined(known);
  const inOwnFace = await until(() => shownNames(known), /ISO runs out/);
  await known.close();

  const page = await watched();
  let letGo = (): void => {};
  const late = new Promise<void>((resolve) => (letGo = resolve));
  await page.setRequestInterception(true);
  page.on('request', (request) => {
    const isFace = request.url().endsWith('.woff2');
    void (isFace ? late : Promise.resolve()).then(() => request.continue());
  });
  // The page's load waits for its faces.
  await page.goto(app.url + held, { waitUntil: 'domcontentloaded' });
  await fieldReady(page);
  expect(await page.evaluate(() => document.fonts.status)).toBe('loading');
  letGo();
  await until(async () => String((await shownNames(page)) === inOwnFace), /^true$/);
});
