import type { Page } from 'puppeteer-core';
import {
  axeViolations,
  EXPOSE,
  fieldReady,
  LAST_FRAME,
  pageText,
  press,
  slider,
  tap,
  until,
  valueText,
  WIDE,
} from '../support/browser';
import { fieldSuite } from '../support/suite';

jest.setTimeout(120_000);

const { app, field } = fieldSuite('each');

/** What the figure says that is seen: Field may show another behind the list of notes. */
const figure = (page: Page): Promise<string> =>
  page.$$eval('[aria-label="Figure"] [role=status]', (all) => {
    const seen = all.filter((e) => e.getClientRects().length > 0);
    return seen.at(-1)?.textContent ?? '';
  });

/** Presses something for so long that it asks why. */
async function pressLong(page: Page, selector: string): Promise<void> {
  const { x, y } = await page.$eval(selector, (e) => {
    const box = e.getBoundingClientRect();
    return { x: box.x + 30, y: box.y + box.height / 2 };
  });
  await page.mouse.move(x, y);
  await page.mouse.down();
  await page.waitForSelector('[data-testid=why]');
  await page.mouse.up();
}

const why = (page: Page): Promise<string> =>
  page.$eval('[data-testid=why]', (e) => e.textContent ?? '');

test('each part leads to its note in one tap; the note’s figure lives, and it leads back', async () => {
  const page = await field('scene=pans-at-noon&mp=3');
  await tap(page, '[aria-label^="Meter"]');
  await tap(page, '[aria-label^="? Note"]');
  await until(() => pageText(page), /What the meter reads[^]*Common practice|common practice/);
  expect(await axeViolations(page)).toEqual([]);
  const before = await figure(page);
  await tap(page, '[aria-label="Subject: 60 %"]');
  await until(() => figure(page), /60 %/);
  expect(await figure(page)).not.toBe(before);
  await press(page, '‹ Back to where I was');
  await until(() => pageText(page), /Leave a pin/);

  // By key: of the sheet that is open, then of the tape in hand.
  await page.keyboard.press('?');
  await until(() => pageText(page), /What the meter reads/);
  await page.keyboard.press('Escape');
  await tap(page, slider('ISO'));
  await page.keyboard.press('?');
  await until(() => pageText(page), /ISO: base, higher, extended/);
  await page.focus(slider('Speed'));
  await page.keyboard.press('ArrowRight');
  await until(() => figure(page), /^ISO 125: /);
  // It sets Field up to see it there.
  await press(page, 'Set it up');
  await until(() => valueText(page, 'ISO'), /ISO 1600, set/);
  await fieldReady(page);
  // As often as one likes.
  await page.focus(slider('ISO'));
  await page.keyboard.press('ArrowLeft');
  await until(() => valueText(page, 'ISO'), /ISO 1250, set/);
  await page.keyboard.press('?');
  await press(page, 'Set it up');
  await until(() => valueText(page, 'ISO'), /ISO 1600, set/);
});

test('what the verdict found says why; all notes are listed, searched, and set Field up', async () => {
  const page = await field('scene=packing-bench&mp=3&time=1/4&iso=100', WIDE);
  await until(() => pageText(page), /will shake/);
  await tap(page, '[aria-label^="? Why: "]');
  await until(() => why(page), /will shake/);
  await page.keyboard.press('Escape');
  await tap(page, '[aria-label^="Why? 1/4 s will shake"]');
  await until(() => pageText(page), /Shake, and the reciprocal rule/);
  await press(page, 'All notes');
  await page.waitForSelector('[aria-label="Look for notes"]');
  // The note that was being read is open.
  await until(() => pageText(page), /Hands tremble/);
  expect(await axeViolations(page)).toEqual([]);
  await page.type('[aria-label="Look for notes"]', 'turning sky');
  await until(() => pageText(page), /Print this note/);
  await press(page, 'Stars, and the turning sky');
  await until(() => figure(page), /equator trails/);
  await press(page, 'Set it up in Field');
  await fieldReady(page);
  await until(() => valueText(page, 'Time'), /8 s, set/);
  expect(new URL(page.url()).origin).toBe(app.url);
});

test('a number that is pressed long, or asked by key ?, says where it comes from', async () => {
  const page = await field('scene=test-wall&mp=3');
  await pressLong(page, '[aria-label^="Meter"]');
  expect(await why(page)).toMatch(/^EV 9 2\/3 because the centre reading is \d+ cd\/m²/);
  // Letting go has pressed nothing: the note is still there, not the meter's sheet.
  await until(() => pageText(page), /All notes/);
  expect(await pageText(page)).not.toMatch(/Leave a pin/);
  await page.keyboard.press('Escape');
  await pressLong(page, slider('Time'));
  expect(await why(page)).toMatch(/^1\/125 s because EV 9 2\/3, f\/2\.4, ISO 100 ask for it/);
  await page.keyboard.press('Escape');
  for (const [selector, answer] of [
    [slider('ISO'), /^ISO 100 because .* SNR \d+/],
    [slider('White'), /multiplies red by/],
    ['[aria-label^="Rig"]', /^26 mm/],
    ['[aria-label^="Files"]', /frames left: |frame\. The browser/],
    ['[data-testid=expose]', /a frame/],
  ] as const) {
    await page.focus(selector);
    await page.keyboard.press('?');
    await until(() => why(page), answer);
    await page.keyboard.press('Escape');
  }
  expect(await axeViolations(page)).toEqual([]);
});

test('first minutes: one line on the place, the verdict’s way out, and Expose', async () => {
  const page = await field('');
  await until(() => pageText(page), /White salt in full sun[^]*no frame yet/);
  // Whatever it finds, its repairs lead to where nothing is wrong.
  await until(async () => {
    await (await page.$('[data-testid=repair]'))?.click();
    return pageText(page);
  }, /All in range\.\s*Press Expose for your first frame/);
  await tap(page, EXPOSE);
  await page.waitForSelector(LAST_FRAME, { timeout: 60_000 });
  await until(
    async () => String(/Press Expose for|White salt/.test(await pageText(page))),
    /false/,
  );
});
