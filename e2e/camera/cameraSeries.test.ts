import { execFileSync } from 'node:child_process';
import { readPortableMap } from '../../core/test/support/shots';
import type { Page } from 'puppeteer-core';
import {
  downloads,
  EXPOSE,
  openLastFrame,
  pageText,
  press,
  pressFirst,
  tap,
  until,
  WHOLE,
} from '../support/browser';
import { cameraReady, cameraSuite } from '../support/cameraSuite';
import { ALL_CONTROLS, filmCamera, PLAIN_SETTINGS } from '../support/filmCamera';
import type { FilmHandle } from '../support/filmPage';
import { astray, framesStored, storedCounts, storedRecords } from '../support/stored';

jest.setTimeout(180_000);
const { withCamera, withFilm } = cameraSuite();
type Downloads = Awaited<ReturnType<typeof downloads>>;

const FILM = {
  curve: 'sRgb',
  noise: 0.01,
  capabilities: ALL_CONTROLS,
  settings: PLAIN_SETTINGS,
} as const;
const STACK = '[role=link][aria-label^="Series of"]';

/** Linear light of a DNG's pixels as dcraw develops it, no curve and no colour. */
const light = (file: string) =>
  readPortableMap(
    execFileSync('dcraw', ['-4', '-o', '0', '-r', '1', '1', '1', '1', '-c', file], {
      maxBuffer: 1 << 28,
    }),
  ).data;

/** How much brighter one picture is than another where neither is dark nor near white. */
function ratioOf(a: ArrayLike<number>, b: ArrayLike<number>): number {
  let [sumA, sumB] = [0, 0];
  for (let i = 0; i < a.length; i++) {
    if (Math.min(a[i], b[i]) < 0.05 * 65535 || Math.max(a[i], b[i]) > 0.7 * 65535) continue;
    sumA += a[i];
    sumB += b[i];
  }
  return sumA / sumB;
}

describe('a bracket of a phone’s camera', () => {
  test('by its shutter time: the light steps by a stop, white and ISO stay, the camera is given back', () =>
    withFilm(
      FILM,
      async (page) => {
        const files = await downloads(page);
        await tap(page, EXPOSE);
        await framesStored(page, 3);
        const records = await storedRecords(page);
        const times = records.map(({ timeS }) => timeS!);
        expect(times[1] / times[0]).toBeCloseTo(1 / 2, 1);
        expect(times[2] / times[0]).toBeCloseTo(2, 1);
        expect(new Set(records.map(({ iso, white }) => `${iso} ${white?.kelvin}`)).size).toBe(1);
        await tap(page, STACK);
        const saved: string[] = [];
        for (const n of [1, 2, 3]) {
          await until(() => pageText(page), new RegExp(`${n} of 3.*linear RGB`, 's'));
          await pressFirst(page, 'Save DNG');
          saved.push(await files.next('.dng'));
          await page.keyboard.press('ArrowRight');
        }
        const [middle, under, over] = saved.map(light);
        expect(Math.abs(ratioOf(under, middle) / (times[1] / times[0]) - 1)).toBeLessThan(0.02);
        expect(Math.abs(ratioOf(over, middle) / (times[2] / times[0]) - 1)).toBeLessThan(0.02);
        const [tags] = JSON.parse(
          execFileSync('exiftool', ['-json', '-n', '-validate', '-All:All', saved[1]]).toString(),
        );
        expect(tags).toMatchObject({
          Validate: '0 0 0',
          ExposureCompensation: -1,
          ExposureMode: 2,
          Kind: 'bracket',
          Frame: 2,
          Frames: 3,
        });
        const mode = await page.evaluate(
          () => (window as unknown as { film: FilmHandle }).film.state.exposureMode,
        );
        expect(mode).toBe('continuous');
      },
      '&series=bracket:3:1',
    ));

  test('by compensation, where that is all there is', () =>
    withFilm(
      {
        ...FILM,
        capabilities: {
          exposureMode: ['continuous'],
          exposureCompensation: ALL_CONTROLS.exposureCompensation,
        },
        settings: { exposureMode: 'continuous', exposureCompensation: 0 },
      },
      async (page) => {
        await tap(page, EXPOSE);
        await framesStored(page, 3);
        const clicks = (await storedRecords(page)).map(({ compClicks }) => compClicks);
        expect(clicks).toEqual([0, -3, 3]);
      },
      '&series=bracket:3:1',
    ));

  test('is not offered by a camera whose exposure cannot be moved: one press makes one frame', () =>
    withFilm(
      { ...FILM, capabilities: {}, settings: {} },
      async (page) => {
        await tap(page, '[data-testid=series]');
        await until(() => pageText(page), /Delay/);
        const text = await pageText(page);
        expect(text).toMatch(/single\s+burst\s+interval\s+long/);
        await tap(page, EXPOSE);
        await framesStored(page, 1);
      },
      '&series=bracket:3:1',
    ));
});

test('a burst of a phone’s camera: whole frames of one series, and the rate reached is told', () =>
  withFilm(
    FILM,
    async (page) => {
      await tap(page, EXPOSE);
      await until(() => pageText(page), /5 frames, \d+\.\d a second\./, 60_000);
      expect((await storedCounts(page)).frames).toBe(5);
      expect(new Set((await storedRecords(page)).map(({ series }) => series!.id)).size).toBe(1);
      expect(await astray(page)).toEqual({ litter: [], missing: [] });
    },
    '&series=burst:5',
  ));

test('a page that is hidden lets a phone’s camera go: its series ends with words, and what was made is kept', () =>
  withFilm(
    FILM,
    async (page, browser) => {
      await tap(page, EXPOSE);
      await framesStored(page, 1);
      const other = await browser.newPage();
      await other.bringToFront();
      await until(() => page.evaluate(() => String(document.hidden)), /true/);
      await page.bringToFront();
      await until(() => pageText(page), /The series ended after \d of 30: the camera was let go/);
      await cameraReady(page);
      const { frames } = await storedCounts(page);
      expect(frames).toBeGreaterThanOrEqual(1);
      expect(frames).toBeLessThan(30);
      expect(await astray(page)).toEqual({ litter: [], missing: [] });
      await press(page, 'Close');
      await tap(page, EXPOSE);
      await framesStored(page, frames + 1);
    },
    '&series=interval:3:30',
    WHOLE,
  ));

/**
 * A wall with a light nine stops over its darkest part, and far more: bars of grey, 13 stops apart.
 */
function wideRange(): { width: number; height: number; rgb: string } {
  const [width, height] = [320, 240];
  const rgb = Buffer.alloc(3 * width * height);
  const bars = [4, 16, 48, 96, 160, 255];
  for (let p = 0; p < width * height; p++)
    rgb.fill(bars[Math.floor(((p % width) * bars.length) / width)], 3 * p, 3 * p + 3);
  return { width, height, rgb: rgb.toString('base64') };
}

const filmState = (page: Page, name: string): Promise<unknown> =>
  page.evaluate((key) => (window as unknown as { film: FilmHandle }).film.state[key], name);

/** Writes the one frame there is to a file. */
async function savedDng(page: Page, files: Downloads): Promise<string> {
  await openLastFrame(page);
  await until(() => pageText(page), /linear RGB/);
  await pressFirst(page, 'Save DNG');
  return files.next('.dng');
}

/** From the long exposure that was kept to one frame more of the same, in a file each. */
async function longAndSingle(page: Page, files: Downloads): Promise<[string, string]> {
  const long = await savedDng(page, files);
  await pressFirst(page, '‹ Field');
  await tap(page, '[data-testid=series]');
  await press(page, 'single');
  await press(page, 'Close');
  await tap(page, EXPOSE);
  await framesStored(page, 2);
  return [long, await savedDng(page, files)];
}

/** Standard deviation of green within the film's even patches, as a median over them. */
function noiseOf(file: string): number {
  const [width, size] = [320, 16];
  const data = light(file);
  const deviations: number[] = [];
  for (let py = 0; py < 15; py++)
    for (let px = 0; px < 20; px++) {
      const values: number[] = [];
      for (let y = 3; y < size - 3; y++)
        for (let x = 3; x < size - 3; x++)
          values.push(data[3 * ((py * size + y) * width + px * size + x) + 1]);
      const mean = values.reduce((a, b) => a + b) / values.length;
      if (mean < 0.1 * 65535 || mean > 0.6 * 65535) continue;
      deviations.push(
        Math.sqrt(values.reduce((sum, v) => sum + (v - mean) ** 2, 0) / 99) / Math.sqrt(mean),
      );
    }
  deviations.sort((a, b) => a - b);
  return deviations[deviations.length >> 1];
}

test('a long exposure of a phone’s camera: many frames in one linear DNG, with noise that much less', () =>
  withFilm(
    { ...FILM, noise: 0.03 },
    async (page) => {
      const files = await downloads(page);
      await tap(page, EXPOSE);
      await page.waitForSelector('[data-testid=growing]');
      await until(
        () => page.$eval(EXPOSE, (e) => e.textContent ?? ''),
        /^Press to stop(3\d|[4-9]\d|\d{3}) gathered · \d+ of 60 s/,
      );
      await tap(page, EXPOSE);
      await framesStored(page, 1);
      const [record] = await storedRecords(page);
      const { frames } = record.average!;
      const [long, single] = await longAndSingle(page, files);
      const [tags] = JSON.parse(
        execFileSync('exiftool', ['-json', '-n', '-validate', '-All:All', long]).toString(),
      );
      expect(tags).toMatchObject({
        Validate: '0 0 0',
        CompositeImage: 3,
        CompositeImageCount: `${frames} ${frames}`,
      });
      expect(tags.ImageDescription).toMatch(
        new RegExp(`^Mean of ${frames} processed video frames of a browser camera over [\\d.]+ s`),
      );
      // Eight bits of the picture round what little noise is left.
      expect(noiseOf(single) / noiseOf(long)).toBeGreaterThan(0.75 * Math.sqrt(frames));
    },
    '&series=long:60:mean',
  ));

test('the brightest of many frames keeps what shone in any of them', () =>
  withFilm(
    FILM,
    async (page) => {
      const files = await downloads(page);
      await tap(page, EXPOSE);
      const gathered = (): Promise<string> => page.$eval(EXPOSE, (e) => e.textContent ?? '');
      await until(gathered, /^Press to stop[5-9]|\d\d gathered/);
      const setLight = (times: number): Promise<void> =>
        page.evaluate((value) => {
          (window as unknown as { film: FilmHandle }).film.light = value;
        }, times);
      await setLight(4);
      const now = Number(/stop(\d+) gathered/.exec(await gathered())![1]);
      await until(
        async () => String(Number(/stop(\d+) gathered/.exec(await gathered())![1]) > now + 25),
        /true/,
      );
      await setLight(1);
      await tap(page, EXPOSE);
      await framesStored(page, 1);
      const [brightest, plain] = await longAndSingle(page, files);
      // Of 25 frames' noise the brightest is kept: a little more than four times.
      const ratio = ratioOf(light(brightest), light(plain));
      expect(ratio).toBeGreaterThan(3.9);
      expect(ratio).toBeLessThan(4.6);
    },
    '&series=long:60:brightest',
  ));

test('focus at chosen places: the lens goes to each, exposure stays, and focus is given back', () =>
  withFilm(
    {
      ...FILM,
      capabilities: {
        ...ALL_CONTROLS,
        focusMode: ['manual', 'continuous'],
        focusDistance: { min: 0.1, max: 10, step: 0.01 },
      },
      settings: { ...PLAIN_SETTINGS, focusMode: 'continuous', focusDistance: 1 },
    },
    async (page) => {
      expect(
        await page.$$eval(
          '[data-testid=tape-Focus] [data-testid=tape-marks] path',
          (all) => all.length,
        ),
      ).toBe(3);
      await tap(page, EXPOSE);
      await framesStored(page, 3);
      const records = await storedRecords(page);
      expect(records.map(({ focusDioptres }) => focusDioptres)).toEqual([2, 0.5, 0.1]);
      expect(new Set(records.map(({ timeS, iso }) => `${timeS} ${iso}`)).size).toBe(1);
      await until(async () => String(await filmState(page, 'focusMode')), /continuous/);
      await tap(page, '[data-testid=series]');
      await press(page, 'Mark here');
      await until(() => pageText(page), /4 frames, one at each place marked/);
    },
    '&series=focus:at:0.5m:2m:10m',
  ));

test.each(['held', 'metered'])('an interval whose exposure is %s, while the light grows', (how) =>
  withFilm(
    FILM,
    async (page) => {
      await tap(page, EXPOSE);
      await framesStored(page, 1);
      expect(await filmState(page, 'exposureMode')).toBe('manual');
      await page.evaluate(() => {
        (window as unknown as { film: FilmHandle }).film.light = 8;
      });
      await framesStored(page, 4);
      const stops = (await storedRecords(page)).map(({ timeS }) => Math.log2(timeS!));
      const steps = stops.slice(1).map((stop, i) => stop - stops[i]);
      // The light tripled in stops at once; the exposure follows by a third a frame at most.
      for (const step of steps) expect(step).toBeGreaterThan(-0.4);
      expect(stops[3] - stops[0]).toBeCloseTo(how === 'held' ? 0 : -1, how === 'held' ? 5 : 0);
    },
    `&series=interval:2:4:${how}`,
  ),
);

test('Cover looks at the light at several exposures and plans a bracket that holds it', () =>
  withFilm(
    {
      ...FILM,
      noise: 0.002,
      picture: wideRange(),
    },
    async (page) => {
      const files = await downloads(page);
      await tap(page, '[data-testid=series]');
      await press(page, 'bracket');
      // Two stops of it clip.
      await page.evaluate(() => {
        (window as unknown as { film: FilmHandle }).film.light = 4;
      });
      await pressFirst(page, 'Cover the scene');
      await until(() => pageText(page), /Looking at the light at several exposures/);
      const words = /(\d) frames, [\d /]+ stops? apart: ([\d /]+) stops of light\./;
      await until(() => pageText(page), words);
      const [, frames, range] = words.exec(await pageText(page))!;
      // From byte 4 to 255 of the picture: log2((255 / 4) ^ 2.2) = 13.2 stops.
      expect(Number(range.split(' ')[0])).toBeGreaterThanOrEqual(12);
      expect(Number(range.split(' ')[0])).toBeLessThanOrEqual(14);
      await press(page, 'Close');
      await tap(page, EXPOSE);
      const count = Number(frames);
      await framesStored(page, count);
      const times = (await storedRecords(page)).map(({ timeS }) => timeS!);
      await tap(page, STACK);
      const saved: string[] = [];
      for (let n = 1; n <= count; n++) {
        await until(() => pageText(page), new RegExp(`${n} of ${count}.*linear RGB`, 's'));
        await pressFirst(page, 'Save DNG');
        saved.push(await files.next('.dng'));
        await page.keyboard.press('ArrowRight');
      }
      const at = (which: number): string => saved[times.indexOf(which)];
      const middleOf = (file: string, bar: number): number => {
        const data = light(file);
        const x = Math.floor(((bar + 0.5) * 320) / 6);
        return data[3 * (120 * 320 + x) + 1];
      };
      expect(middleOf(at(Math.min(...times)), 5)).toBeLessThan(0.99 * 65535);
      // More than twice what code 1 stands for (IEC 61966-2-1).
      expect(middleOf(at(Math.max(...times)), 0)).toBeGreaterThan((2 * 65535) / 255 / 12.92);
    },
  ));

test('the flash of a phone fires with its own photograph, and only when it is asked to', () =>
  withCamera(
    'allowed',
    async (page) => {
      await cameraReady(page);
      await tap(page, EXPOSE);
      await framesStored(page, 1);
      await tap(page, '[aria-label^="Rig"]');
      await tap(page, '[aria-label="Flash fires"]');
      await until(() => pageText(page), /It fires with the camera’s own photograph/);
      await press(page, 'Close');
      await tap(page, EXPOSE);
      await framesStored(page, 2);
      const asked = await page.evaluate(() => (window as unknown as { asked: unknown[] }).asked);
      expect(asked).toEqual(['off', 'flash']);
    },
    async (page) => {
      await filmCamera(page, FILM);
      await page.evaluateOnNewDocument(() => {
        const asked: unknown[] = [];
        class FlashCapture {
          async getPhotoCapabilities() {
            return { fillLightMode: ['auto', 'off', 'flash'] };
          }
          async takePhoto({ fillLightMode }: { fillLightMode?: string } = {}): Promise<Blob> {
            asked.push(fillLightMode);
            const canvas = new OffscreenCanvas(64, 48);
            canvas.getContext('2d')!.fillRect(0, 0, 64, 48);
            return canvas.convertToBlob({ type: 'image/jpeg' });
          }
        }
        Object.assign(window, { asked, ImageCapture: FlashCapture });
      });
    },
    [],
    '&files=jpeg',
  ));
