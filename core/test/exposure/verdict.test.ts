import Ajv from 'ajv';
import fc from 'fast-check';
import { ISO_CLICKS, solveExposure, TIME_CLICKS, type Solution } from '../../src/exposure';
import {
  AUTO,
  DEFAULT_SETTINGS,
  held,
  cameraMoves,
  freeControl,
  nudgeExposure,
  parseThirds,
  settingsFromLink,
  SETTINGS_SCHEMA,
  type Settings,
} from '../../src/settings';
import { UNKNOWN_CONTEXT } from '../../src/consequence';
import { judge, type VerdictInput } from '../../src/verdict';

const solution: Solution = { timeClick: -21, isoClick: 0, differenceClicks: 0, outOfRange: false };
const RANGES = {
  time: { min: -39, max: 18 },
  iso: { min: -3, max: 18 },
  compensation: { min: -18, max: 18 },
};

const input = (change: Partial<VerdictInput> = {}): VerdictInput => ({
  settings: DEFAULT_SETTINGS,
  solution,
  ranges: RANGES,
  baseIsoClick: 0,
  hasRig: true,
  context: UNKNOWN_CONTEXT,
  crushedShare: 0,
  clippedShare: [0, 0, 0],
  overClipStops: [-1, -1, -1],
  focusedM: null,
  underFloorStops: 0,
  series: null,
  ...change,
});

describe('verdict', () => {
  test('nothing to say when all is in range', () => expect(judge(input())).toEqual([]));

  test('clipping names the channel, the stops, and the repair that takes them off', () => {
    const [first] = judge(input({ clippedShare: [0, 0.02, 0], overClipStops: [-0.5, 0.6, -0.4] }));
    expect(first.text).toBe('Highlights clip in green by 2/3 stop.');
    expect(first.repairs[0]).toEqual({
      label: 'Take 2/3 off Comp',
      settings: { ...DEFAULT_SETTINGS, compClicks: -2 },
    });
  });
  test('a few glints are no clipping', () => {
    expect(
      judge(input({ clippedShare: [0.0009, 0.0009, 0.0009], overClipStops: [2, 2, 2] })),
    ).toEqual([]);
  });
  test('a camera that cannot see past its clipping gets a step, not a made-up number', () => {
    const [first] = judge(input({ clippedShare: [0.1, 0.1, 0.1], overClipStops: null }));
    expect(first.text).toBe('Highlights clip in every channel.');
    expect(first.repairs[0].label).toBe('Take 2/3 off Comp');
  });
  test('clipping comes before being off the meter', () => {
    const settings: Settings = { ...DEFAULT_SETTINGS, time: held(-12), iso: held(0) };
    const found = judge(
      input({
        settings,
        solution: { ...solution, differenceClicks: 4 },
        clippedShare: [0.1, 0.1, 0.1],
        overClipStops: [1, 1, 1],
      }),
    );
    expect(found.map((f) => f.id)).toEqual(['clipping', 'held-apart']);
    expect(found[1].text).toBe('1 1/3 stops over the meter.');
    expect(found[1].repairs[0].label).toBe('Take 1 1/3 off Time');
  });
  test('an auto tape at its end says what is missing and which hold to give back', () => {
    const settings: Settings = { ...DEFAULT_SETTINGS, time: held(-39) };
    const [first] = judge(
      input({ settings, solution: { ...solution, differenceClicks: -5, outOfRange: true } }),
    );
    expect(first.text).toBe('Too dark by 1 2/3 stops: ISO is at its end.');
    expect(first.repairs.map((r) => r.label)).toEqual(['Time to 1/2500', 'Give Time back']);
    expect(first.repairs[0].settings.time).toEqual(held(-34));
    expect(first.repairs[1].settings.time).toEqual(AUTO);
  });
});

describe('moving the exposure', () => {
  const hold = (...clicks: (number | null)[]) =>
    clicks.map((c) => (c === null ? AUTO : held(c))) as [Settings['time'], Settings['iso']];

  test.each([
    ['nothing held', hold(null, null), 'Comp'],
    ['time held', hold(-21, null), 'Comp'],
    ['both held', hold(-21, 0), 'Time'],
  ])('with %s it goes through %s', (_name, [time, iso], through) => {
    const nudge = nudgeExposure({ ...DEFAULT_SETTINGS, time, iso }, solution, RANGES, -2);
    expect(nudge).toMatchObject({ through, clicks: -2 });
  });
  test('a device that is told its time and offers no ISO moves nothing by itself: Time is what is left', () => {
    const ranges = { ...RANGES, iso: null };
    const settings = { ...DEFAULT_SETTINGS, time: held(-21) };
    expect(cameraMoves(settings, RANGES)).toBe(true);
    expect(cameraMoves(settings, ranges)).toBe(false);
    expect(cameraMoves(DEFAULT_SETTINGS, { ...ranges, time: null })).toBe(true);
    expect(freeControl(settings, ranges)).toBe('Time');
    expect(nudgeExposure(settings, solution, ranges, -2)).toMatchObject({ through: 'Time' });
  });
  test('without a Comp control it goes through Time', () => {
    const nudge = nudgeExposure(DEFAULT_SETTINGS, solution, { ...RANGES, compensation: null }, -2);
    expect(nudge?.settings.time).toEqual(held(-23));
  });
  test('at the end of everything it says so', () => {
    const end = { ...solution, timeClick: -39, isoClick: -3 };
    const settings = { ...DEFAULT_SETTINGS, time: held(-39), iso: held(-3) };
    expect(nudgeExposure(settings, end, RANGES, -1)).toBeNull();
  });
  test('a repair of the verdict really ends the clipping it names', () => {
    fc.assert(
      fc.property(fc.integer({ min: 1, max: 12 }), (over) => {
        const [finding] = judge(
          input({ clippedShare: [0, 0.1, 0], overClipStops: [0, over / 3 - 0.1, 0] }),
        );
        const [repair] = finding.repairs;
        const solve = (s: Settings) =>
          solveExposure({
            timeClick: null,
            isoClick: null,
            compClicks: s.compClicks,
            lightClicks: -21,
            timeRange: RANGES.time,
            isoRange: RANGES.iso,
            baseIsoClick: 0,
            handheldTimeClick: null,
          });
        const before = solve(DEFAULT_SETTINGS);
        const after = solve(repair.settings);
        const moved = (after.timeClick + after.isoClick - before.timeClick - before.isoClick) / 3;
        expect(over / 3 - 0.1 + moved).toBeLessThanOrEqual(0);
        expect(over / 3 - 0.1 + moved).toBeGreaterThan(-1 / 3);
      }),
    );
  });
});

describe('settings at the door', () => {
  const validate = new Ajv().compile(SETTINGS_SCHEMA);
  test('what a link gives is always valid', () => {
    const text = fc.oneof(
      fc.constantFrom(
        '1/125',
        '30',
        'auto',
        '100',
        '-2/3',
        '+1 1/3',
        'tele',
        'tripod',
        '3',
        '99',
        '1/0',
      ),
      fc.string(),
    );
    const query = fc.record(
      { lens: text, time: text, iso: text, comp: text, support: text, mp: text },
      { requiredKeys: [] },
    );
    fc.assert(
      fc.property(query, (q) => {
        const { settings } = settingsFromLink(q, DEFAULT_SETTINGS, ['main', 'tele']);
        expect(validate(settings)).toBe(true);
      }),
    );
  });
  test('a link sets what it names and reports what it cannot read', () => {
    const { settings, problems } = settingsFromLink(
      { time: '1/125', iso: '100', comp: '-2/3', lens: 'tele', support: 'moon' },
      DEFAULT_SETTINGS,
      ['main', 'tele'],
    );
    expect(settings).toMatchObject({ time: held(-21), iso: held(0), compClicks: -2, lens: 'tele' });
    expect(problems).toEqual(['support=moon']);
  });
  test('a link carries meter, rig and zoom', () => {
    const { settings, problems } = settingsFromLink(
      {
        meter: 'spot',
        spot: '0.25,0.6',
        crop: '1.5',
        nd: '6',
        stabiliser: '2',
        torch: 'on',
        subject: 'running',
        mains: '60',
      },
      DEFAULT_SETTINGS,
      ['main', 'tele'],
    );
    expect(problems).toEqual([]);
    expect(settings).toMatchObject({
      meter: { pattern: 'spot', spot: { x: 0.25, y: 0.6 }, lockedEv100: null },
      crop: 1.5,
      filterStops: 6,
      stabiliserStops: 2,
      torch: true,
      subject: 'running',
      mainsHz: 60,
    });
    const bad = { meter: 'matrix', spot: '2,1', crop: '0.5', nd: '11', torch: 'yes', mains: '55' };
    expect(settingsFromLink(bad, DEFAULT_SETTINGS, []).problems).toHaveLength(6);
  });
  test.each([
    ['-2/3', -2],
    ['+1 1/3', 4],
    ['2', 6],
    ['0', 0],
    ['-6', -18],
    ['7', null],
    ['1/2', 1.5],
    ['-1 1/2', -4.5],
    ['1/5', null],
    ['', null],
  ])('compensation "%s" is %p clicks', (text, clicks) => expect(parseThirds(text)).toBe(clicks));
  test.each([
    { ...DEFAULT_SETTINGS, time: held(TIME_CLICKS.max + 1) },
    { ...DEFAULT_SETTINGS, iso: held(ISO_CLICKS.min - 1) },
    { ...DEFAULT_SETTINGS, compClicks: 0.4 },
    { ...DEFAULT_SETTINGS, version: DEFAULT_SETTINGS.version + 1 },
    { ...DEFAULT_SETTINGS, white: { mode: 'held', kelvin: 900, tint: 0 } },
    { ...DEFAULT_SETTINGS, white: { mode: 'auto' } },
    { ...DEFAULT_SETTINGS, files: 'bmp' },
    { ...DEFAULT_SETTINGS, jpegQuality: 5 },
    { ...DEFAULT_SETTINGS, aspect: '5:4' },
    { ...DEFAULT_SETTINGS, crop: 0.5 },
    { ...DEFAULT_SETTINGS, filterStops: 11 },
    { ...DEFAULT_SETTINGS, meter: { ...DEFAULT_SETTINGS.meter, pattern: 'matrix' } },
    { ...DEFAULT_SETTINGS, meter: { ...DEFAULT_SETTINGS.meter, spot: { x: 2, y: 0 } } },
    { ...DEFAULT_SETTINGS, extra: true },
    null,
  ])('invalid settings are refused: %j', (value) => expect(validate(value)).toBe(false));
});
