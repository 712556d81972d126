import type { Page } from 'puppeteer-core';
import { NIGHT_LUMINANCE } from '../../app/src/theme/plates/night';
import {
  axeViolations,
  EXPOSE,
  fieldReady,
  pageText,
  press,
  tap,
  until,
  WIDE,
} from '../support/browser';
import { brightestOf } from '../support/brightest';
import { everyScreen } from '../support/everyScreen';
import { fieldSuite } from '../support/suite';

jest.setTimeout(180_000);
const { app, field } = fieldSuite('each');

const brightest = async (page: Page) => brightestOf(Buffer.from(await page.screenshot()));

async function choose(page: Page, ...names: string[]): Promise<void> {
  await page.keyboard.press('r');
  for (const name of names) await tap(page, `[aria-label="${name}"]`);
  await page.keyboard.press('Escape');
  await page.waitForSelector('[aria-label="Plate: night"]', { hidden: true });
}

test('night: on no screen is there blue or green, nor more than 2.5 % of white, from the first picture on', async () => {
  const page = await field('scene=drying-shed&mp=3&time=1/60&iso=100');
  expect((await brightest(page)).luminance).toBeGreaterThan(0.5);
  await choose(page, 'Plate: night');
  await everyScreen(page, app.url, async (name) => {
    const { luminance, greenOrBlue } = await brightest(page);
    expect([name, greenOrBlue]).toEqual([name, 0]);
    expect(luminance).toBeLessThan(NIGHT_LUMINANCE);
    // It shows something all the same.
    expect(luminance).toBeGreaterThan(0.005);
  });
});

test('the ladder’s histogram is drawn in the colours of its channels, on every plate', async () => {
  const page = await field('scene=test-wall&mp=3&time=1/60&iso=100');
  const coloured = (): Promise<string> =>
    page.$eval('[role=slider][aria-label=Ladder] canvas', (e) => {
      const canvas = e as HTMLCanvasElement;
      const { data } = canvas.getContext('2d')!.getImageData(0, 0, canvas.width, canvas.height);
      const seen = new Set<string>();
      for (let i = 0; i < data.length; i += 4) {
        const [r, g, b, alpha] = data.subarray(i, i + 4);
        if (alpha < 250) continue;
        if (r > 200 && g < 180) seen.add('red');
        if (g > 180 && r < 180 && b < 190) seen.add('green');
        if (b > 200 && r < 190) seen.add('blue');
      }
      return [...seen].sort().join(' ');
    });
  await until(coloured, /^blue green red$/);
  await page.keyboard.press('q');
  await until(coloured, /^blue green red$/);
});

test('every plate in either hand: nothing for axe to find', async () => {
  const page = await field('scene=test-wall&mp=3&time=1/60&iso=100');
  for (const plate of ['sunlight', 'night', 'graphite'])
    for (const hand of ['left', 'right']) {
      await choose(page, `Plate: ${plate}`, `Hand: ${hand}`);
      expect([plate, hand, await axeViolations(page)]).toEqual([plate, hand, []]);
    }
});

test('every screen in sunlight, in larger type and for the left hand: nothing for axe to find', async () => {
  const page = await field('scene=test-wall&mp=3&time=1/60&iso=100');
  await choose(page, 'Plate: sunlight', 'Type: larger', 'Hand: left');
  await everyScreen(page, app.url, async (name) =>
    expect([name, await axeViolations(page)]).toEqual([name, []]),
  );
});

const middleOf = (page: Page, selector: string): Promise<number> =>
  page.$eval(selector, (e) => {
    const { x, width } = e.getBoundingClientRect();
    return (x + width / 2) / innerWidth;
  });

test('the left hand: ladder, caps and buttons lie on its side, on a phone and on a wide screen', async () => {
  const page = await field('scene=test-wall&mp=3&time=auto&iso=auto');
  const places = (): Promise<number[]> =>
    Promise.all(
      [
        '[role=slider][aria-label=Ladder]',
        '[aria-label^="push right"]',
        '[aria-label^="all auto"]',
        '[data-testid=series]',
      ].map((selector) => middleOf(page, selector)),
    );
  const right = await places();
  for (const place of right) expect(place).toBeGreaterThan(0.5);
  await choose(page, 'Hand: left');
  const left = await places();
  for (const [i, place] of left.entries()) expect(place).toBeCloseTo(1 - right[i], 1);
  await page.setViewport({ ...WIDE, deviceScaleFactor: 1 });
  await until(async () => String((await middleOf(page, EXPOSE)) < 0.3), /true/);
  expect(await middleOf(page, '[role=slider][aria-label=Ladder]')).toBeLessThan(0.5);
  // Changed just before a reload, and kept all the same.
  await choose(page, 'Hand: right', 'Hand: left');
  await page.reload();
  await fieldReady(page);
  expect(await middleOf(page, EXPOSE)).toBeLessThan(0.3);
});

test('the screen is kept awake by choice, while Field is there', async () => {
  const page = await field('scene=test-wall&mp=3');
  await page.evaluate(() => {
    const counted = window as unknown as { locks: number };
    counted.locks = 0;
    const request = (): Promise<unknown> => {
      counted.locks++;
      return Promise.resolve({
        release: () => {
          counted.locks--;
          return Promise.resolve();
        },
      });
    };
    Object.defineProperty(navigator, 'wakeLock', { value: { request }, configurable: true });
  });
  const locks = (): Promise<string> =>
    page.evaluate(() => String((window as unknown as { locks: number }).locks));
  expect(await locks()).toBe('0');
  await choose(page, 'Awake: while Velmo is open');
  await until(locks, /^1$/);
  await choose(page, 'Awake: while exposing');
  await until(locks, /^0$/);
});

test('frames left, a battery that runs out and whether storage is kept can be seen', async () => {
  const page = await field('scene=test-wall&mp=3');
  const files = (): Promise<string> =>
    page.$eval('[aria-label^="Files and roll"]', (e) => e.getAttribute('aria-label') ?? '');
  await until(files, /DNG · \d+\+? salt-works/);
  await page.evaluateOnNewDocument(() => {
    const battery = Object.assign(new EventTarget(), { level: 0.12, charging: false });
    Object.assign(window, { battery });
    Object.defineProperty(navigator, 'getBattery', { value: async () => battery });
    Object.defineProperty(navigator.storage, 'persisted', { value: async () => false });
    Object.defineProperty(navigator.storage, 'persist', { value: async () => true });
  });
  await page.setViewport({ width: 360, height: 640, deviceScaleFactor: 1 });
  await page.reload();
  await fieldReady(page);
  await until(files, /DNG battery 12 %/);
  await page.keyboard.press('f');
  await until(() => pageText(page), /may clear what is stored here/);
  await press(page, 'Ask it to keep them');
  await until(() => pageText(page), /Battery 12 %\. The browser has promised to keep/);
  await page.evaluate(() => {
    const { battery } = window as unknown as { battery: EventTarget };
    Object.assign(battery, { charging: true });
    battery.dispatchEvent(new Event('chargingchange'));
  });
  await until(files, /DNG salt-works/);
  // A wide screen has room for all of it.
  await page.keyboard.press('Escape');
  await page.setViewport({ ...WIDE, deviceScaleFactor: 1 });
  await until(files, /salt-works · battery 12 %, charging · storage kept/);
});
