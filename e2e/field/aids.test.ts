import type { Page } from 'puppeteer-core';
import {
  axeViolations,
  fieldReady,
  launch,
  openPage,
  slider,
  tap,
  until,
  WIDE,
} from '../support/browser';
import { fieldSuite } from '../support/suite';

jest.setTimeout(120_000);
const { app, field } = fieldSuite('each');

/** Paths of the lines over the picture, and the size of the picture they lie over. */
const drawn = (page: Page): Promise<{ width: number; height: number; paths: string[] }> =>
  page.$eval('[data-testid=aid-lines] svg', (svg) => ({
    width: svg.getBoundingClientRect().width,
    height: svg.getBoundingClientRect().height,
    paths: [...svg.querySelectorAll('path')].map((path) => path.getAttribute('d') ?? ''),
  }));

const level = (page: Page): Promise<string> =>
  page.$eval('[data-testid=level]', (e) => e.textContent ?? '');

test('grid, frame lines, level and caption are a tap each, where they belong, and are there after a reload', async () => {
  const page = await field('scene=pans-at-noon&mp=3&time=1/500&iso=100');
  await page.keyboard.press('k');
  for (const name of ['Grid: thirds', 'Frame: 1:1', 'Level: shown', 'Caption: exposure'])
    await tap(page, `[aria-label="${name}"]`);
  const { width, height, paths } = await drawn(page);
  const window = await page.$eval('[data-testid=window]', (e) => e.getBoundingClientRect().width);
  expect(width).toBeCloseTo(window, 0);
  const x = [...paths[1].matchAll(/M([\d.]+) 0\.0L/g)].map((found) => Number(found[1]) / width);
  expect(x[0]).toBeCloseTo(1 / 3, 2);
  expect(x[1]).toBeCloseTo(2 / 3, 2);
  const [, top, side] = /^M0\.0 ([\d.]+)h([\d.]+)v/.exec(paths[2])!.map(Number);
  expect(side).toBeCloseTo(width, 0);
  expect(top).toBeCloseTo((height - width) / 2, 0);
  await until(() => level(page), /^plumb · straight ahead$/);
  await page.waitForSelector('[data-testid=plumb]');
  const caption = (): Promise<string> =>
    page.$eval('[data-testid=caption]', (e) => e.textContent ?? '');
  await until(caption, /^1\/500 s ISO 100/);
  expect(await axeViolations(page)).toEqual([]);

  // The simulated camera looks up as the picture is dragged down: the level says so, and is right.
  await page.keyboard.press('Escape');
  await page.mouse.move(150, 260);
  await page.mouse.down();
  await page.mouse.move(150, 300, { steps: 8 });
  await page.mouse.up();
  await until(() => level(page), /^plumb · up \d/);

  await page.reload();
  await fieldReady(page);
  await until(() => level(page), /plumb/);
  await page.waitForSelector('[data-testid=aid-lines]');
  // Keys: the next grid, and the level away.
  await page.keyboard.press('i');
  await until(async () => {
    const golden = await drawn(page);
    const first = Number(/^M([\d.]+) /.exec(golden.paths[1])?.[1]);
    return (first / golden.width).toFixed(2);
  }, /^0\.38$/);
  await page.keyboard.press('y');
  await page.waitForSelector('[data-testid=level]', { hidden: true });
});

test('the level follows the phone’s own sensor, says how far off it is, and knows a page', async () => {
  const browser = await launch('allowed');
  try {
    const { page } = await openPage(browser, `${app.url}/?device=browser`, WIDE);
    await page.waitForSelector('[role=button]');
    const ask = await page.$('::-p-xpath(//*[@role="button"][contains(., "Ask")])');
    await ask?.click();
    await page.waitForSelector(slider('Ladder'), { timeout: 30_000 });
    const client = await page.createCDPSession();
    const hold = (beta: number, gamma: number): Promise<unknown> =>
      client.send('DeviceOrientation.setDeviceOrientationOverride', { alpha: 0, beta, gamma });
    await hold(90, 0);
    await page.keyboard.press('y');
    await until(() => level(page), /^plumb · straight ahead$/);
    await hold(80, 0);
    await until(() => level(page), /^plumb · down 10°$/);
    await hold(0, 0);
    await until(() => level(page), /^plumb$/);
    await hold(2, 0);
    await until(() => level(page), /^top high 2\.0°$/);
    await hold(45, 4);
    await until(() => level(page), /^\d\.\d° (left|right) · down \d+°$/);
  } finally {
    await browser.close();
  }
});
