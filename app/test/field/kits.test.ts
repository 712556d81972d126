import { fitted, STARTING_POINTS, withParts, type Kit, type LightSeen } from '@velmo/core/kits';
import { subjectSmearPx } from '@velmo/core/consequence';
import { lightClicksFromEv100, solveExposure, timeSFromClick } from '@velmo/core/exposure';
import { DEFAULT_MONITORS } from '@velmo/core/monitor';
import { dioptresOf, findLens, halfLongTangent, trailPx } from '@velmo/core/optics';
import { depthRange, findScene } from '@velmo/core/scene';
import { focusedAt } from '@velmo/core/series';
import { DEFAULT_SETTINGS, heldClick, type Settings } from '@velmo/core/settings';
import type { CameraCapabilities } from '../../src/camera/device/capabilities';
import { simulatedCapabilities } from '../../src/camera/simulated/simulatedCapabilities';
import { added, deleted, imported, moved, replaced } from '../../src/screens/field/kits/kitList';
import { importedWords } from '../../src/screens/field/kits/kitWords';
import {
  changedWords,
  insteadWords,
  type WordsFor,
} from '../../src/screens/field/words/settingsWords';
import { changeKits, loadKits } from '../../src/storage/kept/kits';
import { isValid } from '../../src/storage/validation';
import { database, emptyDisk, mockDisk } from '../storage/storeOnDisk';

jest.mock('@react-native-async-storage/async-storage', () =>
  jest
    .requireActual<typeof import('../storage/storeOnDisk')>('../storage/storeOnDisk')
    .mockStorage(),
);

const cameraAt = (place: string): CameraCapabilities => simulatedCapabilities(findScene(place)!);

/** Where a starting point leads in the light of a place, as Field gets there. */
function ledTo(
  id: string,
  camera: CameraCapabilities,
  ev100: number,
  cosDeclination: number | null = null,
) {
  const point = STARTING_POINTS.find((one) => one.id === id)!;
  const reach = (wanted: Settings): Settings =>
    fitted(withParts(DEFAULT_SETTINGS, point.parts, wanted), DEFAULT_SETTINGS, camera);
  const begun = reach(point.begin(DEFAULT_SETTINGS, camera));
  const { fNumber } = findLens(begun.lens)!;
  const readings = { cosDeclination } as Parameters<CameraCapabilities['exposureContext']>[1];
  const light: LightSeen = {
    lightClicks: Math.round(lightClicksFromEv100(ev100, fNumber)),
    white: { kelvin: 2850, tint: 1 },
    context: camera.exposureContext(begun, readings),
    coverage: null,
  };
  const settings = point.fit ? reach(point.fit(begun, light, camera)) : begun;
  const context = camera.exposureContext(settings, readings);
  const behind = light.lightClicks! + 3 * settings.filterStops;
  const solution = solveExposure(camera.solverInput(settings, behind)!);
  return { begun, settings, context, solution, timeS: timeSFromClick(solution.timeClick) };
}

describe('starting points do what they say', () => {
  test.each([3, 5, 7, 12])('moving subject at EV %d: within a pixel, and no brighter', (ev) => {
    const { context, timeS, solution } = ledTo('moving-frozen', cameraAt('sluice-at-dusk'), ev);
    expect(subjectSmearPx(context, timeS)).toBeLessThan(1);
    // Five stops too little light are not made up for: the verdict says so.
    if (ev >= 5) expect(solution.differenceClicks).toBe(0);
    else expect(solution.differenceClicks).toBeLessThan(0);
  });

  test.each([2, 5, 8, 11])('flowing water at EV %d: over 100 px, exposed as metered', (ev) => {
    const { context, timeS, solution } = ledTo('flowing-water', cameraAt('sluice-at-dusk'), ev);
    expect(subjectSmearPx(context, timeS)).toBeGreaterThan(100);
    expect(solution.differenceClicks).toBe(0);
  });

  test.each([
    ['near the equator of the sky', 1],
    ['near its pole', 0.1],
  ])('stars %s stay under 5 px', (_where, cosDeclination) => {
    const { context, timeS, solution, settings } = ledTo(
      'stars',
      cameraAt('stars-over-the-pans'),
      -6,
      cosDeclination,
    );
    const { pixelAngleRad } = context.optics!;
    expect(trailPx(timeS, cosDeclination, pixelAngleRad)).toBeLessThan(5);
    expect(timeS).toBeGreaterThan(10);
    expect(solution.differenceClicks).toBe(0);
    expect(settings).toMatchObject({ support: 'tripod', focus: { dioptres: 0 } });
  });

  test.each(['level', 'upright'] as const)('the whole table is sharp, held %s', (layout) => {
    const scene = findScene('packing-bench')!;
    const camera = cameraAt('packing-bench');
    const { settings } = ledTo('table-top', camera, 7);
    const halfWidth = camera.focus(settings)!.sharpHalfWidth!;
    const lens = findLens(settings.lens)!;
    const framing = {
      ...scene.framing,
      halfLongTangent: halfLongTangent(lens, settings.crop),
      longPx: 400,
      shortPx: 300,
      layout,
    };
    const rows = layout === 'level' ? 300 : 400;
    const { nearestM, farthestM } = depthRange(scene, framing, 0, rows);
    const steps = settings.series.kind === 'focus' ? focusedAt(halfWidth, settings.series) : [];
    const sharpAt = (d: number): boolean => steps.some((at) => Math.abs(at - d) <= halfWidth);
    for (let d = dioptresOf(farthestM); d <= dioptresOf(nearestM); d += 0.02)
      expect([d, sharpAt(d)]).toEqual([d, true]);
  });

  test('a lamp gets the time its light asks for instead of the usual one', () => {
    const { begun, settings } = ledTo('lamp-at-night', cameraAt('harbour-light'), 10);
    expect([heldClick(begun.time), heldClick(settings.time)]).toEqual([-21, -19]);
    expect(insteadWords(begun, settings, WORDS).map(({ words }) => words)).toEqual([
      'Time 1/80 s instead of 1/125 s',
    ]);
  });

  test('too much light for a second is taken by a filter; more than the strongest takes shortens it', () => {
    const { settings } = ledTo('flowing-water', cameraAt('pans-at-noon'), 11);
    expect(settings.filterStops).toBe(9);
    const noon = ledTo('flowing-water', cameraAt('pans-at-noon'), 15);
    expect(noon.settings.filterStops).toBe(10);
    expect(noon.timeS).toBeLessThan(1);
    expect(noon.solution.differenceClicks).toBe(0);
  });

  test('lamps that pulse do not band on the table', () => {
    // 1/60 s by the light: 1/100 s is the nearest shorter time that holds whole pulses.
    const { settings, solution } = ledTo('table-top', cameraAt('packing-bench'), 8.4);
    expect(heldClick(settings.time)).toBe(-20);
    expect(solution.differenceClicks).toBe(0);
  });
});

const WORDS: WordsFor = { unit: 'm', sharpHalfWidth: () => 0.46 };

describe('what a kit did, in words', () => {
  const { settings } = ledTo('table-top', cameraAt('packing-bench'), 7);

  test('names what changed, and only that', () => {
    expect(changedWords(DEFAULT_SETTINGS, DEFAULT_SETTINGS, WORDS)).toEqual([]);
    expect(changedWords(DEFAULT_SETTINGS, settings, WORDS)).toEqual([
      'Time 1/20 s',
      'ISO 100',
      'Meter highlights',
      'Focus 0.35 m',
      'White 2850 K',
      'tripod',
      'focus 6',
      'Delay 2 s',
    ]);
  });

  test('on a camera with narrow ranges names what it could not set', () => {
    const narrow: CameraCapabilities = {
      ...cameraAt('harbour-light'),
      lenses: [{ id: 'main', label: 'its own' }],
      time: { min: -18, max: 0 },
      iso: { min: 3, max: 9 },
      baseIsoClick: 3,
      white: { kelvin: { min: 4000, max: 7000 }, tint: false },
      meterPatterns: ['centre'],
    };
    const lamp = STARTING_POINTS.find(({ id }) => id === 'lamp-at-night')!;
    const wanted = withParts(DEFAULT_SETTINGS, lamp.parts, lamp.begin(DEFAULT_SETTINGS, narrow));
    const got = fitted(wanted, DEFAULT_SETTINGS, narrow);
    expect(insteadWords(wanted, got, WORDS).map(({ words }) => words)).toEqual([
      'Time 1/60 s instead of 1/125 s',
      'White 4000 K instead of 3200 K',
      '26 mm instead of 78 mm',
    ]);
  });
});

const kit = (id: string, name = id): Kit => ({
  version: 1,
  id,
  name,
  parts: ['exposure'],
  settings: DEFAULT_SETTINGS,
  monitors: DEFAULT_MONITORS,
});

describe('the list of kits', () => {
  const [a, b, c] = ['a', 'b', 'c'].map((id) => kit(id));
  const ids = (kits: readonly Kit[]): string => kits.map(({ id }) => id).join('');

  test('is added to, changed, ordered, and taken from', () => {
    expect(ids(added(a)([b, c]))).toBe('abc');
    expect(replaced({ ...b, name: 'Heaps' })([a, b, c])[1].name).toBe('Heaps');
    expect(ids(deleted(b)([a, b, c]))).toBe('ac');
    expect(ids(moved(b, -1)([a, b, c]))).toBe('bac');
    expect(ids(moved(b, 1)([a, b, c]))).toBe('acb');
    expect(ids(moved(a, -1)([a, b, c]))).toBe('abc');
    expect(ids(moved(c, 1)([a, b, c]))).toBe('abc');
  });

  test('takes the kits of a file once', () => {
    let n = 0;
    const newId = (): string => `new-${n++}`;
    const once = imported([a, kit('x', 'Heaps')], newId)([a, b]);
    expect(once.map(({ id, name }) => `${id} ${name}`)).toEqual(['a a', 'b b', 'new-0 Heaps']);
    expect(imported([a, kit('x', 'Heaps')], newId)(once)).toEqual(once);
  });

  test('says what came of a file', () => {
    const refused = [{ name: 'Noon', problem: 'made by a newer version', value: 0 }] as const;
    expect(importedWords('k.json', { kits: [a], refused })).toBe(
      '1 kit read from k.json. Left out: Noon was made by a newer Velmo.',
    );
    expect(importedWords('k.json', { problem: 'no kits' })).toBe(
      'k.json holds no kits of Velmo: nothing was taken from it.',
    );
  });
});

const isKit = (value: unknown): value is Kit => isValid('kit', value);

describe('kits are kept', () => {
  beforeEach(emptyDisk);

  test('in their order, from one visit to the next', async () => {
    expect(await loadKits(isKit)).toEqual({ kits: [], unread: [] });
    await changeKits(added(kit('a')), isKit);
    await changeKits(added(kit('b')), isKit);
    expect((await loadKits(isKit)).kits).toEqual([kit('b'), kit('a')]);
  });

  test.each([
    [
      'a kit of a newer version',
      JSON.stringify({ version: 1, kits: [{ ...kit('n'), version: 2 }] }),
    ],
    ['a text that is none', '{"version":1,"kits":[{"na'],
    ['something else', '42'],
  ])('%s is written back as it was', async (_what, text) => {
    database('velmo');
    mockDisk.databases.set('velmo', new Map([['kits', text]]));
    const before = await loadKits(isKit);
    expect(before).toMatchObject({ kits: [], unread: [expect.anything()] });
    await changeKits(added(kit('a')), isKit);
    expect(await loadKits(isKit)).toEqual({ kits: [kit('a')], unread: before.unread });
  });

  test('or not, and then that is told', async () => {
    await changeKits(added(kit('a')), isKit);
    mockDisk.room = 10;
    await expect(changeKits(added(kit('b')), isKit)).rejects.toThrow('no room left');
    expect((await loadKits(isKit)).kits).toEqual([kit('a')]);
  });
});
