import { frameId } from '../../src/camera/files/frameNames';
import {
  curveHeights,
  histogramHeights,
  peakOf,
  sidewaysPath,
} from '../../src/instruments/ladder/histogramPath';
import { createStore } from '../../src/state/store';

test('ids of frames sort by time', () => {
  const ids = [1e12, 1.7e12, 2e12].map(frameId);
  expect([...ids].sort()).toEqual(ids);
  for (const id of ids) expect(id).toMatch(/^[a-z0-9-]{8,64}$/);
});

test('the histogram stands on its side: higher bins further up, higher counts further left', () => {
  const histogram = new Uint32Array(4 * 96);
  histogram[40] = 400;
  histogram[60] = 100;
  const peak = peakOf(histogram, 96);
  const heights = histogramHeights(histogram, 0, peak, 'linear');
  const path = sidewaysPath(heights, 18, 93, 100, 300, 4, 60, false);
  const points = path
    .slice(1)
    .split('L')
    .map((p) => p.split(' ').map(Number));
  expect(points[40 - 18][0]).toBe(40);
  expect(points[60 - 18][0]).toBe(70);
  expect(points[60 - 18][1]).toBeLessThan(points[40 - 18][1]);
});

test('heights: a square root in area, or logarithmic, which lifts the small', () => {
  const counts = [0, 1, 100, 10000];
  const linear = curveHeights(counts, 10000, 'linear');
  const log = curveHeights(counts, 10000, 'log');
  expect(Array.from(linear)).toEqual([0, expect.closeTo(0.01, 5), expect.closeTo(0.1, 5), 1]);
  expect(log[2]).toBeCloseTo(Math.log(101) / Math.log(10001), 5);
  expect(log[0]).toBe(0);
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
