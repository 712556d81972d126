import { execFileSync } from 'node:child_process';
import { readFileSync } from 'node:fs';
import { PNG } from 'pngjs';
import { EXPOSE, LAST_FRAME, until } from '../support/browser';
import { keepTracksHere } from '../support/cameraSuite';
import { everyEngine, withTab } from './engineSuite';
import {
  chooseCamera,
  type Box,
  fieldReadyIn,
  meterIn,
  openFieldIn,
  present,
  pressOn,
  read,
  savedFile,
  showsSomething,
  tapOn,
  untilWords,
  words,
} from './hands';
import { inPage, type Tab } from './tab';

jest.setTimeout(180_000);

const WINDOW_CANVAS = '[data-testid=window] canvas';

/**
 * Field on the simulated camera, with the tracks that the page is given kept; then the device's
 * camera, by hand.
 */
async function openCamera(tab: Tab, url: string, query = ''): Promise<void> {
  await openFieldIn(tab, url, `scene=test-wall&mp=3${query}`);
  await inPage(tab, keepTracksHere);
  await chooseCamera(tab);
  // Under load WebKit's first frame may take longer than Field waits for it: it says what to do.
  const meter = async (): Promise<string> => {
    if ((await words(tab)).includes('sends no picture')) await pressOn(tab, 'Try again');
    return read(tab, '[aria-label^="Meter"]', 'aria-label');
  };
  await until(meter, /stops/, 60_000);
}

/**
 * Whether the camera is on: one track at most may be, those of earlier tries have been let go. A
 * busy machine makes Field try again.
 */
const HELD = /^(ended,)*live$/;
const LET_GO = /^(ended,)*ended$/;
const trackStates = (tab: Tab): Promise<string> =>
  inPage(tab, () =>
    String((window as unknown as { tracks: MediaStreamTrack[] }).tracks.map((t) => t.readyState)),
  );

/** What is said of the frame taken last. */
const lastFrame = (tab: Tab): Promise<string> => read(tab, LAST_FRAME, 'aria-label');

/**
 * How far a live picture and a plain canvas beside it on the screen are apart: mean of 0 to 255.
 */
function apart(screen: PNG, [a, b]: readonly Box[]): number {
  let [sum, n] = [0, 0];
  for (let y = 2; y < Math.floor(a.height) - 2; y++)
    for (let x = 2; x < Math.floor(a.width) - 2; x++)
      for (let c = 0; c < 3; c++, n++) {
        const at = (box: Box): number =>
          4 * ((Math.round(box.y) + y) * screen.width + Math.round(box.x) + x) + c;
        sum += Math.abs(screen.data[at(a)] - screen.data[at(b)]);
      }
  return sum / n;
}

/**
 * Lays a plain canvas, drawn from a plain video of the same track, over the tapes; returns where
 * both pictures lie.
 */
const layPlainBeside = (tab: Tab): Promise<readonly Box[]> =>
  inPage(
    tab,
    async (s) => {
      const { tracks } = window as unknown as { tracks: MediaStreamTrack[] };
      const video = document.createElement('video');
      Object.assign(video, { muted: true, playsInline: true });
      video.srcObject = new MediaStream([tracks.at(-1)!]);
      await video.play();
      const shown = document.querySelector<HTMLCanvasElement>(s)!;
      // Until the device's first picture the Window keeps the shape of the camera before.
      const fits = (): boolean =>
        Math.abs((shown.width * video.videoHeight) / video.videoWidth - shown.height) < 2;
      while (!fits()) await new Promise(requestAnimationFrame);
      const { x, y, width, height } = shown.getBoundingClientRect();
      const scale = Math.min(width / shown.width, height / shown.height);
      const size = { width: shown.width * scale, height: shown.height * scale };
      // The live picture is fitted into the Window's canvas.
      const ours = { x: x + (width - size.width) / 2, y: y + (height - size.height) / 2, ...size };
      const plain = { ...ours, y: Math.round(innerHeight - size.height - 8) + (ours.y % 1) };
      const canvas = document.createElement('canvas');
      Object.assign(canvas, { width: shown.width, height: shown.height, id: 'plain' });
      canvas.style.cssText = `position:fixed;z-index:9;left:${plain.x}px;top:${plain.y}px;width:${size.width}px;height:${size.height}px`;
      document.body.append(canvas);
      const context = canvas.getContext('2d')!;
      const draw = (): void => {
        context.drawImage(video, 0, 0, canvas.width, canvas.height);
        if (canvas.isConnected) video.requestVideoFrameCallback(draw);
      };
      draw();
      return [ours, plain];
    },
    WINDOW_CANVAS,
  );

everyEngine(({ tab, url, engine, test }) => {
  test('is asked for in context, and shows a picture with its ladder, meter and pin', async () => {
    await tab().goto(`${url()}/?device=browser`);
    await until(async () => {
      if (/May Velmo use the camera\?/.test(await words(tab()))) {
        expect(await words(tab())).toContain('Pictures stay on this device');
        await pressOn(tab(), 'Allow the camera');
      }
      return read(tab(), '[aria-label^="Meter"]', 'aria-label');
    }, /≈ (0|[+−][\d /]+) stops/);
    await showsSomething(tab(), WINDOW_CANVAS, 5);
    await tab().key('p');
    await until(
      () => read(tab(), '[aria-label^="Pin 1"]', 'aria-label'),
      /^Pin 1: (0|[+−][\d /]+) stops from mid-grey, .*(room|clip)/,
    );
    expect(tab().errors).toEqual([]);
  });

  test('shows what a plain canvas on a bare page shows of the same frame: mean difference under 2 of 255', async () => {
    await openCamera(tab(), url());
    await tab().key('c');
    const boxes = await layPlainBeside(tab());
    await present(tab(), '#plain');
    // Mock pictures move, and one of the two may be a frame behind: of several looks, the one at
    // the same frame.
    let least = Infinity;
    for (let looks = 0; looks < 20 && least >= 2; looks++)
      least = Math.min(least, apart(PNG.sync.read(await tab().screenshot()), boxes));
    expect(least).toBeLessThan(2);
    await inPage(tab(), () => document.querySelector('#plain')!.remove());
    await tab().key('c');
  });

  // WebKit's mock camera cannot be refused by the driver.
  if (engine !== 'webkit')
    test('refused by the browser itself', () =>
      withTab(engine, 'denied', async (refused) => {
        await refused.goto(`${url()}/?device=browser`);
        await until(async () => {
          const said = await words(refused);
          if (/May Velmo/.test(said)) await pressOn(refused, 'Allow the camera').catch(() => {});
          return said;
        }, /Camera not allowed/);
      }));

  // The rest is driven in Chromium by e2e/camera.
  if (engine === 'chromium') return;

  test('has marks, zebra, spot meter and a loupe of its own pixels', async () => {
    await openCamera(tab(), url());
    await tab().key('z');
    await tapOn(tab(), '[data-testid=window]');
    await meterIn(tab(), /spot/);
    await tab().key('o');
    await present(tab(), '[data-testid=loupe] canvas');
    await until(
      () =>
        inPage(
          tab(),
          (s) => String(document.querySelector<HTMLCanvasElement>(s)!.width),
          '[data-testid=loupe] canvas',
        ),
      /^1\d\d$/,
    );
    await until(() => read(tab(), '[role=meter]', 'aria-valuenow'), /^\d+$/);
    await tab().key('Escape');
    await tab().key('z');
    expect(tab().errors).toEqual([]);
  });

  test('what it does not offer stands there in words, and Expose makes a linear DNG and a JPEG that others open', async () => {
    await openCamera(tab(), url(), '&files=dng%2Bjpeg');
    expect(await words(tab())).toContain('The phone decides: this browser offers no ISO here.');
    await tapOn(tab(), EXPOSE);
    await present(tab(), LAST_FRAME, 30_000);
    await tapOn(tab(), LAST_FRAME);
    const said = await untilWords(tab(), /linear RGB/, 30_000);
    await showsSomething(tab(), '[data-testid=frame-picture]', 5);
    for (const [kind, ending] of [
      ['DNG', '.dng'],
      ['JPEG', '.jpg'],
    ]) {
      await pressOn(tab(), new RegExp(`Save ${kind}[^\n]*`).exec(said)![0]);
      const saved = await savedFile(tab(), ending);
      const [tags] = JSON.parse(
        execFileSync('exiftool', ['-json', '-All:All', '-validate', saved]).toString(),
      );
      if (ending === '.jpg') expect(tags.FileType).toBe('JPEG');
      else {
        expect(tags.Validate).toBe('OK');
        expect(tags.ImageDescription).toContain('not sensor data');
        execFileSync('dcraw_emu', ['-w', saved]);
      }
      expect(readFileSync(saved).length).toBeGreaterThan(3000);
    }
    await pressOn(tab(), '‹ Field');
    // Left for a frame, the camera was let go; back in Field it is there again.
    await meterIn(tab(), /stops/);
    await until(() => trackStates(tab()), HELD);
  });

  test('averages frames, and says how many', async () => {
    await openCamera(tab(), url(), '&average=4&files=dng%2Bjpeg');
    const before = await lastFrame(tab());
    await tapOn(tab(), EXPOSE);
    const kept = async (): Promise<boolean> => ![before, ''].includes(await lastFrame(tab()));
    // A mock's picture moves by leaps: where too few frames fit on one another, that is said, and
    // nothing is kept.
    const said = await until(
      async () => ((await kept()) ? 'kept' : await words(tab())),
      /^kept$|could be laid on one another/,
      60_000,
    );
    if (said !== 'kept') return;
    await tapOn(tab(), LAST_FRAME);
    await untilWords(tab(), /linear RGB/, 30_000);
    await untilWords(tab(), /4 frames|average/i);
  });

  test('is let go while another tab is looked at, and taken up again', async () => {
    await openCamera(tab(), url());
    expect(await trackStates(tab())).toMatch(HELD);
    await tab().behindAnother(() => until(() => trackStates(tab()), LET_GO).then(() => {}));
    await until(() => trackStates(tab()), HELD);
    await meterIn(tab(), /stops/);
  });

  test('taken away, refused, in use, silent: each said in words, each with a way out', async () => {
    await openCamera(tab(), url());
    await inPage(tab(), () => {
      const track = (window as unknown as { tracks: MediaStreamTrack[] }).tracks.at(-1)!;
      // Firefox does not pass on an event made by hand: that the track has ended is noticed there.
      track.dispatchEvent(new Event('ended'));
      track.stop();
    });
    await untilWords(tab(), /Camera gone/);
    for (const [name, title] of [
      ['NotAllowedError', /Camera not allowed/],
      ['NotReadableError', /Camera in use/],
      ['NotFoundError', /No camera found/],
    ] as const) {
      await inPage(
        tab(),
        (n) => {
          navigator.mediaDevices.getUserMedia = () => Promise.reject(new DOMException('no', n));
        },
        name,
      );
      await pressOn(tab(), 'Try again');
      await untilWords(tab(), title);
    }
    // A track from which nothing comes.
    await inPage(tab(), () => {
      const canvas = document.createElement('canvas');
      canvas.getContext('2d');
      navigator.mediaDevices.getUserMedia = () => Promise.resolve(canvas.captureStream(0));
    });
    await pressOn(tab(), 'Try again');
    await untilWords(tab(), /The camera sends no picture/, 20_000);
    await pressOn(tab(), 'Use the simulated camera');
    await fieldReadyIn(tab());
  });
});
