import type { Page } from 'puppeteer-core';
import {
  axeViolations,
  fieldReady,
  pageText,
  press,
  slider,
  tap,
  until,
  valueText,
  WIDE,
} from './browser';
import { fieldSuite } from './suite';

jest.setTimeout(120_000);

const { app, field } = fieldSuite('each');

const figure = (page: Page): Promise<string> =>
  page.$eval('[aria-label="Figure"] [role=status]', (e) => e.textContent ?? '');

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
});

test('what the verdict found says why; all notes are listed, searched, and set Field up', async () => {
  const page = await field('scene=packing-bench&mp=3&time=1/4&iso=100', WIDE);
  await until(() => pageText(page), /will shake/);
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
