import type { Page } from 'puppeteer-core';
import { launch, openPage, pause, serve } from '../../e2e/support/browser';
import { cameraReady } from '../../e2e/support/cameraSuite';
import { barsFilm } from '../../e2e/support/filmCamera';
import { countShown, type Counted } from './countShown';
import { compared, type Result } from '../measure';

const SECONDS = 8;

/** Frames a plain video element shows of the same camera in the same time. */
const playedFrames = (page: Page): Promise<number> =>
  page.evaluate(async (seconds) => {
    const video = document.createElement('video');
    video.muted = true;
    video.srcObject = await navigator.mediaDevices.getUserMedia({
      video: { width: 640, height: 480 },
    });
    document.body.append(video);
    await video.play();
    await new Promise((resolve) => setTimeout(resolve, 1500));
    const played = (): number => video.getVideoPlaybackQuality().totalVideoFrames;
    const before = played();
    await new Promise((resolve) => setTimeout(resolve, 1000 * seconds));
    return played() - before;
  }, SECONDS);

/**
 * Displayed frames a second of a 640x480 camera at 30 frames a second, with marks, ladder and
 * readings, against a plain video element.
 */
export async function cameraBench(): Promise<Result[]> {
  const film = barsFilm(640, 480, 60, 0.02);
  const app = await serve();
  const browser = await launch('allowed', undefined, [`--use-file-for-fake-video-capture=${film}`]);
  try {
    const { page } = await openPage(browser, 'about:blank');
    // The compiler marks named functions with a helper that the page does not have.
    await page.evaluateOnNewDocument('globalThis.__name = (f) => f');
    await page.evaluateOnNewDocument(countShown);
    await page.goto(`${app.url}/?device=browser`);
    await cameraReady(page);
    for (let i = 0; i < 3; i++) await page.keyboard.press('p');
    await pause(2000);
    const shown = (): Promise<number> =>
      page.evaluate(() => (window as unknown as Counted).velmoShown);
    const before = await shown();
    await pause(1000 * SECONDS);
    const ours = (await shown()) - before;
    await page.goto(`${app.url}/frame/none`);
    const peer = await playedFrames(page);
    return [
      compared(
        'camera-640x480',
        (1000 * SECONDS) / ours,
        (1000 * SECONDS) / peer,
        'ms a frame',
        `${(ours / SECONDS).toFixed(1)} displayed frames a second with marks, pins and ladder; peer: a plain video element, ${(peer / SECONDS).toFixed(1)}`,
      ),
    ];
  } finally {
    await browser.close();
    app.stop();
  }
}
