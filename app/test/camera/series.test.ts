import { LENSES } from '@velmo/core/optics';
import { DEFAULT_SETTINGS } from '@velmo/core/settings';
import { steppedCamera } from '../../src/camera/device/steppedCamera';
import { ofSeries } from '../../src/camera/device/seriesProgress';
import type { CaptureProgress } from '../../src/camera/device/CameraDevice';
import { whenDue } from '../../src/camera/live/whenDue';
import { waitForStep } from '../../src/camera/live/stepDue';
import { simulatedFocus } from '../../src/camera/simulated/simulatedFocus';
import { bytesWords, seriesWords, whileWords } from '../../src/screens/field/words/seriesWords';
import type { FrameRecord } from '../../src/storage/frames/frameRecord';
import { stackCount, stacksOf } from '../../src/storage/frames/stacks';

describe('words of a series', () => {
  test.each([
    [0.2, '1 s'],
    [59.4, '59 s'],
    [60, '1 min'],
    [290, '4 min 50 s'],
    [3600, '1 h'],
    [7500, '2 h 5 min'],
  ])('%s s is "%s"', (seconds, words) => expect(whileWords(seconds)).toBe(words));

  test('kind and number; bytes in as many digits as they are worth', () => {
    expect(seriesWords({ kind: 'single' }, 1)).toBe('single');
    expect(seriesWords({ kind: 'burst', frames: 10 }, 10)).toBe('burst 10');
    expect(bytesWords(300)).toBe('1 MB');
    expect(bytesWords(52.3e6)).toBe('52 MB');
    expect(bytesWords(1.24e9)).toBe('1.2 GB');
  });
});

describe('stacks', () => {
  const frame = (id: string, series: FrameRecord['series']) => ({
    record: { id, series } as FrameRecord,
    decision: { roll: '', choice: null, reframe: null, development: null },
    thumbnail: '',
  });
  const place = (id: string, step: number) => ({ id, kind: 'bracket' as const, step, count: 3 });

  test('frames of one press are one entry where its newest stands, in the order they were made', () => {
    const listed = [
      frame('e', null),
      frame('d', place('one', 2)),
      frame('c', place('two', 0)),
      frame('b', place('one', 1)),
      frame('a', place('one', 0)),
    ];
    const stacks = stacksOf(listed);
    expect(stacks.map(({ frames }) => frames.map(({ record }) => record.id))).toEqual([
      ['e'],
      ['a', 'b', 'd'],
      ['c'],
    ]);
    expect(stacks.map(stackCount)).toEqual(['', '3', '1 of 3']);
  });
});

describe('what is due', () => {
  beforeEach(() => jest.useFakeTimers());
  afterEach(() => jest.useRealTimers());

  test('waits until then, tells what is left, and ends at once when stopped', async () => {
    const told: number[] = [];
    const waiting = whenDue(
      performance.now() + 1000,
      (s) => told.push(s),
      new AbortController().signal,
    );
    await jest.advanceTimersByTimeAsync(999);
    expect(told[0]).toBeCloseTo(1, 2);
    expect(told.at(-1)).toBeLessThan(0.3);
    await jest.advanceTimersByTimeAsync(2);
    expect(await waiting).toBe(true);
    const stop = new AbortController();
    const stopped = whenDue(performance.now() + 60_000, () => {}, stop.signal);
    stop.abort();
    expect(await stopped).toBe(false);
  });

  test('a step that comes when the next is due already is missed; the others count from the first', async () => {
    const step = {
      moves: {},
      biasClicks: 0,
      metersAnew: false,
      gathering: { kind: 'single' },
    } as const;
    const steps = [0, 10, 20, 30].map((dueS) => ({ ...step, dueS }));
    const began = performance.now();
    const events = { onProgress() {}, onMissed() {} };
    const wait = (n: number) => waitForStep(steps, n, began, events, new AbortController().signal);
    const first = wait(1);
    await jest.advanceTimersByTimeAsync(10_000);
    expect(await first).toBe('due');
    // The first frame took until 31 s.
    await jest.advanceTimersByTimeAsync(21_000);
    expect(await wait(2)).toBe('missed');
    expect(await wait(3)).toBe('due');
    expect(performance.now() - began).toBeLessThan(31_100);
  });
});

test('progress of a frame is told as that of its series, which a press ends', () => {
  const told: CaptureProgress[] = [];
  const events = { onProgress: (p: CaptureProgress) => told.push(p), onMissed() {} };
  ofSeries(events, 1, 4).onProgress({ share: 0.5, stage: 'Exposing' });
  ofSeries(events, 3, 4).onProgress({ share: 0.5, stage: 'Open 2 of 4 s', open: true });
  ofSeries(events, 0, 1).onProgress({ share: 0.5, stage: 'Exposing' });
  expect(told).toEqual([
    { share: 0.375, stage: '2 of 4', open: true },
    { share: 0.875, stage: '4 of 4 · Open 2 of 4 s', open: true },
    { share: 0.5, stage: 'Exposing' },
  ]);
});

test('extended ISO is no step of a bracket, and a control that the camera keeps moves by nothing', () => {
  const camera = { time: null, iso: { min: -6, max: 18 }, baseIsoClick: 0, focus: simulatedFocus };
  const { ranges, sharpHalfWidth } = steppedCamera(camera, DEFAULT_SETTINGS);
  expect(ranges).toEqual({ time: { min: 0, max: 0 }, iso: { min: 0, max: 18 } });
  expect(sharpHalfWidth).toBeGreaterThan(0);
  const fixed = LENSES.find(({ fixedFocusM }) => fixedFocusM !== null)!;
  expect(steppedCamera(camera, { ...DEFAULT_SETTINGS, lens: fixed.id }).sharpHalfWidth).toBeNull();
});
