import { Blob as NodeBlob } from 'node:buffer';
import type { MadeFrame } from '../../src/storage/frames/madeFrame';

/** A disk of a given size in place of the browser's; one map a database. */
interface Disk {
  databases: Map<string, Map<string, string>>;
  room: number;
  writes: number;
  failAt: number;
  removals: number;
  failAtRemoval: number;
}

/** One disk, whichever page asks: every page has modules of its own. */
export const mockDisk: Disk = ((globalThis as { disk?: Disk }).disk ??= {
  databases: new Map(),
  room: Infinity,
  writes: 0,
  failAt: Infinity,
  removals: 0,
  failAtRemoval: Infinity,
});

export const emptyDisk = (): void =>
  void Object.assign(mockDisk, {
    databases: new Map(),
    room: Infinity,
    writes: 0,
    failAt: Infinity,
    removals: 0,
    failAtRemoval: Infinity,
  });

/** After the tab is closed nothing is written or removed any more. */
const isClosed = (): boolean =>
  mockDisk.writes >= mockDisk.failAt || mockDisk.removals >= mockDisk.failAtRemoval;

/**
 * What stands for the storage package.
 *
 * @public asked for by name where the package is replaced
 */
export const mockStorage = () => ({
  createAsyncStorage: (name: string) => {
    const values = (): Map<string, string> => {
      if (!mockDisk.databases.has(name)) mockDisk.databases.set(name, new Map());
      return mockDisk.databases.get(name)!;
    };
    return {
      getItem: async (key: string) => values().get(key) ?? null,
      setMany: async (entries: Record<string, string>) => {
        mockDisk.writes++;
        if (isClosed()) throw new Error('the tab was closed');
        const all = [...mockDisk.databases.values()].flatMap((db) => [...db.values()]);
        const size = [...all, ...Object.values(entries)].reduce((s, v) => s + v.length, 0);
        if (size > mockDisk.room) throw new Error('QuotaExceededError: no space');
        for (const [key, text] of Object.entries(entries)) values().set(key, text);
      },
      getMany: async (keys: string[]) =>
        Object.fromEntries(keys.map((k) => [k, values().get(k) ?? null])),
      removeMany: async (keys: string[]) => {
        if (isClosed()) throw new Error('the tab was closed');
        mockDisk.removals++;
        for (const key of keys) values().delete(key);
      },
      getAllKeys: async () => [...values().keys()],
    };
  },
});

type Store = typeof import('../../src/storage/frames/frameStore') &
  typeof import('../../src/storage/frames/frameLists') &
  typeof import('../../src/storage/frames/unreadable') &
  typeof import('../../src/storage/rolls/catalogue');

/** The store as a page finds it that has just been opened. */
export function openStore(): Store {
  let store: Store | null = null;
  jest.isolateModules(() => {
    store = {
      ...jest.requireActual('../../src/storage/frames/frameStore'),
      ...jest.requireActual('../../src/storage/frames/frameLists'),
      ...jest.requireActual('../../src/storage/frames/unreadable'),
      ...jest.requireActual('../../src/storage/rolls/catalogue'),
    } as Store;
  });
  return store!;
}

export const database = (name: string): Map<string, string> =>
  mockDisk.databases.get(name) ?? new Map();
export const keysOf = (name: string): string[] => [...database(name).keys()];

/** Everything kept but rolls, and what says that older frames have been brought over. */
export const left = (): string[] =>
  [...mockDisk.databases.values()]
    .flatMap((db) => [...db.keys()])
    .filter((key) => key !== 'older/done' && !key.startsWith('roll/'));

/** A frame as a camera made it, `n` milliseconds after 1970. */
export const frameOf = (n: number, bytes: Uint8Array): MadeFrame => ({
  facts: {
    id: `abc123def-${String(n).padStart(7, '0')}`,
    capturedAt: n,
    camera: 'simulated',
    place: 'test-wall',
    origin: 'raw',
    timeS: 1 / 128,
    iso: 100,
    compClicks: 0,
    lens: 'main',
    focusDioptres: 0.5,
    white: { kelvin: 5500, tint: 0 },
    clippedShare: [0, 0, 0],
    width: 4032,
    height: 3024,
    average: null,
    roll: 'salt-works',
    series: null,
  },
  name: { epochMs: 0, offsetMinutes: 0, place: 'test-wall', time: '1-125s', iso: '100' },
  files: [{ kind: 'dng', ending: '.dng', blob: new NodeBlob([bytes]) as unknown as Blob }],
  thumbnail: 'data:image/jpeg;base64,AAAA',
});
