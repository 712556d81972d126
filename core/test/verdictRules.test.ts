import { simulatedSituation } from '../src/simulate';
import { nominalTime, parseIso, parseTime } from '../src/exposure';
import { findScene } from '../src/scene';
import { DEFAULT_SETTINGS, held, migrateSettings, type Settings } from '../src/settings';
import { judge, type Finding } from '../src/verdict';

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
}

/** What the verdict says of a frame of this time and ISO. */
function findings({ scene = 'pans-at-noon', time, iso, settings, over = -1, crushed = 0 }: Case) {
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
    situation: simulatedSituation(findScene(scene)!, all, scene.startsWith('stars') ? 1 : null),
    clippedShare: [0, 0, 0],
    crushedShare: crushed,
    overClipStops: [over, over, over],
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
          situation: simulatedSituation(
            findScene(which.scene!)!,
            repair.settings,
            which.scene!.startsWith('stars') ? 1 : null,
          ),
          clippedShare: [0, 0, 0],
          crushedShare: 0,
          overClipStops: [-1, -1, -1],
        });
        expect(after.map((f) => f.id)).not.toContain(id);
        expect(support === 'tripod' || time.click !== parseTime(which.time)).toBe(true);
      }
    expect(repaired).toBeGreaterThan(30);
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
  expect(migrateSettings({ version: 9 })).toEqual({ version: 9 });
  expect(migrateSettings('x')).toBe('x');
});
