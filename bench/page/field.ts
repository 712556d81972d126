import type { CDPSession, Page } from 'puppeteer-core';
import { fieldReady, launch, openPage, serve, slider } from '../../e2e/support/browser';
import { median, percentile, reported, type Result } from '../measure';
import { logOf, watch, type LoggedWindow } from './pageLog';

/** How long the tape is dragged, and how fast. */
const DRAG_MS = 4000;
const PX_PER_S = 260;
const MOVE_MS = 16;

/** Drags a tape, or what else the selector names, to and fro. */
async function drag(page: Page, selector: string): Promise<void> {
  const box = (await (await page.$(selector))!.boundingBox())!;
  const y = box.y + box.height / 2;
  const middle = box.x + box.width * 0.65;
  await page.mouse.move(middle, y);
  await page.mouse.down();
  const start = performance.now();
  for (;;) {
    const t = performance.now() - start;
    if (t > DRAG_MS) break;
    const swing = Math.abs(((t / 1000) % 1.6) - 0.8) - 0.4;
    await page.mouse.move(middle + swing * PX_PER_S, y);
    await new Promise((resolve) => setTimeout(resolve, MOVE_MS));
  }
  await page.mouse.up();
}

interface TraceEvent {
  readonly name: string;
  readonly ph: string;
  /** Microseconds of processor time. */
  readonly tdur?: number;
  readonly pid: number;
  readonly tid: number;
  readonly args?: { readonly name?: string };
}

/**
 * Milliseconds of processor time the page's main thread took while `work` ran, from Chromium's own
 * trace.
 */
async function mainThreadMs(page: Page, work: () => Promise<void>): Promise<number> {
  await page.tracing.start({ categories: ['toplevel', '__metadata'] });
  await work();
  const trace = JSON.parse(Buffer.from((await page.tracing.stop())!).toString()) as {
    traceEvents: TraceEvent[];
  };
  const mains = trace.traceEvents.filter(
    (e) => e.name === 'thread_name' && e.args?.name === 'CrRendererMain',
  );
  const busy = mains.map(({ pid, tid }) =>
    trace.traceEvents
      .filter(
        (e) =>
          e.pid === pid &&
          e.tid === tid &&
          e.ph === 'X' &&
          e.name === 'ThreadControllerImpl::RunTask',
      )
      .reduce((sum, e) => sum + (e.tdur ?? 0) / 1000, 0),
  );
  return Math.max(...busy);
}

async function measured(page: Page, name: string, note: string, tape = 'Time'): Promise<Result[]> {
  const client: CDPSession = await page.createCDPSession();
  await client.send('HeapProfiler.collectGarbage');
  await page.evaluate(() => {
    const { velmoLog: log } = window as unknown as LoggedWindow;
    log.frames.length = 0;
    log.applied.length = 0;
    log.animation = 0;
  });
  const still = performance.now();
  await new Promise((resolve) => setTimeout(resolve, 3000));
  const stillRate = (await logOf(page)).frames.length / ((performance.now() - still) / 1000);
  const beforeDrag = await logOf(page);
  await drag(page, slider(tape));
  const log = await logOf(page);
  const frames = log.frames.slice(beforeDrag.frames.length);
  const dragSeconds = (frames.at(-1)!.at - frames[0].at) / 1000;
  // The trace costs time of its own: the main thread is looked at in a drag of its own.
  const busy = await mainThreadMs(page, () => drag(page, slider(tape)));
  const traced = await logOf(page);
  const animation = traced.animation - log.animation;
  const pictures = traced.frames.length - log.frames.length;
  const latencies = log.applied.flatMap(({ at, number, held }) => {
    // A tape that glides on has no pointer event of its own to be measured from.
    if (!held) return [];
    const shown = frames.find((f) => f.applied >= number);
    return shown ? [shown.at - at] : [];
  });
  return [
    reported(`field/${name}/frames`, stillRate, 'per s', `drawn at rest; ${note}`),
    reported(`field/${name}/frames-dragging`, frames.length / dragSeconds, 'per s', note),
    reported(
      `field/${name}/main-thread`,
      busy / animation,
      'ms a frame',
      `processor time of all tasks of the main thread while a tape is dragged, over ${animation} animation frames; limit 4`,
    ),
    reported(
      `field/${name}/main-thread-per-picture`,
      busy / pictures,
      'ms a frame',
      `the same time over the ${pictures} frames of the live picture meanwhile`,
    ),
    reported(
      `field/${name}/latency-p95`,
      percentile(latencies, 0.95),
      'ms',
      `pointer event to the animation frame that shows it, ${latencies.length} changes, median ${median(latencies).toFixed(1)}; limit 50`,
    ),
  ];
}

/** How soon the loupe shows the place it has been dragged to. */
async function loupeLatency(page: Page): Promise<Result[]> {
  const before = await logOf(page);
  await drag(page, '[data-testid=loupe] [role=button]');
  await new Promise((resolve) => setTimeout(resolve, 300));
  const log = await logOf(page);
  const frames = log.frames.slice(before.frames.length);
  const looked = log.looked.slice(before.looked.length);
  const waits = looked.flatMap(({ at, loupe }, i) => {
    // A place that was overtaken before it could be shown is shown by the one that overtook it.
    const wanted = new Set(looked.slice(i).map((l) => l.loupe));
    const shown = frames.find((f) => f.at >= at && wanted.has(f.loupe));
    return loupe && shown ? [shown.at - at] : [];
  });
  return [
    reported(
      'field/loupe/latency-p95',
      percentile(waits, 0.95),
      'ms',
      `pointer event to the animation frame that shows the loupe there, ${waits.length} moves, median ${median(waits).toFixed(1)}; limit 50`,
    ),
  ];
}

/** Everything that marks the picture, while the Focus tape is turned and a loupe is open. */
async function focusCase(page: Page, url: string): Promise<Result[]> {
  await page.goto(
    `${url}/?scene=packing-bench&lens=main&time=1/25&iso=100&comp=0&support=tripod&focus=0.6`,
  );
  await fieldReady(page);
  // Zebra, the JPEG's histogram and focus peaking, besides clip marks.
  for (const key of ['z', 'h', 'e'] as const) await page.keyboard.press(key);
  await new Promise((resolve) => setTimeout(resolve, 6000));
  const note =
    '640x480, defocus anew with every detent, peaking, clip marks, zebra, both histograms';
  const turned = await measured(page, 'focus', note, 'Focus');
  await page.keyboard.press('Escape');
  await page.keyboard.press('o');
  await page.waitForSelector('[data-testid=loupe] canvas');
  await new Promise((resolve) => setTimeout(resolve, 1000));
  const looked = await loupeLatency(page);
  // As it was: what was switched on here is remembered.
  for (const key of ['z', 'h', 'e'] as const) await page.keyboard.press(key);
  await new Promise((resolve) => setTimeout(resolve, 800));
  return [...turned, ...looked];
}

/**
 * How soon a new framing shows its first picture: another place, another lens, the camera turned.
 */
async function firstPictures(page: Page): Promise<Result[]> {
  const taken = async (name: string, note: string, act: () => Promise<void>): Promise<Result> => {
    const before = (await logOf(page)).applied.length;
    await act();
    await new Promise((resolve) => setTimeout(resolve, 1500));
    const log = await logOf(page);
    const waits = log.applied.slice(before).flatMap(({ at, number }) => {
      const shown = log.frames.find((f) => f.applied >= number);
      return shown ? [shown.at - at] : [];
    });
    return reported(
      `field/first-picture/${name}`,
      Math.max(...waits),
      'ms',
      `pointer event to the animation frame that shows it, the slowest of ${waits.length}; ${note}; limit 250`,
    );
  };
  const click = async (label: string): Promise<void> => {
    await (await page.waitForSelector(`[role=button][aria-label^="${label}"]`))!.click();
  };
  const results: Result[] = [];
  for (const place of ['Drying shed', 'Sluice at dusk', 'Stars over the pans', 'Pans at noon']) {
    await click('Camera and place');
    results.push(
      await taken(place.toLowerCase().replaceAll(' ', '-'), 'place', () => click(place)),
    );
  }
  await click('Rig');
  results.push(await taken('lens', 'Pans at noon, main to tele', () => click('Lens 78 mm')));
  await page.keyboard.press('Escape');
  const box = (await (await page.$('[data-testid=window]'))!.boundingBox())!;
  results.push(
    await taken('pan', 'Pans at noon, tele, dragged', async () => {
      await page.mouse.move(box.x + 200, box.y + 200);
      await page.mouse.down();
      await page.mouse.move(box.x + 120, box.y + 180, { steps: 12 });
      await page.mouse.up();
    }),
  );
  return results;
}

/**
 * Frame rate, main thread and tape-to-picture latency of Field, in the real page with every overlay
 * on.
 */
export async function fieldBench(): Promise<Result[]> {
  const app = await serve();
  const browser = await launch();
  const results: Result[] = [];
  try {
    const cases = [
      ['still', 'pans-at-noon', 'a still place, hand-held'],
      ['moving', 'sluice-at-dusk', 'water and a wheel in motion, hand-held'],
    ] as const;
    for (const [name, scene, note] of cases) {
      const { page } = await openPage(browser, 'about:blank');
      // The compiler marks named functions with a helper that the page does not have.
      await page.evaluateOnNewDocument('globalThis.__name = (f) => f');
      await page.evaluateOnNewDocument(watch);
      const link = `${app.url}/?scene=${scene}&meter=spot&spot=0.5,0.5&time=1/500&iso=auto&comp=0&lens=main`;
      await page.goto(link);
      await fieldReady(page);
      if (name === 'still') results.push(...(await firstPictures(page)));
      await page.keyboard.press('Escape');
      await page.goto(link);
      await fieldReady(page);
      // Pins are overlays too, and are read every frame.
      for (let i = 0; i < 3; i++) await page.keyboard.press('p');
      await new Promise((resolve) => setTimeout(resolve, 9000));
      results.push(...(await measured(page, name, `640x480, marks, spot, pins; ${note}`)));
      if (name === 'moving') results.push(...(await focusCase(page, app.url)));
      await page.close();
    }
  } finally {
    await browser.close();
    app.stop();
  }
  return results;
}
