import { Blob as NodeBlob } from 'node:buffer';
import { DEFAULT_NAMING } from '../../src/storage/fileNames';
import { readFile } from '../../src/storage/frames/frameBytes';
import type { MadeFrame } from '../../src/storage/frames/madeFrame';
import { readOlderRecord, readRecord } from '../../src/storage/frames/readRecord';
import { database, emptyDisk, frameOf, keysOf, left, mockDisk, openStore } from './storeOnDisk';

jest.mock('@react-native-async-storage/async-storage', () =>
  jest.requireActual<typeof import('./storeOnDisk')>('./storeOnDisk').mockStorage(),
);

const bytes = Uint8Array.from({ length: 5_300_000 }, (_, i) => (i * 31 + (i >> 11)) & 255);

const madeFrame = (n: number): MadeFrame => frameOf(n, bytes);

/** The browser's locks, as far as they are used: one after the other. */
let queue: Promise<unknown> = Promise.resolve();
const locks = {
  request: (_name: string, work: () => Promise<unknown>) => {
    const turn = queue.then(work);
    queue = turn.catch(() => {});
    return turn;
  },
};

beforeEach(() => {
  Object.defineProperty(navigator, 'locks', { configurable: true, value: locks });
  emptyDisk();
});

test('a stored frame is listed, read back whole, and gone when deleted', async () => {
  const store = openStore();
  const stored = await store.storeFrame(madeFrame(1), DEFAULT_NAMING);
  const { frames, total } = await store.newestFrames(9);
  const decision = { roll: 'salt-works', choice: null, reframe: null, development: null };
  const thumbnail = 'data:image/jpeg;base64,AAAA';
  expect(frames).toEqual([{ record: stored, decision, thumbnail }]);
  expect(total).toBe(1);
  expect(Buffer.compare((await readFile(stored.id, stored.files[0]))!, bytes)).toBe(0);
  await store.removeFrames([stored.id]);
  expect(left()).toEqual([]);
  expect((await store.newestFrames(9)).total).toBe(0);
});

test('a tab closed at any moment of a deletion leaves the whole frame or none, and no litter', async () => {
  for (let n = 0; n <= 5; n++) {
    mockDisk.databases.clear();
    const store = openStore();
    const gone = await store.storeFrame(madeFrame(1), DEFAULT_NAMING);
    await store.storeFrame(madeFrame(2), DEFAULT_NAMING);
    mockDisk.failAtRemoval = mockDisk.removals + n;
    await store.removeFrames([gone.id]).catch(() => {});
    mockDisk.failAtRemoval = Infinity;
    const next = openStore();
    await next.sweepHalves();
    const { frames } = await next.newestFrames(9);
    expect(frames.length).toBe(n === 0 ? 2 : 1);
    for (const { record } of frames)
      expect(Buffer.compare((await readFile(record.id, record.files[0]))!, bytes)).toBe(0);
    const owners = frames.flatMap(({ record }) => [record.id, record.stem]);
    expect(left().filter((key) => !owners.some((owner) => key.includes(owner)))).toEqual([]);
    await next.removeFrames(frames.map(({ record }) => record.id));
    expect(left()).toEqual([]);
  }
});

test('no two frames get one name, though thirty are stored at once by two tabs', async () => {
  const tabs = [openStore(), openStore()];
  const all = await Promise.all(
    Array.from({ length: 30 }, (_, n) => {
      const small = madeFrame(n);
      const facts = { ...small.facts, id: `abc123def-00000${String(n).padStart(2, '0')}` };
      const blob = new NodeBlob([Uint8Array.of(n)]) as unknown as Blob;
      const files = [{ ...small.files[0], blob }];
      return tabs[n % 2].storeFrame({ ...small, facts, files }, DEFAULT_NAMING);
    }),
  );
  expect(new Set(all.map(({ files: [file] }) => file.name.toLowerCase())).size).toBe(30);
});

test('pages go from the newest to the oldest, each frame once', async () => {
  const store = openStore();
  for (let n = 1; n <= 7; n++) await store.storeFrame(madeFrame(n), DEFAULT_NAMING);
  const seen = async (count: number): Promise<number[]> =>
    (await store.newestFrames(count)).frames.map(({ record }) => record.capturedAt);
  expect(await seen(3)).toEqual([7, 6, 5]);
  expect(await seen(9)).toEqual([7, 6, 5, 4, 3, 2, 1]);
});

test.each(Array.from({ length: 6 }, (_, n) => n + 1))(
  'a tab closed at write %d leaves the whole frame or none, and the rest is swept up',
  async (n) => {
    await openStore().newestFrames(1);
    mockDisk.writes = 0;
    mockDisk.failAt = n;
    const wasStored = await openStore()
      .storeFrame(madeFrame(1), DEFAULT_NAMING)
      .then(
        () => true,
        () => false,
      );
    mockDisk.failAt = Infinity;
    const store = openStore();
    await store.sweepHalves();
    const { frames } = await store.newestFrames(9);
    expect(frames).toHaveLength(wasStored ? 1 : 0);
    if (!wasStored) expect(left()).toEqual([]);
    else expect(await readFile(frames[0].record.id, frames[0].record.files[0])).not.toBeNull();
  },
);

test('a frame that comes again after its worker went is stored once, and leaves no litter', async () => {
  const whole = await openStore().storeFrame(madeFrame(1), DEFAULT_NAMING);
  const keys = left().sort();
  for (let n = 1; n <= 8; n++) {
    mockDisk.databases.clear();
    await openStore().newestFrames(1);
    mockDisk.failAt = mockDisk.writes + n;
    await openStore()
      .storeFrame(madeFrame(1), DEFAULT_NAMING)
      .catch(() => {});
    mockDisk.failAt = Infinity;
    expect(await openStore().storeFrame(madeFrame(1), DEFAULT_NAMING)).toEqual(whole);
    expect(left().sort()).toEqual(keys);
  }
});

test('a full disk is said to be full, and nothing of the frame or of others is lost', async () => {
  const store = openStore();
  const first = await store.storeFrame(madeFrame(1), DEFAULT_NAMING);
  const before = left();
  mockDisk.room = 8_000_000;
  await expect(store.storeFrame(madeFrame(2), DEFAULT_NAMING)).rejects.toThrow(/no room left/);
  expect(left()).toEqual(before);
  expect(await readFile(first.id, first.files[0])).not.toBeNull();
  mockDisk.room = Infinity;
  expect(await store.storeFrame(madeFrame(2), DEFAULT_NAMING)).toMatchObject({ version: 2 });
});

test('records that cannot be read are told apart, stop nothing, and can be saved and removed', async () => {
  const store = openStore();
  const stored = await store.storeFrame(madeFrame(1), DEFAULT_NAMING);
  const records = database('velmo-records');
  const broken = ['', '{', 'null', '[]', '{"version":9}', JSON.stringify({ ...stored, files: [] })];
  for (const [n, text] of broken.entries()) records.set(`frame/broken-00${n}`, text);
  const damaged = await store.storeFrame(madeFrame(2), DEFAULT_NAMING);
  records.set(`frame/${damaged.id}`, '{ damaged');

  const fresh = openStore();
  const page = await fresh.newestFrames(20);
  expect(page.frames.map(({ record }) => record.id)).toEqual([stored.id]);
  expect(page.unreadable).toHaveLength(broken.length + 1);
  const [file] = await fresh.filesOfUnreadable(damaged.id);
  expect(Buffer.compare(file.bytes, bytes)).toBe(0);
  await fresh.removeFrames(page.unreadable.map(({ id }) => id));
  expect(keysOf('velmo-bytes').every((key) => key.includes(stored.id))).toBe(true);
  expect((await fresh.newestFrames(20)).unreadable).toEqual([]);
  await expect(fresh.storeFrame(madeFrame(3), DEFAULT_NAMING)).resolves.toMatchObject({
    version: 2,
  });
});

test('what differs from a record by a little is read as the record or not at all', async () => {
  const stored = await openStore().storeFrame(madeFrame(1), DEFAULT_NAMING);
  const text = JSON.stringify(stored);
  let seed = 1;
  const random = (below: number): number => {
    seed = (seed * 48271) % 0x7fffffff;
    return seed % below;
  };
  for (let k = 0; k < 300; k++) {
    const at = random(text.length);
    const changed = text.slice(0, at) + String.fromCharCode(32 + random(95)) + text.slice(at + 1);
    const read = readRecord(changed);
    if (read) expect(read.files.every(({ chunks, bytes: n }) => chunks > 0 && n > 0)).toBe(true);
  }
});

describe('frames of earlier versions', () => {
  const older = {
    version: 1,
    id: 'abc123def-0000001',
    capturedAt: 1,
    source: 'Test wall (simulated)',
    summary: '1/125 s · ISO 100',
    thumbnail: 'data:image/jpeg;base64,AAAA',
    files: [{ kind: 'dng', name: 'Salt-1.dng', bytes: 3, chunks: 1 }],
  };
  const { version: _version, summary, ...unnumbered } = older;
  const oldDisk = (): void => {
    const values = new Map([
      ['settings', '{}'],
      [`frame/${older.id}`, JSON.stringify(older)],
      [`bytes/${older.id}/Salt-1.dng/0`, 'abc'],
      [
        'frame/abc123def-0000000',
        JSON.stringify({ ...unnumbered, id: 'abc123def-0000000', label: summary }),
      ],
      ['frame/zzzz-future', '{"version":9}'],
      ['bytes/zzzz-future/f.dng/0', 'xyz'],
      ['bytes/abc123def-lost000/f.dng/0', 'litter'],
    ]);
    mockDisk.databases.set('velmo', values);
  };

  test('are brought over with their words, read where they lie, and their litter is swept', async () => {
    oldDisk();
    const store = openStore();
    const { frames, unreadable, total } = await store.newestFrames(9);
    expect(total).toBe(3);
    expect(frames.map(({ record }) => record.words?.summary)).toEqual([summary, summary]);
    expect(unreadable).toEqual([{ id: 'zzzz-future', text: '{"version":9}' }]);
    expect(Buffer.from((await readFile(older.id, frames[0].record.files[0]))!).toString()).toBe(
      'abc',
    );
    expect(keysOf('velmo').sort()).toEqual([
      `bytes/${older.id}/Salt-1.dng/0`,
      'bytes/zzzz-future/f.dng/0',
      'settings',
    ]);
    const named = await store.storeFrame(madeFrame(2), { ...DEFAULT_NAMING, pattern: 'SALT-1' });
    expect(named.stem).toBe('SALT-1-2');
    await store.removeFrames([older.id, 'zzzz-future']);
    expect(keysOf('velmo')).toEqual(['settings']);
  });

  test.each(Array.from({ length: 8 }, (_, n) => n + 1))(
    'a tab closed at write %d of bringing them over loses none: the next goes on',
    async (n) => {
      oldDisk();
      mockDisk.failAt = n;
      await openStore()
        .newestFrames(9)
        .catch(() => {});
      mockDisk.failAt = Infinity;
      const store = openStore();
      const { frames, unreadable } = await store.newestFrames(9);
      expect(frames).toHaveLength(2);
      expect(unreadable).toHaveLength(1);
      expect(await readFile(older.id, frames[0].record.files[0])).not.toBeNull();
    },
  );

  test('that say nothing readable are no frames', () => {
    for (const text of ['', '{', 'null', '{"version":9}', JSON.stringify(unnumbered)])
      expect(readOlderRecord(text)).toBeNull();
  });
});

test('without locks nothing is swept: it could be a frame another tab is writing', async () => {
  Reflect.deleteProperty(navigator, 'locks');
  const store = openStore();
  mockDisk.databases.set('velmo-records', new Map([['writing/lost-0000000', '{}']]));
  expect(await store.sweepHalves()).toBe(0);
  expect(keysOf('velmo-records')).toEqual(['writing/lost-0000000']);
});

test('a tab that writes for long is told to whoever waits for it', async () => {
  jest.useFakeTimers();
  try {
    const waiting = jest.fn();
    queue = new Promise(() => {});
    void openStore().storeFrame(madeFrame(1), DEFAULT_NAMING, () => {}, waiting);
    jest.advanceTimersByTime(1900);
    expect(waiting).not.toHaveBeenCalled();
    jest.advanceTimersByTime(200);
    expect(waiting).toHaveBeenCalledTimes(1);
  } finally {
    queue = Promise.resolve();
    jest.useRealTimers();
  }
});
