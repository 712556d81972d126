import { held, DEFAULT_SETTINGS } from '@velmo/core/settings';
import {
  constraintsFor,
  isoRangeOf,
  reportedClicks,
  timeRangeOf,
} from '../src/camera/trackControls';
import { fileStem, frameId } from '../src/camera/frameNames';
import { measureField } from '../src/screens/field/layout';
import { sidewaysPath, histogramHeights, histogramPeak } from '../src/instruments/histogramPath';
import { createStore } from '../src/state/store';

describe('controls of a browser camera (W3C MediaStream Image Capture)', () => {
  // Chromium's fake device: 10..100 in units of 100 microseconds.
  const fake = { exposureMode: ['manual', 'continuous'], exposureTime: { min: 10, max: 100 } };
  test('only whole clicks inside what is offered', () => {
    expect(timeRangeOf(fake)).toEqual({ min: -29, max: -20 });
    expect(timeRangeOf({ ...fake, exposureMode: ['continuous'] })).toBeNull();
    expect(timeRangeOf({})).toBeNull();
    expect(isoRangeOf(fake)).toBeNull();
    expect(isoRangeOf({ ...fake, iso: { min: 50, max: 800 } })).toEqual({ min: -3, max: 9 });
  });
  test('asks for what is held, and never for what is not offered', () => {
    const settings = { ...DEFAULT_SETTINGS, time: held(-24), iso: held(3) };
    expect(constraintsFor(settings, fake)).toEqual({
      advanced: [{ exposureMode: 'manual', exposureTime: 10000 / 256 }],
    });
    expect(constraintsFor(DEFAULT_SETTINGS, fake)).toEqual({
      advanced: [{ exposureMode: 'continuous' }],
    });
    expect(constraintsFor(settings, {})).toEqual({ advanced: [{}] });
  });
  test('says only what the track says', () => {
    expect(reportedClicks({ exposureTime: 10000 / 128 })).toEqual({
      timeClick: -21,
      isoClick: null,
    });
    expect(reportedClicks({})).toEqual({ timeClick: null, isoClick: null });
  });
});

test('file names are safe, sortable and in local time', () => {
  expect(fileStem(Date.UTC(2026, 10, 23, 22, 5, 12, 7), 120)).toBe('velmo-20261124-000512-007');
  const ids = [1e12, 1.7e12, 2e12].map(frameId);
  expect([...ids].sort()).toEqual(ids);
  for (const id of ids) expect(id).toMatch(/^[a-z0-9-]{8,64}$/);
});

describe('layout of Field', () => {
  test.each([
    [390, 844, 'phone'],
    [360, 640, 'phone'],
    [844, 390, 'side'],
    [1280, 800, 'wide'],
  ] as const)('%d x %d is %s, and nothing lies outside', (width, height, layout) => {
    const m = measureField(width, height, 3);
    expect(m.layout).toBe(layout);
    const across =
      m.pictureWidth +
      (m.ladderOver ? 0 : m.ladderWidth) +
      (layout === 'phone' ? 0 : m.columnWidth);
    expect(across).toBeLessThanOrEqual(width);
    expect(m.pictureHeight).toBeLessThanOrEqual(height);
    expect(m.pictureWidth / m.pictureHeight).toBeCloseTo(m.upright ? 3 / 4 : 4 / 3, 1);
    if (layout === 'phone')
      expect(m.pictureHeight + 44 + 50 + 3 * 58 + 60).toBeLessThanOrEqual(height);
  });
});

test('the histogram stands on its side: higher bins further up, higher counts further left', () => {
  const histogram = new Uint32Array(4 * 96);
  histogram[40] = 400;
  histogram[60] = 100;
  const peak = histogramPeak(histogram);
  const heights = histogramHeights(histogram, 0, peak);
  const path = sidewaysPath(heights, 18, 93, 100, 300, 4, 60, false);
  const points = path
    .slice(1)
    .split('L')
    .map((p) => p.split(' ').map(Number));
  expect(points[40 - 18][0]).toBe(40);
  expect(points[60 - 18][0]).toBe(70);
  expect(points[60 - 18][1]).toBeLessThan(points[40 - 18][1]);
});

test('a store tells listeners only of changes', () => {
  const store = createStore(1);
  const heard = jest.fn();
  const stop = store.subscribe(heard);
  store.set(1);
  store.update((n) => n + 1);
  stop();
  store.set(9);
  expect(heard).toHaveBeenCalledTimes(1);
});
