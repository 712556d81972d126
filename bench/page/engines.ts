import { EXPOSE, pause, plainLink, serve } from '../../e2e/support/browser';
import { openTab } from '../../e2e/engines/engineSuite';
import { boxOf, chooseCamera, meterIn, openFieldIn, present, tapOn } from '../../e2e/engines/hands';
import { ENGINES, inPage, type Engine, type Tab } from '../../e2e/engines/tab';
import { countShown, type Counted } from './countShown';
import { compared, reported, type Result } from '../measure';
import { pageMemoryMb } from './memory';

const SECONDS = 6;

/** Frames a second shown by the camera that is open. */
async function shownPerSecond(tab: Tab): Promise<number> {
  await pause(1500);
  return inPage(
    tab,
    async (seconds) => {
      const w = window as unknown as Counted;
      const [before, start] = [w.velmoShown, performance.now()];
      await new Promise((resolve) => setTimeout(resolve, 1000 * seconds));
      return (1000 * (w.velmoShown - before)) / (performance.now() - start);
    },
    SECONDS,
  );
}

/** Frames a second that a plain video element tells of, of the same camera. */
const playedPerSecond = (tab: Tab): Promise<number> =>
  inPage(
    tab,
    async (seconds) => {
      const video = document.createElement('video');
      Object.assign(video, { muted: true, playsInline: true });
      video.srcObject = await navigator.mediaDevices.getUserMedia({
        // As the page asks: of several cameras, the same.
        video: { facingMode: 'environment', width: 640, height: 480, frameRate: 30 },
      });
      document.body.append(video);
      await video.play();
      await new Promise((resolve) => setTimeout(resolve, 1500));
      let played = 0;
      const count = (): void => {
        played++;
        video.requestVideoFrameCallback(count);
      };
      video.requestVideoFrameCallback(count);
      const start = performance.now();
      await new Promise((resolve) => setTimeout(resolve, 1000 * seconds));
      return (1000 * played) / (performance.now() - start);
    },
    SECONDS,
  );

/**
 * From navigation to the first readings of a drawn frame, in ms; looked at whenever the page is
 * drawn.
 */
const firstPicture = (tab: Tab): Promise<number> =>
  inPage(tab, async () => {
    for (;;) {
      const ladder = document.querySelector('[role=slider][aria-label=Ladder]');
      if (/clip/.test(ladder?.getAttribute('aria-valuetext') ?? '')) return performance.now();
      await new Promise(requestAnimationFrame);
    }
  });

/**
 * From the press of Expose to a stored frame, in ms, as the page measured it, and the most memory
 * meanwhile.
 */
async function capture(tab: Tab, url: string, sizeMp: number): Promise<[number, number]> {
  await openFieldIn(tab, url, `scene=pans-at-noon&mp=${sizeMp}&files=dng`);
  await present(tab, '[data-testid=window][aria-busy=false]', 60_000);
  let peak = 0;
  const watch = setInterval(() => (peak = Math.max(peak, pageMemoryMb(tab.pid))), 50);
  await tapOn(tab, EXPOSE);
  const ms = await inPage(tab, async () => {
    for (;;) {
      const [total] = performance.getEntriesByName('velmo-capture/total');
      if (total) return total.duration;
      await new Promise((resolve) => setTimeout(resolve, 50));
    }
  });
  clearInterval(watch);
  return [ms, peak];
}

/** Chooses frames of 640x480, where the camera has others too. */
async function chooseVga(tab: Tab): Promise<void> {
  await tapOn(tab, '[aria-label^="Camera and place"]');
  await boxOf(tab, '[aria-label$="video frames, not sensor data"]');
  const offered = await inPage(tab, () =>
    [...document.querySelectorAll('[role=radio],[role=button]')].some(
      (e) => e.textContent === '640 × 480',
    ),
  );
  if (offered) await tapOn(tab, '[role=radio],[role=button]', '640 × 480');
  else await tab.key('Escape');
  await meterIn(tab, /stops/);
}

async function measured(engine: Engine, url: string): Promise<Result[]> {
  const tab = await openTab(engine);
  try {
    await tab.goto(url + plainLink('scene=pans-at-noon'));
    const cold = await firstPicture(tab);
    await tab.goto(`${url}/frame/none`);
    const peer = await playedPerSecond(tab);
    await openFieldIn(tab, url, 'scene=pans-at-noon&mp=3');
    await inPage(tab, countShown);
    await chooseCamera(tab);
    await meterIn(tab, /stops/);
    await chooseVga(tab);
    const device = await shownPerSecond(tab);
    await tapOn(tab, '[aria-label^="Camera and place"]');
    await tapOn(tab, '[aria-label="Pans at noon, simulated"]');
    await present(tab, '[data-testid=window][aria-busy=false]', 60_000);
    const simulated = await shownPerSecond(tab);
    const [small] = await capture(tab, url, 3);
    const [large, peak] = await capture(tab, url, 12);
    const name = (what: string): string => `engines/${engine}/${what}`;
    return [
      compared(
        name('device-640x480'),
        1000 / device,
        1000 / peer,
        'ms a frame',
        `${device.toFixed(1)} displayed frames a second; peer: a plain video element, ${peer.toFixed(1)}; at least 0.9 of it; ${tab.version}`,
      ),
      reported(name('simulated'), simulated, 'frames/s', 'live picture of the pans, refined'),
      reported(name('first-picture'), cold, 'ms', 'navigation to first readings, empty cache'),
      reported(name('capture-3mp'), small, 'ms', 'press of Expose to stored DNG'),
      reported(name('capture-12mp'), large, 'ms', 'press of Expose to stored DNG'),
      reported(name('memory-12mp'), peak, 'MB', "peak of the page's process meanwhile, resident"),
    ];
  } finally {
    await tab.close();
  }
}

/** The same page in every engine, one after the other. */
export async function enginesBench(): Promise<Result[]> {
  const app = await serve();
  const results: Result[] = [];
  try {
    for (const engine of ENGINES) results.push(...(await measured(engine, app.url)));
    return results;
  } finally {
    app.stop();
  }
}
