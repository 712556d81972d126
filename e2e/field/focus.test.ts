import type { Page } from 'puppeteer-core';
import {
  axeViolations,
  doubleTap,
  downloads,
  dragHeld,
  EXPOSE,
  openLastFrame,
  pageText,
  pause,
  press,
  pressFirst,
  refined,
  slider,
  tap,
  until,
  valueText,
  WIDE,
  WINDOW,
} from '../support/browser';
import { detailIn, greenDifference, picture } from '../support/pictures';
import { fieldSuite } from '../support/suite';
import { execFileSync } from 'node:child_process';

jest.setTimeout(120_000);
const { field } = fieldSuite();

const BENCH = 'scene=packing-bench&support=tripod';
const focusText = (page: Page): Promise<string> => valueText(page, 'Focus');

/** A place in the Window as shares of its sides, in page pixels. */
async function placeIn(page: Page, x: number, y: number): Promise<{ x: number; y: number }> {
  const box = (await (await page.$('[data-testid=window]'))!.boundingBox())!;
  return { x: box.x + x * box.width, y: box.y + y * box.height };
}

/** Where the label of the nearest jar lies in the bench's opening picture, upright. */
const NEAR_JAR = { x: 0.22, y: 0.75 } as const;

const sharpness = (page: Page): Promise<number> =>
  page.$eval('[role=meter]', (e) => Number(e.getAttribute('aria-valuenow')));

/** Distance in metres that a spoken focus begins with. */
const metres = (text: string): number => Number(/^([\d.]+) m/.exec(text)?.[1] ?? NaN);

describe('focus', () => {
  test('auto finds the card in the middle; a tap finds the near jar; what is sharp is said', async () => {
    const page = await field(`${BENCH}&focus=auto`);
    await until(() => focusText(page), /^0\.(6[5-9]|7\d?) m, auto/);
    const jar = await placeIn(page, NEAR_JAR.x, NEAR_JAR.y);
    await page.mouse.click(jar.x, jar.y);
    await until(() => focusText(page), /^0\.3[1-7] m, auto/);
    await page.waitForSelector('[data-testid=focus-mark]');
    expect(await page.$eval('[data-testid=tape-Focus]', (e) => e.textContent)).toMatch(
      /sharp 0\.2\d to 0\.\d+ m/,
    );
    await page.close();
  });

  test('by hand: keys turn it, it is held, a tap does not take it away; A gives it back', async () => {
    const page = await field(`${BENCH}&focus=0.5`);
    expect(await focusText(page)).toMatch(/^0\.5 m, set/);
    await page.focus(slider('Focus'));
    for (let i = 0; i < 4; i++) await page.keyboard.press('ArrowRight');
    const turned = metres(await focusText(page));
    expect(turned).toBeGreaterThan(0.55);
    const jar = await placeIn(page, NEAR_JAR.x, NEAR_JAR.y);
    await page.mouse.click(jar.x, jar.y);
    await until(() => page.$eval('[aria-label^="Meter"]', (e) => e.textContent ?? ''), /spot/);
    expect(metres(await focusText(page))).toBe(turned);
    await page.focus(slider('Focus'));
    await page.keyboard.press('a');
    await until(() => focusText(page), /, auto/);
    await page.close();
  });

  test('the picture really defocuses: the near jar blurs as the lens turns away from it', async () => {
    const page = await field(`${BENCH}&focus=0.34&iso=100&time=1/25`);
    const box = { x0: 0.12, x1: 0.36, y0: 0.68, y1: 0.84 };
    const detail = (): Promise<number> => detailIn(page, WINDOW, box);
    await refined(page);
    const sharp = await detail();
    await page.focus(slider('Focus'));
    await page.keyboard.press('End');
    await until(() => focusText(page), /^past infinity, set/);
    await page.keyboard.press('Escape');
    await until(async () => String((await detail()) / sharp), /^0\.[0-7]/);
    await page.close();
  });

  test('the loupe comes while the tape turns; its bar falls as focus is lost; a tap sends it away', async () => {
    const page = await field(`${BENCH}&focus=0.68`);
    await page.focus(slider('Focus'));
    const tape = (await (await page.$(slider('Focus')))!.boundingBox())!;
    const [x, y] = [tape.x + 180, tape.y + tape.height / 2];
    await dragHeld(page, { x, y }, { x: x - 9, y }, 1);
    await page.mouse.up();
    await page.waitForSelector('[data-testid=loupe] canvas');
    await until(async () => String((await sharpness(page)) > 60), /true/);
    for (let i = 0; i < 3; i++) await page.keyboard.press('PageDown');
    await until(async () => String((await sharpness(page)) < 60), /true/);
    await tap(page, '[data-testid=loupe] [role=button]');
    await until(async () => String((await page.$('[data-testid=loupe]')) === null), /true/);
    await page.close();
  });

  test('a double tap opens the loupe there without metering; it can be dragged, and stays', async () => {
    const page = await field(`${BENCH}&focus=0.34`);
    const before = await page.$eval('[aria-label^="Meter"]', (e) => e.getAttribute('aria-label'));
    const jar = await placeIn(page, NEAR_JAR.x, NEAR_JAR.y);
    await doubleTap(page, jar.x, jar.y);
    await page.waitForSelector('[data-testid=loupe] canvas');
    await pause(700);
    const label = await page.$eval('[aria-label^="Meter"]', (e) => e.getAttribute('aria-label'));
    expect(label!.includes('centre')).toBe(true);
    expect(before!.includes('centre')).toBe(true);
    const first = await picture(page, '[data-testid=loupe]');
    const glass = (await (await page.$('[data-testid=loupe] [role=button]'))!.boundingBox())!;
    await page.mouse.move(glass.x + 110, glass.y + 60);
    await page.mouse.down();
    await page.mouse.move(glass.x + 30, glass.y + 60, { steps: 8 });
    await page.mouse.up();
    const whole = { x0: 0.05, x1: 0.85, y0: 0.05, y1: 0.6 };
    const moved = async (): Promise<number> =>
      greenDifference(first, await picture(page, '[data-testid=loupe]'), whole);
    await until(async () => String((await moved()) > 8), /true/);
    await tap(page, '[aria-label^="Loupe at 100"]');
    await page.waitForSelector('[aria-label^="Loupe at 200 %: change to 100"]');
    await page.close();
  });

  test('says so in words when there is nothing to focus on', async () => {
    const page = await field('scene=test-wall&support=tripod&focus=auto');
    // The middle of the white card: even, bright, and nothing on it.
    const card = await placeIn(page, 0.5 - (0.38 / 1.15 / (2 * 0.6657)) * (4 / 3), 0.5);
    await page.mouse.click(card.x, card.y);
    await until(
      () => page.$$eval('[role=alert]', (all) => all.map((e) => e.textContent).join()),
      /Nothing there to focus on.*Tap an edge/,
    );
    await page.close();
  });

  test('a fixed lens says that it is, and how deep it is sharp', async () => {
    const page = await field('scene=packing-bench&lens=ultrawide');
    await until(() => pageText(page), /This lens is fixed: sharp 0\.\d+ m to ∞/);
    expect(await page.$(slider('Focus'))).toBeNull();
    await page.close();
  });

  test('depth can be looked at, hyperfocal set, and set-ups compared; all of it accessible', async () => {
    const page = await field(`${BENCH}&focus=0.5`, WIDE);
    await page.keyboard.press('j');
    await press(page, 'what is sharp');
    await page.waitForSelector('[aria-label="Depth view: what is sharp"][aria-pressed=true]');
    expect(await axeViolations(page)).toEqual([]);
    await tap(page, '[aria-label="Depth view: off"]');
    await pressFirst(page, 'Set to hyperfocal');
    await until(() => focusText(page), /^2\.2 m, set/);
    await pressFirst(page, 'Depth helper');
    await until(() => pageText(page), /Same size with/);
    const text = await pageText(page);
    expect(text).toMatch(/With the 78 mm the background blurs/);
    expect(text).toMatch(/hyperfocal\s+8\.3 m/);
    expect(await axeViolations(page)).toEqual([]);
    await page.close();
  });

  test('a captured frame knows where it was focused, and so does ExifTool', async () => {
    const page = await field(`${BENCH}&focus=0.34&mp=3`);
    const files = await downloads(page);
    await tap(page, EXPOSE);
    await openLastFrame(page);
    await until(() => pageText(page), /Focus\s+0\.34 m/);
    await pressFirst(page, 'Save DNG');
    const path = await files.next('.dng');
    const [exif] = JSON.parse(
      execFileSync('exiftool', ['-json', '-n', '-SubjectDistance', path]).toString(),
    );
    expect(exif.SubjectDistance).toBeCloseTo(0.34, 2);
    await page.close();
  });

  test('what likes are kept: feet and a loupe at 200 % are there after a reload', async () => {
    const page = await field(`${BENCH}&focus=0.5`);
    await page.keyboard.press('j');
    await tap(page, '[aria-label="Distances in: ft"]');
    // On a phone the sheet lies over the tapes.
    await page.keyboard.press('Escape');
    await until(() => focusText(page), /^1\.6 ft/);
    await page.reload();
    await until(() => focusText(page), /^1\.6 ft/);
    await page.keyboard.press('j');
    await tap(page, '[aria-label="Distances in: m"]');
    await page.keyboard.press('Escape');
    await until(() => focusText(page), /^0\.5 m/);
    await page.close();
  });
});
