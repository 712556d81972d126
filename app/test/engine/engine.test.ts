import { keepAwake } from '../../src/engine/keepAwake';
import { lacksOf, missingHere } from '../../src/engine/lacks';
import { guardGestures } from '../../src/instruments/gestures/edgeGuard';
import { StallWatch } from '../../src/camera/browser/stallWatch';
import { DEFAULT_SETTINGS } from '@velmo/core/settings';
import { leftAt, noteChoice, noteObeyed } from '../../src/screens/field/session/link/obeyedLink';

const mockDisk = new Map<string, string>();
/** How a write ends, and when. */
let mockWritten = (): Promise<void> => Promise.resolve();

jest.mock('@react-native-async-storage/async-storage', () => ({
  createAsyncStorage: () => ({
    getItem: async (key: string) => mockDisk.get(key) ?? null,
    setMany: async (entries: Record<string, string>) => {
      await mockWritten();
      for (const [key, text] of Object.entries(entries)) mockDisk.set(key, text);
    },
  }),
}));

const settle = (): Promise<void> => new Promise((resolve) => setTimeout(resolve, 0));

describe('what a browser does not give', () => {
  test('is said in a sentence each, with what follows; of one that gives all, nothing', () => {
    const all = { photos: true, room: true, locks: true, wakeLock: true };
    expect(lacksOf(all)).toEqual([]);
    const lacks = lacksOf({ ...all, room: false, locks: false });
    expect(lacks).toHaveLength(2);
    expect(lacks[0]).toMatch(/how much room.*nothing is lost/);
    expect(lacks[1]).toMatch(/one only/);
  });

  test('one that cannot draw in workers is told to be brought up to date', () => {
    expect(missingHere()).toBeNull();
    const { OffscreenCanvas } = globalThis;
    delete (globalThis as { OffscreenCanvas?: unknown }).OffscreenCanvas;
    expect(missingHere()).toMatch(/Safari 16\.4/);
    globalThis.OffscreenCanvas = OffscreenCanvas;
  });
});

describe('the screen', () => {
  const locks: { released: boolean; release(): Promise<void> }[] = [];
  const request = jest.fn(async () => {
    const lock = { released: false, release: async () => void (lock.released = true) };
    locks.push(lock);
    return lock;
  });
  beforeEach(() => {
    locks.length = 0;
    Object.defineProperty(navigator, 'wakeLock', { value: { request }, configurable: true });
  });
  afterEach(() => {
    delete (navigator as { wakeLock?: unknown }).wakeLock;
  });

  test('is kept awake until told otherwise, and asked for again when the page is seen again', async () => {
    const stop = keepAwake();
    await settle();
    document.dispatchEvent(new Event('visibilitychange'));
    await settle();
    expect(locks).toHaveLength(2);
    stop();
    await settle();
    expect(locks[1].released).toBe(true);
    document.dispatchEvent(new Event('visibilitychange'));
    await settle();
    expect(locks).toHaveLength(2);
  });

  test('a lock that comes too late is let go; a refusal and a browser without locks harm nobody', async () => {
    keepAwake()();
    await settle();
    expect(locks[0].released).toBe(true);
    request.mockRejectedValueOnce(new Error('battery'));
    const stop = keepAwake();
    await settle();
    stop();
    delete (navigator as { wakeLock?: unknown }).wakeLock;
    keepAwake()();
  });
});

describe('a drag', () => {
  const touchAt = (clientX: number): Event =>
    Object.assign(new Event('touchstart', { cancelable: true, bubbles: true }), {
      touches: [{ clientX }],
    });

  test('from the edge of the screen is not the browser’s way back; one from further in is left alone', () => {
    const element = document.createElement('div');
    const stop = guardGestures(element);
    const outcome = [4, 200, window.innerWidth - 4].map((x) => {
      const event = touchAt(x);
      element.dispatchEvent(event);
      return event.defaultPrevented;
    });
    expect(outcome).toEqual([true, false, true]);
    const menu = new Event('contextmenu', { cancelable: true });
    element.dispatchEvent(menu);
    expect(menu.defaultPrevented).toBe(true);
    stop();
    const after = touchAt(4);
    element.dispatchEvent(after);
    expect(after.defaultPrevented).toBe(false);
  });
});

describe('the watch over a camera’s frames', () => {
  let now = 0;
  beforeEach(() => {
    jest.useFakeTimers();
    now = 0;
    jest.spyOn(performance, 'now').mockImplementation(() => now);
  });
  afterEach(() => {
    jest.useRealTimers();
    jest.restoreAllMocks();
  });
  const pass = (ms: number, step = 500): void => {
    for (let t = 0; t < ms; t += step) {
      now += step;
      jest.advanceTimersByTime(500);
    }
  };

  test('tells of five silent seconds, once', () => {
    const told = jest.fn();
    new StallWatch(() => false, told).start();
    pass(4500);
    expect(told).not.toHaveBeenCalled();
    pass(4000);
    expect(told.mock.calls).toEqual([[false]]);
  });

  test('does not blame the camera for a page that was held up', () => {
    const told = jest.fn();
    new StallWatch(() => false, told).start();
    pass(60_000, 10_000);
    expect(told).not.toHaveBeenCalled();
  });

  test('notices a camera that has ended though nobody was told', () => {
    const told = jest.fn();
    new StallWatch(() => true, told).start();
    pass(500);
    expect(told.mock.calls).toEqual([[true]]);
  });
});

describe('a link', () => {
  const navigated = (type: string) =>
    Object.assign(performance, { getEntriesByType: () => [{ type }] });
  const wall = { device: 'simulated', scene: 'test-wall' } as const;
  const pans = { device: 'simulated', scene: 'pans-at-noon' } as const;

  test('is obeyed once a tab: a page that comes back finds what was left, a new visit obeys anew', async () => {
    navigated('navigate');
    noteChoice(pans);
    await noteObeyed('{"iso":"100"}', wall, DEFAULT_SETTINGS);
    expect(JSON.parse(mockDisk.get('settings')!)).toEqual(DEFAULT_SETTINGS);
    expect(leftAt('{"iso":"100"}')).toBeNull();
    navigated('reload');
    expect(leftAt('{"iso":"100"}')).toEqual(wall);
    expect(leftAt('{"iso":"200"}')).toBeNull();
    noteChoice(pans);
    expect(leftAt('{"iso":"100"}')).toEqual(pans);
    sessionStorage.setItem('velmo/obeyed-link', '{ not even JSON');
    expect(leftAt('{"iso":"100"}')).toBeNull();
  });

  test('counts as obeyed however long its settings take to be kept; not where they cannot be', async () => {
    navigated('reload');
    mockWritten = () => new Promise(() => {});
    void noteObeyed('{"iso":"400"}', wall, DEFAULT_SETTINGS);
    expect(leftAt('{"iso":"400"}')).toEqual(wall);
    mockWritten = () => Promise.reject(new Error('no room'));
    await noteObeyed('{"iso":"400"}', wall, DEFAULT_SETTINGS);
    expect(leftAt('{"iso":"400"}')).toBeNull();
  });
});
