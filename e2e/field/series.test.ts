import { execFileSync } from 'node:child_process';
import type { Page } from 'puppeteer-core';
import { findLens } from '@velmo/core/optics';
import { photositeResponse, shareOfSnr } from '@velmo/core/sensor';
import { VALID_WITH_DEPTH } from '../../core/test/support/validated';
import {
  axeViolations,
  downloads,
  dropForGood,
  EXPOSE,
  fieldReady,
  launch,
  openLastFrame,
  openPage,
  pageText,
  press,
  pressFirst,
  refined,
  stillPlace,
  tap,
  until,
  WHOLE,
} from '../support/browser';
import { astray, framesStored, storedCounts, storedRecords } from '../support/stored';
import { servedApp } from '../support/suite';

jest.setTimeout(180_000);
const app = servedApp();

const STACK = '[role=link][aria-label^="Series of"]';
const SMALL = 'scene=test-wall&lens=main&mp=3&support=tripod&crop=2';

async function withPage(query: string, work: (page: Page) => Promise<void>): Promise<void> {
  const browser = await launch();
  try {
    const { page } = await openPage(browser, `${app.url}/?${query}`);
    await fieldReady(page);
    await work(page);
  } finally {
    await browser.close();
  }
}

const exposeText = (page: Page): Promise<string> => page.$eval(EXPOSE, (e) => e.textContent ?? '');
const idle = (page: Page): Promise<string> =>
  until(() => exposeText(page), /^Expose(DNG|bracket|burst|focus|interval|long)[^%]*$/, 120_000);

const exif = (file: string): Record<string, unknown> =>
  JSON.parse(
    execFileSync('exiftool', ['-json', '-n', '-validate', '-All:All', file]).toString(),
  )[0];

/** A raw as dcraw reads it: black taken off. */
function rawOf(file: string): { width: number; height: number; at(x: number, y: number): number } {
  const pgm = execFileSync('dcraw', ['-D', '-4', '-t', '0', '-c', file], { maxBuffer: 1 << 27 });
  const [width, height] = /^P5\n(\d+) (\d+)\n/
    .exec(pgm.subarray(0, 40).toString('latin1'))!
    .slice(1)
    .map(Number);
  const body = pgm.subarray(pgm.length - 2 * width * height);
  return { width, height, at: (x, y) => body.readUInt16BE(2 * (y * width + x)) - 256 };
}

/** Mean and standard error of a patch's green photosites, black taken off, by dcraw. */
function greenPatch(file: string): { mean: number; error: number } {
  const { width, height, at } = rawOf(file);
  const values: number[] = [];
  for (let y = (height >> 1) - 20; y < (height >> 1) + 20; y++)
    for (let x = (width >> 1) - 20; x < (width >> 1) + 20; x++)
      if (((x ^ y) & 1) === 1) values.push(at(x, y));
  const mean = values.reduce((a, b) => a + b) / values.length;
  const variance = values.reduce((sum, v) => sum + (v - mean) ** 2, 0) / (values.length - 1);
  return { mean, error: Math.sqrt(variance / values.length) };
}

describe('a bracket', () => {
  test('of three from one press: steps are exact in the raw, all else is the same, kept and deleted as one', async () => {
    await withPage(`${SMALL}&time=1/125&iso=100&series=bracket:3:1`, async (page) => {
      const files = await downloads(page);
      expect(await exposeText(page)).toMatch(/^Exposebracket 3 · 1 s · \d+ MB$/);
      await tap(page, EXPOSE);
      await framesStored(page, 3);
      await idle(page);
      const records = await storedRecords(page);
      expect(records.map(({ timeS }) => timeS)).toEqual([1 / 128, 1 / 256, 1 / 64]);
      expect(new Set(records.map(({ series }) => series!.id)).size).toBe(1);
      expect(records.map(({ series }) => series!.step)).toEqual([0, 1, 2]);
      for (const key of ['iso', 'lens', 'focusDioptres', 'white', 'width', 'height'] as const)
        expect(new Set(records.map((record) => JSON.stringify(record[key]))).size).toBe(1);

      await tap(page, STACK);
      const saved: string[] = [];
      for (const n of [1, 2, 3]) {
        await until(() => pageText(page), new RegExp(`${n} of 3.*Clipped`, 's'));
        await pressFirst(page, 'Save DNG');
        saved.push(await files.next('.dng'));
        await page.keyboard.press('ArrowRight');
      }
      expect(await axeViolations(page)).toEqual([]);
      const tags = saved.map(exif);
      for (const { Validate } of tags) expect(Validate).toEqual(VALID_WITH_DEPTH);
      // Exif 2.32: ExposureMode 2 is auto bracket.
      expect(tags.map((t) => [t.ExposureCompensation, t.ExposureMode])).toEqual([
        [0, 2],
        [-1, 2],
        [1, 2],
      ]);
      expect(tags.map((t) => [t.Kind, t.Frame, t.Frames])).toEqual([
        ['bracket', 1, 3],
        ['bracket', 2, 3],
        ['bracket', 3, 3],
      ]);
      const [middle, under, over] = saved.map(greenPatch);
      for (const [frame, ratio] of [
        [under, 1 / 2],
        [over, 2],
      ] as const) {
        const off = Math.abs(frame.mean - ratio * middle.mean);
        expect(off).toBeLessThan(4 * Math.hypot(frame.error, ratio * middle.error) + 0.5);
      }

      await dropForGood(page, 'Drop all 3');
      await framesStored(page, 0);
      expect(await astray(page)).toEqual({ litter: [], missing: [] });
    });
  });

  test('stands on the scales before the press: marks on Time, bars beside the ladder', async () => {
    await withPage(`${SMALL}&time=1/125&iso=100&series=bracket:5:2`, async (page) => {
      const marks = (tape: string): Promise<number> =>
        page.$$eval(
          `[data-testid=tape-${tape}] [data-testid=tape-marks] path`,
          (all) => all.length,
        );
      expect(await marks('Time')).toBe(5);
      expect(await marks('ISO')).toBe(0);
      const bars = await page.$eval('[data-testid=ladder-bars]', (e) => ({
        label: e.getAttribute('aria-label'),
        count: e.children.length,
      }));
      expect(bars.count).toBe(5);
      expect(bars.label).toMatch(/^5 frames hold \d+/);
      await tap(page, '[data-testid=series]');
      await until(
        () => pageText(page),
        /5 frames, 2 stops apart: 1\/125, 1\/500, 1\/30, 1\/2000, 1\/8 s at ISO 100/,
      );
      expect(await axeViolations(page)).toEqual([]);
    });
  });
});

test('a scene of 14 stops is covered by one press: no texture clips in the darkest frame, no shadow is under the SNR in the brightest', async () => {
  await withPage('scene=drying-shed&support=tripod&mp=3&iso=100&focus=4m', async (page) => {
    const files = await downloads(page);
    await refined(page);
    await tap(page, '[data-testid=series]');
    await press(page, 'bracket');
    await pressFirst(page, 'Cover the scene');
    const words = /(\d) frames, ([\d /]+) stops? apart: ([\d /]+) stops of light\./;
    await until(() => pageText(page), words);
    const [, frames, , light] = words.exec(await pageText(page))!;
    // What the shed holds, from its door to its corners (core: scenes).
    expect(Number(light.split(' ')[0])).toBeGreaterThanOrEqual(12);
    await press(page, 'Close');
    await tap(page, EXPOSE);
    const count = Number(frames);
    await framesStored(page, count);
    await idle(page);
    const records = await storedRecords(page);
    const byTime = [...records].sort((a, b) => a.timeS! - b.timeS!);
    // Specks may clip, a thousandth of the frame.
    expect(Math.max(...byTime[0].clippedShare!)).toBeLessThan(0.0015);
    expect(Math.max(...byTime[1].clippedShare!)).toBeGreaterThan(0.0015);
    const brightest = records.indexOf(byTime.at(-1)!);
    await tap(page, STACK);
    for (let k = 0; k < brightest; k++) {
      await until(() => pageText(page), new RegExp(`${k + 1} of ${count}.*Clipped`, 's'));
      await page.keyboard.press('ArrowRight');
    }
    await until(() => pageText(page), new RegExp(`${brightest + 1} of ${count}.*Clipped`, 's'));
    await pressFirst(page, 'Save DNG');
    const { width, height, at } = rawOf(await files.next('.dng'));
    // The darkest hundredth, over squares of 16: their noise is small against the signal.
    const means: number[] = [];
    for (let y = 0; y + 16 <= height; y += 16)
      for (let x = 0; x + 16 <= width; x += 16) {
        let sum = 0;
        for (let dy = 0; dy < 16; dy++)
          for (let dx = (dy & 1) ^ 1; dx < 16; dx += 2) sum += at(x + dx, y + dy);
        means.push(sum / 128);
      }
    means.sort((a, b) => a - b);
    const { sensor } = findLens('main')!;
    const share = shareOfSnr(photositeResponse(sensor, 100, 2), 4);
    const wanted = share * (sensor.whiteLevel - sensor.blackLevel);
    expect(means[Math.floor(0.012 * means.length)]).toBeGreaterThan(0.9 * wanted);
  });
});

describe('a press that takes a while', () => {
  test('a delay is counted down, called off by a second press, and kept to by a third', async () => {
    await withPage(`${SMALL}&time=1/125&iso=100&delay=10`, async (page) => {
      await tap(page, EXPOSE);
      await page.waitForSelector('[data-testid=countdown]');
      expect(await exposeText(page)).toMatch(/^Press to stopIn \d+ s/);
      await tap(page, EXPOSE);
      await page.waitForFunction(() => !document.querySelector('[data-testid=countdown]'));
      await idle(page);
      expect((await storedCounts(page)).frames).toBe(0);
      await page.evaluateOnNewDocument(() => {
        Object.assign(window, { heard: 0 });
        const Plain = window.OscillatorNode;
        window.OscillatorNode = new Proxy(Plain, {
          construct(target, args: [BaseAudioContext, OscillatorOptions?]) {
            (window as unknown as { heard: number }).heard++;
            return new target(...args);
          },
        });
      });
      await page.goto(`${app.url}/?${SMALL}&time=1/125&iso=100&delay=3`);
      await fieldReady(page);
      const start = Date.now();
      await tap(page, EXPOSE);
      await framesStored(page, 1);
      const [record] = await storedRecords(page);
      expect(record.capturedAt - start).toBeGreaterThanOrEqual(2990);
      // Three, two, one; the first may be over before the browser lets the page sound.
      const heard = await page.evaluate(() => (window as unknown as { heard: number }).heard);
      expect(heard).toBeGreaterThanOrEqual(2);
      expect(heard).toBeLessThanOrEqual(3);
    });
  });

  test('a burst ends when it is pressed again: what is made is kept, and told as so many of twenty', async () => {
    await withPage(`${SMALL}&time=1/125&iso=100&series=burst:20`, async (page) => {
      await tap(page, EXPOSE);
      await until(() => exposeText(page), /^Press to stop([2-9]|1[0-4]) of 20/);
      await tap(page, EXPOSE);
      await idle(page);
      const { frames } = await storedCounts(page);
      expect(frames).toBeGreaterThanOrEqual(2);
      expect(frames).toBeLessThan(20);
      expect(await page.$eval(STACK, (e) => e.textContent)).toBe(`${frames} of 20`);
      expect(await astray(page)).toEqual({ litter: [], missing: [] });
    });
  });

  test('while Expose is held, or space, frames come; they end when it is let go', async () => {
    await withPage(`${SMALL}&time=1/125&iso=100&series=burst:3`, async (page) => {
      const { x, y } = await stillPlace(page, EXPOSE);
      await page.mouse.move(x, y);
      await page.mouse.down();
      await until(() => exposeText(page), /^Press to stop([2-9]|[1-5]\d) of 60/);
      await page.mouse.up();
      await idle(page);
      const { frames } = await storedCounts(page);
      expect(frames).toBeGreaterThanOrEqual(2);
      expect(frames).toBeLessThan(60);
      expect(await page.$eval(STACK, (e) => e.textContent)).toBe(`${frames} of 60`);
      await page.evaluate(() => (document.activeElement as HTMLElement | null)?.blur());
      const key = (type: string, repeat: boolean): Promise<void> =>
        page.evaluate(
          (name, again) => {
            const init = { key: ' ', bubbles: true, cancelable: true, repeat: again };
            document.body.dispatchEvent(new KeyboardEvent(name, init));
          },
          type,
          repeat,
        );
      await key('keydown', false);
      await key('keydown', true);
      await until(() => exposeText(page), /^Press to stop([2-9]|[1-5]\d) of 60/);
      await key('keyup', false);
      await idle(page);
      expect((await storedCounts(page)).frames).toBeGreaterThanOrEqual(frames + 2);
    });
  });

  test('a tab closed in mid-series leaves whole frames only', async () => {
    const browser = await launch();
    try {
      const { page } = await openPage(
        browser,
        `${app.url}/?${SMALL}&time=1/125&iso=100&series=burst:20`,
      );
      await fieldReady(page);
      await tap(page, EXPOSE);
      await until(() => exposeText(page), /([4-9]|1\d) of 20/);
      await page.close();
      const { page: next } = await openPage(browser, `${app.url}/?${SMALL}`);
      await fieldReady(next);
      await until(async () => String((await storedCounts(next)).halves), /^0$/);
      const { frames } = await storedCounts(next);
      expect(frames).toBeGreaterThanOrEqual(2);
      expect(await astray(next)).toEqual({ litter: [], missing: [] });
      await until(
        () => next.$eval(STACK, (e) => e.textContent ?? ''),
        new RegExp(`^${frames} of 20$`),
      );
    } finally {
      await browser.close();
    }
  });

  test('a series goes on while its frames are looked at, and Field is there when one comes back', async () => {
    await withPage(`${SMALL}&time=1/125&iso=100&series=burst:20`, async (page) => {
      await tap(page, EXPOSE);
      await until(async () => String((await storedCounts(page)).frames), /^([2-9]|1\d)$/);
      await tap(page, STACK);
      await until(() => pageText(page), /1 of 20/);
      await framesStored(page, 20);
      await until(() => pageText(page), /1 of 20(?!,)/);
      expect(await astray(page)).toEqual({ litter: [], missing: [] });
      await pressFirst(page, '‹ Field');
      await idle(page);
      await refined(page);
    });
  });

  test('a long exposure grows, ends when pressed, and is one raw that says of how many frames it is', async () => {
    const query = 'scene=stars-over-the-pans&mp=3&crop=3&support=tripod&time=10&iso=800&focus=inf';
    await withPage(`${query}&series=long:3600:brightest&clock=60`, async (page) => {
      const files = await downloads(page);
      expect(await exposeText(page)).toMatch(/^Exposelong · 1 h · \d+ MB$/);
      await tap(page, EXPOSE);
      await until(() => exposeText(page), /^Press to stop([4-9]|\d\d) gathered/, 60_000);
      await page.waitForSelector('[data-testid=growing]');
      await tap(page, EXPOSE);
      await framesStored(page, 1);
      await idle(page);
      expect(await page.$('[data-testid=growing]')).toBeNull();
      const [record] = await storedRecords(page);
      const { frames } = record.average!;
      expect(frames).toBeGreaterThanOrEqual(4);
      await openLastFrame(page);
      await until(() => pageText(page), /Clipped/);
      await pressFirst(page, 'Save DNG');
      const saved = await files.next('.dng');
      const tags = exif(saved);
      expect(tags).toMatchObject({
        Validate: VALID_WITH_DEPTH,
        CompositeImage: 3,
        CompositeImageCount: `${frames} ${frames}`,
        WhiteLevel: 16 * 4095,
      });
      expect(tags.ImageDescription).toMatch(
        new RegExp(`Brightest of each photosite of ${frames} frames of 10(\\.\\d+)? s each`),
      );
      execFileSync('dcraw_emu', ['-w', saved]);
    });
  });

  test('an interval keeps its seconds', async () => {
    await withPage(`${SMALL}&time=1/125&iso=100&series=interval:4:3`, async (page) => {
      await tap(page, EXPOSE);
      await until(() => exposeText(page), /[23] of 3 · in/);
      await framesStored(page, 3);
      const times = (await storedRecords(page)).map(({ capturedAt }) => capturedAt);
      for (const k of [1, 2]) {
        const lateMs = times[k] - times[0] - 4000 * k;
        expect(lateMs).toBeGreaterThanOrEqual(-5);
        expect(lateMs).toBeLessThan(3000);
      }
    });
  });
});

test('space, enter, page down and the volume key of a remote expose; where something else has the focus they are its', async () => {
  await withPage(`${SMALL}&time=1/125&iso=100`, async (page) => {
    await refined(page);
    const keys = [' ', 'Enter', 'PageDown', 'AudioVolumeUp'];
    for (const [n, key] of keys.entries()) {
      await page.evaluate((name) => {
        (document.activeElement as HTMLElement | null)?.blur();
        const init = { key: name, bubbles: true, cancelable: true };
        document.body.dispatchEvent(new KeyboardEvent('keydown', init));
        document.body.dispatchEvent(new KeyboardEvent('keyup', init));
      }, key);
      await framesStored(page, n + 1);
      await idle(page);
    }
    await page.focus('[role=slider][aria-label=Comp]');
    await page.keyboard.press('Enter');
    await tap(page, '[data-testid=series]');
    await until(() => pageText(page), /Delay/);
    expect((await storedCounts(page)).frames).toBe(keys.length);
  });
});

test('focus steps hold all between two distances, one zone beside the next', async () => {
  await withPage(
    'scene=packing-bench&lens=tele&mp=3&support=tripod&crop=1&time=1/60&iso=200&series=focus:0.6m:1m',
    async (page) => {
      const words = await exposeText(page);
      const count = Number(/^Exposefocus (\d+)/.exec(words)![1]);
      expect(count).toBeGreaterThan(3);
      await tap(page, EXPOSE);
      await framesStored(page, count);
      const records = await storedRecords(page);
      const dioptres = records.map(({ focusDioptres }) => focusDioptres!);
      expect(dioptres).toEqual([...dioptres].sort((a, b) => b - a));
      expect(Math.max(...dioptres)).toBeLessThan(1 / 0.6);
      expect(Math.min(...dioptres)).toBeGreaterThan(1);
      expect(new Set(records.map(({ timeS, iso }) => `${timeS} ${iso}`)).size).toBe(1);
    },
  );
});

test('focus at places: each mark is a frame, drawn as a zone, and taken away again', async () => {
  await withPage(
    'scene=packing-bench&lens=tele&mp=3&support=tripod&time=1/60&iso=200&focus=0.7m&series=focus:0.6m:1m',
    async (page) => {
      await tap(page, '[data-testid=series]');
      await press(page, 'at places');
      await until(() => pageText(page), /No place is marked yet: one frame, as focus stands/);
      await press(page, 'Mark here');
      await until(() => pageText(page), /1 frame, at the place marked/);
      await press(page, 'Close');
      await page.focus('[role=slider][aria-label=Focus]');
      for (let k = 0; k < 6; k++) await page.keyboard.press('ArrowRight');
      await tap(page, '[data-testid=series]');
      await press(page, 'Mark here');
      await until(() => pageText(page), /2 frames, one at each place marked/);
      expect(await axeViolations(page)).toEqual([]);
      await press(page, 'Close');
      await tap(page, EXPOSE);
      await framesStored(page, 2);
      const [first, second] = (await storedRecords(page)).map(
        ({ focusDioptres }) => focusDioptres!,
      );
      expect(first).toBeCloseTo(1 / 0.7, 1);
      expect(second).toBeLessThan(first - 0.05);
      await tap(page, '[data-testid=series]');
      await pressFirst(page, '2: ');
      await until(() => pageText(page), /1 frame, at the place marked/);
    },
  );
});

test('a flash is foreseen on the ladder where focus stands, judged, fired, and told in the file', async () => {
  const query = 'scene=packing-bench&mp=3&support=tripod&crop=2&time=1/50&iso=100';
  await withPage(`${query}&focus=1.2m`, async (page) => {
    const files = await downloads(page);
    expect(await page.$('[data-testid=ladder-note]')).toBeNull();
    await tap(page, '[aria-label^="Rig"]');
    await tap(page, '[aria-label="Flash at the beginning"]');
    await page.waitForSelector('[data-testid=ladder-note]');
    expect(
      await page.$eval('[data-testid=ladder-note]', (e) => e.getAttribute('aria-label')),
    ).toMatch(/^By the flash alone a grey card at 1\.2 m lies at \+1( \d\/3)? stops$/);
    expect(await axeViolations(page)).toEqual([]);
    await press(page, 'Close');
    await tap(page, EXPOSE);
    await framesStored(page, 1);
    await openLastFrame(page);
    await until(() => pageText(page), /Clipped/);
    await pressFirst(page, 'Save DNG');
    // Exif 2.32, Flash: 9 is fired, compulsory mode.
    expect(exif(await files.next('.dng'))).toMatchObject({ Validate: VALID_WITH_DEPTH, Flash: 9 });
    await page.goto(`${app.url}/?${query}&focus=20m&flash=end`);
    await fieldReady(page);
    await tap(page, '[aria-label^="Verdict"]');
    await until(() => pageText(page), /The flash does not reach 20 m/);
  });
});

test('an interval of the simulated camera goes on while its page is hidden', async () => {
  const browser = await launch('none', undefined, [], WHOLE);
  try {
    const query = `${SMALL}&time=1/125&iso=100&series=interval:3:4`;
    const { page } = await openPage(browser, `${app.url}/?${query}`);
    await fieldReady(page);
    await tap(page, EXPOSE);
    const stored = async (): Promise<string> => String((await storedCounts(page)).frames);
    await until(stored, /^[1-9]/, 60_000);
    const other = await browser.newPage();
    await other.bringToFront();
    await until(() => page.evaluate(() => String(document.hidden)), /true/);
    // There is some of it left to go on with.
    expect(await stored()).not.toBe('4');
    await framesStored(page, 4);
    expect(await page.evaluate(() => document.hidden)).toBe(true);
    expect((await storedRecords(page)).map(({ series }) => series!.step)).toEqual([0, 1, 2, 3]);
  } finally {
    await browser.close();
  }
});

test('hold all freezes every auto tape where it stands', async () => {
  await withPage('scene=pans-at-noon&mp=3', async (page) => {
    await refined(page);
    const values = (): Promise<string[]> =>
      page.$$eval('[role=slider][aria-valuetext]', (all) =>
        all.map((e) => `${e.getAttribute('aria-label')} ${e.getAttribute('aria-valuetext')}`),
      );
    const of = (all: string[], name: string): string => all.find((text) => text.startsWith(name))!;
    const before = await values();
    await pressFirst(page, 'hold');
    await until(async () => of(await values(), 'White'), /set/);
    const after = await values();
    for (const name of ['Time', 'ISO', 'Focus', 'White']) {
      expect(of(after, name)).toMatch(/, set/);
      expect(of(after, name).split(',')[0]).toBe(of(before, name).split(',')[0]);
    }
  });
});
