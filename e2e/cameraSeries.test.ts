import { execFileSync } from 'node:child_process';
import { readPortableMap } from '../core/test/shots';
import { downloads, EXPOSE, pageText, press, pressFirst, tap, until } from './browser';
import { cameraReady, cameraSuite } from './cameraSuite';
import { ALL_CONTROLS, PLAIN_SETTINGS } from './filmCamera';
import type { FilmHandle } from './filmPage';
import { astray, framesStored, storedCounts, storedRecords } from './stored';

jest.setTimeout(180_000);
const { withFilm } = cameraSuite();

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
        expect(text).toMatch(/single\s+burst\s+interval/);
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
  ));
