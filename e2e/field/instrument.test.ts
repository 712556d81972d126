import type { Page } from 'puppeteer-core';
import {
  dragHeld,
  fieldReady,
  pageText,
  pause,
  press,
  refined,
  slider,
  tap,
  until,
  valueText,
  verdict,
} from '../support/browser';
import { greenDifference, picture, untilGreen } from '../support/pictures';
import { fieldSuite } from '../support/suite';

jest.setTimeout(90_000);
const { field } = fieldSuite();

const windowBox = async (page: Page) =>
  (await (await page.$('[data-testid=window]'))!.boundingBox())!;
const named = (page: Page, start: string): Promise<string> =>
  page.$eval(`[role=button][aria-label^="${start}"]`, (e) => e.getAttribute('aria-label') ?? '');

/**
 * Leaves a pin by a long press; a machine so busy that the press became a look at the picture gets
 * another try.
 */
async function leavePin(page: Page, x: number, y: number): Promise<void> {
  const pins = (): Promise<number> =>
    page.$$eval('[role=button][aria-label^="Pin "]', (all) => all.length);
  const before = await pins();
  for (let tries = 0; tries < 5; tries++) {
    await page.mouse.move(x, y);
    await page.mouse.down();
    await pause(700);
    await page.mouse.up();
    for (let waits = 0; waits < 20; waits++) {
      if ((await pins()) > before) return;
      await pause(50);
    }
  }
  throw new Error('a long press left no pin');
}

describe('metering', () => {
  test('a tap meters there: the white card becomes mid-grey, the exposure falls by its 2 1/3 stops', async () => {
    const page = await field('scene=test-wall&time=auto&iso=100&meter=spot&support=tripod');
    await until(() => valueText(page, 'Time'), /^1\/125 s, auto/);
    const box = await windowBox(page);
    // Upright on the main lens, the white card lies 0.38 m left of the middle of a wall 1.15 m
    // away.
    await page.mouse.click(
      box.x + box.width * (0.5 - (0.38 / 1.15 / (2 * 0.6657)) * (4 / 3)),
      box.y + box.height / 2,
    );
    await until(() => valueText(page, 'Time'), /^1\/640 s, auto/);
    expect(await named(page, 'Meter')).toContain('spot');
    await page.close();
  });

  test('a grey card metered and locked reads 0, and stays locked when the camera turns away', async () => {
    const page = await field('scene=test-wall&time=auto&iso=100&meter=spot&support=tripod');
    await until(() => valueText(page, 'Time'), /^1\/125 s, auto/);
    const box = await windowBox(page);
    await leavePin(page, box.x + box.width / 2, box.y + box.height / 2);
    await until(() => named(page, 'Pin 1'), /^Pin 1: 0 stops from mid-grey, 2 2\/3 room/);
    await page.keyboard.press('l');
    await page.waitForSelector('[aria-label^="locked"]');
    await page.mouse.move(box.x + box.width / 2, box.y + box.height / 2);
    await page.mouse.down();
    await page.mouse.move(box.x + box.width / 2 - 90, box.y + box.height / 2, { steps: 8 });
    await page.mouse.up();
    // The pin has gone along with the card and still reads it.
    const pin = (): Promise<number> =>
      page.$eval('[aria-label^="Pin 1"]', (e) => e.getBoundingClientRect().left);
    await until(async () => String((await pin()) < box.x + box.width / 2 - 40), /true/);
    // The page moves it at once; what must not change has time to be read.
    await pause(600);
    // The black card lies under the spot now; without the lock Time would be two and a half stops
    // longer.
    expect(await valueText(page, 'Time')).toMatch(/^1\/125 s, auto/);
    await until(() => named(page, 'Pin 1'), /^Pin 1: 0 stops/);
    await press(page, 'all auto');
    await until(() => valueText(page, 'Time'), /^1\/(60|50|40|30|25|20|15|13|10|8) s, auto/);
    await page.close();
  });

  test('keeping highlights puts the brightest texture just under clipping', async () => {
    const page = await field('scene=harbour-light&time=auto&iso=100&meter=whole&support=tripod');
    await until(() => verdict(page), /clip/);
    await page.keyboard.press('m');
    await press(page, 'highlights');
    await page.keyboard.press('Escape');
    await until(() => valueText(page, 'Ladder'), /highlights .* under clipping/);
    expect(await verdict(page)).not.toContain('clip');
    await page.close();
  });
});

describe('pins', () => {
  test('dragging a pin along the ladder puts its tone there, through the free tape, and says which', async () => {
    const page = await field('scene=test-wall&time=1/125&iso=auto&meter=spot');
    const box = await windowBox(page);
    await leavePin(page, box.x + box.width / 2, box.y + box.height / 2);
    const mark = slider('Place pin 1');
    await until(() => valueText(page, 'Place pin 1'), /^0 stops/);
    expect(await pageText(page)).toContain('↕ Comp');
    const ladder = (await (await page.$(slider('Ladder')))!.boundingBox())!;
    const grip = (await (await page.$(mark))!.boundingBox())!;
    const pxPerStop = ladder.height / (3.7 + 9);
    const from = { x: grip.x + 12, y: grip.y + grip.height / 2 };
    await dragHeld(page, from, { ...from, y: from.y - pxPerStop }, 3);
    await page.mouse.up();
    await until(() => valueText(page, 'Comp'), /^\+1 stops/);
    await until(() => valueText(page, 'Place pin 1'), /^\+1 stops/);
    expect(await valueText(page, 'Time')).toBe('1/125 s, set');
    // By keys, a third at a time.
    await page.focus(mark);
    await page.keyboard.press('ArrowDown');
    await until(() => valueText(page, 'Place pin 1'), /^\+2\/3 stops/);
    await tap(page, '[aria-label^="Pin 1"]');
    expect(await page.$(mark)).toBeNull();
    await page.close();
  });

  test('with Time and ISO set, Time moves and Comp says in words what it still does', async () => {
    const page = await field('scene=test-wall&time=1/125&iso=100&meter=spot');
    await page.keyboard.press('p');
    await until(() => valueText(page, 'Place pin 1'), /^0 stops/);
    expect(await pageText(page)).toContain('↕ Time');
    await page.focus(slider('Place pin 1'));
    await page.keyboard.press('ArrowUp');
    await until(() => valueText(page, 'Time'), /^1\/100 s, set/);
    const said = await page.$eval(slider('Comp'), (e) => e.getAttribute('aria-description') ?? '');
    expect(said).toContain('moves what the meter compares with');
    await page.close();
  });
});

describe('rig', () => {
  test('the Time tape warns of shake, the tripod takes the warning away and auto goes to base ISO', async () => {
    const page = await field('scene=sluice-at-dusk&time=1/8&iso=auto');
    expect(await until(() => verdict(page), /shake/)).toBe('1/8 s will shake at 26 mm.');
    await page.keyboard.press('r');
    await press(page, 'tripod');
    await page.keyboard.press('Escape');
    await until(() => verdict(page), /^(?!.*shake)/);
    expect(await named(page, 'Rig')).toContain('tripod');
    await page.close();
  });

  test('a neutral-density filter says what time it leads to', async () => {
    const page = await field('scene=test-wall&time=auto&iso=100&support=tripod&meter=spot');
    await until(() => valueText(page, 'Time'), /^1\/125/);
    await page.keyboard.press('r');
    await (await page.waitForSelector(slider('ND filter')))!.focus();
    for (let i = 0; i < 6; i++) await page.keyboard.press('ArrowRight');
    await until(() => pageText(page), /6 stops: 1\/125 s becomes 0\.5 s at the same ISO\./);
    await page.keyboard.press('Escape');
    expect(await valueText(page, 'Time')).toBe('0.5 s, auto');
    await page.close();
  });

  test('zooming by the wheel goes smoothly over the lenses and names the crop', async () => {
    const page = await field('scene=test-wall&time=1/125&iso=100');
    const box = await windowBox(page);
    await page.mouse.move(box.x + 150, box.y + 200);
    await page.mouse.wheel({ deltaY: -300 });
    await until(() => named(page, 'Rig'), /Rig: 3\d mm crop 1\.\d×/);
    await page.mouse.wheel({ deltaY: -900 });
    await until(() => named(page, 'Rig'), /Rig: 9\d mm crop 1\.\d×/);
    await page.mouse.wheel({ deltaY: 3000 });
    await until(() => named(page, 'Rig'), /Rig: 13 mm f\/2\.8/);
    await page.close();
  });

  test('Comp in half stops, as a preference that stays', async () => {
    const page = await field('scene=test-wall&time=auto&iso=100&support=tripod&meter=spot');
    await page.keyboard.press('r');
    await press(page, '1/2 stop');
    await page.keyboard.press('Escape');
    await page.focus(slider('Comp'));
    await page.keyboard.press('ArrowRight');
    await until(() => valueText(page, 'Comp'), /^\+1\/2 stops/);
    // The tab finds its tapes as they were left, whatever its link once asked for.
    await page.reload();
    await fieldReady(page);
    await until(() => valueText(page, 'Comp'), /^\+1\/2 stops/);
    await page.focus(slider('Comp'));
    await page.keyboard.press('ArrowRight');
    await until(() => valueText(page, 'Comp'), /^\+1 stops/);
    await page.keyboard.press('r');
    await press(page, '1/3 stop');
    await pause(700);
    await page.close();
  });
});

describe('verdict', () => {
  test('lists every finding with its ways out, and the numbers behind the tapes', async () => {
    const page = await field('scene=packing-bench&time=1/200&iso=auto&meter=spot');
    await until(() => verdict(page), /./);
    await page.keyboard.press('v');
    // The line over the tapes says the same until the sheet is there.
    await page.waitForSelector('[role=region][aria-label="Verdict"]');
    await until(() => pageText(page), /Lamps on 50 Hz band at 1\/200 s\./);
    const said = await pageText(page);
    expect(said).toMatch(/SNR \d+ at mid-grey, [\d.]+ three stops under it/);
    await press(page, 'Time to 1/100');
    await until(() => pageText(page), /^(?![\s\S]*band at)/);
    await page.keyboard.press('Escape');
    expect(await valueText(page, 'Time')).toBe('1/100 s, set');
    await page.close();
  });

  test('stars: 30 s trails, the repair keeps the exposure', async () => {
    const page = await field('scene=stars-over-the-pans&time=30&iso=1600&support=tripod&mp=12');
    await until(() => verdict(page), /^Stars trail by 7\.\d px in 30 s\.$/);
    await press(page, 'Raise ISO 2/3 stop');
    await until(() => valueText(page, 'Time'), /^20 s, set/);
    expect(await valueText(page, 'ISO')).toBe('ISO 2500, set');
    await until(() => verdict(page), /^(?!.*trail)/);
    await page.close();
  });
});

describe('places', () => {
  test('every place of the salt works shows a picture and a reading', async () => {
    const page = await field('scene=test-wall&time=auto&iso=auto');
    const seen = new Set<string>();
    for (const name of [
      'Drying shed',
      'Packing bench',
      'Sluice at dusk',
      'Harbour light at night',
      'Stars over the pans',
      'Pans at noon',
    ]) {
      await tap(page, '[aria-label^="Camera and place"]');
      await press(page, name);
      await until(() => named(page, 'Camera and place'), new RegExp(name));
      // Each has a light of its own.
      await until(async () => String(!seen.has(await named(page, 'Meter'))), /true/);
      seen.add(await named(page, 'Meter'));
      await untilGreen(page, (green) => green > 2);
    }
    expect(seen.size).toBe(6);
    await page.close();
  });

  test('what moves, moves; what keeps still, keeps still', async () => {
    const page = await field('scene=sluice-at-dusk&time=1/60&iso=400&support=tripod');
    // Then only motion and noise are left to change.
    await refined(page);
    const first = await picture(page, '[data-testid=window]');
    await pause(700);
    const second = await picture(page, '[data-testid=window]');
    // Noise changes every pixel of every frame; falling water must change by far more than masonry
    // does.
    const water = { x0: 0.27, x1: 0.46, y0: 0.56, y1: 0.67 };
    const masonry = { x0: 0.02, x1: 0.1, y0: 0.5, y1: 0.65 };
    const noise = greenDifference(first, second, masonry);
    expect(greenDifference(first, second, water)).toBeGreaterThan(3 * noise + 2);
    await page.close();
  });
});

describe('long exposures', () => {
  const lastFrame = (page: Page): Promise<string> =>
    page.$eval('[role=link][aria-label^="Frame"]', (e) => e.getAttribute('aria-label') ?? '');

  test('run in scene time, can be hastened, and show their progress', async () => {
    const page = await field(
      'scene=test-wall&time=30&iso=100&nd=10&support=tripod&mp=3&clock=10&meter=spot',
    );
    await tap(page, '[data-testid=expose]');
    await until(
      () => page.$eval('[data-testid=expose]', (e) => e.textContent ?? ''),
      /^Press to stopOpen \d+ of 32 s/,
    );
    await page.waitForSelector('[role=link][aria-label^="Frame"]', { timeout: 60_000 });
    expect(await until(() => lastFrame(page), /30 s/)).toContain('30 s · ISO 100');
    await page.close();
  });

  test('are closed early by pressing again; the frame is kept with the time it really had', async () => {
    const page = await field(
      'scene=stars-over-the-pans&time=60&iso=800&support=tripod&mp=3&clock=5&meter=spot',
    );
    await tap(page, '[data-testid=expose]');
    await until(
      () => page.$eval('[data-testid=expose]', (e) => e.textContent ?? ''),
      /Open (?:[5-9]|1\d) of/,
    );
    await tap(page, '[data-testid=expose]');
    const label = await until(() => lastFrame(page), /Stars over the pans.* s · ISO 800/, 60_000);
    const seconds = Number(/, ([\d.]+) s/.exec(label)![1]);
    expect(seconds).toBeGreaterThan(4);
    expect(seconds).toBeLessThan(45);
    await page.close();
  });
});
