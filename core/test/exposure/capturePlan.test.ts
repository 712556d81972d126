import Ajv from 'ajv';
import fc from 'fast-check';
import {
  BRACKET_FRAMES,
  BRACKET_ORDERS,
  BRACKET_STEP_CLICKS,
  BURST_FRAMES,
  FIRST_SERIES,
  GATHERS,
  INTERVAL_FRAMES,
  INTERVAL_S,
  LONG_S,
  MAX_FOCUS_STEPS,
  MAX_LIGHT_S,
  planOf,
  seriesFrames,
  SERIES_KINDS,
  smoothedExposure,
  stepsOf,
  type CaptureStep,
  type HeldExposure,
  type Series,
} from '../../src/series';
import { DEFAULT_SETTINGS, parseSeries, SETTINGS_SCHEMA } from '../../src/settings';

const held: HeldExposure = {
  timeClick: -21,
  isoClick: 3,
  white: { kelvin: 5500, tint: 0 },
  focusDioptres: 0.5,
};
const RANGES = { time: { min: -39, max: 15 }, iso: { min: 0, max: 18 } };
const camera = { ranges: RANGES, sharpHalfWidth: 0.1 };
const stepsWith = (series: Series, about = held): CaptureStep[] =>
  stepsOf(
    planOf({ ...DEFAULT_SETTINGS, series }, { focusFirst: false, averages: false }),
    about,
    camera,
  );

const series: fc.Arbitrary<Series> = fc.oneof(
  fc.constant(FIRST_SERIES.single),
  fc.record({
    kind: fc.constant('bracket' as const),
    frames: fc.integer(BRACKET_FRAMES),
    stepClicks: fc.integer(BRACKET_STEP_CLICKS),
    order: fc.constantFrom(...BRACKET_ORDERS),
  }),
  fc.record({ kind: fc.constant('burst' as const), frames: fc.integer(BURST_FRAMES) }),
  fc
    .record({ far: fc.integer({ min: 0, max: 60 }), range: fc.integer({ min: 0, max: 100 }) })
    .map(({ far, range }) => ({
      kind: 'focus' as const,
      places: null,
      nearDioptres: (far + range) / 10,
      farDioptres: far / 10,
      overlap: 0.2,
    })),
  fc.array(fc.integer({ min: 0, max: 100 }), { maxLength: MAX_FOCUS_STEPS }).map((tenths) => ({
    ...FIRST_SERIES.focus,
    places: tenths.map((tenth) => tenth / 10),
  })),
  fc.record({
    kind: fc.constant('interval' as const),
    everyS: fc.integer(INTERVAL_S),
    frames: fc.integer(INTERVAL_FRAMES),
    exposure: fc.constantFrom('held' as const, 'metered' as const),
    lightS: fc.integer({ min: 0, max: MAX_LIGHT_S }),
  }),
  fc.record({
    kind: fc.constant('long' as const),
    totalS: fc.integer(LONG_S),
    gather: fc.constantFrom(...GATHERS),
  }),
);

describe('the plan of one press', () => {
  const averaged = { ...DEFAULT_SETTINGS, average: 16 };
  const gathered = (averages: boolean) =>
    stepsOf(planOf(averaged, { focusFirst: false, averages }), held, camera);

  test('is one frame that moves nothing of what is held', () => {
    expect(stepsWith(FIRST_SERIES.single)).toEqual([
      { moves: {}, biasClicks: 0, dueS: 0, metersAnew: false, gathering: { kind: 'single' } },
    ]);
  });

  test('averages where the settings ask for it and the camera can', () => {
    expect(gathered(true).map((s) => s.gathering)).toEqual([{ kind: 'average', frames: 16 }]);
    expect(gathered(false).map((s) => s.gathering)).toEqual([{ kind: 'single' }]);
  });

  test('a bracket moves time and ISO only, and says by how much', () => {
    const steps = stepsWith({ kind: 'bracket', frames: 3, stepClicks: 3, order: 'middle-first' });
    expect(steps.map(({ moves }) => moves)).toEqual([
      { timeClick: -21, isoClick: 3 },
      { timeClick: -24, isoClick: 3 },
      { timeClick: -18, isoClick: 3 },
    ]);
    expect(steps.map(({ biasClicks }) => biasClicks)).toEqual([0, -3, 3]);
  });

  test('focus steps move the focus only; where the lens is not known they are one frame', () => {
    const focus: Series = { ...FIRST_SERIES.focus, nearDioptres: 1, farDioptres: 0 };
    const steps = stepsWith(focus);
    expect(steps.length).toBe(7); // 1 / (2 x 0.1 x 0.8)
    for (const { moves } of steps) expect(Object.keys(moves)).toEqual(['focusDioptres']);
    expect(seriesFrames({ ...DEFAULT_SETTINGS, series: focus }, null)).toBe(1);
  });

  test('a long exposure is one frame, gathered for so long', () => {
    const long: Series = { kind: 'long', totalS: 300, gather: 'brightest' };
    expect(stepsWith(long).map(({ gathering }) => gathering)).toEqual([long]);
    expect(seriesFrames({ ...DEFAULT_SETTINGS, series: long }, null)).toBe(1);
  });

  test('an interval is due every so many seconds, and only its first frame is not metered anew', () => {
    const steps = stepsWith({
      kind: 'interval',
      everyS: 10,
      frames: 4,
      exposure: 'metered',
      lightS: 0,
    });
    expect(steps.map(({ dueS }) => dueS)).toEqual([0, 10, 20, 30]);
    expect(steps.map(({ metersAnew }) => metersAnew)).toEqual([false, true, true, true]);
  });

  test('never leaves the camera’s ranges, and always names every frame', () => {
    fc.assert(
      fc.property(series, fc.integer(RANGES.time), fc.integer(RANGES.iso), (one, time, iso) => {
        const about = { ...held, timeClick: time, isoClick: iso };
        const steps = stepsWith(one, about);
        expect(steps).toHaveLength(
          seriesFrames({ ...DEFAULT_SETTINGS, series: one }, camera.sharpHalfWidth),
        );
        expect(steps.length).toBeLessThanOrEqual(
          one.kind === 'focus' ? MAX_FOCUS_STEPS : INTERVAL_FRAMES.max,
        );
        for (const { moves, biasClicks } of steps) {
          const { timeClick, isoClick } = { ...about, ...moves };
          expect(timeClick).toBeGreaterThanOrEqual(RANGES.time.min);
          expect(timeClick).toBeLessThanOrEqual(RANGES.time.max);
          expect(isoClick).toBeGreaterThanOrEqual(RANGES.iso.min);
          expect(isoClick).toBeLessThanOrEqual(RANGES.iso.max);
          expect(timeClick + isoClick).toBe(time + iso + biasClicks);
        }
      }),
    );
  });
});

describe('the exposure of an interval', () => {
  test('follows the meter by a third of a stop a frame at most, and stays in range', () => {
    fc.assert(
      fc.property(
        fc.integer(RANGES.time),
        fc.integer(RANGES.iso),
        fc.integer(RANGES.time),
        fc.integer(RANGES.iso),
        (time, iso, meteredTime, meteredIso) => {
          const before = { ...held, timeClick: time, isoClick: iso };
          const metered = { timeClick: meteredTime, isoClick: meteredIso };
          const next = smoothedExposure(before, metered, RANGES);
          const wanted = meteredTime + meteredIso - time - iso;
          expect(next.timeClick + next.isoClick - time - iso).toBe(
            Math.max(-1, Math.min(1, wanted)),
          );
          expect(next.white).toBe(held.white);
          expect(next.focusDioptres).toBe(held.focusDioptres);
        },
      ),
    );
  });
});

describe('a series as text', () => {
  test.each([
    ['single', { kind: 'single' }],
    ['bracket:5:1', { kind: 'bracket', frames: 5, stepClicks: 3, order: 'middle-first' }],
    [
      'bracket:9:2/3:dark-first',
      { kind: 'bracket', frames: 9, stepClicks: 2, order: 'dark-first' },
    ],
    ['burst:20', { kind: 'burst', frames: 20 }],
    [
      'focus:2m:0.5m:30',
      { ...FIRST_SERIES.focus, nearDioptres: 2, farDioptres: 0.5, overlap: 0.3 },
    ],
    ['focus:0.5m', { ...FIRST_SERIES.focus, nearDioptres: 2, farDioptres: 0 }],
    ['focus:at:0.5m:inf:0.25m', { ...FIRST_SERIES.focus, places: [2, 0, 4] }],
    ['interval:10:30', FIRST_SERIES.interval],
    ['long:300', { kind: 'long', totalS: 300, gather: 'mean' }],
    ['long:7200:brightest', { kind: 'long', totalS: 7200, gather: 'brightest' }],
    [
      'interval:60:9:metered:3600',
      { kind: 'interval', everyS: 60, frames: 9, exposure: 'metered', lightS: 3600 },
    ],
  ])('%s', (text, value) => expect(parseSeries(text)).toEqual(value));

  test.each([
    '',
    'bracket',
    'bracket:',
    'bracket:1:1',
    'bracket:10:1',
    'bracket:5:1/2',
    'bracket:5:-1',
    'bracket:5:3 1/3',
    'bracket:5:1:upside-down',
    'bracket:5:1:dark-first:more',
    'burst:2',
    'burst:61',
    'burst:2e1',
    'focus:auto',
    'focus:1mm',
    'focus:1m:2m:99',
    'focus:1m:2m:20:1m',
    'focus:at',
    'focus:at:1m:auto',
    'interval:0:9',
    'interval:10',
    'interval:10:9:sometimes',
    'interval:10:9:held:90000',
    'long:29',
    'long:300:longest',
    'constructor:3',
    '__proto__:3',
  ])('"%s" is none', (text) => expect(parseSeries(text)).toBeNull());

  test('whatever is read is valid', () => {
    const isValid = new Ajv().compile(SETTINGS_SCHEMA);
    const parts = fc.constantFrom(
      ...SERIES_KINDS,
      '3',
      '9',
      '1/3',
      '2',
      '0.4m',
      'inf',
      'at',
      'held',
      '20',
    );
    fc.assert(
      fc.property(fc.array(parts, { maxLength: 5 }), (words) => {
        const read = parseSeries(words.join(':'));
        if (read) expect(isValid({ ...DEFAULT_SETTINGS, series: read })).toBe(true);
      }),
      { numRuns: 2000 },
    );
    for (const kind of SERIES_KINDS)
      expect(isValid({ ...DEFAULT_SETTINGS, series: FIRST_SERIES[kind] })).toBe(true);
    expect(isValid({ ...DEFAULT_SETTINGS, series: { kind: 'bracket', frames: 5 } })).toBe(false);
  });
});
