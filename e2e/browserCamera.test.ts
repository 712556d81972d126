import { execFileSync } from 'node:child_process';
import type { Browser, Page } from 'puppeteer-core';
import {
  downloads,
  EXPOSE,
  fieldReady,
  launch,
  openLastFrame,
  openPage,
  pageText,
  press,
  pressFirst,
  slider,
  tap,
  until,
  untilGreen,
  valueText,
} from './browser';
import { servedApp } from './suite';

jest.setTimeout(60_000);
const app = servedApp();

async function withCamera(
  camera: 'allowed' | 'present' | 'none',
  work: (page: Page, browser: Browser) => Promise<void>,
  before: (page: Page) => Promise<void> = async () => {},
): Promise<void> {
  const browser = await launch(camera);
  try {
    const { page } = await openPage(browser, 'about:blank');
    await before(page);
    await page.goto(`${app.url}/?device=browser`);
    await work(page, browser);
  } finally {
    await browser.close();
  }
}

/** Makes getUserMedia fail the way a browser does. */
const failWith = (name: string) => (page: Page) =>
  page
    .evaluateOnNewDocument((error: string) => {
      navigator.mediaDevices.getUserMedia = () =>
        Promise.reject(new DOMException('refused', error));
    }, name)
    .then(() => {});

describe('the phone’s own camera (Chromium’s fake device)', () => {
  test('has the same instrument, and says no more than it knows: stops from mid-grey, no EV, no lock', async () => {
    await withCamera('allowed', async (page) => {
      await fieldReady(page);
      const meter = () =>
        page.$eval('[aria-label^="Meter"]', (e) => e.getAttribute('aria-label') ?? '');
      expect(await until(meter, /stops/)).toMatch(/^Meter: (0|[+−][\d /]+) stops /);
      expect(await page.$('[aria-label^="lock"]')).toBeNull();
      const window = (await (await page.$('[data-testid=window]'))!.boundingBox())!;
      await page.mouse.click(window.x + window.width * 0.3, window.y + window.height * 0.3);
      await until(meter, /spot/);
      await page.keyboard.press('p');
      const pin = () =>
        page.$eval('[aria-label^="Pin 1"]', (e) => e.getAttribute('aria-label') ?? '');
      await until(pin, /^Pin 1: (0|[+−][\d /]+) stops from mid-grey, .*(room|clip)/);
      await page.keyboard.press('m');
      await until(() => pageText(page), /whole frame/);
      expect(await pageText(page)).not.toContain('highlights');
      await page.keyboard.press('r');
      await until(() => pageText(page), /does not tell its lens/);
    });
  });

  test('focus is moved in the steps the track has, read back, and never called a distance; the loupe shows its pixels', async () => {
    await withCamera('allowed', async (page) => {
      await fieldReady(page);
      // The fake device counts 10 to 100 in fives: no metres.
      await until(() => valueText(page, 'Focus'), /^step \d+ of 18, /);
      await page.focus(slider('Focus'));
      await page.keyboard.press('Home');
      await until(() => valueText(page, 'Focus'), /^step 0 of 18, set/);
      for (let i = 0; i < 4; i++) await page.keyboard.press('ArrowRight');
      await until(() => valueText(page, 'Focus'), /^step 4 of 18, set/);
      expect(await page.$eval('[data-testid=tape-Focus]', (e) => e.textContent)).not.toMatch(
        / m|∞/,
      );
      await page.keyboard.press('Escape');
      await page.keyboard.press('o');
      await page.waitForSelector('[data-testid=loupe] canvas');
      await until(
        () => page.$eval('[role=meter]', (e) => e.getAttribute('aria-valuenow') ?? ''),
        /^[1-9]/,
      );
      await page.keyboard.press('j');
      await until(() => pageText(page), /does not tell how far things are/);
    });
  });

  test('live picture, meter and ladder; only the controls the track offers; the rest in words', async () => {
    await withCamera('allowed', async (page) => {
      await fieldReady(page);
      await untilGreen(page, (green) => green > 20);
      await until(() => valueText(page, 'Time'), /1\/\d+ s/);
      expect(await page.$(slider('ISO'))).toBeNull();
      expect(await page.$(slider('Comp'))).toBeNull();
      expect(await pageText(page)).toContain('ISO, Comp, White: this camera decides');
      await page.focus(slider('Time'));
      await page.keyboard.press('Home');
      // Read back from the track, not assumed: the fake device reports what it was set to.
      await until(() => valueText(page, 'Time'), /1\/800 s, set/);
    });
  });

  test('a frame becomes a JPEG and a linear DNG that says it is no sensor data', async () => {
    await withCamera('allowed', async (page) => {
      const files = await downloads(page);
      await fieldReady(page);
      await tap(page, EXPOSE);
      await openLastFrame(page);
      await until(() => pageText(page), /linear RGB/);
      for (const [button, ending] of [
        ['Save DNG', '.dng'],
        ['Save JPEG', '.jpg'],
      ]) {
        await pressFirst(page, button);
        const saved = await files.next(ending);
        const [tags] = JSON.parse(
          execFileSync('exiftool', ['-json', '-All:All', '-validate', saved]).toString(),
        );
        if (ending === '.dng') {
          expect(saved).toContain('from-video');
          expect(tags.Validate).toBe('OK');
          expect(tags.ImageDescription).toContain('not sensor data');
          expect(tags.PhotometricInterpretation).toBeDefined();
          execFileSync('dcraw_emu', ['-w', saved]);
        } else expect(tags.FileType).toBe('JPEG');
      }
    });
  });

  test('the camera is let go when Field is left', async () => {
    await withCamera(
      'allowed',
      async (page) => {
        await fieldReady(page);
        const live = () =>
          page.evaluate(() =>
            String(
              (window as unknown as { tracks: MediaStreamTrack[] }).tracks.map((t) => t.readyState),
            ),
          );
        expect(await live()).toBe('live');
        await tap(page, EXPOSE);
        await openLastFrame(page);
        await until(() => pageText(page), /linear RGB/);
        expect(await live()).toBe('ended');
      },
      keepTracks,
    );
  });
});

const keepTracks = (page: Page): Promise<void> =>
  page
    .evaluateOnNewDocument(() => {
      const kept: MediaStreamTrack[] = [];
      (window as unknown as { tracks: MediaStreamTrack[] }).tracks = kept;
      const ask = navigator.mediaDevices.getUserMedia.bind(navigator.mediaDevices);
      navigator.mediaDevices.getUserMedia = async (wanted) => {
        const stream = await ask(wanted);
        kept.push(...stream.getVideoTracks());
        return stream;
      };
    })
    .then(() => {});

describe('a camera that cannot be had', () => {
  const refused = async (page: Page, title: RegExp): Promise<void> => {
    await until(() => pageText(page), title);
    expect(await page.$$('[role=alert]')).toHaveLength(1);
    await press(page, 'Use the simulated camera');
    await fieldReady(page);
  };

  test('none there', () => withCamera('none', (page) => refused(page, /No camera found/)));
  test('not allowed', () =>
    withCamera(
      'present',
      (page) => refused(page, /Camera not allowed/),
      failWith('NotAllowedError'),
    ));
  test('in use elsewhere', () =>
    withCamera('present', (page) => refused(page, /Camera in use/), failWith('NotReadableError')));
  test('taken away while it runs', () =>
    withCamera(
      'allowed',
      async (page) => {
        await fieldReady(page);
        await page.evaluate(() => {
          const [track] = (window as unknown as { tracks: MediaStreamTrack[] }).tracks;
          track.stop();
          track.dispatchEvent(new Event('ended'));
        });
        await refused(page, /Camera gone/);
      },
      keepTracks,
    ));
  test('trying again works once the camera is back', () =>
    withCamera(
      'allowed',
      async (page) => {
        await until(() => pageText(page), /Camera in use/);
        await press(page, 'Try again');
        await fieldReady(page);
      },
      async (page) => {
        await page.evaluateOnNewDocument(() => {
          const ask = navigator.mediaDevices.getUserMedia.bind(navigator.mediaDevices);
          let first = true;
          navigator.mediaDevices.getUserMedia = (wanted) => {
            if (!first) return ask(wanted);
            first = false;
            return Promise.reject(new DOMException('busy', 'NotReadableError'));
          };
        });
      },
    ));
});
