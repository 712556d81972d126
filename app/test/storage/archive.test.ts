import { Blob as NodeBlob } from 'node:buffer';
import { webcrypto } from 'node:crypto';
import { AS_EXPOSED } from '@velmo/core/recipe';
import { archiveEntries, type ZipInput } from '../../src/archive/archiveEntries';
import { MANIFEST_NAME, readManifest, sha256 } from '../../src/archive/manifest';
import { archiveWords } from '../../src/screens/roll/arriving/archiveWords';
import type { ListedFrame } from '../../src/storage/frames/madeFrame';
import type { RestoredFrame } from '../../src/storage/frames/restoredFrame';
import { database, emptyDisk, frameOf, left, mockDisk, openStore } from './storeOnDisk';

jest.mock('@react-native-async-storage/async-storage', () =>
  jest.requireActual<typeof import('./storeOnDisk')>('./storeOnDisk').mockStorage(),
);

/** All there is of frames goes into an archive, and comes out of it as it was. */

const NAMING = { pattern: '{roll}-{count}', roll: 'Salt works', count: 1 };
const bytesOf = (n: number): Uint8Array =>
  Uint8Array.from({ length: 3000 + n }, (_, i) => (i * 31 + n) % 256);
const DEVELOPED = { ...AS_EXPOSED, exposure: 1 / 3 };

beforeAll(() => {
  Object.defineProperty(globalThis, 'crypto', { value: webcrypto, configurable: true });
});
beforeEach(emptyDisk);

/** A device with frames, one of them decided on, and everything on it. */
async function filled(count: number) {
  const store = openStore();
  for (let n = 1; n <= count; n++) await store.storeFrame(frameOf(n, bytesOf(n)), NAMING);
  const [first] = await store.findFrames([frameOf(1, bytesOf(1)).facts.id]);
  await store.applyChange({
    frames: [{ id: first!.record.id, choice: 'kept', development: DEVELOPED }],
    rolls: [],
  });
  return store;
}

async function archived(store: ReturnType<typeof openStore>, count: number) {
  const ids = Array.from({ length: count }, (_, i) => frameOf(i + 1, bytesOf(1)).facts.id);
  const frames = (await store.findFrames(ids)) as ListedFrame[];
  const rolls = await store.rollRecords();
  const failed: string[] = [];
  const inputs: ZipInput[] = [];
  const entries = archiveEntries(
    frames,
    rolls,
    7,
    () => true,
    ({ record }) => void failed.push(record.id),
  );
  for await (const input of entries) inputs.push(input);
  return { inputs, failed };
}

const textOf = ({ input }: ZipInput): string => new TextDecoder().decode(input as Uint8Array);
const everything = (): Record<string, [string, string][]> =>
  Object.fromEntries(
    ['velmo-records', 'velmo-bytes', 'velmo-thumbnails'].map((name) => [
      name,
      [...database(name)].sort(([a], [b]) => (a < b ? -1 : 1)),
    ]),
  );

/** Frames of an archive as they are brought in. */
function restored(inputs: readonly ZipInput[]): RestoredFrame[] {
  const manifest = readManifest(textOf(inputs.at(-1)!));
  const input = (path: string) => inputs.find(({ name }) => name === path)!.input as Uint8Array;
  return manifest.frames.map(({ record, decision, files, thumbnail }) => ({
    record,
    decision,
    files: files.map(({ path }) => new NodeBlob([input(path)]) as unknown as Blob),
    thumbnail: `data:image/jpeg;base64,${Buffer.from(input(thumbnail!.path)).toString('base64')}`,
  }));
}

test('what comes out of it on an empty device is what was on the other, byte by byte', async () => {
  const before = await filled(3);
  const { inputs, failed } = await archived(before, 3);
  expect(failed).toEqual([]);
  const kept = everything();
  emptyDisk();
  const store = openStore();
  const { rolls } = readManifest(textOf(inputs.at(-1)!));
  await store.applyChange({ frames: [], rolls: rolls.map((roll) => ({ id: roll.id, roll })) });
  for (const frame of restored(inputs)) expect(await store.restoreFrame(frame)).toBe(true);
  expect(everything()).toEqual(kept);
  const [first, second] = await store.findFrames(restored(inputs).map(({ record }) => record.id));
  expect(first!.decision).toMatchObject({ choice: 'kept', development: DEVELOPED });
  expect(second!.decision).toMatchObject({ choice: null, development: null });
});

test('what is here already stays; a name that is taken gets a number', async () => {
  const { inputs } = await archived(await filled(2), 2);
  const frames = restored(inputs);
  const store = openStore();
  await store.applyChange({ frames: [{ id: frames[0].record.id, choice: 'dropped' }], rolls: [] });
  expect(await store.restoreFrame(frames[0])).toBe(false);
  expect((await store.findFrames([frames[0].record.id]))[0]!.decision.choice).toBe('dropped');
  const other = { ...frames[1], record: { ...frames[1].record, id: 'zzz999zzz-0000001' } };
  expect(await store.restoreFrame(other)).toBe(true);
  const [found] = await store.findFrames([other.record.id]);
  expect(found!.record.stem).toBe(`${other.record.stem}-2`);
  expect(found!.record.files[0].name).toBe(`${other.record.stem}-2.dng`);
});

test('a full disk leaves nothing of a frame that does not fit', async () => {
  const { inputs } = await archived(await filled(1), 1);
  emptyDisk();
  const store = openStore();
  mockDisk.room = 2500;
  await expect(store.restoreFrame(restored(inputs)[0])).rejects.toThrow();
  mockDisk.room = Infinity;
  expect(left()).toEqual([]);
});

test('a frame with a missing part is left out whole, and named', async () => {
  const store = await filled(2);
  const [key] = [...database('velmo-bytes').keys()].filter((k) => k.includes('0000001'));
  database('velmo-bytes').delete(key);
  const { inputs, failed } = await archived(store, 2);
  expect(failed).toHaveLength(1);
  expect(readManifest(textOf(inputs.at(-1)!)).frames).toHaveLength(1);
  expect(inputs.some(({ name }) => name.includes('0000001/'))).toBe(false);
});

describe('what an archive says', () => {
  const said = async () => {
    const { inputs } = await archived(await filled(2), 2);
    expect(inputs.at(-1)!.name).toBe(MANIFEST_NAME);
    return JSON.parse(textOf(inputs.at(-1)!)) as {
      version: number;
      frames: { record: object; files: { bytes: number; sha256: string }[]; decision: object }[];
      rolls: object[];
    };
  };

  test('is read again: SHA-256 of each file, names that stay in their folder', async () => {
    const manifest = await said();
    const [{ files }] = manifest.frames;
    expect(files[0].sha256).toBe(await sha256(bytesOf(1) as Uint8Array<ArrayBuffer>));
    expect(files[0].bytes).toBe(3001);
    expect(readManifest(JSON.stringify(manifest))).toMatchObject({ unreadable: 0, madeAt: 7 });
  });

  test('is refused where it is damaged or newer; a frame that is wrong is counted, not taken', async () => {
    const manifest = await said();
    expect(() => readManifest('{')).toThrow(/damaged/);
    expect(() => readManifest('{"version":1}')).toThrow(/damaged/);
    expect(() => readManifest(JSON.stringify({ ...manifest, version: 2 }))).toThrow(/newer/);
    const [one, two] = manifest.frames;
    for (const wrong of [
      { ...one, record: { ...one.record, id: '../x' } },
      { ...one, files: [] },
      { ...one, files: [{ ...one.files[0], bytes: 1 }] },
      { ...one, files: [{ ...one.files[0], sha256: 'x' }] },
      { ...one, decision: { version: 1, roll: '', choice: 'lost' } },
      two,
      null,
    ]) {
      const read = readManifest(JSON.stringify({ ...manifest, frames: [wrong, two] }));
      expect(read.frames).toHaveLength(1);
      expect(read.unreadable).toBe(1);
    }
  });
});

test('says what was found before anything is taken', () => {
  const checked = {
    whole: [{ id: 'a', bytes: 3e6 }],
    broken: ['s-2.dng'],
    unreadable: 1,
    rolls: [],
    madeAt: 0,
  };
  expect(archiveWords({ state: 'checked', name: 'a.zip', checked, here: 1 })).toBe(
    'a.zip holds 1 frame, 3 MB, and 0 rolls. Every byte was checked. 1 frame damaged: s-2.dng. 1 frame of another version. 1 is here already, and stays so.',
  );
  expect(archiveWords({ state: 'done', frames: 2, here: 0 })).toBe('2 frames brought in.');
});
