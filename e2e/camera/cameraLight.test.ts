import { execFileSync } from 'node:child_process';
import { readFileSync } from 'node:fs';
import type { Page } from 'puppeteer-core';
import { timeSFromClick } from '@velmo/core/exposure';
import { guidedClicks } from '@velmo/core/response';
import { CURVES, lightOf } from '../../core/test/support/films';
import { readPortableMap } from '../../core/test/support/shots';
import {
  axeViolations,
  downloads,
  EXPOSE,
  fieldReady,
  openLastFrame,
  pageText,
  press,
  pressFirst,
  tap,
  until,
  valueText,
} from '../support/browser';
import { storedCounts } from '../support/stored';
import { cameraReady, cameraSuite } from '../support/cameraSuite';
import {
  ALL_CONTROLS,
  BARS,
  barsFilm,
  exposuresCamera,
  exposuresFilm,
  PLAIN_SETTINGS,
} from '../support/filmCamera';
import type { FilmHandle } from '../support/filmPage';

jest.setTimeout(180_000);
const { app, withCamera, withFilm } = cameraSuite();

const FILM = {
  curve: 'film',
  noise: 0.01,
  capabilities: ALL_CONTROLS,
  settings: PLAIN_SETTINGS,
} as const;

const meterWords = (page: Page): Promise<string> =>
  page.$eval('[aria-label^="Meter"]', (e) => e.getAttribute('aria-label') ?? '');

async function openLight(page: Page): Promise<void> {
  await page.keyboard.press('m');
  await press(page, 'Calibrate…');
  await until(() => pageText(page), /Light of this camera/);
}

/** Takes a guided series and returns what is said of it. */
async function series(page: Page): Promise<string> {
  await openLight(page);
  await press(page, 'Start the series');
  const outcome = async (): Promise<string> =>
    (await page.$eval('[data-testid=series-outcome]', (e) => e.textContent).catch(() => '')) ?? '';
  return until(outcome, /\w/, 120_000);
}

/** The response kept for a camera: 3 x 256. */
const keptResponse = (page: Page): Promise<number[][]> =>
  page.evaluate(
    () =>
      new Promise<number[][]>((resolve, reject) => {
        const open = indexedDB.open('velmo');
        open.onerror = () => reject(open.error);
        open.onsuccess = () => {
          // Of the one camera that has been calibrated.
          const keys = IDBKeyRange.bound('camera-light/', 'camera-light/\uffff');
          const read = open.result.transaction('entries').objectStore('entries').getAll(keys);
          read.onsuccess = () => {
            open.result.close();
            const text = (read.result[0] as string | undefined) ?? '{"response":[]}';
            resolve((JSON.parse(text) as { response: number[][] }).response);
          };
        };
      }),
  );

/**
 * Largest deviation of each channel from the film's own curve over the middle 90 % of the codes,
 * but for a factor.
 */
const worstErrors = (response: number[][]): number[] =>
  response.map((curve) => {
    const ratios = Array.from(
      { length: 230 },
      (_, k) => curve[13 + k] / lightOf(CURVES.film, (13 + k) / 255),
    );
    const middle = [...ratios].sort((a, b) => a - b)[115];
    return Math.max(...ratios.map((ratio) => Math.abs(ratio / middle - 1)));
  });

describe('the light of a camera, calibrated', () => {
  test('by its shutter time: the response is found within 2 % over the middle 90 %, kept, and used from then on', async () => {
    await withFilm(FILM, async (page) => {
      expect(await valueText(page, 'Ladder')).toMatch(/estimated$/);
      expect(await series(page)).toMatch(/^Measured/);
      await press(page, 'Close');
      await until(() => valueText(page, 'Ladder'), /clipping$|clip$/);
      expect(await meterWords(page)).not.toContain('≈');
      // Held exposures of the series are gone: the tapes are as they were.
      expect(await valueText(page, 'Time')).toMatch(/auto/);
      await until(() => keptResponse(page).then((r) => String(r?.length)), /^3$/);
      for (const error of worstErrors(await keptResponse(page))) expect(error).toBeLessThan(0.02);
      await page.reload();
      await fieldReady(page);
      expect(await valueText(page, 'Ladder')).not.toContain('estimated');
    });
  });

  test('from a file-fed film (y4m) of known exposures, response and noise: within 2 % too', async () => {
    const clicks = guidedClicks(0, { min: -30, max: -5 })!;
    const exposures = clicks.map((click) => 0.06 * 2 ** ((click + 17.5) / 3));
    const path = exposuresFilm(CURVES.film, exposures, 0.01);
    await withCamera(
      'allowed',
      async (page) => {
        await cameraReady(page);
        await openLight(page);
        // The film comes round to its first exposure soon after its last.
        const shown = () =>
          page.evaluate(() =>
            String((window as unknown as { shown: { exposure: number } }).shown.exposure),
          );
        await until(shown, /^9$/, 30_000);
        await until(shown, /^10$/);
        await press(page, 'Start the series');
        await until(() => pageText(page), /Measured:/, 60_000);
        await until(() => keptResponse(page).then((r) => String(r?.length)), /^3$/);
        for (const error of worstErrors(await keptResponse(page))) expect(error).toBeLessThan(0.02);
      },
      (page) =>
        exposuresCamera(
          page,
          clicks.map((click) => timeSFromClick(click) / 1e-4),
        ),
      [`--use-file-for-fake-video-capture=${path}`],
    );
  });

  test('by compensation, where that is all there is', async () => {
    const { exposureCompensation } = ALL_CONTROLS;
    await withFilm(
      {
        ...FILM,
        capabilities: { exposureMode: ['continuous'], exposureCompensation },
        settings: { exposureMode: 'continuous', exposureCompensation: 0 },
      },
      async (page) => expect(await series(page)).toMatch(/^Measured/),
    );
  });

  test('not by torch or filter: that is refused with words', () =>
    withFilm(
      { ...FILM, capabilities: { torch: true }, settings: { torch: false } },
      async (page) => {
        await openLight(page);
        expect(await pageText(page)).toMatch(
          /takes neither a shutter time nor a compensation[^]*Torch and filter would change/,
        );
      },
    ));

  test('not on a camera that takes exposures and does not follow them (Chromium’s fake device)', () =>
    withCamera('allowed', async (page) => {
      await fieldReady(page);
      expect(await series(page)).toMatch(/^Refused: the picture did not follow the exposure/);
      await press(page, 'Close');
      expect(await valueText(page, 'Ladder')).toMatch(/estimated$/);
    }));

  test('against a grey card and another meter: the card reads 0, the light reads what the other says', () =>
    withFilm(FILM, async (page) => {
      // A stop over: without a card, that is what the meter goes on saying.
      await page.focus('[role=slider][aria-label=Comp]');
      for (let k = 0; k < 3; k++) await page.keyboard.press('ArrowRight');
      await until(() => meterWords(page), /≈ \+\d/);
      await openLight(page);
      await press(page, 'This is a grey card');
      await until(() => meterWords(page), /≈ 0 stops/);
      await until(() => pageText(page), /It says EV/);
      expect(await axeViolations(page)).toEqual([]);
      await page.focus('[role=slider][aria-label=EV]');
      await page.keyboard.press('Home');
      for (let k = 0; k < 6; k++) await page.keyboard.press('PageUp');
      const [, said] = /It says (EV [^\n]+)/.exec(await pageText(page))!;
      await pressFirst(page, 'It says EV');
      await until(() => meterWords(page), new RegExp(`≈ ${said} `));
      await press(page, 'Undo');
    }));
});

describe('an average of video frames', () => {
  test('of a film with known noise: 16 frames have 4 times less within 5 %, and the DNG says what it is', async () => {
    const path = barsFilm(320, 240, 90, 0.03);
    await withCamera(
      'allowed',
      async (page) => {
        await cameraReady(page);
        const files = await downloads(page);
        const save = async (): Promise<string> => {
          await openLastFrame(page);
          await until(() => pageText(page), /linear RGB/);
          await pressFirst(page, 'Save DNG');
          return files.next('.dng');
        };
        await tap(page, EXPOSE);
        const one = await save();
        await page.goto(`${app.url}/?device=browser&average=16`);
        await cameraReady(page);
        await tap(page, EXPOSE);
        await until(async () => String((await storedCounts(page)).frames), /^2$/, 60_000);
        execFileSync('mv', [one, `${one}.one`]);
        const averaged = await save();
        expect(averaged).toContain('-averaged');

        const [tags] = JSON.parse(
          execFileSync('exiftool', ['-json', '-n', '-All:All', '-validate', averaged]).toString(),
        );
        expect(tags.Validate).toBe('0 0 0');
        expect(tags.CompositeImage).toBe(3);
        expect(tags.CompositeImageCount).toBe('16 16');
        expect(tags.ImageDescription).toMatch(
          /^Average of 16 processed video frames.*not sensor data/,
        );
        const said = Number(/Noise ([\d.]+) times less/.exec(tags.ImageDescription)![1]);
        expect(said / 4).toBeGreaterThan(0.95);
        expect(said / 4).toBeLessThan(1.05);

        // The same by dcraw, on the bars themselves.
        const decoded = (file: string) =>
          readPortableMap(
            execFileSync('dcraw', ['-4', '-o', '0', '-r', '1', '1', '1', '1', '-c', file], {
              maxBuffer: 1 << 28,
            }),
          );
        const [before, after] = [`${one}.one`, averaged].map((file) => decoded(file));
        for (let bar = 0; bar < BARS.count - 1; bar++) {
          const light = BARS.darkest * 2 ** bar;
          const stats = (map: typeof before) => barStats(map, bar);
          const [a, b] = [stats(before), stats(after)];
          expect(b.mean / 65535 / light).toBeGreaterThan(0.97);
          expect(b.mean / 65535 / light).toBeLessThan(1.03);
          expect(a.deviation / b.deviation / 4).toBeGreaterThan(0.93);
          expect(a.deviation / b.deviation / 4).toBeLessThan(1.07);
        }
        const [scale, offset] = tags.NoiseProfile.split(' ').map(Number);
        const middle = barStats(after, 2);
        const told = Math.sqrt((scale * middle.mean) / 65535 + offset) * 65535;
        expect(told / middle.deviation).toBeGreaterThan(0.85);
        expect(told / middle.deviation).toBeLessThan(1.15);
      },
      undefined,
      [`--use-file-for-fake-video-capture=${path}`],
    );
  });
});

/** Mean and standard deviation of green in the middle of a bar. */
function barStats(
  { data, width, height }: { data: Uint16Array; width: number; height: number },
  bar: number,
) {
  const [from, to] = [(bar + 0.2) / BARS.count, (bar + 0.8) / BARS.count];
  let [n, sum, squares] = [0, 0, 0];
  for (let y = Math.floor(0.1 * height); y < 0.9 * height; y++)
    for (let x = Math.floor(from * width); x < to * width; x++, n++) {
      const v = data[3 * (y * width + x) + 1];
      sum += v;
      squares += v * v;
    }
  const mean = sum / n;
  return { mean, deviation: Math.sqrt(squares / n - mean * mean) };
}

describe('the phone’s own photograph', () => {
  test('is kept byte for byte, Exif and all', async () => {
    const made = '/tmp/velmo-photo.jpg';
    execFileSync('convert', ['-size', '1600x1200', 'gradient:', made]);
    execFileSync('exiftool', [
      '-q',
      '-overwrite_original',
      '-Make=Salt Works',
      '-ExposureTime=1/640',
      '-ISO=80',
      made,
    ]);
    const photo = readFileSync(made);
    await withCamera(
      'allowed',
      async (page) => {
        await fieldReady(page);
        const files = await downloads(page);
        await tap(page, EXPOSE);
        await openLastFrame(page);
        // As large as Chromium's fake device takes them.
        expect(await page.evaluate(() => (window as unknown as { asked: string }).asked)).toBe(
          '{"imageWidth":1920,"imageHeight":1080}',
        );
        await until(() => pageText(page), /1\/640/);
        await pressFirst(page, 'Save JPEG');
        expect(readFileSync(await files.next('.jpg')).equals(photo)).toBe(true);
      },
      (page) =>
        page.evaluateOnNewDocument((text: string) => {
          const bytes = Uint8Array.from(atob(text), (c) => c.charCodeAt(0));
          const { prototype } = (window as unknown as { ImageCapture: { prototype: object } })
            .ImageCapture;
          Object.assign(prototype, {
            takePhoto: async (size: object) => {
              Object.assign(window, { asked: JSON.stringify(size) });
              return new Blob([bytes], { type: 'image/jpeg' });
            },
          });
        }, photo.toString('base64')),
      [],
      '&files=jpeg',
    );
  });

  test('that is no JPEG is made one, and says so (Chromium’s fake device gives PNG)', () =>
    withCamera(
      'allowed',
      async (page) => {
        await fieldReady(page);
        const files = await downloads(page);
        await tap(page, EXPOSE);
        await openLastFrame(page);
        await until(() => pageText(page), /made a JPEG/);
        await pressFirst(page, 'Save JPEG');
        const [tags] = JSON.parse(
          execFileSync('exiftool', ['-json', await files.next('.jpg')]).toString(),
        );
        expect(tags.FileType).toBe('JPEG');
        expect(tags.ImageDescription).toMatch(/gave image\/png; made a JPEG by Velmo/);
      },
      undefined,
      [],
      '&files=jpeg',
    ));

  test('that does not come is replaced by a video frame', () =>
    withCamera(
      'allowed',
      async (page) => {
        await fieldReady(page);
        await tap(page, EXPOSE);
        await until(async () => String((await storedCounts(page)).frames), /^1$/, 30_000);
        await openLastFrame(page);
        await until(() => pageText(page), /video frame/);
      },
      (page) =>
        page.evaluateOnNewDocument(() => {
          const { prototype } = (window as unknown as { ImageCapture: { prototype: object } })
            .ImageCapture;
          Object.assign(prototype, { takePhoto: () => Promise.reject(new Error('busy')) });
        }),
      [],
      '&files=jpeg',
    ));
});

describe('the cameras of a device', () => {
  test('are listed by name, switched, given a size, and remembered', () =>
    withCamera(
      'allowed',
      async (page) => {
        await fieldReady(page);
        const camera = () =>
          page.$eval('[aria-label^="Camera and place"]', (e) => e.getAttribute('aria-label') ?? '');
        await until(camera, /fake_device_0/);
        await tap(page, '[aria-label^="Camera and place"]');
        await press(page, 'fake_device_1');
        await until(camera, /fake_device_1/);
        await fieldReady(page);
        await tap(page, '[aria-label^="Camera and place"]');
        expect(await axeViolations(page)).toEqual([]);
        await press(page, '640 × 480');
        await fieldReady(page);
        await tap(page, '[aria-label^="Camera and place"]');
        const pressed =
          '::-p-xpath(//*[@role="button"][normalize-space()="640 × 480"][@aria-pressed="true"])';
        await page.waitForSelector(pressed);
        await new Promise((resolve) => setTimeout(resolve, 800));
        await page.goto(app.url);
        await fieldReady(page);
        await until(camera, /fake_device_1/);
      },
      undefined,
      ['--use-fake-device-for-media-stream=device-count=2'],
    ));

  test('offer what their tracks offer: torch, zoom, colour temperature, compensation, each in its own unit', () =>
    withFilm(FILM, async (page) => {
      const state = () =>
        page.evaluate(() => JSON.stringify((window as unknown as { film: FilmHandle }).film.state));
      await page.focus('[role=slider][aria-label=Comp]');
      await page.keyboard.press('ArrowRight');
      await until(state, /"exposureCompensation":0\.33/);
      await page.focus('[role=slider][aria-label=White]');
      await page.keyboard.press('Home');
      await until(state, /"whiteBalanceMode":"manual","colorTemperature":2850/);
      await page.keyboard.press('r');
      await page.waitForSelector('[aria-label="Torch on"]');
      await tap(page, '[aria-label="Torch on"]');
      await until(state, /"torch":true/);
      await page.focus('[role=slider][aria-label=Zoom]');
      await page.keyboard.press('End');
      await until(state, /"zoom":4/);
      await page.keyboard.press('r');
      await page.keyboard.press('Escape');
      // Time held, ISO left open: it follows the light, which the device alone would not do.
      await page.focus('[role=slider][aria-label=Time]');
      // Two stops less time: only another ISO brings the meter back.
      for (let k = 0; k < 6; k++) await page.keyboard.press('ArrowLeft');
      await until(state, /"exposureMode":"manual"/);
      await until(state, /"iso":(?!100\b)\d+/);
      const meter = async () => String(Math.abs(await stopsNow(page)) <= 0.67);
      await until(meter, /true/, 20_000);
    }));
});

/** Stops from mid-grey as the status line says them, thirds and all. */
async function stopsNow(page: Page): Promise<number> {
  const [, sign, text] = /([+−]?)([\d /]+) stops/.exec(await meterWords(page))!;
  const parts = text.trim().split(' ');
  const value = parts.reduce((sum, part) => {
    const [a, b] = part.split('/').map(Number);
    return sum + (b ? a / b : a);
  }, 0);
  return sign === '−' ? -value : value;
}
