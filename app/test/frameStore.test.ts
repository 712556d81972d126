import { chunkStrings, joinChunks, joinParts } from '../src/rolls/chunks';
import type { FrameRecord } from '../src/rolls/frameRecord';
import {
  deleteFrame,
  readFile,
  readIndex,
  storeFrame,
  sweepOrphans,
} from '../src/rolls/frameStore';
import { recordFromText } from '../src/rolls/migrate';
import * as storage from '../src/rolls/storage';

/** A disk of a given size in place of the browser's. */
const mockDisk = { values: new Map<string, string>(), room: Infinity, writes: 0, failAt: Infinity };

jest.mock('@react-native-async-storage/async-storage', () => ({
  createAsyncStorage: () => ({
    getItem: async (key: string) => mockDisk.values.get(key) ?? null,
    setItem: async (key: string, text: string) => mockWrite({ [key]: text }),
    setMany: async (entries: Record<string, string>) => mockWrite(entries),
    getMany: async (keys: string[]) =>
      Object.fromEntries(keys.map((k) => [k, mockDisk.values.get(k) ?? null])),
    removeMany: async (keys: string[]) => keys.forEach((k) => mockDisk.values.delete(k)),
    getAllKeys: async () => [...mockDisk.values.keys()],
  }),
}));

function mockWrite(entries: Record<string, string>): void {
  if (++mockDisk.writes >= mockDisk.failAt) throw new Error('the tab was closed');
  const all = new Map([...mockDisk.values, ...Object.entries(entries)]);
  const size = [...all.values()].reduce((s, v) => s + v.length, 0);
  if (size > mockDisk.room) throw new Error('QuotaExceededError: no space');
  mockDisk.values = all;
}

const bytes = Uint8Array.from({ length: 5_300_000 }, (_, i) => (i * 31 + (i >> 11)) & 255);
const parts = [bytes.subarray(0, 7), bytes.subarray(7, 2_000_001), bytes.subarray(2_000_001)];
const record: Omit<FrameRecord, 'files'> = {
  version: 1,
  id: 'abc123def-0000001',
  capturedAt: 1,
  source: 'Test wall (simulated)',
  summary: '1/125 s · ISO 100',
  thumbnail: 'data:image/jpeg;base64,AAAA',
};
const files = [{ kind: 'dng' as const, name: 'f.dng', parts }];

/** The browser's locks, as far as they are used: one after the other. */
Object.defineProperty(navigator, 'locks', {
  configurable: true,
  value: { request: (_name: string, _options: object, work: () => Promise<unknown>) => work() },
});

beforeEach(() =>
  Object.assign(mockDisk, { values: new Map(), room: Infinity, writes: 0, failAt: Infinity }),
);

test('bytes survive being cut into chunks', () => {
  const chunks = [...chunkStrings(parts)];
  expect(chunks.length).toBe(6);
  expect(Buffer.compare(joinChunks(chunks, bytes.length)!, bytes)).toBe(0);
  expect(Buffer.compare(joinParts(parts), bytes)).toBe(0);
  expect(joinChunks([chunks[0], null], bytes.length)).toBeNull();
  expect(joinChunks(chunks.slice(0, 5), bytes.length)).toBeNull();
});

test('a stored frame is listed, read back whole, and gone when deleted', async () => {
  const stored = await storeFrame(record, files);
  const [entry] = await readIndex();
  expect(recordFromText(entry.text)).toEqual(stored);
  expect(Buffer.compare((await readFile(record.id, stored.files[0]))!, bytes)).toBe(0);
  await deleteFrame(stored);
  expect(mockDisk.values.size).toBe(0);
});

test.each([1, 2, 3])(
  'a tab closed at write %d leaves no frame, and the rest is swept up',
  async (n) => {
    mockDisk.failAt = n;
    jest.spyOn(storage, 'removeMany').mockImplementationOnce(async () => {
      throw new Error('the tab is gone: it cannot clean up either');
    });
    await expect(storeFrame(record, files)).rejects.toThrow();
    jest.restoreAllMocks();
    mockDisk.failAt = Infinity;
    expect(await readIndex()).toEqual([]);
    await sweepOrphans();
    expect(mockDisk.values.size).toBe(0);
  },
);

test('a full disk is said to be full, and nothing of the frame or of others is lost', async () => {
  const first = await storeFrame(record, files);
  mockDisk.room = 8_000_000;
  await expect(storeFrame({ ...record, id: 'abc123def-0000002' }, files)).rejects.toThrow(
    /no room left/,
  );
  expect(await readIndex()).toHaveLength(1);
  expect(await readFile(record.id, first.files[0])).not.toBeNull();
  expect([...mockDisk.values.keys()].some((k) => k.includes('0000002'))).toBe(false);
});

test('sweeping leaves what belongs to a frame', async () => {
  const stored = await storeFrame(record, files);
  mockDisk.values.set('bytes/lost-0000000/f.dng/0', 'x');
  expect(await sweepOrphans()).toBe(1);
  expect(await readFile(record.id, stored.files[0])).not.toBeNull();
});

test('older records are brought up to date, unknown ones set aside', async () => {
  const { version: _v, summary, ...rest } = await storeFrame(record, files);
  expect(recordFromText(JSON.stringify({ ...rest, label: summary }))?.summary).toBe(summary);
  for (const text of [
    '',
    '{',
    'null',
    '[]',
    '{"version":9}',
    JSON.stringify({ ...rest, version: 1 }),
  ])
    expect(recordFromText(text)).toBeNull();
});

test('without locks nothing is swept: it could be a frame another tab is writing', async () => {
  const { locks } = navigator;
  Reflect.deleteProperty(navigator, 'locks');
  mockDisk.values.set('bytes/lost-0000000/f.dng/0', 'x');
  expect(await sweepOrphans()).toBe(0);
  expect(mockDisk.values.size).toBe(1);
  Object.defineProperty(navigator, 'locks', { configurable: true, value: locks });
});
