import { readFileSync } from 'node:fs';
import { join } from 'node:path';
import { DEFAULT_SETTINGS, held } from '@velmo/core/settings';
import {
  DEFAULT_SCENE,
  firstShotOf,
  guessedShot,
  type HeadStart,
} from '../../src/camera/simulated/live/earlyShot';
import { measureField } from '../../src/screens/field/layout';
import { noteOpening, notedOpening } from '../../src/storage/kept/keptOpening';

const SCRIPT = readFileSync(join(__dirname, '../../public/early.js'), 'utf8');
const WORKER = '/live.js';

interface Page {
  readonly address?: string;
  readonly path?: string;
  readonly search?: string;
  readonly size?: readonly [width: number, height: number];
}

interface HeadCanvas {
  readonly style: { cssText: string };
  remove(): void;
}

/** The page’s head before there is an app: what it asks of a worker, if it starts one. */
function headOf({ address = WORKER, path = '/', search = '', size = [390, 844] }: Page = {}) {
  const asked: HeadStart[] = [];
  let onError: () => void = () => {};
  class MockWorker {
    constructor(readonly from: string) {}
    postMessage({ headStart }: { headStart: HeadStart }): void {
      asked.push(headStart);
    }
    addEventListener(_name: string, listener: () => void): void {
      onError = listener;
    }
  }
  const inBody: HeadCanvas[] = [];
  const canvas = {
    transferControlToOffscreen: () => 'its pixels',
    style: { cssText: '' },
    remove: () => void inBody.splice(0),
  };
  let onBody: () => void = () => {};
  class MockObserver {
    constructor(told: (records: unknown, by: MockObserver) => void) {
      onBody = () => told([], this);
    }
    observe(): void {}
    disconnect(): void {
      onBody = () => {};
    }
  }
  const page = {
    document: {
      currentScript: { dataset: { worker: address } },
      createElement: () => canvas,
      documentElement: {},
      body: null as { append(laid: HeadCanvas): number } | null,
    },
    MutationObserver: MockObserver,
    location: { pathname: path, search },
    window: {} as { velmoLive?: { worker: MockWorker; canvas: unknown } },
    HTMLCanvasElement: { prototype: canvas },
    Worker: MockWorker,
    innerWidth: size[0],
    innerHeight: size[1],
  };
  new Function(...Object.keys(page), SCRIPT)(...Object.values(page));
  // Something of the page comes, then its body, then what is in it.
  onBody();
  page.document.body = { append: (laid) => inBody.push(laid) };
  onBody();
  onBody();
  return { asked, inBody, started: () => page.window.velmoLive, fail: () => onError() };
}

const LEFT = {
  settings: { ...DEFAULT_SETTINGS, iso: held(6) },
  preferences: null,
  camera: { device: 'simulated', scene: 'drying-shed' },
} as const;
const LAY = 'left: 12px';
const leave = (upright: boolean, width = 390, height = 844, lay: string | null = LAY): void =>
  noteOpening({
    ...LEFT,
    shot: firstShotOf('drying-shed', LEFT.settings, upright),
    width,
    height,
    lay,
  });

beforeEach(() => localStorage.clear());

describe('before the app', () => {
  test('the worker gets a canvas and exposes what Field was left with', () => {
    leave(true);
    const { asked, started } = headOf();
    expect(started()?.worker.from).toBe(WORKER);
    expect(asked).toHaveLength(1);
    expect(asked[0].canvas).toBe('its pixels');
    expect(guessedShot(asked[0].guess!)).toEqual(firstShotOf('drying-shed', LEFT.settings, true));
  });

  test('at the first visit, or where what was noted cannot be read, it is the first place', () => {
    const first = firstShotOf(DEFAULT_SCENE, DEFAULT_SETTINGS, true);
    expect(guessedShot(headOf().asked[0].guess!)).toEqual(first);
    localStorage.setItem('velmo-opening', '{"shot":');
    expect(guessedShot(headOf().asked[0].guess!)).toEqual(first);
  });

  test('the picture stands as it did in a window of that size, else as the window does', () => {
    const stands = (page: Page): boolean => headOf(page).asked[0].guess!.upright;
    leave(false, 1000, 1400);
    expect(stands({ size: [1000, 1400] })).toBe(false);
    expect(stands({ size: [390, 844] })).toBe(true);
    expect(stands({ size: [844, 390] })).toBe(false);
    for (const [width, height] of [
      [899, 1200],
      [900, 1200],
      [600, 600],
    ] as const)
      expect(stands({ size: [width, height] })).toBe(measureField(width, height).upright);
  });

  test('in a window of that size the picture lies where it lay, else the app lays it', () => {
    const laid = (page?: Page): readonly string[] =>
      headOf(page).inBody.map(({ style }) => style.cssText);
    expect(laid()).toEqual([]);
    leave(true);
    expect(laid()).toEqual([LAY]);
    expect(laid({ size: [391, 844] })).toEqual([]);
    // Seen through a veil, it is the app that lays it, in its colours.
    leave(true, 390, 844, null);
    expect(laid()).toEqual([]);
  });

  test('a link is left to the app: the worker runs, and has its canvas', () => {
    leave(true);
    const { asked, started, inBody } = headOf({ search: '?scene=test-wall' });
    expect(inBody).toEqual([]);
    expect(asked).toEqual([{ canvas: 'its pixels', guess: null }]);
    expect(started()).toBeDefined();
  });

  test.each([
    ['on another page', { path: '/frames' }],
    ['where the build names none', { address: '' }],
  ])('nothing is started %s', (_, page) => expect(headOf(page).started()).toBeUndefined());

  test('nothing is started for who looks through the device’s own camera', () => {
    noteOpening({
      ...LEFT,
      camera: { device: 'browser' },
      shot: null,
      width: 390,
      height: 844,
      lay: LAY,
    });
    expect(headOf().started()).toBeUndefined();
  });

  test('a worker whose script did not come is not handed on', () => {
    leave(true);
    const { started, fail, inBody } = headOf();
    expect(inBody).toHaveLength(1);
    fail();
    expect(started()).toBeUndefined();
    expect(inBody).toEqual([]);
  });
});

test('what is noted of an opening is read again; what cannot be read is nothing', () => {
  const nothing = { settings: null, preferences: null, camera: null };
  expect(notedOpening()).toEqual(nothing);
  leave(true);
  expect(notedOpening()).toMatchObject(LEFT);
  localStorage.setItem('velmo-opening', 'nonsense');
  expect(notedOpening()).toEqual(nothing);
});
