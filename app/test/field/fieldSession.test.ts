import { simulatedSolverInput } from '@velmo/core/simulate';
import { UNKNOWN_CONTEXT } from '@velmo/core/consequence';
import type { NeutralReading } from '@velmo/core/colour';
import type { PushedRight } from '@velmo/core/monitor';
import type { RefusedControls } from '../../src/camera/browser/track/trackApplier';
import { AUTO, DEFAULT_SETTINGS, FILE_KINDS, held, type Settings } from '@velmo/core/settings';
import { SERIES_KINDS, type CapturePlan } from '@velmo/core/series';
import { CameraRefusal } from '../../src/camera/device/refusal';
import { FIRST_VIEW, type ViewOptions } from '../../src/camera/device/view';
import type { CameraCapabilities } from '../../src/camera/device/capabilities';
import type {
  CameraDevice,
  CaptureEvents,
  CaptureProgress,
} from '../../src/camera/device/CameraDevice';
import type { Readings } from '../../src/camera/device/readings';
import { refusalOf } from '../../src/camera/browser/refusals';
import { simulatedFocus } from '../../src/camera/simulated/simulatedFocus';
import type { CapturedFrame } from '../../src/camera/device/capturedFrame';
import { FrameNotStored, type MadeFrame } from '../../src/storage/frames/madeFrame';
import {
  saveUnsaved,
  storeUnsaved,
  unsavedStore,
  whenUnsavedStored,
} from '../../src/storage/unsaved';
import { FieldSession, session } from '../../src/screens/field/session/fieldSession';
import {
  clippedText,
  disagreementText,
  shareText,
  toggleExtended,
} from '../../src/screens/field/session/compare';
import {
  announce,
  FIRST_FIELD,
  fieldStore,
  readingsStore,
  say,
} from '../../src/screens/field/session/fieldState';
import { createStore } from '../../src/state/store';
import { READINGS } from './someReadings';
import { framesLeft, framesLeftText, leftDigits } from '../../src/screens/field/words/fileWords';
import { leavePin, takeAllPinsOut, takePinOut } from '../../src/screens/field/commands/pins';
import { pushedWords, pushExposureRight } from '../../src/screens/field/commands/pushRight';
import { neutralAt, toggleWhiteLock } from '../../src/screens/field/commands/whiteCommands';
import {
  evText,
  findingsOf,
  highlightText,
  pinText,
} from '../../src/screens/field/words/readingsText';

/** A camera that does what the test says. */
class MockCamera implements CameraDevice {
  readonly kind = 'simulated';
  onRefused(listener: (refused: RefusedControls) => void): () => void {
    this.refused = listener;
    return () => {};
  }
  refused: (refused: RefusedControls) => void = () => {};
  readonly applied: Settings[] = [];
  closed = false;
  pins: number[][] = [];
  readonly views: ViewOptions[] = [];
  refuse: CameraRefusal | null = null;
  listener: (readings: Readings) => void = () => {};
  lost: (refusal: CameraRefusal) => void = () => {};
  readonly plans: CapturePlan[] = [];
  /** How one frame is made. */
  make: (events: CaptureEvents, stop: AbortSignal) => Promise<CapturedFrame> = async () => MADE;

  async *capture(plan: CapturePlan, _roll: string, events: CaptureEvents, stop: AbortSignal) {
    this.plans.push(plan);
    yield await this.make(events, stop);
  }

  async open(): Promise<CameraCapabilities> {
    if (this.refuse) throw this.refuse;
    return CAPABILITIES;
  }
  attach(): void {}
  pushed: PushedRight | null = null;
  neutral: NeutralReading | null = null;
  async pushRight(): Promise<PushedRight | null> {
    return this.pushed;
  }
  async readNeutral(): Promise<NeutralReading | null> {
    return this.neutral;
  }
  view(options: ViewOptions): void {
    this.views.push(options);
    this.pins = options.pins.map(({ x, y }) => [x, y]);
  }
  apply(settings: Settings): number {
    return this.applied.push(settings);
  }
  onReadings(listener: (readings: Readings) => void): () => void {
    this.listener = listener;
    return () => (this.listener = () => {});
  }
  onLost(listener: (refusal: CameraRefusal) => void): () => void {
    this.lost = listener;
    return () => {};
  }
  close(): void {
    this.closed = true;
  }
}

let mockNext = new MockCamera();
jest.mock('../../src/camera/simulated/simulatedCamera', () => ({
  SimulatedCamera: function SimulatedCamera() {
    return mockNext;
  },
}));
jest.mock('../../src/camera/browser/browserCamera', () => ({
  BrowserCamera: function BrowserCamera() {},
}));
/** The store of frames: what it answers to one more. */
let mockKeep: (made: MadeFrame) => Promise<unknown> = async (made) => ({ record: made.facts });
jest.mock('../../src/storage/frames/frames', () => ({
  keepFrame: (made: MadeFrame) => mockKeep(made),
}));
jest.mock('../../src/storage/kept/settingsStore', () => ({ keepSettings: () => {} }));
jest.mock('../../src/storage/kept/preferences', () => ({
  ...jest.requireActual('../../src/storage/kept/preferences'),
  keepPreferences: () => {},
}));

const CAPABILITIES: CameraCapabilities = {
  label: 'Mock',
  notice: '',
  time: { min: -39, max: 18 },
  iso: { min: -3, max: 18 },
  baseIsoClick: 0,
  compensation: { min: -18, max: 18 },
  lenses: [],
  sizesMp: [12, 3],
  hasRig: true,
  meterPatterns: ['whole', 'centre', 'spot', 'highlights'],
  canPan: true,
  solverInput: () => null,
  exposureContext: () => UNKNOWN_CONTEXT,
  focus: simulatedFocus,
  longSidePx: () => 4032,
  hasDepth: true,
  white: { kelvin: { min: 2000, max: 12000 }, tint: true },
  zoomMax: null,
  flash: [],
  hasTorch: true,
  canLock: true,
  series: SERIES_KINDS,
  coversScene: null,
  averages: false,
  takesPhotos: false,
  frameSizes: [],
  frameSize: null,
  letGoWhenHidden: false,
  fileKinds: FILE_KINDS,
  hasAspect: true,
  readsRaw: true,
  dngIs: 'DNG',
};
const madeAs = (id: string): MadeFrame =>
  ({
    facts: { id },
    name: {},
    files: [{ ending: '.dng', blob: new Blob(['x']) }],
  }) as unknown as MadeFrame;
const MADE: CapturedFrame = { frame: madeAs('x'), stages: { total: 5 } };
const choice = { device: 'simulated', scene: 'test-wall' } as const;
const settings = (): Settings => fieldStore.get().settings;

beforeEach(async () => {
  performance.measure ??= (() => {}) as unknown as Performance['measure'];
  fieldStore.update((s) => ({ ...s, settings: DEFAULT_SETTINGS, pending: 0, notice: null }));
  mockNext = new MockCamera();
  await session.openCamera(choice);
  mockNext.listener(READINGS);
});
afterEach(() => session.closeCamera());

describe('opening a camera', () => {
  test('applies the settings at once and lets the one before go', async () => {
    const first = mockNext;
    expect(fieldStore.get().phase).toBe('ready');
    expect(first.applied).toEqual([DEFAULT_SETTINGS]);
    mockNext = new MockCamera();
    await session.openCamera(choice);
    expect(first.closed).toBe(true);
    expect(readingsStore.get()).toBeNull();
  });
  test('a refusal is shown, not thrown, and opening again can succeed', async () => {
    mockNext = new MockCamera();
    mockNext.refuse = new CameraRefusal('busy', 'in use');
    await session.openCamera(choice);
    expect(fieldStore.get()).toMatchObject({ phase: 'refused', capabilities: null });
    mockNext = new MockCamera();
    await session.openCamera(choice);
    expect(fieldStore.get()).toMatchObject({ phase: 'ready', refusal: null });
  });
  test('an answer about the camera before goes with it; what no camera has to do with stands', async () => {
    say('Mid-grey moved by +1: the card reads 0 now.');
    mockNext = new MockCamera();
    await session.openCamera(choice);
    expect(fieldStore.get().notice).toBeNull();
    announce('That code was used before, or is too old.');
    mockNext = new MockCamera();
    await session.openCamera(choice);
    expect(fieldStore.get().notice?.text).toMatch(/used before/);
  });
  test('a camera that goes away leaves a usable screen', () => {
    mockNext.lost(new CameraRefusal('lost', 'gone'));
    expect(fieldStore.get().refusal?.reason).toBe('lost');
  });
  test.each([
    ['NotAllowedError', 'denied'],
    ['NotFoundError', 'missing'],
    ['OverconstrainedError', 'missing'],
    ['NotReadableError', 'busy'],
    ['AbortError', 'busy'],
    ['TypeError', 'unsupported'],
  ])('getUserMedia’s %s is told as "%s", with something to do', (name, reason) => {
    const refusal = refusalOf(new DOMException('x', name));
    expect(refusal.reason).toBe(reason);
    expect(refusal.message).toMatch(/Allow|Connect|Close|Try/);
  });
});

test('a session made anew knows nothing of the page’s, nor the page of it', async () => {
  const before = fieldStore.get();
  mockNext = new MockCamera();
  mockNext.make = async (events) => {
    events.onProgress({ share: 0.5, stage: 'Exposing', open: true });
    return MADE;
  };
  const own = new FieldSession(createStore(FIRST_FIELD), createStore<Readings | null>(null));
  const stored = jest.fn();
  own.shutter.onStored = stored;
  await own.openCamera(choice);
  own.changeSettings((s) => ({ ...s, compClicks: 5 }));
  own.remembered.shutterKey = 'held';
  const press = own.shutter.press();
  expect(own.state.get()).toMatchObject({ phase: 'ready', pending: 1 });
  await press;
  expect(stored).toHaveBeenCalledTimes(1);
  expect(own.state.get()).toMatchObject({ pending: 0, settings: { compClicks: 5 } });
  expect(own.state.get().preferences.naming.count).toBe(before.preferences.naming.count + 1);
  expect(fieldStore.get()).toBe(before);
  expect(session.remembered.shutterKey).toBe('up');
  expect(session.camera).not.toBe(own.camera);
  own.closeCamera();
  expect(session.camera).not.toBeNull();
});

test('what the camera does not do goes back where it was, and is said', () => {
  session.changeSettings((s) => ({ ...s, time: held(-21), iso: held(9), compClicks: 2 }));
  const wanted = settings();
  mockNext.refused({
    controls: ['iso'],
    wanted,
    followed: { ...wanted, iso: held(3), compClicks: 0 },
    reported: { timeClick: -21, isoClick: 0 },
  });
  expect(settings()).toEqual({ ...wanted, iso: held(3) });
  expect(mockNext.applied.at(-1)).toEqual(settings());
  expect(fieldStore.get().notice?.text).toBe(
    'The camera did not take ISO 800: ISO is back at ISO 200. It reports ISO 100.',
  );
});

describe('changing the exposure', () => {
  test('with nothing held it goes through Comp, with both held through Time', () => {
    session.changeExposure(-2);
    expect(settings()).toMatchObject({ compClicks: -2, time: AUTO });
    session.changeSettings((s) => ({ ...s, compClicks: 0, time: held(-21), iso: held(0) }));
    session.changeExposure(2);
    expect(settings()).toMatchObject({ compClicks: 0, time: held(-19) });
    expect(mockNext.applied.at(-1)).toEqual(settings());
  });
  test('before the first reading there is nothing to move from', () => {
    readingsStore.set(null);
    session.changeExposure(1);
    expect(settings()).toEqual(DEFAULT_SETTINGS);
  });
  test('repairs and "all to auto"', () => {
    session.changeSettings((s) => ({ ...s, time: held(-39), compClicks: 3 }));
    session.applyRepair({ label: '', settings: { ...settings(), time: AUTO } });
    expect(settings().time).toEqual(AUTO);
    expect(mockNext.applied.at(-1)).toEqual(settings());
    session.releaseAll();
    expect(settings()).toMatchObject({ time: AUTO, iso: AUTO, compClicks: 0 });
  });
});

describe('metering', () => {
  test('a tap meters there and lets go of a lock', () => {
    session.toggleLock();
    expect(settings().meter.lockedEv100).toBe(9.66);
    session.meterAt({ x: 0.2, y: 0.7 });
    expect(settings().meter).toEqual({
      pattern: 'spot',
      spot: { x: 0.2, y: 0.7 },
      lockedEv100: null,
    });
  });
  test('"all to auto" unlocks too, and keeps the rig', () => {
    session.changeSettings((s) => ({ ...s, filterStops: 6, support: 'tripod' }));
    session.toggleLock();
    session.releaseAll();
    expect(settings()).toMatchObject({ filterStops: 6, support: 'tripod' });
    expect(settings().meter.lockedEv100).toBeNull();
    expect(settings().meter.pattern).toBe('centre');
  });
});

describe('pins', () => {
  beforeEach(() => {
    takeAllPinsOut();
    session.setView({ ...FIRST_VIEW, upright: true });
  });
  test('up to eight, numbered from the lowest free number', () => {
    for (let i = 0; i < 8; i++) leavePin({ x: i / 10, y: 0.5 });
    expect(mockNext.pins).toHaveLength(8);
    leavePin({ x: 0.9, y: 0.9 });
    expect(fieldStore.get().notice?.text).toContain('Take one out');
    takePinOut(3);
    leavePin({ x: 0.9, y: 0.9 });
    expect(fieldStore.get().pins.at(-1)).toEqual({ number: 3, at: { x: 0.9, y: 0.9 } });
  });
  test('stick to what they are on when the picture is zoomed or turned', () => {
    leavePin({ x: 0.6, y: 0.5 });
    session.zoom(52);
    expect(settings()).toMatchObject({ lens: 'main', crop: 2 });
    expect(mockNext.pins[0][0]).toBeCloseTo(0.7, 6);
    session.zoom(26);
    expect(mockNext.pins[0][0]).toBeCloseTo(0.6, 6);
    // Three quarters as wide as high becomes four thirds: the same angle is a smaller share of the
    // width.
    session.setView(FIRST_VIEW);
    expect(mockNext.pins[0][0]).toBeCloseTo(0.575, 6);
  });
});

describe('the loupe', () => {
  const loupe = { at: { x: 0.2, y: 0.7 }, photosites: 152 };
  const { loupe: _none, ...view } = FIRST_VIEW;
  beforeEach(() => session.setLoupe(null));
  test('is told to the camera when it moves, and only then', () => {
    session.setView(view);
    const before = mockNext.views.length;
    session.setLoupe(loupe);
    session.setLoupe({ ...loupe, at: { ...loupe.at } });
    expect(mockNext.views).toHaveLength(before + 1);
    expect(mockNext.views.at(-1)).toMatchObject({ loupe, marks: FIRST_VIEW.marks });
  });
  test('stays where it is when the picture is shown otherwise', () => {
    session.setLoupe(loupe);
    session.setView({ ...view, marks: false });
    expect(mockNext.views.at(-1)).toMatchObject({ loupe, marks: false });
    session.setLoupe(null);
    expect(mockNext.views.at(-1)!.loupe).toBeNull();
  });
});

describe('exposing', () => {
  test('pressing again closes an open shutter, and the frame is kept', async () => {
    const stored = jest.fn();
    session.shutter.onStored = stored;
    mockNext.make = ({ onProgress }, stop) => {
      onProgress({ share: 0.2, stage: 'Open 4 of 20 s', open: true });
      return new Promise((resolve) => stop.addEventListener('abort', () => resolve(MADE)));
    };
    const done = session.shutter.press();
    await session.shutter.press();
    await done;
    expect(stored).toHaveBeenCalledTimes(1);
    expect(fieldStore.get().pending).toBe(0);
  });
  test('finds focus first where that is liked', async () => {
    const { preferences } = fieldStore.get();
    const focusing = { ...preferences.focusing, beforeCapture: true };
    fieldStore.update((s) => ({ ...s, preferences: { ...preferences, focusing } }));
    await session.shutter.press();
    fieldStore.update((s) => ({ ...s, preferences }));
    await session.shutter.press();
    expect(mockNext.plans.map(({ focusFirst }) => focusFirst)).toEqual([true, false]);
  });
  test('tells who waits for it, shows progress meanwhile, and is idle after', async () => {
    const stored = jest.fn();
    session.shutter.onStored = stored;
    let progress: (p: CaptureProgress) => void = () => {};
    let finish: (f: CapturedFrame) => void = () => {};
    mockNext.make = ({ onProgress }) => {
      progress = onProgress;
      return new Promise((resolve) => (finish = resolve));
    };
    const done = session.shutter.press();
    progress({ share: 0.5, stage: 'Exposing' });
    expect(fieldStore.get()).toMatchObject({ pending: 1, progress: { share: 0.5 } });
    finish(MADE);
    await done;
    expect(stored).toHaveBeenCalledTimes(1);
    expect(fieldStore.get()).toMatchObject({ pending: 0, progress: null, notice: null });
  });
  test('no more than three at once', async () => {
    const ends: ((f: CapturedFrame) => void)[] = [];
    const make = jest.fn(() => new Promise<CapturedFrame>((resolve) => ends.push(resolve)));
    mockNext.make = make;
    const presses = Array.from({ length: 5 }, () => session.shutter.press());
    expect(make).toHaveBeenCalledTimes(3);
    for (const end of ends) end(MADE);
    await Promise.all(presses);
  });
  test('frames of one press are stored as they come; one that is not waits, and the others go on', async () => {
    const stored: string[] = [];
    session.shutter.onStored = ({ record }) => stored.push(record.id);
    mockNext.capture = async function* () {
      for (const id of ['a', 'b', 'c']) yield { frame: madeAs(id), stages: {} };
    };
    mockKeep = async (made) => {
      if (made.facts.id === 'b') throw new FrameNotStored('No room.', made, 'stem-b', true);
      return { record: made.facts };
    };
    await session.shutter.press();
    expect(stored).toEqual(['a', 'c']);
    expect(unsavedStore.get().map(({ made }) => made.facts.id)).toEqual(['b']);
    mockKeep = async (made) => ({ record: made.facts });
    await storeUnsaved();
  });
  test('another press closes the shutter that is open, while an earlier frame is still made', async () => {
    let first: (f: CapturedFrame) => void = () => {};
    mockNext.make = () => new Promise((resolve) => (first = resolve));
    const one = session.shutter.press();
    let closed = false;
    mockNext.make = ({ onProgress }, stop) => {
      onProgress({ share: 0.2, stage: 'Open 4 of 20 s', open: true });
      return new Promise((resolve) =>
        stop.addEventListener('abort', () => {
          closed = true;
          resolve({ ...MADE, frame: madeAs('y') });
        }),
      );
    };
    const two = session.shutter.press();
    expect(fieldStore.get()).toMatchObject({ pending: 2, progress: { open: true } });
    await session.shutter.press();
    expect(closed).toBe(true);
    await two;
    first(MADE);
    await one;
    expect(fieldStore.get()).toMatchObject({ pending: 0, progress: null });
  });
});

describe('frames that could not be stored', () => {
  const full = async (made: MadeFrame): Promise<never> => {
    throw new FrameNotStored('No room.', made, `stem-${made.facts.id}`, true);
  };
  const expose = async (...ids: string[]): Promise<void> => {
    for (const id of ids) {
      mockNext.make = async () => ({ frame: madeAs(id), stages: {} });
      await session.shutter.press();
    }
  };
  const queued = (): string[] => unsavedStore.get().map(({ made }) => made.facts.id);
  const leaves = (): boolean => {
    const event = new Event('beforeunload', { cancelable: true });
    window.dispatchEvent(event);
    return !event.defaultPrevented;
  };
  afterEach(async () => {
    mockKeep = async (made) => ({ record: made.facts });
    await storeUnsaved();
  });

  test('all wait, whatever is done meanwhile, and the page is not left without a warning', async () => {
    mockKeep = full;
    await expose('a', 'b', 'c');
    expect(queued()).toEqual(['a', 'b', 'c']);
    await pushExposureRight();
    await neutralAt({ x: 0.5, y: 0.5 });
    session.closeCamera();
    expect(queued()).toEqual(['a', 'b', 'c']);
    expect(leaves()).toBe(false);
  });

  test('are stored by themselves, in their order, when there is room again', async () => {
    mockKeep = full;
    await expose('a', 'b');
    const stored: string[] = [];
    whenUnsavedStored(({ record }) => void stored.push(record.id));
    mockKeep = async (made) => ({ record: made.facts });
    await expose('c');
    await storeUnsaved();
    expect(stored).toEqual(['a', 'b']);
    expect(queued()).toEqual([]);
    expect(leaves()).toBe(true);
  });

  test('once saved to the computer they hold nobody up, and stay until they are stored', async () => {
    const saved: string[] = [];
    URL.createObjectURL = () => 'blob:x';
    const click = jest.spyOn(HTMLAnchorElement.prototype, 'click').mockImplementation(function (
      this: HTMLAnchorElement,
    ) {
      saved.push(this.download);
    });
    mockKeep = full;
    await expose('a', 'b');
    saveUnsaved('b');
    expect(saved).toEqual(['stem-b.dng']);
    expect(leaves()).toBe(false);
    saveUnsaved();
    expect(saved).toEqual(['stem-b.dng', 'stem-a.dng', 'stem-b.dng']);
    expect(leaves()).toBe(true);
    expect(queued()).toEqual(['a', 'b']);
    click.mockRestore();
  });
});

const said = (): string => fieldStore.get().notice?.text ?? '';

describe('white balance', () => {
  const at = { x: 0.4, y: 0.4 };
  test('a neutral reading is held and said', async () => {
    mockNext.neutral = { kind: 'white', white: { kelvin: 2871, tint: -2.2 } };
    await neutralAt(at);
    expect(settings().white).toEqual({ mode: 'held', kelvin: 2871, tint: -2.2 });
    expect(said()).toBe('White read: 2850 K, tint 2 magenta.');
  });
  test.each([
    [{ kind: 'clipped', channel: 1 }, /clips in green/],
    [{ kind: 'dark' }, /lost in noise/],
    [{ kind: 'uneven' }, /more than one colour/],
    [{ kind: 'impossible', looks: 'violet' }, /violet, not neutral/],
  ] as [NeutralReading, RegExp][])('%j is refused, and why is said', async (reading, why) => {
    mockNext.neutral = reading;
    await neutralAt(at);
    expect(settings().white).toEqual({ mode: 'auto', locked: null });
    expect(said()).toMatch(why);
  });
  test('a spot that looks coloured is believed on the second tap at the same place only', async () => {
    mockNext.neutral = { kind: 'coloured', looks: 'yellow', white: { kelvin: 2500, tint: 3 } };
    await neutralAt(at);
    expect(said()).toMatch(/looks yellow.*again/);
    await neutralAt({ x: 0.8, y: 0.4 });
    expect(settings().white.mode).toBe('auto');
    await neutralAt({ x: 0.81, y: 0.4 });
    expect(settings().white).toMatchObject({ mode: 'held', kelvin: 2500 });
  });
  test('the lock keeps what the camera has found, and lets go again', () => {
    toggleWhiteLock();
    expect(settings().white).toEqual({ mode: 'auto', locked: { kelvin: 5230, tint: 1 } });
    toggleWhiteLock();
    expect(settings().white).toEqual({ mode: 'auto', locked: null });
  });
  test('all auto gives white back too', async () => {
    mockNext.neutral = { kind: 'white', white: { kelvin: 4000, tint: 6 } };
    await neutralAt(at);
    session.releaseAll();
    expect(settings().white).toEqual({ mode: 'auto', locked: null });
  });
});

describe('push right', () => {
  const pushed: PushedRight = { clicks: 5, channel: 1, roomStops: 0.3, hopeless: false };
  test('says what is left and what the shadows gain', () => {
    expect(pushedWords(pushed, 5)).toBe(
      '1/3 stop under clipping in green; shadows gain 1 2/3 stops.',
    );
    expect(pushedWords({ ...pushed, clicks: -2, roomStops: 0.05 }, -2)).toBe(
      'Less than 1/3 stop under clipping in green; shadows give up 2/3 stop.',
    );
    expect(pushedWords({ ...pushed, clicks: 0 }, 0)).toContain('it already is');
    expect(pushedWords(pushed, 3)).toBe(
      '2/3 stop short of the brightest that holds: the tapes end here; shadows gain 1 stop.',
    );
    expect(pushedWords({ ...pushed, hopeless: true }, 0)).toContain('however little light');
  });
  test('moves the free tape by what the camera found', async () => {
    const solved = { ...CAPABILITIES, solverInput: simulatedSolverInput };
    fieldStore.update((s) => ({ ...s, capabilities: solved }));
    session.changeSettings((s) => ({ ...s, time: held(-21), iso: held(0) }));
    mockNext.pushed = pushed;
    await pushExposureRight();
    expect(settings().time).toEqual(held(-16));
    expect(said()).toContain('shadows gain 1 2/3 stops');
  });
  test('a camera that cannot tell moves nothing', async () => {
    await pushExposureRight();
    expect(settings().compClicks).toBe(0);
  });
});

describe('extended ISO against base', () => {
  test('holds the time, goes a stop under base, and comes back to what was', () => {
    toggleExtended();
    expect(settings()).toMatchObject({ time: held(-21), iso: held(-3) });
    expect(fieldStore.get().comparing).toBe(true);
    toggleExtended();
    expect(settings()).toMatchObject({ time: AUTO, iso: AUTO });
    expect(fieldStore.get().comparing).toBe(false);
  });
  test('over base there is nothing to compare, and it says so', () => {
    mockNext.listener({ ...READINGS, isoClick: 6 });
    toggleExtended();
    expect(settings().iso).toEqual(AUTO);
    expect(said()).toContain('Take ISO down to 100');
  });
});

describe('monitors in words', () => {
  test('shares as people say them', () => {
    expect([0, 0.00005, 0.0002, 0.034, 0.5].map(shareText)).toEqual([
      'none',
      'under 0.01 %',
      '0.02 %',
      '3.4 %',
      '50 %',
    ]);
  });
  test('why JPEG and raw disagree: curve, white balance gains, extended ISO', () => {
    const histogram = new Int32Array(1024);
    for (const c of [0, 256, 512, 768]) histogram.set([90], c + 100);
    histogram[255] = 10;
    const readings = { ...READINGS, isoClick: -3, picture: { histogram }, clippedAny: 0.001 };
    const text = disagreementText(readings, CAPABILITIES);
    expect(text).toContain('at 255 on 10 % of the picture, the raw clips on 0.10 %');
    expect(text).toContain('multiplies blue by 1.6');
    expect(text).toContain('extended ISO');
    expect(disagreementText({ ...readings, isoClick: 0 }, CAPABILITIES)).not.toContain('extended');
    expect(disagreementText(READINGS, CAPABILITIES)).toBe('');
  });
  test('a camera that gives no sensor data is never said to clip its raw', () => {
    const histogram = new Int32Array(1024);
    const video = { baseIsoClick: null, readsRaw: false };
    expect(disagreementText({ ...READINGS, picture: { histogram } }, video)).toContain('no raw');
    expect(clippedText(READINGS, false)).toMatch(/^Video frame clipped/);
    expect(clippedText(READINGS, true)).toMatch(/^Raw clipped/);
  });
});

describe('room for frames', () => {
  const room = { quotaBytes: 2e9, usedBytes: 0 };
  test('more files and larger shapes leave fewer', () => {
    const left = (change: Partial<Settings>) =>
      framesLeft({ ...DEFAULT_SETTINGS, ...change }, CAPABILITIES, room)!;
    expect(left({ files: 'dng+jpeg' })).toBeLessThan(left({ files: 'dng' }));
    expect(left({ files: 'tiff' })).toBeLessThan(left({ files: 'jpeg' }));
    expect(left({ files: 'jpeg', aspect: '1:1' })).toBeGreaterThan(left({ files: 'jpeg' }));
    expect(left({ sizeMp: 3 })).toBeGreaterThan(3.9 * left({}));
    expect(framesLeft(DEFAULT_SETTINGS, CAPABILITIES, { ...room, usedBytes: 2e9 })).toBe(0);
    expect(framesLeft(DEFAULT_SETTINGS, CAPABILITIES, null)).toBeNull();
  });
  test('is said no more exactly than it is known', () => {
    expect([7, 43, 238, 1270, 2e6].map(leftDigits)).toEqual(['7', '40', '230', '1200', '9900+']);
    expect(framesLeftText(null)).toBe('room not known');
  });
});

describe('readings in words', () => {
  test('where the highlights stand', () => {
    expect(highlightText(READINGS)).toBe('highlights 2/3 stop under clipping');
    expect(highlightText({ ...READINGS, overClipStops: [0.02, -1, -1] })).toBe(
      'highlights at clipping',
    );
    expect(highlightText({ ...READINGS, overClipStops: [1.34, 0, 0] })).toBe(
      'highlights 1 1/3 stops over clipping',
    );
  });
  test('a camera that cannot see past its clipping says only that it clips', () => {
    const histogram = new Uint32Array(4 * 96);
    histogram[95] = 1000;
    expect(highlightText({ ...READINGS, overClipStops: null, histogram })).toBe('highlights clip');
  });
  test('light as EV in thirds, and nothing where it is not known', () => {
    expect(evText(9.66)).toBe('EV 9 2/3');
    expect(evText(-6)).toBe('EV −6');
    expect(evText(null)).toBe('');
  });
  test('findings come from the readings', () => {
    const clipped = {
      ...READINGS,
      clippedSurface: [0, 0.2, 0],
      overClipStops: [0, 0.3, 0],
    } as const;
    expect(findingsOf(clipped, DEFAULT_SETTINGS, CAPABILITIES, null)[0].text).toBe(
      'Highlights clip in green by 1/3 stop.',
    );
    // Glints clip too, and are none of its business.
    const glinting = { ...READINGS, clippedShare: [0.01, 0.02, 0.01], glintShare: 0.02 } as const;
    expect(findingsOf(glinting, DEFAULT_SETTINGS, CAPABILITIES, null)).toEqual([]);
  });
  test('a pin says its tone, and the room to clip or how far past it', () => {
    expect(pinText({ stops: 2.66, roomStops: 0.4 })).toEqual({ tone: '+2 2/3', room: '1/3 room' });
    expect(pinText({ stops: -4, roomStops: 6.9 })).toEqual({ tone: '−4', room: '6 2/3 room' });
    expect(pinText({ stops: 3.2, roomStops: -0.3 }).room).toBe('1/3 over');
    expect(pinText({ stops: 2.9, roomStops: 0.1 }).room).toBe('at clip');
  });
});
