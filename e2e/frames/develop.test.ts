import { execFileSync } from 'node:child_process';
import { readFileSync } from 'node:fs';
import type { Page } from 'puppeteer-core';
import {
  axeViolations,
  downloads,
  LAST_FRAME,
  pageText,
  PHONE,
  plainLink,
  press,
  slider,
  tap,
  until,
  valueText,
  fieldReady,
  openPage,
} from '../support/browser';
import { cell, cellsAre, expose } from '../support/cells';
import { fieldSuite } from '../support/suite';

jest.setTimeout(120_000);
const { app, pages } = fieldSuite('each');

/** A frame's raw is developed by a recipe beside it, saved so, and others alike. */

const PICTURE = '[data-testid=frame-picture][data-shown]';
const STAGE = '[data-testid=develop-picture]';

const shown = (page: Page, picture = STAGE): Promise<string> =>
  page.$eval(picture, (e) => (e as HTMLElement).dataset.shown ?? '');

async function openTool(page: Page): Promise<void> {
  await press(page, 'Develop ...');
  await page.waitForSelector(`${STAGE}[data-shown]`);
}

async function step(page: Page, tape: string, clicks: number): Promise<void> {
  await page.focus(slider(tape));
  const key = clicks > 0 ? 'ArrowRight' : 'ArrowLeft';
  for (let n = 0; n < Math.abs(clicks); n++) await page.keyboard.press(key);
}

/** The recipe's own White: Field behind it has another. */
const white = (page: Page): Promise<string> =>
  page.$eval('[aria-label=Recipe] [aria-label=White]', (e) => e.getAttribute('aria-valuetext')!);

/** The middle of a picture. */
async function middle(page: Page, selector: string): Promise<[number, number]> {
  const box = (await (await page.$(selector))!.boundingBox())!;
  return [box.x + box.width / 2, box.y + box.height / 2];
}

const exif = (path: string): Record<string, unknown> =>
  (
    JSON.parse(execFileSync('exiftool', ['-json', '-n', path]).toString()) as Record<
      string,
      unknown
    >[]
  )[0];

/** Mean of red, green and blue about the middle of a picture, 0..1. */
const colourOf = (path: string): number[] =>
  ['r', 'g', 'b'].map((c) =>
    Number(
      execFileSync('convert', [
        path,
        '-gravity',
        'center',
        '-crop',
        '40x40+0+0',
        '-format',
        `%[fx:mean.${c}]`,
        'info:',
      ]).toString(),
    ),
  );

test('by tapes and a neutral place; as exposed while held; saved, kept, and taken back', async () => {
  const wrong = 'scene=test-wall-lamp&white=6504&mp=3&crop=2&time=1/60&iso=100&files=dng';
  const { page } = await openPage(pages(), app.url + plainLink(wrong), PHONE);
  const files = await downloads(page);
  await fieldReady(page);
  await expose(page, 1);
  await tap(page, LAST_FRAME);
  await page.waitForSelector(PICTURE);
  await press(
    page,
    await until(async () => /Save DNG · [^\n]*/.exec(await pageText(page))?.[0] ?? '', /./),
  );
  const untouched = readFileSync(await files.next('.dng'));

  await openTool(page);
  await step(page, 'Exposure', 2);
  await until(() => valueText(page, 'Exposure'), /^\+2\/3 stops, set/);
  await until(() => shown(page), /"exposure":0\.66/);
  // The grey card is in the middle.
  await press(page, 'Neutral by a tap');
  await page.mouse.click(...(await middle(page, STAGE)));
  await until(() => pageText(page), /White read: 2[89]\d\d K/);
  await until(() => white(page), /^2[89]\d\d K, set/);
  await until(() => shown(page), /"white":\{"kelvin":2[89]/);
  await page.keyboard.down('b');
  await until(() => shown(page), /"exposure":0,.*"white":null/);
  await page.keyboard.up('b');
  await until(() => shown(page), /"exposure":0\.66/);
  await page.mouse.move(...(await middle(page, STAGE)));
  await page.mouse.down();
  await until(() => shown(page), /"exposure":0,/);
  await page.mouse.up();
  await until(() => shown(page), /"exposure":0\.66/);
  // What was held was no tap: white stays.
  expect(await white(page)).toMatch(/set/);
  expect(await axeViolations(page)).toEqual([]);
  await press(page, 'Done');
  await until(() => shown(page, PICTURE), /"exposure":0\.66/);
  await until(() => pageText(page), /Developed: \+2\/3, 2[89]\d\d K/);

  await page.reload();
  await page.waitForSelector(PICTURE);
  await until(() => pageText(page), /Developed: \+2\/3, 2[89]\d\d K/);
  await press(page, 'Save developed JPEG');
  const jpeg = await files.next('-developed.jpg');
  await press(page, 'Display P3');
  await press(page, 'Save developed 16-bit TIFF');
  const tiff = await files.next('-developed.tif');
  await press(page, 'Save developed 16-bit PNG');
  const png = await files.next('-developed.png');
  const size = [exif(jpeg), exif(tiff), exif(png)].map((said) => said.ImageSize);
  expect(new Set(size).size).toBe(1);
  expect(exif(jpeg)).toMatchObject({ ProfileDescription: 'sRGB', ColorSpace: 1, ISO: 100 });
  for (const [file, bits] of [
    [tiff, '16 16 16'],
    [png, 16],
  ] as const)
    expect(exif(file)).toMatchObject({
      ProfileDescription: 'Display P3',
      ColorSpace: 65535,
      ISO: 100,
      [file === png ? 'BitDepth' : 'BitsPerSample']: bits,
    });
  // What was said to be neutral is, in every file.
  for (const file of [jpeg, tiff, png]) {
    const [r, g, b] = colourOf(file);
    expect(Math.max(r, g, b) - Math.min(r, g, b)).toBeLessThan(0.02);
  }
  // Its raw is what it was, under the same name.
  const later = await downloads(page);
  await press(page, /Save DNG · [^\n]*/.exec(await pageText(page))![0]);
  const again = readFileSync(await later.next('.dng'));
  expect(again.equals(untouched)).toBe(true);

  await press(page, 'As exposed');
  await until(() => shown(page, PICTURE), /"development":null/);
  await press(page, 'Undo');
  await until(() => shown(page, PICTURE), /"exposure":0\.66/);
});

test('a look for all of a series, and the recipe of one for another', async () => {
  const link = 'scene=pans-at-noon&mp=3&crop=2&files=dng&support=tripod';
  const { page } = await openPage(pages(), app.url + plainLink(link), PHONE);
  await fieldReady(page);
  await expose(page, 1);
  await page.goto(app.url + plainLink(`${link}&series=bracket:3:1`));
  await fieldReady(page);
  await expose(page, 4);
  const stack = '[role=link][aria-label^="Series of 3"]';
  await page.waitForSelector(stack);
  await tap(page, stack);
  await page.waitForSelector(PICTURE);
  await openTool(page);
  await press(page, 'Rust');
  await until(() => shown(page), /"greys":\[1\.1/);
  await press(page, 'Develop all 3 alike');
  await press(page, 'Cancel');
  await until(() => pageText(page), /3 frames developed/);
  await until(() => shown(page, PICTURE), /"greys":\[1\.1/);
  await until(() => pageText(page), /Developed: look Rust/);
  await press(page, 'Copy recipe');
  await press(page, 'All frames');
  await cellsAre(page, 2);

  const colourful = (index: number): Promise<string> =>
    page.evaluate(async (selector) => {
      const image = document.querySelector<HTMLImageElement>(`${selector} img`);
      if (!image) return 'none';
      await image.decode();
      const canvas = new OffscreenCanvas(image.naturalWidth, image.naturalHeight);
      const context = canvas.getContext('2d')!;
      context.drawImage(image, 0, 0);
      const { data } = context.getImageData(0, 0, canvas.width, canvas.height);
      let most = 0;
      for (let i = 0; i < data.length; i += 4)
        most = Math.max(most, Math.abs(data[i] - data[i + 2]));
      return most > 30 ? 'colours' : 'greys';
    }, cell(index));
  // Newest first: the series is developed, the frame before it is not.
  await until(() => colourful(0), /greys/);
  expect(await colourful(1)).toBe('colours');
  await press(page, 'Choose');
  await tap(page, cell(1));
  await press(page, 'Use copied recipe');
  await until(() => colourful(1), /greys/);
  await press(page, 'Undo');
  await until(() => colourful(1), /colours/);
});
