import { levelOf } from '@velmo/core/aids';
import { askForTilt, tiltStore, watchTilt } from '../../src/engine/tilt';
import { captionWords } from '../../src/screens/field/aids/Caption';
import { lineTransform } from '../../src/screens/field/aids/LevelLine';
import { levelWords } from '../../src/screens/field/aids/levelWords';
import { fieldStore, readingsStore } from '../../src/screens/field/session/fieldState';
import type { Readings } from '../../src/camera/device/readings';

const DEG = Math.PI / 180;
const held = (rollDeg: number, tiltDeg: number) => {
  const [r, t] = [rollDeg * DEG, tiltDeg * DEG];
  return levelOf([-Math.sin(r) * Math.cos(t), Math.cos(r) * Math.cos(t), -Math.sin(t)], 0);
};

describe('the level in words', () => {
  test.each([
    [0, 0, 'plumb · straight ahead'],
    [1.4, -3.1, '1.4° right · down 3.1°'],
    [-12.4, 40, '12° left · up 40°'],
    [0.4, 12.2, 'plumb · up 12°'],
  ])('roll %d, tilt %d: %s', (roll, tilt, words) =>
    expect(levelWords(held(roll, tilt))).toBe(words),
  );
  test('over a page: which side is high', () => {
    const n = Math.hypot(Math.tan(2 * DEG), 1);
    expect(levelWords(levelOf([0, 0, 1], 0))).toBe('plumb');
    expect(levelWords(levelOf([Math.tan(2 * DEG) / n, 0, 1 / n], 0))).toBe('right high 2.0°');
    expect(levelWords(levelOf([0, -Math.tan(2 * DEG) / n, 1 / n], 0))).toBe('top low 2.0°');
  });
  test('the line lies as the horizon does: against the lean', () => {
    expect(lineTransform(held(5, 0))).toBe('rotate(-5.00deg)');
    const n = Math.hypot(Math.tan(2 * DEG), 1);
    expect(lineTransform(levelOf([Math.tan(2 * DEG) / n, 0, 1 / n], 0))).toMatch(/^translate\(-8/);
  });
});

test('a caption holds what was chosen, in its order, and leaves out what is not known', () => {
  const readings = {
    timeClick: -21,
    isoClick: 3,
    ev100: null,
    focus: { dioptres: 0.5, state: 'held' },
    white: { kelvin: 5210, tint: 0 },
  } as Readings;
  expect(captionWords(['white', 'exposure', 'light', 'focus'], readings)).toBe(
    '1/125 s ISO 200 · 2 m · 5200 K',
  );
  expect(captionWords(['exposure'], null)).toBe('');
  fieldStore.update((s) => ({ ...s, settings: { ...s.settings, compClicks: -2 } }));
  expect(captionWords(['exposure'], readings)).toBe('1/125 s ISO 200 −2/3');
  readingsStore.set(null);
});

describe('the motion sensor', () => {
  const turn = (beta: number | null, gamma: number | null): void => {
    window.dispatchEvent(Object.assign(new Event('deviceorientation'), { beta, gamma }));
  };
  const offer = (events: unknown): void =>
    void Object.defineProperty(globalThis, 'DeviceOrientationEvent', {
      configurable: true,
      value: events,
    });
  beforeEach(() => jest.useFakeTimers());
  afterEach(() => jest.useRealTimers());

  test('is read while it is watched, and left alone after', () => {
    offer(class {});
    const stop = watchTilt();
    expect(tiltStore.get().state).toBe('waiting');
    turn(90, 0);
    expect(tiltStore.get().state).toBe('on');
    for (const [i, v] of tiltStore.get().up!.entries()) expect(v).toBeCloseTo([0, 1, 0][i], 12);
    stop();
    turn(0, 0);
    expect(tiltStore.get()).toEqual({ state: 'off', up: null });
  });

  test('of a computer says nothing, and that is told', () => {
    offer(class {});
    const stop = watchTilt();
    turn(null, null);
    jest.advanceTimersByTime(2100);
    expect(tiltStore.get().state).toBe('none');
    stop();
    offer(undefined);
    watchTilt()();
    const again = watchTilt();
    expect(tiltStore.get().state).toBe('none');
    again();
  });

  test('is asked for by a tap where the browser wants one', async () => {
    let answer = 'denied';
    offer({ requestPermission: async () => answer });
    const stop = watchTilt();
    expect(tiltStore.get().state).toBe('ask');
    await askForTilt();
    expect(tiltStore.get().state).toBe('denied');
    answer = 'granted';
    await askForTilt();
    expect(tiltStore.get().state).toBe('waiting');
    turn(90, 0);
    expect(tiltStore.get().state).toBe('on');
    stop();
  });

  test('that tells without being asked troubles nobody', () => {
    jest.isolateModules(() => {
      const fresh =
        jest.requireActual<typeof import('../../src/engine/tilt')>('../../src/engine/tilt');
      offer({ requestPermission: async () => 'denied' });
      const stop = fresh.watchTilt();
      expect(fresh.tiltStore.get().state).toBe('ask');
      turn(90, 0);
      expect(fresh.tiltStore.get().state).toBe('on');
      stop();
    });
  });
});
