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

jest.setTimeout(180_000);

const { field } = fieldSuite('each');

const outcome = (page: Page): Promise<string> =>
  page.$eval('[data-testid=drill-verdict]', (e) => e.textContent ?? '');

test('a drill: the wish, a try judged by the light, the best beside it, and progress that is kept', async () => {
  const page = await field('drill=white-heap&mp=3&time=1/8000&iso=100', WIDE);
  await until(() => pageText(page), /The white heap looks white[^]*Round 1 · not tried yet/);
  await tap(page, EXPOSE);
  await page.waitForSelector(LAST_FRAME, { timeout: 60_000 });
  const said = await until(() => outcome(page), /^\d+ of 100\. .*In \d+ s\./, 60_000);
  expect(said).toMatch(/The white heap is (1|2|1 [12]\/3|2\/3) stops? too dark/);
  const score = Number(/^\d+/.exec(said)![0]);
  expect(score).toBeLessThan(60);
  await until(() => pageText(page), new RegExp(`best ${score} of 1 try`));
  expect(await axeViolations(page)).toEqual([]);

  // The best frame there was, beside one's own; the settings are one's own again.
  await press(page, 'Show the best');
  await until(async () => new URL(page.url()).pathname, /^\/compare/, 60_000);
  await until(() => pageText(page), /A · 1\/8000 s · ISO 100[^]*B · /);
  await page.goBack();
  await fieldReady(page);
  await until(() => valueText(page, 'Time'), /1\/8000 s, set/);

  // Better light is worth more; what it was worth goes as soon as a tape is moved for the next.
  await page.focus(slider('Time'));
  await page.keyboard.press('ArrowRight');
  await until(async () => String(await page.$('[data-testid=drill-verdict]')), /null/);
  await page.keyboard.press('ArrowRight');
  await page.keyboard.press('ArrowRight');
  await tap(page, EXPOSE);
  const better = await until(() => outcome(page).catch(() => ''), /^\d+ of 100/, 60_000);
  expect(Number(/^\d+/.exec(better)![0])).toBeGreaterThan(score);

  // Under another light it is another round; the list knows what was reached.
  await press(page, 'Other light');
  await until(() => pageText(page), /Round 2/);
  await press(page, 'Drills');
  await until(() => pageText(page), /The grey card[^]*best \d+ of 2 tries[^]*Pick the sharpest/);
  expect(await axeViolations(page)).toEqual([]);
  await press(page, '‹ Back');
  await press(page, 'End');
  await until(async () => String(/Round 2/.test(await pageText(page))), /false/);
  await until(async () => new URL(page.url()).search, /^$/);
  // The same one can be begun again.
  await page.keyboard.press('Escape');
  await tap(page, '[aria-label^="Camera and place"]');
  await press(page, 'Drills ...');
  await tap(
    page,
    '::-p-xpath(//*[@role="button"][starts-with(normalize-space(), "White as salt")])',
  );
  await until(() => pageText(page), /Round 2 · best \d+ of 2 tries/);
});

test('of a burst one is kept in the roll; the browser’s way back finds the drill as it was', async () => {
  const page = await field('drill=pick-the-sharpest&mp=3&series=burst:3&time=1/4&iso=100');
  await page.focus(slider('Time'));
  await page.keyboard.press('ArrowRight');
  await tap(page, EXPOSE);
  await until(() => pageText(page), /Keep the sharpest of them/, 60_000);
  await press(page, 'Judge');
  await until(() => pageText(page), /None of them is kept/);
  await press(page, 'Roll');
  await until(() => pageText(page), /burst 3/);
  await tap(page, '[data-cell="0"]');
  await press(page, 'Keep');
  await until(() => pageText(page), /1 frame kept/);
  await page.goBack();
  await until(() => pageText(page), /burst 3/);
  await page.goBack();
  await fieldReady(page);
  expect(await valueText(page, 'Time')).toBe('0.3 s, set');
  await press(page, 'Judge');
  await until(() => outcome(page), /^\d+ of 100\./, 60_000);
});

test('a drill that asks for the tripod says so where it is put away; one of other frames is refused', async () => {
  const page = await field('drill=white-and-black&mp=3&time=1/125&iso=100&support=hand');
  await tap(page, EXPOSE);
  await until(() => outcome(page).catch(() => ''), /This drill is done on the tripod/, 60_000);
  const unknown = await field('drill=no-such-drill');
  await until(() => pageText(unknown), /drill=no-such-drill[^]*not understood/);
});
