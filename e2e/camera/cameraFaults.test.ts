import type { Page } from 'puppeteer-core';
import {
  axeViolations,
  EXPOSE,
  fieldReady,
  launch,
  openPage,
  pageText,
  press,
  slider,
  tap,
  until,
  valueText,
} from '../support/browser';
import { storedCounts } from '../support/stored';
import { cameraSuite, keepTracks, trackStates, unplug } from '../support/cameraSuite';
import { ALL_CONTROLS, PLAIN_SETTINGS } from '../support/filmCamera';
import type { FilmHandle } from '../support/filmPage';

jest.setTimeout(90_000);
const { app, withCamera, withFilm } = cameraSuite();

/** Makes getUserMedia fail the way a browser does. */
const failWith = (name: string) => (page: Page) =>
  page.evaluateOnNewDocument((error: string) => {
    navigator.mediaDevices.getUserMedia = () => Promise.reject(new DOMException('refused', error));
  }, name);

/** The screen says what is wrong, once, and the simulated camera is a tap away. */
async function refused(page: Page, title: RegExp): Promise<void> {
  await until(() => pageText(page), title);
  expect(await page.$$('[role=alert]')).toHaveLength(1);
  await press(page, 'Use the simulated camera');
  await fieldReady(page);
}

const FILM = {
  curve: 'sRgb',
  noise: 0.02,
  capabilities: ALL_CONTROLS,
  settings: PLAIN_SETTINGS,
} as const;

const film = (page: Page, change: (handle: FilmHandle) => void): Promise<void> =>
  page.evaluate(`(${String(change)})(window.film)`) as Promise<void>;

/** Nothing half made is kept: no frame, and no bytes of one. */
const nothingStored = async (page: Page): Promise<void> =>
  expect(await storedCounts(page)).toEqual({ frames: 0, chunks: 0, halves: 0 });

describe('a camera that cannot be had', () => {
  test('none there', () =>
    withCamera('none', async (page) => {
      await until(() => pageText(page), /May Velmo use the camera|No camera found/);
      if (/May Velmo/.test(await pageText(page))) await press(page, 'Allow the camera');
      await refused(page, /No camera found/);
    }));
  test('not yet allowed: Velmo says why before the browser asks', () =>
    withCamera(
      'present',
      async (page) => {
        await until(
          () => pageText(page),
          /May Velmo use the camera\?[^]*Pictures stay on this device/,
        );
        expect(await page.evaluate(() => (window as unknown as { asked: number }).asked)).toBe(0);
        expect(await axeViolations(page)).toEqual([]);
        await press(page, 'Allow the camera');
        await refused(page, /Camera not allowed/);
      },
      async (page) => {
        await failWith('NotAllowedError')(page);
        await page.evaluateOnNewDocument(() => {
          const counted = window as unknown as { asked: number };
          counted.asked = 0;
          const ask = navigator.mediaDevices.getUserMedia;
          navigator.mediaDevices.getUserMedia = (wanted) => {
            counted.asked++;
            return ask(wanted);
          };
        });
      },
    ));
  test('not allowed', () =>
    withCamera(
      'allowed',
      (page) => refused(page, /Camera not allowed/),
      failWith('NotAllowedError'),
    ));
  test('in use elsewhere', () =>
    withCamera('allowed', (page) => refused(page, /Camera in use/), failWith('NotReadableError')));
  test('by an address browsers do not trust: what is wrong with it, and which to use', async () => {
    const browser = await launch('allowed', undefined, [
      '--host-resolver-rules=MAP velmo.test 127.0.0.1',
    ]);
    try {
      const { port } = new URL(app.url);
      const { page } = await openPage(browser, `http://velmo.test:${port}/?device=browser`);
      await until(() => pageText(page), /secure address/);
      expect(await pageText(page)).toMatch(
        /this page is at http:\/\/velmo\.test:\d+\..*npm run demo -- --lan/,
      );
      await refused(page, /secure address/);
    } finally {
      await browser.close();
    }
  });
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

/** An average of 64 in the making: begun, and not done yet, however far it got meanwhile. */
const GATHERING = /Frame (?:[3-9]|[1-5]\d) of 64/;

describe('a camera that goes while it runs', () => {
  test('taken away: said at once; plugged in again, it is opened by itself', () =>
    withCamera(
      'allowed',
      async (page) => {
        await fieldReady(page);
        await unplug(page);
        await until(() => pageText(page), /Camera gone/);
        await page.evaluate(() => navigator.mediaDevices.dispatchEvent(new Event('devicechange')));
        await fieldReady(page);
        expect(await trackStates(page)).toBe('ended,live');
      },
      keepTracks,
    ));
  test('unplugged during a capture: nothing half made is kept, and the next capture is whole', () =>
    withFilm(
      FILM,
      async (page) => {
        await tap(page, EXPOSE);
        await until(() => pageText(page), GATHERING);
        await unplug(page);
        await until(() => pageText(page), /Camera gone/);
        await nothingStored(page);
        await press(page, 'Try again');
        await fieldReady(page);
        await until(async () => String((await page.$(EXPOSE)) !== null), /true/);
        await tap(page, EXPOSE);
        await until(() => pageText(page), GATHERING);
        // Pressed again, it stops early and keeps what it has.
        await tap(page, EXPOSE);
        await until(async () => String((await storedCounts(page)).frames), /^1$/, 30_000);
      },
      '&average=64',
    ));
  test('no frame for five seconds, in the middle of an average: said, nothing kept, and a way out', () =>
    withFilm(
      FILM,
      async (page) => {
        await tap(page, EXPOSE);
        await until(() => pageText(page), GATHERING);
        await film(page, (handle) => (handle.stalled = true));
        await until(() => pageText(page), /The camera sends no picture/, 12_000);
        await nothingStored(page);
        await film(page, (handle) => (handle.stalled = false));
        await press(page, 'Try again');
        await fieldReady(page);
      },
      '&average=64',
    ));
  test('turned in the middle of an average: said, nothing kept, and the picture goes on', () =>
    withFilm(
      FILM,
      async (page) => {
        await tap(page, EXPOSE);
        await until(() => pageText(page), GATHERING);
        await film(page, (handle) => (handle.turned = true));
        await until(() => pageText(page), /The phone was turned while frames were gathered/);
        await nothingStored(page);
        await until(() => pageText(page), /average of 64/);
        await until(() => valueText(page, 'Ladder'), /clip/);
      },
      '&average=64',
    ));
  test('nobody looks at the page: the camera is let go, and opened again when somebody does', () =>
    withCamera(
      'allowed',
      async (page) => {
        await fieldReady(page);
        const look = (hidden: boolean) =>
          page.evaluate((h) => {
            Object.defineProperty(document, 'hidden', { value: h, configurable: true });
            document.dispatchEvent(new Event('visibilitychange'));
          }, hidden);
        await look(true);
        await until(() => trackStates(page), /^ended$/);
        await look(false);
        await until(() => trackStates(page), /^ended,live$/);
        await fieldReady(page);
      },
      keepTracks,
    ));
});

describe('a control the camera does not follow', () => {
  const text = (page: Page): Promise<string> => pageText(page);
  test('refused: the tape goes back, and what happened is said', () =>
    withFilm(FILM, async (page) => {
      await film(page, (handle) => {
        handle.refuse = ({ iso }) => (Number(iso) > 400 ? 'iso' : null);
      });
      await page.focus(slider('ISO'));
      await page.keyboard.press('Home');
      await until(() => valueText(page, 'ISO'), /^ISO 50, set/);
      await page.keyboard.press('End');
      await until(
        () => text(page),
        /The camera did not take ISO 3200: ISO is back at ISO 50\. It reports ISO 50\./,
      );
      await until(() => valueText(page, 'ISO'), /^ISO 50, set/);
      expect(
        await page.evaluate(() => (window as unknown as { film: FilmHandle }).film.state.iso),
      ).toBe(50);
    }));
  test('taken but not done: found out by reading back', () =>
    withFilm(FILM, async (page) => {
      await film(page, (handle) => {
        const { track } = handle;
        const read = track.getSettings.bind(track);
        track.getSettings = () => ({ ...read(), colorTemperature: 4000 });
      });
      await page.focus(slider('White'));
      await page.keyboard.press('End');
      await until(() => text(page), /The camera did not take [67]\d00 K: White is back at auto\./);
      await until(() => valueText(page, 'White'), /^4000 K, auto/);
    }));
});
