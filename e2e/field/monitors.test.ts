import type { Page } from 'puppeteer-core';
import {
  axeViolations,
  pageText,
  pause,
  press,
  refined,
  slider,
  stillPlace,
  tap,
  until,
  valueText,
  WIDE,
  WINDOW,
} from '../support/browser';
import { middleGreen, picture } from '../support/pictures';
import { fieldSuite } from '../support/suite';

jest.setTimeout(120_000);
// What is marked is remembered: every test begins with a browser that remembers nothing.
const { field } = fieldSuite('each');

const alert = (page: Page): Promise<string> =>
  page.$eval('[role=alert]', (e) => e.textContent ?? '').catch(() => '');

/** Taps a place in the picture, given in shares of its sides. */
async function tapWindow(page: Page, x: number, y: number): Promise<void> {
  const box = (await (await page.waitForSelector(WINDOW))!.boundingBox())!;
  await page.mouse.click(box.x + x * box.width, box.y + y * box.height);
  // A tap waits for a second one before it counts.
  await pause(450);
}

/** Mean red minus blue of the middle of the picture: the cast. */
async function cast(page: Page): Promise<number> {
  const png = await picture(page, WINDOW);
  let sum = 0;
  let n = 0;
  for (let y = Math.floor(png.height * 0.46); y < png.height * 0.54; y++)
    for (let x = Math.floor(png.width * 0.4); x < png.width * 0.6; x++, n++) {
      const i = 4 * (y * png.width + x);
      sum += png.data[i] - png.data[i + 2];
    }
  return sum / n;
}

/** Share of black stripe pixels that zebra draws: near-black next to bright ones. */
async function stripes(page: Page): Promise<number> {
  const png = await picture(page, WINDOW);
  let n = 0;
  for (let y = 0; y < png.height; y++)
    for (let x = 1; x < png.width; x++) {
      const i = 4 * (y * png.width + x);
      if (png.data[i + 1] < 60 && png.data[i + 1 - 4] > 180) n++;
    }
  return n / (png.width * png.height);
}

describe('White', () => {
  test('under lamp light: 5500 K is orange, a tap on the grey card makes it grey, auto comes close', async () => {
    const page = await field('scene=test-wall-lamp&time=1/125&iso=100&white=5500');
    await until(async () => String((await cast(page)) > 40), /true/);
    expect(await valueText(page, 'White')).toBe('5500 K, set');

    await page.focus(slider('White'));
    await page.keyboard.press('w');
    await press(page, 'Close');
    expect(await pageText(page)).toContain('White in hand: tap something neutral');
    await tapWindow(page, 0.5, 0.5);
    await until(() => alert(page), /White read: 28\d\d K|White read: 2[89]\d\d K/);
    await until(() => valueText(page, 'White'), /^2[89]\d\d K, set/);
    await until(async () => String(Math.abs(await cast(page)) < 6), /true/);

    await page.focus(slider('White'));
    await page.keyboard.press('a');
    await until(() => valueText(page, 'White'), /K, auto/);
    await until(async () => String(Math.abs(await cast(page)) < 25), /true/);
    await page.close();
  });

  test('refuses what clips and what is painted, and changes nothing', async () => {
    const page = await field('scene=test-wall&time=1/40&iso=100&white=5000');
    await page.keyboard.press('w');
    await press(page, 'Close');
    // The white card, 2 1/3 stops over the grey one, is far over.
    await tapWindow(page, 0.17, 0.5);
    await until(() => alert(page), /clips in/);
    expect(await valueText(page, 'White')).toBe('5000 K, set');
    await page.close();

    const other = await field('scene=test-wall&time=1/125&iso=100&white=5000');
    await other.keyboard.press('w');
    await press(other, 'Close');
    await tapWindow(other, 0.43, 0.32);
    await until(() => alert(other), /looks (yellow|orange).*again|not neutral/);
    expect(await valueText(other, 'White')).toBe('5000 K, set');
    // Put down, a tap meters again.
    await press(other, 'Done');
    await tapWindow(other, 0.5, 0.5);
    await until(() => pageText(other), /spot 3 %/);
    await other.close();
  });

  test('lights by name, tint, lock; all of it without a finger', async () => {
    const page = await field('scene=test-wall&time=1/125&iso=100&white=auto');
    await page.keyboard.press('w');
    await press(page, 'fluorescent');
    await until(() => pageText(page), /White · 4000 K, tint 6 green/);
    await page.focus(slider('Tint'));
    await page.keyboard.press('ArrowRight');
    await until(() => pageText(page), /White · 4000 K, tint 7 green/);
    await press(page, 'auto');
    await press(page, 'Lock');
    await until(() => pageText(page), /Unlock/);
    await press(page, 'Read neutral at the spot');
    await until(() => alert(page), /White read/);
    expect(await axeViolations(page)).toEqual([]);
    await page.close();
  });

  test('a link sets it, and refuses what makes no sense in words', async () => {
    const page = await field('scene=test-wall&white=3200,-4');
    expect(await valueText(page, 'White')).toBe('3200 K, set');
    await page.close();
    const other = await field('scene=test-wall&white=90000');
    await until(() => alert(other), /white=90000.*not understood/);
    await other.close();
  });
});

describe('push right', () => {
  test.each([
    ['pans-at-noon', '1/8000'],
    ['test-wall', '1/30'],
    ['harbour-light', '1/1000'],
  ])('%s: the same as clicks by hand up to the first zebra fleck', async (scene, time) => {
    const page = await field(`scene=${scene}&time=${time}&iso=100&support=tripod`, WIDE);
    await page.keyboard.press('z');
    await refined(page);
    await page.keyboard.press('u');
    await until(() => alert(page), /under clipping in (red|green|blue)/);
    const pushed = await valueText(page, 'Time');
    await page.keyboard.press('k');
    await page.waitForSelector('[data-testid=tape-Zebra]');
    const zebra = (): Promise<string> =>
      page.$eval('[data-testid=tape-Zebra]', (e) => e.textContent ?? '');
    const overAllowed = async (): Promise<boolean> => {
      const on = /on (none|under|[\d.]+)/.exec(await zebra())?.[1] ?? 'none';
      return Number(on) > 0.1;
    };
    await until(async () => String(await overAllowed()), /false/);
    await page.focus(slider('Time'));
    await page.keyboard.press('ArrowRight');
    await until(async () => String(await overAllowed()), /true/);
    await page.keyboard.press('ArrowLeft');
    await until(async () => String(await overAllowed()), /false/);
    await page.keyboard.press('u');
    await until(() => alert(page), /it already is/);
    expect(await valueText(page, 'Time')).toBe(pushed);
    await page.close();
  });
});

describe('marks and histograms', () => {
  test('zebra stripes what clips, clip marks can be of one channel, a hold shows what is lost', async () => {
    const page = await field('scene=test-wall&time=1/40&iso=100&white=5000');
    await page.keyboard.press('k');
    await tap(page, '[aria-label="Clipped: off"]');
    await until(() => pageText(page), /green \d/);
    await refined(page);
    const bare = await stripes(page);
    await page.keyboard.press('z');
    await until(async () => String((await stripes(page)) > bare + 0.002), /true/);
    const green = await middleGreen(page, WINDOW);
    const hold = await stillPlace(page, '::-p-text(Hold: as raw clips)');
    await page.mouse.move(hold.x, hold.y);
    await page.mouse.down();
    // The grey card does not clip: it turns into a darker grey.
    await until(async () => String((await middleGreen(page, WINDOW)) < 0.6 * green), /true/);
    await page.mouse.up();
    await until(async () => String((await middleGreen(page, WINDOW)) > 0.9 * green), /true/);
    expect(await axeViolations(page)).toEqual([]);
    await page.close();
  });

  test('the JPEG’s histogram stands beside the ladder on demand, and why they differ is said', async () => {
    const page = await field('scene=test-wall-lamp&time=1/60&iso=50&white=5500');
    await page.keyboard.press('h');
    await page.waitForSelector('[data-testid=picture-histogram]');
    await until(
      () =>
        page.$eval(
          '[data-testid=picture-histogram] path',
          (e) => e.getAttribute('d')?.slice(0, 1) ?? '',
        ),
      /M/,
    );
    await page.keyboard.press('k');
    await until(() => pageText(page), /The JPEG is at 255 on .*extended ISO.*Expose by the raw/s);
    await page.reload();
    // Remembered from one visit to the next.
    await page.waitForSelector('[data-testid=picture-histogram]');
    await page.keyboard.press('h');
    await until(async () => String(await page.$('[data-testid=picture-histogram]')), /null/);
    await page.close();
  });

  test('extended ISO against base: the raw’s clipping does not change, the picture does', async () => {
    const page = await field('scene=test-wall&time=1/40&iso=100&white=5000');
    await page.keyboard.press('k');
    /** Share clipped in green, in percent, as the sheet says it; noise moves its last digit. */
    const clipped = async (): Promise<number> =>
      Number(/green ([\d.]+) %/.exec(await pageText(page))?.[1] ?? 0);
    await refined(page);
    await until(async () => String(await clipped()), /[1-9]/);
    const before = await clipped();
    const green = await middleGreen(page, WINDOW);
    await press(page, 'ISO 50 against 100');
    await until(async () => String((await middleGreen(page, WINDOW)) < 0.85 * green), /true/);
    await pause(600);
    expect(Math.abs((await clipped()) - before)).toBeLessThan(0.03 * before);
    await press(page, 'Back from ISO 50 / 100');
    await until(async () => String((await middleGreen(page, WINDOW)) > 0.95 * green), /true/);
    await page.close();
  });
});
