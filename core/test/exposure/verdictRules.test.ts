import { findLens } from '../../src/optics';
import { FLASH_GUIDE_NUMBER, simulatedContext } from '../../src/simulate';
import { nominalTime, parseIso, parseTime } from '../../src/exposure';
import { findScene } from '../../src/scene';
import { FIRST_SERIES } from '../../src/series';
import { DEFAULT_SETTINGS, held, migrateSettings, type Settings } from '../../src/settings';
import { judge, type Finding, type SeriesForecast } from '../../src/verdict';

const RANGES = {
  time: { min: -39, max: 18 },
  iso: { min: -3, max: 18 },
  compensation: { min: -18, max: 18 },
};

interface Case {
  readonly scene?: string;
  readonly time: string;
  readonly iso: string;
  readonly settings?: Partial<Settings>;
  readonly over?: number;
  readonly crushed?: number;
  readonly under?: number;
  readonly clipped?: number;
  readonly series?: SeriesForecast | null;
  readonly focusedM?: number | null;
}

/** What the verdict says of a frame of this time and ISO. */
function findings({
  scene = 'pans-at-noon',
  time,
  iso,
  settings,
  over = -1,
  crushed = 0,
  under = 0,
  clipped = 0,
  series = null,
  focusedM = null,
}: Case) {
  const all: Settings = { ...DEFAULT_SETTINGS, ...settings };
  return judge({
    settings: all,
    solution: {
      timeClick: parseTime(time)!,
      isoClick: parseIso(iso)!,
      differenceClicks: 0,
      outOfRange: false,
    },
    ranges: RANGES,
    baseIsoClick: 0,
    hasRig: true,
    context: simulatedContext(findScene(scene)!, all, scene.startsWith('stars') ? 1 : null),
    clippedShare: [clipped, clipped, clipped],
    crushedShare: crushed,
    overClipStops: [over, over, over],
    underFloorStops: under,
    focusedM,
    series,
  });
}
const finding = (id: string, which: Case): Finding | undefined =>
  findings(which).find((f) => f.id === id);
const labels = (f: Finding | undefined): string[] => f!.repairs.map((r) => r.label);

describe('shake', () => {
  test('says time and lens, and offers the shorter time before the tripod', () => {
    const found = finding('shake', {
      time: '1/8',
      iso: '100',
      settings: { lens: 'tele', time: held(-9), iso: held(0) },
    });
    expect(found?.text).toBe('1/8 s will shake at 78 mm.');
    expect(labels(found)).toEqual(['Raise ISO 3 1/3 stops', 'Use the tripod']);
    expect(found?.repairs[0].settings).toMatchObject({ time: held(-19), iso: held(10) });
    expect(found?.repairs[1].settings.support).toBe('tripod');
  });
  test('with ISO left to the camera only Time is moved, and ISO follows', () => {
    const found = finding('shake', { time: '1/15', iso: '100', settings: { time: held(-12) } });
    expect(labels(found)[0]).toBe('Time to 1/30');
    expect(found?.repairs[0].settings.iso).toEqual(DEFAULT_SETTINGS.iso);
  });
  test('where a shorter time would be coarse, the tripod comes first', () => {
    const found = finding('shake', { time: '1/4', iso: '3200', settings: { time: held(-6) } });
    expect(labels(found)[0]).toBe('Use the tripod');
  });
  test('the stabiliser and the tripod silence it', () => {
    const time = { time: '1/8', iso: '100' };
    expect(finding('shake', { ...time, settings: { stabiliserStops: 2 } })).toBeUndefined();
    expect(finding('shake', { ...time, settings: { support: 'tripod' } })).toBeUndefined();
  });
});

describe('smear', () => {
  const wheel = { scene: 'sluice-at-dusk', time: '1/8', iso: '100' } as const;
  test('names what moves and by how many pixels', () => {
    // The rim runs 1.36 m/s at 6.2 m: 27.4 mrad in 1/8 s, of 0.330 mrad a pixel.
    const found = finding('smear', { ...wheel, settings: { support: 'tripod' } });
    expect(found?.text).toBe('Wheel smears by 83 px in 1/8 s.');
    const [repair] = found!.repairs;
    expect(finding('smear', { ...wheel, time: nominalOf(repair.settings) })).toBeUndefined();
  });
  test('a time that is held may mean it, and weighs less', () => {
    const auto = finding('smear', wheel)!.weight;
    const meant = finding('smear', { ...wheel, settings: { time: held(-9) } })!.weight;
    expect(meant).toBeLessThan(auto);
  });
});

const nominalOf = ({ time }: Settings): string =>
  time.mode === 'held' ? nominalTime(time.click) : '';

describe('stars', () => {
  const night = { scene: 'stars-over-the-pans', iso: '1600' } as const;
  const tripod: Partial<Settings> = { support: 'tripod', time: held(15), iso: held(12) };
  test('30 s trails, 20 s passes; the way out keeps the exposure', () => {
    const found = finding('trails', { ...night, time: '30', settings: tripod });
    expect(found?.text).toMatch(/^Stars trail by 7\.\d px in 30 s\.$/);
    expect(found?.repairs[0].settings).toMatchObject({ time: held(13), iso: held(14) });
    expect(finding('trails', { ...night, time: '20', settings: tripod })).toBeUndefined();
  });
});

describe('lamps', () => {
  test('1/200 s under lamps on 50 Hz bands; the nearest clean time is offered', () => {
    const found = finding('lamps', {
      scene: 'packing-bench',
      time: '1/200',
      iso: '800',
      settings: { time: held(-23) },
    });
    expect(found?.text).toBe('Lamps on 50 Hz band at 1/200 s.');
    expect(found?.repairs[0].settings.time).toEqual(held(-20));
    expect(labels(found)).toEqual(['Time to 1/100']);
  });
  test('no lamps, no bands', () => {
    expect(finding('lamps', { time: '1/200', iso: '800' })).toBeUndefined();
  });
});

describe('noise and shadows', () => {
  test('coarse ISO is named with its SNR; by hand the tripod is the way out', () => {
    const found = finding('noise', { time: '1/30', iso: '6400' });
    expect(found?.text).toMatch(/^ISO 6400 is coarse: SNR \d\.\d at mid-grey\.$/);
    expect(labels(found)).toEqual(['Use the tripod']);
    expect(finding('noise', { time: '1/30', iso: '800' })).toBeUndefined();
  });
  test('shadows that drown are lifted only as far as the highlights allow', () => {
    const roomy = finding('crushed', { time: '1/250', iso: '100', crushed: 0.12, over: -0.7 });
    expect(roomy?.text).toBe('Shadows drown in noise in 12 % of the frame.');
    expect(labels(roomy)).toEqual(['Add 2/3 to Comp']);
    const full = finding('crushed', { time: '1/250', iso: '100', crushed: 0.12, over: -0.1 });
    expect(full?.repairs).toEqual([]);
    expect(finding('crushed', { time: '1/250', iso: '100', crushed: 0.01 })).toBeUndefined();
  });
});

describe('every repair', () => {
  const cases: Case[] = ['1/1000', '1/200', '1/60', '1/15', '1/2', '4', '30'].flatMap((time) =>
    ['100', '800', '6400'].flatMap((iso) =>
      ['pans-at-noon', 'packing-bench', 'sluice-at-dusk', 'stars-over-the-pans'].map((scene) => ({
        scene,
        time,
        iso,
        settings: { time: held(parseTime(time)!), iso: held(parseIso(iso)!) },
      })),
    ),
  );
  test('of a fault of Time really removes it and keeps the exposure', () => {
    let repaired = 0;
    for (const which of cases)
      for (const { id, repairs } of findings(which)) {
        const [repair] = repairs;
        if (!repair || !['shake', 'smear', 'trails', 'lamps'].includes(id)) continue;
        const { time, iso, support } = repair.settings;
        if (time.mode !== 'held' || iso.mode !== 'held') throw new Error('a hold was given up');
        repaired++;
        expect(time.click + iso.click).toBe(parseTime(which.time)! + parseIso(which.iso)!);
        const after = judge({
          settings: repair.settings,
          solution: {
            timeClick: time.click,
            isoClick: iso.click,
            differenceClicks: 0,
            outOfRange: false,
          },
          ranges: RANGES,
          baseIsoClick: 0,
          hasRig: true,
          context: simulatedContext(
            findScene(which.scene!)!,
            repair.settings,
            which.scene!.startsWith('stars') ? 1 : null,
          ),
          clippedShare: [0, 0, 0],
          crushedShare: 0,
          overClipStops: [-1, -1, -1],
          focusedM: null,
          underFloorStops: 0,
          series: null,
        });
        expect(after.map((f) => f.id)).not.toContain(id);
        expect(support === 'tripod' || time.click !== parseTime(which.time)).toBe(true);
      }
    expect(repaired).toBeGreaterThan(30);
  });
});

describe('series', () => {
  const FORECAST: SeriesForecast = {
    frames: 5,
    darkestClicks: -6,
    brightestClicks: 6,
    longestTimeClick: -15,
    missingClicks: { dark: 0, bright: 0 },
    focusGapDioptres: 0,
    room: null,
  };
  const bracket: Partial<Settings> = {
    series: { kind: 'bracket', frames: 5, stepClicks: 3, order: 'middle-first' },
  };
  const said = (which: Partial<Case>, forecast: Partial<SeriesForecast> = {}): Finding[] => [
    ...findings({
      time: '1/125',
      iso: '100',
      settings: bracket,
      ...which,
      series: { ...FORECAST, ...forecast },
    }),
  ];
  const one = (id: string, all: Finding[]): Finding | undefined => all.find((f) => f.id === id);

  test('a bracket that holds both ends says nothing of clipping or of noise', () =>
    expect(said({ over: 1.9, under: 1.9, crushed: 0.2, clipped: 0.1 })).toEqual([]));

  test('what its darkest frame still clips and its brightest leaves in the noise is said, with the bracket that holds it', () => {
    const found = one('series-range', said({ over: 3, under: 2.5, clipped: 0.1 }));
    expect(found?.text).toBe(
      'The darkest frame still clips by 1 stop, the brightest leaves shadows 2/3 stop in the noise.',
    );
    expect(labels(found)).toEqual(['7 frames, 1 stop apart']);
    expect(found?.repairs[0].settings.series).toMatchObject({ frames: 7, stepClicks: 3 });
    const wide = one('series-range', said({ over: 8, under: 8, clipped: 0.1 }));
    expect(labels(wide)).toEqual(['9 frames, 2 stops apart']);
    expect(labels(one('series-range', said({ over: 16, under: 16, clipped: 0.1 })))).toEqual([]);
  });

  test('where time ends before the bracket does, it says by how much', () => {
    const found = one('series-runs-out', said({}, { missingClicks: { dark: 4, bright: 0 } }));
    expect(found?.text).toBe('Time ends: the darkest frame is 1 1/3 stops brighter than asked.');
  });

  test('steps that the camera reaches, or a filter behind which it does, are its way out', () => {
    const found = one(
      'series-runs-out',
      said({}, { missingClicks: { dark: 2, bright: 0 }, darkestClicks: -4, brightestClicks: 6 }),
    );
    // Five frames a stop apart reach six clicks to either side; four are there.
    expect(labels(found)).toEqual(['2/3 stop apart', 'ND filter 1 stop']);
    expect(found?.repairs[0].settings.series).toMatchObject({ frames: 5, stepClicks: 2 });
    const none = said({}, { missingClicks: { dark: 6, bright: 0 }, darkestClicks: 0 });
    expect(labels(one('series-runs-out', none))).toEqual(['ND filter 2 stops']);
  });

  test('the longest frame shakes though the middle one does not; the tripod ends it', () => {
    const found = one('series-shake', said({}, { longestTimeClick: -9 }));
    expect(found?.text).toBe('The longest frame, 1/8 s, will shake at 26 mm.');
    expect(labels(found)).toEqual(['Use the tripod']);
    expect(
      one(
        'series-shake',
        said({ settings: { ...bracket, support: 'tripod' } }, { longestTimeClick: -9 }),
      ),
    ).toBeUndefined();
  });

  test('what moves is said to stand elsewhere in each frame', () => {
    const walker = { ...bracket, subject: 'walking' as const };
    expect(one('series-moves', said({ settings: walker }))?.text).toBe(
      'Walker moves from frame to frame: each will show it elsewhere.',
    );
    expect(labels(one('series-moves', said({ settings: walker })))).toEqual(['One frame']);
    expect(one('series-moves', said({}))).toBeUndefined();
  });

  test('focus steps that do not reach, and the overlap that could be given up', () => {
    const settings: Partial<Settings> = {
      series: { ...FIRST_SERIES.focus, nearDioptres: 10, farDioptres: 0 },
    };
    const found = one('series-gap', said({ settings }, { focusGapDioptres: 0.1, frames: 30 }));
    expect(found?.text).toMatch(/^30 focus steps do not reach/);
    expect(labels(found)).toEqual(['No overlap']);
    expect(one('series-gap', said({ settings }))).toBeUndefined();
  });

  test('a frame open for longer than the interval, and the interval that lets it', () => {
    const settings: Partial<Settings> = {
      series: { ...FIRST_SERIES.interval, everyS: 10, frames: 30 },
      support: 'tripod',
    };
    const found = one('series-late', said({ settings }, { longestTimeClick: 12 }));
    expect(found?.text).toBe('Each frame is open for 16 s, and the next is due after 10 s.');
    expect(found?.repairs[0].settings.series).toMatchObject({ everyS: 17 });
    expect(one('series-late', said({ settings }, { longestTimeClick: 9 }))).toBeUndefined();
  });

  test('an interval that outlasts the light it was given, and the frames that fit', () => {
    const interval = { ...FIRST_SERIES.interval, everyS: 60, frames: 90 };
    const with_ = (lightS: number): Partial<Settings> => ({ series: { ...interval, lightS } });
    const found = one('series-light', said({ settings: with_(3600) }));
    expect(found?.text).toBe('The last frame is due after 89 min; the light lasts 60 min.');
    expect(labels(found)).toEqual(['Take 61 frames']);
    expect(found?.repairs[0].settings.series).toMatchObject({ frames: 61 });
    expect(one('series-light', said({ settings: with_(89 * 60) }))).toBeUndefined();
    expect(one('series-light', said({ settings: with_(0) }))).toBeUndefined();
  });

  test('a series that does not fit is said before the press', () => {
    expect(one('series-room', said({}, { room: 3 }))?.text).toBe(
      'Room for 3 of 5 frames: delete some first.',
    );
    expect(labels(one('series-room', said({}, { room: 3 })))).toEqual(['Take 3 frames']);
    expect(labels(one('series-room', said({}, { room: 1 })))).toEqual([]);
    expect(one('series-room', said({}, { room: 5 }))).toBeUndefined();
  });
});

describe('flash', () => {
  const flash = { time: '1/60', iso: '100', settings: { flash: 'begin' } as const };
  test('is judged where focus stands: guide number over f-number is the right distance', () => {
    expect(
      finding('flash', { ...flash, focusedM: FLASH_GUIDE_NUMBER / findLens('main')!.fNumber }),
    ).toBeUndefined();
    expect(finding('flash', { ...flash, focusedM: 0.3 })?.text).toMatch(
      /^The flash burns out what is 0.3 m away: grey becomes 5 stops too bright/,
    );
    const far = finding('flash', { ...flash, focusedM: 12 });
    expect(far?.text).toBe('The flash does not reach 12 m: it gives 5 2/3 stops too little there.');
    expect(labels(far)).toEqual(['Flash off']);
    expect(finding('flash', { ...flash, focusedM: Infinity })?.text).toMatch(/does not reach/);
  });
  test('is nobody’s business where it is off', () => {
    expect(finding('flash', { time: '1/60', iso: '100', focusedM: 12 })).toBeUndefined();
  });
});

test('settings of older versions are brought up to date, others are left for the schema to refuse', () => {
  const { crop: _c, meter: _m, stabiliserStops: _s, filterStops: _f, ...rest } = DEFAULT_SETTINGS;
  const { torch: _t, subject: _su, mainsHz: _h, ...old } = rest;
  expect(migrateSettings({ ...old, version: 1, compClicks: -2 })).toEqual({
    ...DEFAULT_SETTINGS,
    compClicks: -2,
  });
  const { white: _w, files: _fi, jpegQuality: _q, aspect: _a, ...second } = DEFAULT_SETTINGS;
  expect(migrateSettings({ ...second, version: 2, crop: 2 })).toEqual({
    ...DEFAULT_SETTINGS,
    crop: 2,
  });
  const { flash: _fl, ...seventh } = DEFAULT_SETTINGS;
  const { lightS: _l, ...interval } = FIRST_SERIES.interval;
  expect(migrateSettings({ ...seventh, version: 7, series: { ...interval, everyS: 2 } })).toEqual({
    ...DEFAULT_SETTINGS,
    series: { ...FIRST_SERIES.interval, everyS: 2 },
  });
  expect(migrateSettings({ version: 9 })).toEqual({ version: 9 });
  expect(migrateSettings('x')).toBe('x');
});
