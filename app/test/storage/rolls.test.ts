import { AS_EXPOSED } from '@velmo/core/recipe';
import fc from 'fast-check';
import { DEFAULT_NAMING } from '../../src/storage/fileNames';
import type { FrameFacts, FrameRecord } from '../../src/storage/frames/frameRecord';
import { listRoll, type CatalogueRow } from '../../src/storage/rolls/listing';
import {
  ORDERS,
  paramsOfView,
  SHOWN_CHOICES,
  viewOfParams,
  wholeRoll,
} from '../../src/storage/rolls/rollView';
import { database, emptyDisk, frameOf, keysOf, mockDisk, openStore } from './storeOnDisk';

jest.mock('@react-native-async-storage/async-storage', () =>
  jest.requireActual<typeof import('./storeOnDisk')>('./storeOnDisk').mockStorage(),
);

beforeEach(emptyDisk);

type Store = ReturnType<typeof openStore>;

const SMALL = new Uint8Array(1000);
const idOf = (n: number): string => `abc123def-${String(n).padStart(7, '0')}`;
const SALT = wholeRoll('salt-works');

/** Stores frames 1 to `count`, with facts of their own. */
async function storeFrames(
  store: Store,
  count: number,
  facts: (n: number) => Partial<FrameFacts> = () => ({}),
): Promise<void> {
  for (let n = 1; n <= count; n++) {
    const made = frameOf(n, SMALL);
    await store.storeFrame({ ...made, facts: { ...made.facts, ...facts(n) } }, DEFAULT_NAMING);
  }
}

const shownIn = async (store: Store, view = SALT): Promise<string[]> =>
  (await store.viewRoll(view)).stacks.flatMap(({ ids }) => ids);

/** Everything that is decided, as it is stored. */
const decided = () => ({
  frames: keysOf('velmo-records').filter((key) => key.startsWith('decided/')),
  rolls: [...database('velmo-records')].filter(([key]) => key.startsWith('roll/')),
});

describe('decisions', () => {
  test('what is dropped is hidden, counted, and found again; each is taken back by its inverse', async () => {
    const store = openStore();
    await storeFrames(store, 3);
    const back = await store.applyChange({
      frames: [
        { id: idOf(1), choice: 'dropped' },
        { id: idOf(2), choice: 'kept' },
      ],
      rolls: [],
    });
    expect(await shownIn(store)).toEqual([idOf(3), idOf(2)]);
    expect(await shownIn(store, { ...SALT, choice: 'kept' })).toEqual([idOf(2)]);
    expect(await shownIn(store, { ...SALT, choice: 'undecided' })).toEqual([idOf(3)]);
    expect(await shownIn(store, { ...SALT, choice: 'dropped' })).toEqual([idOf(1)]);
    const { dropped, whole } = await store.viewRoll(SALT);
    expect(dropped).toEqual({ frames: 1, bytes: 1000 });
    expect(whole).toEqual({ frames: 3, bytes: 3000 });
    expect((await store.newestFrames(9)).frames.map(({ record }) => record.id)).toEqual([
      idOf(3),
      idOf(2),
    ]);
    await store.applyChange(back);
    expect(await shownIn(store)).toEqual([idOf(3), idOf(2), idOf(1)]);
  });

  test('they outlive the page, and a frame that is deleted takes its own along', async () => {
    const store = openStore();
    await storeFrames(store, 2);
    await store.applyChange({ frames: [{ id: idOf(1), choice: 'dropped' }], rolls: [] });
    const next = openStore();
    expect(await shownIn(next)).toEqual([idOf(2)]);
    expect(await next.findFrames([idOf(1)])).toMatchObject([{ decision: { choice: 'dropped' } }]);
    expect(await next.droppedIn('salt-works')).toEqual([idOf(1)]);
    await next.removeFrames([idOf(1)]);
    expect(decided().frames).toEqual([]);
    expect(await shownIn(next, { ...SALT, choice: 'dropped' })).toEqual([]);
  });

  test('one that cannot be read costs a decision and not the frame', async () => {
    const store = openStore();
    await storeFrames(store, 1);
    for (const text of ['', 'x', '[]', '{"version":9}', '{"version":1,"roll":3,"choice":null}']) {
      database('velmo-records').set(`decided/${idOf(1)}`, text);
      const next = openStore();
      expect(await shownIn(next)).toEqual([idOf(1)]);
      expect(await next.listUnreadable()).toEqual([]);
    }
  });

  test('a full disk changes nothing, neither stored nor shown', async () => {
    const store = openStore();
    await storeFrames(store, 2);
    const before = decided();
    mockDisk.room = 0;
    const change = { frames: [{ id: idOf(1), choice: 'dropped' as const }], rolls: [] };
    await expect(store.applyChange(change)).rejects.toThrow(/no room left/);
    mockDisk.room = Infinity;
    expect(decided()).toEqual(before);
    expect(await shownIn(store)).toHaveLength(2);
    await store.applyChange(change);
    expect(await shownIn(store)).toEqual([idOf(2)]);
  });

  test('whatever is done, undone from the last on leaves everything as it was', async () => {
    const rollOf = (id: string) => ({ version: 1 as const, id, name: `${id} itself`, madeAt: 5 });
    const step = fc.oneof(
      fc.record({
        frames: fc.uniqueArray(
          fc.record({
            id: fc.integer({ min: 1, max: 6 }).map(idOf),
            roll: fc.option(fc.constantFrom('salt-works', 'shed', 'night', ''), { nil: undefined }),
            choice: fc.option(fc.constantFrom('kept' as const, 'dropped' as const, null), {
              nil: undefined,
            }),
          }),
          { selector: ({ id }) => id, maxLength: 4 },
        ),
        rolls: fc.constant([]),
      }),
      fc.constantFrom('shed', 'night', 'salt-works').chain((id) =>
        fc.boolean().map((there) => ({
          frames: [],
          rolls: [{ id, roll: there ? rollOf(id) : null }],
        })),
      ),
    );
    await fc.assert(
      fc.asyncProperty(fc.array(step, { maxLength: 8 }), async (steps) => {
        emptyDisk();
        const store = openStore();
        await storeFrames(store, 6);
        const views = async () => [
          await store.listRolls(),
          await Promise.all(
            [null, '', 'salt-works', 'shed', 'night'].map((id) => store.viewRoll(wholeRoll(id))),
          ),
        ];
        const before = await views();
        const back = [];
        for (const change of steps) back.unshift(await store.applyChange(change));
        for (const change of back) await store.applyChange(change);
        expect(await views()).toEqual(before);
        // What another page reads from the disk is what this one has in memory.
        const fresh = openStore();
        expect(await fresh.listRolls()).toEqual(await store.listRolls());
        expect(await shownIn(fresh, wholeRoll(null))).toEqual(
          await shownIn(store, wholeRoll(null)),
        );
      }),
      { numRuns: 60 },
    );
  });
});

describe('rolls', () => {
  test('a roll is there with its first frame, under the name Field knew it by', async () => {
    const store = openStore();
    const made = frameOf(1, SMALL);
    const facts = { ...made.facts, roll: 'roll-77' };
    await store.storeFrame({ ...made, facts }, { ...DEFAULT_NAMING, roll: 'Evening' });
    expect(await store.listRolls()).toMatchObject([
      { id: 'roll-77', name: 'Evening', whole: { frames: 1, bytes: 1000 } },
      { id: '', name: 'loose', whole: { frames: 0 } },
    ]);
    expect(await openStore().listRolls()).toEqual(await store.listRolls());
  });

  test('frames of before rolls lie in the one they name', async () => {
    const store = openStore();
    await storeFrames(store, 2);
    database('velmo-records').delete('roll/salt-works');
    expect(await openStore().listRolls()).toMatchObject([
      { id: 'salt-works', name: 'salt-works', whole: { frames: 2 } },
      { id: '' },
    ]);
  });

  test('no frame stays behind in a roll whose making is taken back', async () => {
    const store = openStore();
    const roll = { version: 1 as const, id: 'roll-8', name: 'Evening', madeAt: 1 };
    const back = await store.applyChange({ frames: [], rolls: [{ id: roll.id, roll }] });
    await storeFrames(store, 1, () => ({ roll: roll.id }));
    await store.applyChange(back);
    expect((await store.listRolls()).map(({ id }) => id)).toEqual(['']);
    expect(await shownIn(store, wholeRoll(''))).toEqual([idOf(1)]);
  });

  test('how a frame is seen is kept beside what is decided of it, and taken back alone', async () => {
    const store = openStore();
    await storeFrames(store, 2);
    const crop = { x: 0.1, y: 0, width: 0.5, height: 1 };
    const reframe = { quarters: 1, tilt: -12, crop };
    const nowDecided = async () => (await openStore().findFrames([idOf(1)]))[0]?.decision;
    const change = (frame: object) =>
      store.applyChange({ frames: [{ id: idOf(1), ...frame }], rolls: [] });
    await change({ choice: 'kept' });
    const back = await change({ reframe });
    expect(await nowDecided()).toMatchObject({ roll: 'salt-works', choice: 'kept', reframe });
    await store.applyChange(back);
    expect(await nowDecided()).toEqual({
      roll: 'salt-works',
      choice: 'kept',
      reframe: null,
      development: null,
    });
    // One that says what cannot be costs what was decided, not the frame.
    for (const broken of [{ ...reframe, quarters: 4 }, { ...reframe, tilt: 900 }, { tilt: 0 }]) {
      const text = { version: 1, roll: 'salt-works', choice: 'kept', reframe: broken };
      database('velmo-records').set(`decided/${idOf(1)}`, JSON.stringify(text));
      expect(await nowDecided()).toEqual({
        roll: 'salt-works',
        choice: null,
        reframe: null,
        development: null,
      });
    }
  });

  test('a recipe is kept beside what is decided of a frame, and taken back alone', async () => {
    const store = openStore();
    await storeFrames(store, 2);
    const nowDecided = async () => (await openStore().findFrames([idOf(1)]))[0]?.decision;
    const change = (frame: object) =>
      store.applyChange({ frames: [{ id: idOf(1), ...frame }], rolls: [] });
    await change({ choice: 'kept' });
    const development = {
      ...AS_EXPOSED,
      exposure: 2 / 3,
      white: { kelvin: 2856.4, tint: -0.04 },
      greys: [1.1, 0.2, -0.3] as const,
    };
    const back = await change({ development });
    expect(await nowDecided()).toEqual({
      roll: 'salt-works',
      choice: 'kept',
      reframe: null,
      development,
    });
    await store.applyChange(back);
    expect(await nowDecided()).toMatchObject({ choice: 'kept', development: null });
    for (const broken of [
      { ...development, exposure: 6 },
      { ...development, greys: [1, 0] },
      { ...development, white: { kelvin: 100, tint: 0 } },
      { exposure: 1 },
    ]) {
      const text = { version: 1, roll: 'salt-works', choice: 'kept', development: broken };
      database('velmo-records').set(`decided/${idOf(1)}`, JSON.stringify(text));
      expect(await nowDecided()).toMatchObject({ choice: null, development: null });
    }
  });

  test('a deleted roll leaves its frames loose, or dropped as well; both are taken back', async () => {
    for (const drops of [false, true]) {
      emptyDisk();
      const store = openStore();
      await storeFrames(store, 3);
      const back = await store.deleteRoll('salt-works', drops);
      expect((await store.listRolls()).map(({ id }) => id)).toEqual(['']);
      expect(await shownIn(store, wholeRoll(''))).toHaveLength(drops ? 0 : 3);
      expect((await store.viewRoll(wholeRoll(''))).dropped.frames).toBe(drops ? 3 : 0);
      await store.applyChange(back);
      expect(await shownIn(store)).toHaveLength(3);
      expect((await openStore().listRolls()).map(({ id }) => id)).toEqual(['salt-works', '']);
    }
  });
});

describe('what a roll shows', () => {
  const row = (n: number, facts: Partial<FrameRecord> = {}): CatalogueRow => ({
    record: {
      ...frameOf(n, SMALL).facts,
      version: 2,
      stem: `s-${n}`,
      files: [{ kind: 'dng', name: `s-${n}.dng`, bytes: 1000 * n, chunks: 1 }],
      ...facts,
    },
    decision: { roll: 'salt-works', choice: null, reframe: null, development: null },
  });
  const ids = (rows: CatalogueRow[], view: Partial<typeof SALT>): string[] =>
    listRoll(rows, { ...SALT, ...view }).stacks.flatMap((stack) => stack.ids);

  test('a series stands as one where its newest stands, in the order in which it was made', () => {
    const step = (n: number, at: number) =>
      row(n, { series: { id: 'a', kind: 'bracket', step: at, count: 3 } });
    const { stacks } = listRoll([row(1), step(2, 0), step(3, 1), row(4), step(5, 2)], SALT);
    expect(stacks.map((stack) => stack.ids)).toEqual([
      [idOf(2), idOf(3), idOf(5)],
      [idOf(4)],
      [idOf(1)],
    ]);
    expect(stacks[0].series).toEqual({ kind: 'bracket', count: 3 });
  });

  test('orders: newest, oldest, most clipped, largest', () => {
    const rows = [
      row(1, { clippedShare: [0, 0.2, 0] }),
      row(2, { clippedShare: null }),
      row(3, { clippedShare: [0.1, 0, 0] }),
    ];
    expect(ids(rows, { order: 'newest' })).toEqual([3, 2, 1].map(idOf));
    expect(ids(rows, { order: 'oldest' })).toEqual([1, 2, 3].map(idOf));
    expect(ids(rows, { order: 'clipped' })).toEqual([1, 3, 2].map(idOf));
    expect(ids(rows, { order: 'largest' })).toEqual([3, 2, 1].map(idOf));
  });

  test('filters: place, camera, lens, day, what clips, what a hand could not hold', () => {
    const noon = new Date(2026, 10, 27, 12).getTime();
    const rows = [
      row(1, { place: 'sluice-at-dusk', capturedAt: noon }),
      row(2, { camera: 'browser', lens: null, capturedAt: noon }),
      row(3, { lens: 'tele', clippedShare: [0, 0, 0.01], capturedAt: noon + 24 * 3600e3 }),
      row(4, { timeS: 1 / 8, longestHandheldS: 1 / 26, capturedAt: noon }),
      row(5, { timeS: 1 / 8, longestHandheldS: null, capturedAt: noon }),
    ];
    expect(ids(rows, { facts: { place: 'sluice-at-dusk' } })).toEqual([idOf(1)]);
    expect(ids(rows, { facts: { camera: 'browser' } })).toEqual([idOf(2)]);
    expect(ids(rows, { facts: { lens: 'tele' } })).toEqual([idOf(3)]);
    expect(ids(rows, { facts: { day: '2026-11-28' } })).toEqual([idOf(3)]);
    expect(ids(rows, { facts: { day: '2026-11-28', lens: 'main' } })).toEqual([]);
    expect(ids(rows, { clips: true })).toEqual([idOf(3)]);
    expect(ids(rows, { shakes: true })).toEqual([idOf(4)]);
    expect(listRoll(rows, SALT).facets.lens).toEqual([
      { value: 'main', frames: 3 },
      { value: 'tele', frames: 1 },
    ]);
  });

  test('cells stand upright where most frames do', () => {
    const upright = { width: 3024, height: 4032 };
    expect(listRoll([row(1, upright), row(2, upright), row(3)], SALT).aspect).toBe(3 / 4);
    expect(listRoll([row(1, upright), row(2), row(3)], SALT).aspect).toBe(4 / 3);
  });

  test('a view goes into an address and comes back; what an address asks in vain is left out', () => {
    fc.assert(
      fc.property(
        fc.record({
          roll: fc.constantFrom(null, '', 'salt-works', 'roll-1'),
          choice: fc.constantFrom(...SHOWN_CHOICES),
          facts: fc.record(
            { place: fc.constantFrom('a', 'b'), lens: fc.constant('tele') },
            { requiredKeys: [] },
          ),
          clips: fc.boolean(),
          shakes: fc.boolean(),
          order: fc.constantFrom(...ORDERS),
        }),
        (view) => expect(viewOfParams(paramsOfView(view))).toEqual(view),
      ),
    );
    const hostile = { which: 'x', order: ['a'], clips: '1', roll: ['b', 'c'], place: '' };
    expect(viewOfParams(hostile)).toEqual(wholeRoll(null));
  });
});

describe('the roll that frames are made into', () => {
  type CurrentRoll = typeof import('../../src/storage/rolls/currentRoll');
  /** As a page finds it that has just been opened. */
  const openCurrent = async () => {
    let current: CurrentRoll | null = null;
    jest.isolateModules(() => {
      current = jest.requireActual<CurrentRoll>('../../src/storage/rolls/currentRoll');
    });
    await current!.loadCurrentRoll();
    return current!.currentRollStore.get();
  };
  const remembered = (key: string, value: unknown): void => {
    mockDisk.databases.set('velmo', new Map([[key, JSON.stringify(value)]]));
  };

  test('is the one of last time, or the one names were made with before there were rolls', async () => {
    expect(await openCurrent()).toEqual({ id: 'salt-works', name: 'salt-works' });
    remembered('preferences', {
      version: 5,
      naming: { pattern: '{roll}', roll: 'Evening', count: 3 },
    });
    expect(await openCurrent()).toEqual({ id: 'Evening', name: 'Evening' });
    remembered('preferences', { version: 5, naming: { pattern: '{roll}', roll: '', count: 3 } });
    expect(await openCurrent()).toEqual({ id: '', name: 'loose' });
    remembered('roll', { id: 'roll-7', name: 'Shed' });
    expect(await openCurrent()).toEqual({ id: 'roll-7', name: 'Shed' });
  });

  test('what is remembered and cannot be read is passed over', async () => {
    for (const value of [
      null,
      7,
      {},
      { id: 'a' },
      { id: 'a', name: '' },
      { id: 'a'.repeat(300), name: 'a' },
    ]) {
      remembered('roll', value);
      expect(await openCurrent()).toEqual({ id: 'salt-works', name: 'salt-works' });
    }
  });
});
