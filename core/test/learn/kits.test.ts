import Ajv from 'ajv';
import fc from 'fast-check';
import {
  fitted,
  KIT_PARTS,
  KIT_SCHEMA,
  kitFileText,
  kitsOfFile,
  PART_FIELDS,
  readKits,
  STARTING_POINTS,
  takenBack,
  withParts,
  type Kit,
  type KitCamera,
  type LightSeen,
} from '../../src/kits';
import { ISO_CLICKS, TIME_CLICKS } from '../../src/exposure';
import { DEFAULT_MONITORS } from '../../src/monitor';
import {
  circleOfConfusionMm,
  dioptresOfClick,
  findLens,
  focusClickOf,
  focusClickRange,
  hyperfocalM,
  LENSES,
} from '../../src/optics';
import { SERIES_KINDS, sharpHalfWidth } from '../../src/series';
import { UNKNOWN_CONTEXT } from '../../src/consequence';
import {
  COMP_CLICKS,
  DEFAULT_SETTINGS,
  FILE_KINDS,
  held,
  heldFocus,
  heldWhite,
  SETTINGS_SCHEMA,
  type Settings,
} from '../../src/settings';

const ajv = new Ajv();
const isSettings = ajv.addSchema(SETTINGS_SCHEMA).getSchema(SETTINGS_SCHEMA.$id)!;
const kitSchema = ajv.compile(KIT_SCHEMA);
const isKit = (value: unknown): value is Kit => kitSchema(value) === true;

/** A camera that can do everything. */
const ABLE: KitCamera = {
  time: TIME_CLICKS,
  iso: { min: -3, max: 18 },
  baseIsoClick: 0,
  compensation: COMP_CLICKS,
  lenses: LENSES,
  sizesMp: [12, 3],
  hasRig: true,
  meterPatterns: ['whole', 'centre', 'spot', 'highlights'],
  focus: (settings) => {
    const lens = findLens(settings.lens)!;
    const circle = circleOfConfusionMm(lens, settings.crop);
    return {
      range: lens.fixedFocusM === null ? focusClickRange(lens) : null,
      clickOf: (dioptres) => focusClickOf(lens, dioptres),
      dioptresOf: (click) => dioptresOfClick(lens, click),
      hyperfocalM: hyperfocalM(lens, circle),
      sharpHalfWidth: lens.fixedFocusM === null ? sharpHalfWidth(lens, circle) : null,
    };
  },
  white: { kelvin: { min: 2000, max: 10000 }, tint: true },
  zoomMax: null,
  hasTorch: true,
  flash: ['begin', 'end'],
  series: SERIES_KINDS,
  averages: true,
  fileKinds: FILE_KINDS,
  hasAspect: true,
  solverInput: (s, lightClicks) => ({
    timeClick: s.time.mode === 'held' ? s.time.click : null,
    isoClick: s.iso.mode === 'held' ? s.iso.click : null,
    compClicks: s.compClicks,
    lightClicks,
    timeRange: TIME_CLICKS,
    isoRange: { min: -3, max: 18 },
    baseIsoClick: 0,
    handheldTimeClick: null,
  }),
};

/** A phone's browser that offers next to nothing. */
const BARE: KitCamera = {
  ...ABLE,
  time: null,
  iso: null,
  baseIsoClick: null,
  compensation: null,
  lenses: [],
  sizesMp: [],
  hasRig: false,
  meterPatterns: ['centre'],
  focus: () => null,
  white: null,
  hasTorch: false,
  flash: [],
  series: ['single', 'burst'],
  averages: false,
  fileKinds: ['jpeg'],
  hasAspect: false,
  solverInput: () => null,
};

const SET: Settings = {
  ...DEFAULT_SETTINGS,
  lens: 'tele',
  crop: 2,
  time: held(-12),
  iso: held(6),
  compClicks: -4,
  meter: { pattern: 'highlights', spot: { x: 0.2, y: 0.7 }, lockedEv100: 9 },
  support: 'tripod',
  filterStops: 3,
  focus: heldFocus(1.25),
  white: heldWhite({ kelvin: 3200, tint: 4 }),
  files: 'dng+jpeg',
  series: { kind: 'bracket', frames: 5, stepClicks: 6, order: 'middle-first' },
  delayS: 2,
};

const kitOf = (change: Partial<Kit> = {}): Kit => ({
  version: 1,
  id: 'salt-heaps',
  name: 'Salt heaps',
  parts: ['exposure', 'white'],
  settings: { ...SET, meter: { ...SET.meter, lockedEv100: null } },
  monitors: DEFAULT_MONITORS,
  ...change,
});

describe('parts of a kit', () => {
  test('hold every setting, each in one part', () => {
    const fields = Object.values(PART_FIELDS).flat() as string[];
    expect([...fields, 'version'].sort()).toEqual(Object.keys(DEFAULT_SETTINGS).sort());
  });

  test('are what is applied, and nothing else; a lock belongs to its own light', () => {
    const applied = withParts(DEFAULT_SETTINGS, ['exposure', 'white'], SET);
    expect(applied).toEqual({
      ...DEFAULT_SETTINGS,
      time: SET.time,
      iso: SET.iso,
      compClicks: -4,
      meter: { ...SET.meter, lockedEv100: null },
      white: SET.white,
    });
  });

  test('a lock stays where the kit holds nothing of what is locked', () => {
    const locked: Settings = {
      ...DEFAULT_SETTINGS,
      meter: { ...DEFAULT_SETTINGS.meter, lockedEv100: 12 },
      white: { mode: 'auto', locked: { kelvin: 5100, tint: 0 } },
    };
    expect(withParts(locked, ['series'], SET)).toEqual({
      ...locked,
      series: SET.series,
      delayS: SET.delayS,
    });
    expect(withParts(SET, ['exposure', 'white'], locked)).toMatchObject({
      meter: { lockedEv100: null },
      white: { mode: 'auto', locked: null },
    });
  });

  test('taken back, what the kit changed is as before, and what was changed since stays', () => {
    const parts = fc.uniqueArray(fc.constantFrom(...KIT_PARTS), { minLength: 1 });
    fc.assert(
      fc.property(parts, fc.constantFrom(...KIT_PARTS), (chosen, later) => {
        const after = withParts(DEFAULT_SETTINGS, chosen, SET);
        expect(takenBack(after, DEFAULT_SETTINGS, after)).toEqual(DEFAULT_SETTINGS);
        const torch = { ...after, torch: true };
        expect(takenBack(torch, DEFAULT_SETTINGS, after)).toEqual({
          ...DEFAULT_SETTINGS,
          torch: true,
        });
        if (chosen.includes(later)) return;
        const since = withParts(after, [later], SET);
        for (const field of PART_FIELDS[later])
          expect(takenBack(since, DEFAULT_SETTINGS, after)[field]).toEqual(since[field]);
      }),
    );
  });
});

describe('a camera is given what it has', () => {
  test('a camera that can do everything gets everything', () =>
    expect(fitted(SET, DEFAULT_SETTINGS, ABLE)).toEqual(SET));

  test('one that offers nothing keeps what it had', () => {
    const { time, iso, compClicks, focus, white, series, lens } = fitted(
      SET,
      DEFAULT_SETTINGS,
      BARE,
    );
    expect({ time, iso, compClicks, focus, white, series, lens }).toEqual({
      time: DEFAULT_SETTINGS.time,
      iso: DEFAULT_SETTINGS.iso,
      compClicks: 0,
      focus: DEFAULT_SETTINGS.focus,
      white: DEFAULT_SETTINGS.white,
      series: DEFAULT_SETTINGS.series,
      lens: 'main',
    });
  });

  const range = (min: number, max: number) =>
    fc
      .tuple(fc.integer({ min, max }), fc.integer({ min, max }))
      .map(([a, b]) => ({ min: Math.min(a, b), max: Math.max(a, b) }));
  const camera: fc.Arbitrary<KitCamera> = fc
    .record({
      time: fc.option(range(TIME_CLICKS.min, TIME_CLICKS.max)),
      iso: fc.option(range(ISO_CLICKS.min, ISO_CLICKS.max)),
      compensation: fc.option(range(COMP_CLICKS.min, COMP_CLICKS.max)),
      lenses: fc.subarray([...LENSES]),
      hasRig: fc.boolean(),
      series: fc.subarray([...SERIES_KINDS]),
      meterPatterns: fc.subarray([...ABLE.meterPatterns], { minLength: 1 }),
      white: fc.option(range(2500, 9000).map((kelvin) => ({ kelvin, tint: false }))),
    })
    .map((some) => ({
      ...ABLE,
      ...some,
      solverInput: (s, lightClicks) =>
        some.time && some.iso
          ? {
              ...ABLE.solverInput(s, lightClicks)!,
              timeRange: some.time,
              isoRange: some.iso,
              baseIsoClick: some.iso.min,
            }
          : null,
      baseIsoClick: some.iso?.min ?? null,
    }));

  const light: fc.Arbitrary<LightSeen> = fc.record({
    lightClicks: fc.option(fc.integer({ min: -50, max: 60 })),
    white: fc.option(fc.constant({ kelvin: 2850, tint: -3 })),
    context: fc.constant(UNKNOWN_CONTEXT),
    coverage: fc.option(fc.constant({ offsets: [-6, 0, 6], stepClicks: 6, missingClicks: 0 })),
  });

  test('a starting point never asks for a value that a camera does not have', () => {
    const point = fc.constantFrom(...STARTING_POINTS);
    fc.assert(
      fc.property(point, camera, light, ({ parts, begin, fit }, able, seen) => {
        const reach = (wanted: Settings): Settings =>
          fitted(withParts(DEFAULT_SETTINGS, parts, wanted), DEFAULT_SETTINGS, able);
        const begun = reach(begin(DEFAULT_SETTINGS, able));
        const done = fit ? reach(fit(begun, seen, able)) : begun;
        for (const s of [begun, done]) {
          expect(isSettings(s)).toBe(true);
          const inside = (v: number, r: { min: number; max: number } | null): boolean =>
            r !== null && v >= r.min && v <= r.max;
          if (s.time.mode === 'held') expect(inside(s.time.click, able.time)).toBe(true);
          if (s.iso.mode === 'held') expect(inside(s.iso.click, able.iso)).toBe(true);
          if (s.white.mode === 'held')
            expect(inside(s.white.kelvin, able.white!.kelvin)).toBe(true);
          expect(s.compClicks === 0 || inside(s.compClicks, able.compensation)).toBe(true);
          if (s.lens !== 'main') expect(able.lenses.map(({ id }) => id)).toContain(s.lens);
          if (!able.hasRig) expect([s.support, s.filterStops]).toEqual(['hand', 0]);
          if (s.series.kind !== 'single') expect(able.series).toContain(s.series.kind);
        }
      }),
    );
  });
});

describe('kits as files', () => {
  const KITS = [kitOf(), kitOf({ id: 'jars', name: 'Jars', parts: ['series', 'marks'] })];

  test('come back as they were', () =>
    expect(kitsOfFile(kitFileText(KITS), isKit)).toEqual({ kits: KITS, refused: [] }));

  test('of older settings are brought up to date', () => {
    const { flash: _, ...seven } = kitOf().settings;
    const { series: __, delayS: ___, ...six } = seven;
    const old = [
      { ...kitOf(), settings: { ...seven, version: 7 } },
      { ...kitOf(), settings: { ...six, version: 5, time: { mode: 'set', click: -12 } } },
      { ...kitOf(), monitors: { over: 'red' } },
    ];
    const { kits, refused } = readKits(old, isKit);
    expect(refused).toEqual([]);
    expect(kits.map(({ settings }) => [settings.version, settings.time, settings.flash])).toEqual([
      [8, held(-12), 'off'],
      [8, held(-12), 'off'],
      [8, held(-12), 'off'],
    ]);
    expect(kits[2].monitors).toEqual({ ...DEFAULT_MONITORS, over: 'red' });
  });

  test('that cannot be used are refused one by one, with the reason', () => {
    const strange = [
      kitOf(),
      { ...kitOf({ name: 'Tomorrow' }), version: 2 },
      { ...kitOf({ name: 'Next' }), settings: { ...SET, version: 9 } },
      { ...kitOf({ name: 'Bent' }), settings: { ...SET, compClicks: 99 } },
      { ...kitOf({ name: 'Empty' }), parts: [] },
      { name: 'Other' },
      'text',
    ];
    const { kits, refused } = readKits(strange, isKit);
    expect(kits).toEqual([kitOf()]);
    expect(refused.map(({ name, problem }) => [name, problem])).toEqual([
      ['Tomorrow', 'made by a newer version'],
      ['Next', 'made by a newer version'],
      ['Bent', 'damaged'],
      ['Empty', 'damaged'],
      ['Other', 'not a kit'],
      ['no. 7', 'not a kit'],
    ]);
    expect(refused[3].value).toBe(strange[4]);
  });

  test.each([
    ['{"kits":', 'no JSON'],
    ['null', 'no kits'],
    ['[1, 2]', 'no kits'],
    ['{"presets": []}', 'no kits'],
    ['{"velmo": "kits", "version": 2, "kits": []}', 'made by a newer version'],
  ])('%s: %s', (text, problem) => expect(kitsOfFile(text, isKit)).toEqual({ problem }));

  test('any JSON is answered, never thrown at', () => {
    fc.assert(
      fc.property(fc.json(), (text) => {
        const wrapped = `{"velmo":"kits","version":1,"kits":[${text}]}`;
        expect(kitsOfFile(wrapped, isKit)).toMatchObject({ kits: [], refused: [{}] });
        kitsOfFile(text, isKit);
      }),
    );
  });
});
