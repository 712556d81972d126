import type { Browser, Page } from 'puppeteer-core';
import { launch, openPage, until, type CameraKind } from './browser';
import { filmCamera } from './filmCamera';
import type { FilmOptions } from './filmPage';
import { servedApp } from './suite';

/** Work done on a page that looks through a camera of the browser. */
type Work = (page: Page, browser: Browser) => Promise<void>;

/** The built app with a camera of the browser: Chromium's own fake one, a film, or none. */
export function cameraSuite() {
  const app = servedApp();

  /** Opens Field on Chromium's fake camera, allowed, not yet allowed, or absent. */
  async function withCamera(
    camera: CameraKind,
    work: Work,
    before: (page: Page) => Promise<unknown> = async () => {},
    flags: readonly string[] = [],
    query = '',
    program?: string,
  ): Promise<void> {
    const browser = await launch(camera, undefined, flags, program);
    try {
      const { page } = await openPage(browser, 'about:blank');
      await before(page);
      await page.goto(`${app.url}/?device=browser${query}`);
      await work(page, browser);
    } finally {
      await browser.close();
    }
  }

  /** The same with a camera of known light, response, noise and controls. */
  const withFilm = (
    options: FilmOptions,
    work: Work,
    query = '',
    program?: string,
  ): Promise<void> =>
    withCamera(
      'film',
      async (page, browser) => {
        await cameraReady(page);
        await work(page, browser);
      },
      (page) => filmCamera(page, options),
      [],
      query,
      program,
    );
  return { app, withCamera, withFilm };
}

/** Field with its first readings there, though nothing on the camera may be moved. */
export const cameraReady = (page: Page): Promise<string> =>
  until(
    () => page.$eval('[aria-label^="Meter"]', (e) => e.getAttribute('aria-label') ?? ''),
    /stops|EV/,
  );

/**
 * In the page it is sent to: keeps the tracks that the page is given, as `tracks` of its window.
 */
export function keepTracksHere(): void {
  const kept: MediaStreamTrack[] = [];
  Object.assign(window, { tracks: kept });
  const ask = navigator.mediaDevices.getUserMedia.bind(navigator.mediaDevices);
  navigator.mediaDevices.getUserMedia = async (wanted) => {
    const stream = await ask(wanted);
    kept.push(...stream.getVideoTracks());
    return stream;
  };
}

/** The same for a page of Chromium's, before it asks for one. */
export const keepTracks = (page: Page): Promise<unknown> =>
  page.evaluateOnNewDocument(keepTracksHere);

/** What the kept tracks are doing: "ended,live". */
export const trackStates = (page: Page): Promise<string> =>
  page.evaluate(() =>
    String((window as unknown as { tracks: MediaStreamTrack[] }).tracks.map((t) => t.readyState)),
  );

/** Takes the camera away, as when its plug is pulled. */
export const unplug = (page: Page): Promise<void> =>
  page.evaluate(() => {
    const given = window as unknown as {
      tracks?: MediaStreamTrack[];
      film?: { track: MediaStreamTrack };
    };
    const track = given.film?.track ?? given.tracks!.at(-1)!;
    track.stop();
    track.dispatchEvent(new Event('ended'));
  });
