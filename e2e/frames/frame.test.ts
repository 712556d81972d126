import type { Page } from 'puppeteer-core';
import {
  axeViolations,
  EXPOSE,
  fieldReady,
  LAST_FRAME,
  openPage,
  pageText,
  PHONE,
  press,
  SMALL_DNG,
  stillPlace,
  tap,
  until,
} from '../support/browser';
import { picture } from '../support/pictures';
import { framesStored, rememberedValue } from '../support/stored';
import { fieldSuite } from '../support/suite';

jest.setTimeout(120_000);
const { app, pages } = fieldSuite('each');

const PICTURE = '[data-testid=frame-picture]';
const READING = '[data-testid=frame-reading]';

/** Exposes with Field as an address opens it, and opens the frame. */
async function frameOf(query: string, count = 1): Promise<Page> {
  const { page } = await openPage(pages(), app.url + query, PHONE);
  await fieldReady(page);
  await tap(page, EXPOSE);
  await framesStored(page, count);
  await tap(page, count > 1 ? '[role=link][aria-label^="Series of"]' : LAST_FRAME);
  return page;
}

interface Shown {
  readonly zoom: 'fit' | 1 | 2;
  readonly marks: Readonly<Record<string, unknown>> | null;
}

/** Waits until the canvas shows the frame in this way. */
const shows = (page: Page, zoom: Shown['zoom'], marks: Shown['marks']): Promise<unknown> =>
  page.waitForFunction(
    (selector, wanted) => {
      const text = [...document.querySelectorAll<HTMLElement>(selector)].at(-1)?.dataset.shown;
      if (!text) return false;
      const shown = JSON.parse(text) as Shown;
      if (shown.zoom !== wanted.zoom) return false;
      const { marks } = shown;
      if (!wanted.marks || !marks) return wanted.marks === marks;
      return Object.entries(wanted.marks).every(([name, value]) => marks[name] === value);
    },
    {},
    PICTURE,
    { zoom, marks } as Shown,
  );

/** Share of an element's pixels that are nearly of a colour. */
async function shareOf(page: Page, [r, g, b]: readonly number[]): Promise<number> {
  const { data, width, height } = await picture(page, PICTURE);
  let n = 0;
  for (let i = 0; i < data.length; i += 4)
    if (Math.abs(data[i] - r) + Math.abs(data[i + 1] - g) + Math.abs(data[i + 2] - b) < 60) n++;
  return n / (width * height);
}

const PINK = [255, 79, 146];
const VIOLET = [176, 102, 255];

/** Where the middle of the wall and its white card lie, as shares of an upright frame's width. */
const GREY_X = 0.5;
// 0.38 m left of the middle of a wall 1.15 m away, of 2 x 0.6657 x 3/4 across at a metre.
const WHITE_CARD_X = 0.5 - 0.38 / 1.15 / (2 * 0.6657 * 0.75);

describe('a stored frame', () => {
  test('is marked as the live picture is, remembered from visit to visit, by keys as well', async () => {
    const page = await frameOf('/?scene=test-wall&mp=3&time=1/15&iso=100&files=dng');
    await shows(page, 'fit', null);
    expect(await shareOf(page, PINK)).toBe(0);
    await tap(page, '[aria-label="Clip marks"]');
    await shows(page, 'fit', { clips: true, zebra: false, edges: false });
    expect(await shareOf(page, PINK)).toBeGreaterThan(0.02);
    expect(await axeViolations(page)).toEqual([]);
    await page.keyboard.press('c');
    await page.keyboard.press('e');
    await shows(page, 'fit', { clips: false, edges: true });
    expect(await shareOf(page, VIOLET)).toBeGreaterThan(0.001);
    await page.keyboard.press('s');
    await shows(page, 'fit', { zebra: true, edges: true });
    await press(page, '100 %');
    await shows(page, 1, { zebra: true, edges: true });
    await until(
      async () => (await rememberedValue(page, 'frame-marks')) ?? '',
      /"clips":false,"zebra":true,"edges":true/,
    );
    await page.reload();
    await shows(page, 'fit', { clips: false, zebra: true, edges: true });
    expect(await page.$eval('[aria-label="Peaking"]', (e) => e.getAttribute('aria-pressed'))).toBe(
      'true',
    );
  });

  test('is read in stops under pointer, finger and key: the grey card is 0, the white one +2 1/3', async () => {
    const page = await frameOf(SMALL_DNG);
    await shows(page, 'fit', null);
    const box = (await (await page.$(PICTURE))!.boundingBox())!;
    // Upright, 3:4, as high as its box.
    const width = Math.min(box.width, box.height * 0.75);
    const at = (share: number): [number, number] => [
      box.x + box.width / 2 + (share - 0.5) * width,
      box.y + box.height / 2,
    ];
    const reading = (): Promise<string> =>
      page.$eval(READING, (e) => (e as HTMLElement).innerText).catch(() => 'none');
    await page.mouse.move(...at(GREY_X));
    await until(reading, /^(0|[+−]1\/3)\s.*room · R /);
    await page.mouse.move(...at(WHITE_CARD_X));
    await until(reading, /^\+2( 1\/3| 2\/3)?\s+(at clip|1\/3 room|2\/3 room)/);
    // The ladder shows where that lies.
    await page.waitForSelector('[aria-label^="Read here: +2"]');
    await page.mouse.move(box.x + 5, box.y + box.height + 40);
    await until(reading, /^none$/);
    await page.keyboard.press('r');
    await until(reading, /^(0|[+−]1\/3)\s/);
    // A finger that stays reads, and neither magnifies nor turns the page.
    const finger = await page.touchscreen.touchStart(...at(WHITE_CARD_X));
    await until(reading, /^\+2/);
    await finger.move(...at(GREY_X));
    await until(reading, /^(0|[+−]1\/3)\s/);
    await finger.end();
    await until(reading, /^none$/);
    expect(await page.$('[aria-label="Whole frame"]')).not.toBeNull();
  });

  test('takes the whole screen and gives it back', async () => {
    const page = await frameOf(SMALL_DNG);
    await shows(page, 'fit', null);
    await press(page, 'Full screen');
    await until(async () => String((await pageText(page)).includes('Keep')), /^false$/);
    const box = (await (await page.$(PICTURE))!.boundingBox())!;
    expect(box.height).toBeGreaterThan(PHONE.height - 60);
    expect(await axeViolations(page)).toEqual([]);
    await press(page, 'Smaller');
    await until(() => pageText(page), /Keep[^]*Clipped/);
    await page.keyboard.press('f');
    await until(async () => String((await pageText(page)).includes('Keep')), /^false$/);
  });

  test('tells everything its file says, to be searched', async () => {
    const page = await frameOf(SMALL_DNG);
    await shows(page, 'fit', null);
    await press(page, 'All metadata ...');
    await until(() => pageText(page), /Raw image[^]*CFAPattern/);
    await page.type('[aria-label="Search the metadata"]', 'exposure time');
    await until(() => pageText(page), /1 entries?[^]*ExposureTime[^]*1\/128/);
    // Letters typed are no keys: nothing was kept, dropped or marked.
    await shows(page, 'fit', null);
    expect(await page.$('[data-testid^=notch]')).toBeNull();
    expect(await axeViolations(page)).toEqual([]);
  });
});

test('frames of a series: what the others did differently, and the next at the same place at 100 %', async () => {
  const page = await frameOf(`${SMALL_DNG}&series=bracket:3:1&support=tripod`, 3);
  await until(() => pageText(page), /Against this one, the others of its series/);
  const others = (): Promise<string[]> =>
    page.$$eval('[aria-label^="Against this one"] [role=link]', (all) =>
      all.map((e) => (e as HTMLElement).innerText.replace(/\s+/g, ' ')),
    );
  const before = await others();
  expect(before).toHaveLength(2);
  for (const words of before)
    expect(words).toMatch(/^\d of 3 1\/\d+ s · [12] stops? (brighter|darker)/);
  await press(page, '100 %');
  await shows(page, 1, null);
  const { x, y } = await stillPlace(page, PICTURE);
  await page.mouse.move(x, y);
  await page.mouse.down();
  await page.mouse.move(x - 60, y - 40, { steps: 4 });
  await page.mouse.up();
  const place = (): Promise<string> => page.evaluate(() => location.pathname);
  const first = await place();
  await page.keyboard.press('ArrowRight');
  await until(place, new RegExp(`^(?!${first})`));
  await shows(page, 1, null);
  expect(await others()).not.toEqual(before);
  await tap(page, '[aria-label^="Against this one"] [role=link]');
  await shows(page, 1, null);
});
