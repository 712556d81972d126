import { AUTO, DEFAULT_SETTINGS, held, type Settings } from '@velmo/core/settings';
import {
  CameraRefusal,
  type CameraCapabilities,
  type CameraDevice,
  type CaptureProgress,
  type Readings,
} from '../src/camera/CameraDevice';
import { refusalOf } from '../src/camera/refusals';
import { FrameNotStored, type FileToStore, type StoredFrame } from '../src/rolls/frameRecord';
import {
  applyRepair,
  changeExposure,
  changeSettings,
  closeCamera,
  exposeFrame,
  openCamera,
  releaseAll,
  whenStored,
} from '../src/screens/field/fieldSession';
import { fieldStore, readingsStore } from '../src/screens/field/fieldState';
import { evText, findingsOf, highlightText } from '../src/screens/field/readingsText';

/** A camera that does what the test says. */
class MockCamera implements CameraDevice {
  readonly kind = 'simulated';
  readonly applied: Settings[] = [];
  closed = false;
  refuse: CameraRefusal | null = null;
  listener: (readings: Readings) => void = () => {};
  lost: (refusal: CameraRefusal) => void = () => {};
  capture: CameraDevice['capture'] = async () => STORED;

  async open(): Promise<CameraCapabilities> {
    if (this.refuse) throw this.refuse;
    return CAPABILITIES;
  }
  attach(): void {}
  view(): void {}
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
jest.mock('../src/camera/simulatedCamera', () => ({
  SimulatedCamera: function SimulatedCamera() {
    return mockNext;
  },
}));
jest.mock('../src/camera/browserCamera', () => ({ BrowserCamera: function BrowserCamera() {} }));
jest.mock('../src/rolls/settingsStore', () => ({ keepSettings: () => {} }));

const CAPABILITIES: CameraCapabilities = {
  label: 'Mock',
  notice: '',
  time: { min: -39, max: 18 },
  iso: { min: -3, max: 18 },
  baseIsoClick: 0,
  compensation: { min: -18, max: 18 },
  lenses: [],
  sizesMp: [12, 3],
  knowsSupport: true,
  files: 'DNG',
};
const STORED = { record: { id: 'x' }, stages: { total: 5 } } as unknown as StoredFrame;
const READINGS: Readings = {
  applied: 1,
  timeClick: -21,
  isoClick: 0,
  differenceClicks: 0,
  outOfRange: false,
  ev100: 9.66,
  histogram: new Uint32Array(4 * 96),
  clippedShare: [0, 0, 0],
  crushedShare: 0,
  overClipStops: [-1, -0.66, -1.2],
  clipStops: 2.96,
  floorStops: -8,
};
const choice = { device: 'simulated', scene: 'test-wall' } as const;
const settings = (): Settings => fieldStore.get().settings;

beforeEach(async () => {
  performance.measure ??= (() => {}) as unknown as Performance['measure'];
  fieldStore.update((s) => ({ ...s, settings: DEFAULT_SETTINGS, pending: 0, notice: null }));
  mockNext = new MockCamera();
  await openCamera(choice);
  mockNext.listener(READINGS);
});
afterEach(closeCamera);

describe('opening a camera', () => {
  test('applies the settings at once and lets the one before go', async () => {
    const first = mockNext;
    expect(fieldStore.get().phase).toBe('ready');
    expect(first.applied).toEqual([DEFAULT_SETTINGS]);
    mockNext = new MockCamera();
    await openCamera(choice);
    expect(first.closed).toBe(true);
    expect(readingsStore.get()).toBeNull();
  });
  test('a refusal is shown, not thrown, and opening again can succeed', async () => {
    mockNext = new MockCamera();
    mockNext.refuse = new CameraRefusal('busy', 'in use');
    await openCamera(choice);
    expect(fieldStore.get()).toMatchObject({ phase: 'refused', capabilities: null });
    mockNext = new MockCamera();
    await openCamera(choice);
    expect(fieldStore.get()).toMatchObject({ phase: 'ready', refusal: null });
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

describe('changing the exposure', () => {
  test('with nothing held it goes through Comp, with both held through Time', () => {
    changeExposure(-2);
    expect(settings()).toMatchObject({ compClicks: -2, time: AUTO });
    changeSettings((s) => ({ ...s, compClicks: 0, time: held(-21), iso: held(0) }));
    changeExposure(2);
    expect(settings()).toMatchObject({ compClicks: 0, time: held(-19) });
    expect(mockNext.applied.at(-1)).toEqual(settings());
  });
  test('before the first reading there is nothing to move from', () => {
    readingsStore.set(null);
    changeExposure(1);
    expect(settings()).toEqual(DEFAULT_SETTINGS);
  });
  test('repairs and "all to auto"', () => {
    changeSettings((s) => ({ ...s, time: held(-39), compClicks: 3 }));
    applyRepair({ kind: 'release', label: '', control: 'time' });
    expect(settings().time).toEqual(AUTO);
    applyRepair({ kind: 'exposure', label: '', clicks: -1 });
    expect(settings().compClicks).toBe(2);
    releaseAll();
    expect(settings()).toMatchObject({ time: AUTO, iso: AUTO, compClicks: 0 });
  });
});

describe('exposing', () => {
  test('tells who waits for it, shows progress meanwhile, and is idle after', async () => {
    const stored = jest.fn();
    whenStored(stored);
    let progress: (p: CaptureProgress) => void = () => {};
    let finish: (f: StoredFrame) => void = () => {};
    mockNext.capture = (_settings, onProgress) => {
      progress = onProgress;
      return new Promise((resolve) => (finish = resolve));
    };
    const done = exposeFrame();
    progress({ share: 0.5, stage: 'Exposing' });
    expect(fieldStore.get()).toMatchObject({ pending: 1, progress: { share: 0.5 } });
    finish(STORED);
    await done;
    expect(stored).toHaveBeenCalledTimes(1);
    expect(fieldStore.get()).toMatchObject({ pending: 0, progress: null, notice: null });
  });
  test('no more than three at once', async () => {
    const capture = jest.fn(() => new Promise<StoredFrame>(() => {}));
    mockNext.capture = capture;
    for (let i = 0; i < 5; i++) void exposeFrame();
    expect(capture).toHaveBeenCalledTimes(3);
  });
  test('a frame that could not be stored is offered, with its bytes', async () => {
    const files: FileToStore[] = [{ kind: 'dng', name: 'f.dng', parts: [Uint8Array.of(1)] }];
    mockNext.capture = async () => {
      throw new FrameNotStored('No room.', files);
    };
    await exposeFrame();
    expect(fieldStore.get().notice?.text).toMatch(/No room.*not lost/);
    expect(fieldStore.get().notice?.rescue).toBe(files);
    expect(fieldStore.get().pending).toBe(0);
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
    const clipped = { ...READINGS, clippedShare: [0, 0.2, 0], overClipStops: [0, 0.3, 0] } as const;
    expect(findingsOf(clipped, DEFAULT_SETTINGS)[0].text).toBe(
      'Highlights clip in green by 1/3 stop.',
    );
    expect(findingsOf(READINGS, DEFAULT_SETTINGS)).toEqual([]);
  });
});
