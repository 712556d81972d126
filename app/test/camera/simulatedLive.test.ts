import { MessageChannel } from 'node:worker_threads';
import { DEFAULT_SETTINGS, held, type Settings } from '@velmo/core/settings';
import { FIRST_VIEW } from '../../src/camera/device/view';
import type { Readings } from '../../src/camera/device/readings';
import { Surface } from '../../src/camera/live/surface';
import { SHORT_PX } from '../../src/camera/simulated/simulatedView';
import { SimulatedLive } from '../../src/camera/simulated/live/simulatedLive';

jest.setTimeout(60_000);

/** Widths of the pictures that have been shown. */
const canvasOf = (shown: number[]): Surface => new Surface(glassOf((width) => shown.push(width)));

/** A canvas that tells the width of each picture it shows, 0 where it is made blank. */
function glassOf(show: (width: number) => void): OffscreenCanvas {
  const context = {
    putImageData: (picture: ImageData) => show(picture.width),
    fillRect: () => show(0),
  };
  const canvas = { width: 1, height: 1, getContext: () => context };
  return canvas as unknown as OffscreenCanvas;
}

const turn = (): Promise<void> => new Promise((resolve) => setTimeout(resolve));

describe('the live picture of the simulated phone', () => {
  const channels: MessageChannel[] = [];
  const before = { ...globalThis };
  beforeEach(() => {
    globalThis.MessageChannel = class extends MessageChannel {
      constructor() {
        super();
        channels.push(this);
      }
    } as unknown as typeof globalThis.MessageChannel;
    globalThis.requestAnimationFrame = (frame) => Number(setTimeout(() => frame(0), 16));
    globalThis.ImageData ??= class {
      constructor(
        readonly data: Uint8ClampedArray,
        readonly width: number,
        readonly height: number,
      ) {}
    } as unknown as typeof ImageData;
  });
  afterEach(() => {
    for (const { port1 } of channels.splice(0)) port1.close();
    Object.assign(globalThis, before);
  });

  test('a phone that is turned while the picture is being refined shows the turned one', async () => {
    const shown: number[] = [];
    const target = { sceneId: 'test-wall', aim: { yawRad: 0, pitchRad: 0 } };
    const live = new SimulatedLive(target, () => {});
    live.view({ ...FIRST_VIEW, upright: true });
    live.apply(DEFAULT_SETTINGS, 1);
    live.attach(canvasOf(shown));
    while (shown.length === 0) await turn();
    const uprightPx = shown[0];
    live.view({ ...FIRST_VIEW, upright: false });
    // A pass of refining ends after the turn and before the next frame.
    (live as unknown as { light: { still: { onRefined(): void } } }).light.still.onRefined();
    while (shown.at(-1) === uprightPx) await turn();
    live.close();
    expect(shown.at(-1)).toBeGreaterThan(uprightPx);
  });

  test('a picture does not wait for its loupe, nor a loupe under a finger for the picture', async () => {
    const told: Readings[] = [];
    /** What had been told last when the loupe was drawn. */
    const before: Readings[] = [];
    const target = { sceneId: 'test-wall', aim: { yawRad: 0, pitchRad: 0 } };
    const live = new SimulatedLive(target, (readings) => told.push(readings));
    const photosites = 64;
    const looked = (x: number) => ({ ...FIRST_VIEW, loupe: { at: { x, y: 0.5 }, photosites } });
    live.view(FIRST_VIEW);
    live.apply(DEFAULT_SETTINGS, 1);
    live.attach(canvasOf([]));
    while (told.length === 0) await turn();
    live.view(looked(0.5));
    live.attachLoupe(glassOf(() => before.push(told.at(-1)!)));
    live.apply({ ...DEFAULT_SETTINGS, focus: { mode: 'held', dioptres: 2 } }, 2);
    // The lens has moved: each frame's loupe is drawn, once the frame has been told of.
    while (before.at(-1)?.applied !== 2) await turn();
    expect(before[0].loupe).toBeNull();
    while (!told.at(-1)!.loupe) await turn();
    expect(told.at(-1)!.loupe!.at.x).toBe(0.5);
    const pictures = told.length;
    live.view(looked(0.25));
    expect(told).toHaveLength(pictures + 1);
    expect(told.at(-1)!.loupe!.at.x).toBe(0.25);
    live.view({ ...FIRST_VIEW, loupe: null });
    while (told.at(-1)!.loupe) await turn();
    live.close();
  });

  test('a loupe that lies ready is drawn while nobody sees it, so that the first turn of a tape need not wait', async () => {
    const told: Readings[] = [];
    const drawn: number[] = [];
    const target = { sceneId: 'test-wall', aim: { yawRad: 0, pitchRad: 0 } };
    const live = new SimulatedLive(target, (readings) => told.push(readings));
    live.view(FIRST_VIEW);
    live.apply(DEFAULT_SETTINGS, 1);
    live.attach(canvasOf([]));
    live.attachLoupe(glassOf((width) => drawn.push(width)));
    while (!told.at(-1)?.refined) await turn();
    while (drawn.length < 2) await turn();
    // It stops by itself, and is never told of.
    for (let frames = told.length; told.length < frames + 20;) await turn();
    const practised = drawn.length;
    for (let frames = told.length; told.length < frames + 5;) await turn();
    live.close();
    expect(drawn).toHaveLength(practised);
    expect(drawn.at(-1)).toBe(0);
    expect(told.every(({ loupe }) => loupe === null)).toBe(true);
  });

  describe('a picture that begins before Field asks for one', () => {
    const target = { sceneId: 'test-wall', aim: { yawRad: 0, pitchRad: 0 } };

    test('is shown and read at once, as the live picture goes on to read it', async () => {
      const told: Readings[] = [];
      const shown: number[] = [];
      const live = new SimulatedLive(target, (readings) => told.push(readings), true);
      live.attach(canvasOf(shown));
      const early = live.exposeEarly(DEFAULT_SETTINGS)!;
      expect(shown).toEqual([SHORT_PX]);
      live.apply(DEFAULT_SETTINGS, 1);
      while (told.at(-1)?.applied !== 1) await turn();
      live.close();
      expect(told.at(-1)).toMatchObject({ timeClick: early.timeClick, ev100: early.ev100 });
    });

    test('becomes sharper only once Field is there', async () => {
      const told: Readings[] = [];
      const live = new SimulatedLive(target, (readings) => told.push(readings), true);
      live.attach(canvasOf([]));
      live.exposeEarly(DEFAULT_SETTINGS);
      const refine = jest.spyOn(
        (live as unknown as { light: { still: { onRefined(): void } } }).light.still,
        'onRefined',
      );
      const frames = told.length;
      while (told.length < frames + 4) await turn();
      expect(refine).not.toHaveBeenCalled();
      expect(told.at(-1)!.refined).toBe(false);
      live.goOn();
      while (!told.at(-1)!.refined) await turn();
      live.close();
      expect(refine).toHaveBeenCalledTimes(2);
    });

    // Not the harbour: its lamps are smaller than what one ray of the coarse picture stands for.
    test.each([
      'pans-at-noon',
      'drying-shed',
      'packing-bench',
      'sluice-at-dusk',
      'stars-over-the-pans',
    ])(
      'reads the coarse picture as the sharp one, within a third of a stop: %s',
      async (sceneId) => {
        const told: Readings[] = [];
        const start = { sceneId, aim: { yawRad: 0, pitchRad: 0 } };
        const live = new SimulatedLive(start, (readings) => told.push(readings), true);
        live.attach(canvasOf([]));
        const early = live.exposeEarly(DEFAULT_SETTINGS)!;
        expect(early.refined).toBe(false);
        live.goOn();
        while (!told.at(-1)?.refined) await turn();
        live.close();
        expect(Math.abs(told.at(-1)!.ev100! - early.ev100!)).toBeLessThan(1 / 3);
        const [sharp, coarse] = [told.at(-1)!.white!, early.white!];
        expect(Math.abs(1e6 / sharp.kelvin - 1e6 / coarse.kelvin)).toBeLessThan(10);
      },
    );

    test('goes on where just that is opened', () => {
      const live = new SimulatedLive(target, () => {});
      expect(live.looksAt({ ...target })).toBe(true);
      expect(live.looksAt({ ...target, sceneId: 'drying-shed' })).toBe(false);
      expect(live.looksAt({ ...target, aim: { yawRad: 0.1, pitchRad: 0 } })).toBe(false);
      live.close();
    });
  });

  describe('what a frame is exposed with is of the moment Expose is pressed', () => {
    const target = { sceneId: 'test-wall', aim: { yawRad: 0, pitchRad: 0 } };
    const pressed: Settings = {
      ...DEFAULT_SETTINGS,
      time: held(-21),
      iso: held(3),
      focus: { mode: 'held', dioptres: 2 },
      white: { mode: 'held', kelvin: 4000, tint: 3 },
    };
    const later: Settings = {
      ...pressed,
      lens: 'tele',
      time: held(-9),
      iso: held(9),
      focus: { mode: 'held', dioptres: 0.5 },
      white: { mode: 'held', kelvin: 7000, tint: 0 },
    };

    test('before the first picture, and whatever is changed right after', async () => {
      const live = new SimulatedLive(target, () => {});
      live.apply(pressed, 1);
      const exposure = live.hold(false);
      live.apply(later, 2);
      live.look({ sceneId: 'drying-shed', aim: target.aim }, 3);
      live.close();
      expect(await exposure).toEqual({
        timeClick: -21,
        isoClick: 3,
        white: pressed.white,
        focusDioptres: expect.closeTo(2, 6),
      });
    });

    test('focus that is to be found first is what the lens stood at when another was asked for', async () => {
      const live = new SimulatedLive(target, () => {});
      live.apply({ ...pressed, focus: DEFAULT_SETTINGS.focus }, 1);
      live.attach(canvasOf([]));
      const exposure = live.hold(true);
      // The search begins with the next frame.
      await new Promise((resolve) => setTimeout(resolve, 100));
      live.apply(later, 2);
      live.close();
      const { focusDioptres } = (await exposure)!;
      expect(focusDioptres).not.toBeCloseTo(0.5, 2);
    });

    test('a focus that is held is never moved', async () => {
      const live = new SimulatedLive(target, () => {});
      live.apply(pressed, 1);
      const exposure = await live.hold(true);
      live.close();
      expect(exposure!.focusDioptres).toBeCloseTo(2, 6);
    });

    test('null before any settings have come', async () => {
      const live = new SimulatedLive(target, () => {});
      expect(await live.hold(false)).toBeNull();
      live.close();
    });
  });
});
