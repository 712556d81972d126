import { keptValue } from '../../src/storage/kept/keptValue';
import { database, emptyDisk, mockDisk } from './storeOnDisk';

jest.mock('@react-native-async-storage/async-storage', () =>
  jest.requireActual<typeof import('./storeOnDisk')>('./storeOnDisk').mockStorage(),
);

const numberOf = (key: string) =>
  keptValue<number>(key, async (value) => (typeof value === 'number' ? value : null));
const gone = (): void => void window.dispatchEvent(new Event('pagehide'));

beforeEach(() => {
  emptyDisk();
  localStorage.clear();
  jest.useFakeTimers();
});
afterEach(() => jest.useRealTimers());

test('a value is written once it has been quiet for a moment', async () => {
  const kept = numberOf('steps');
  kept.keep(1);
  kept.keep(2);
  expect(database('velmo').get('steps')).toBeUndefined();
  await jest.advanceTimersByTimeAsync(500);
  expect(database('velmo').get('steps')).toBe('2');
  gone();
  expect(localStorage).toHaveLength(0);
});

test('one changed just before the page goes is there at the next visit, and kept then', async () => {
  const kept = numberOf('clicks');
  await kept.keepNow(4);
  kept.keep(7);
  gone();
  expect(database('velmo').get('clicks')).toBe('4');
  const next = numberOf('clicks');
  expect(await next.last()).toBe(7);
  expect(database('velmo').get('clicks')).toBe('7');
  expect(localStorage).toHaveLength(0);
});

test('one that is being written when the page goes is there at the next visit', async () => {
  const kept = numberOf('lens');
  kept.keep(3);
  jest.advanceTimersByTime(500);
  gone();
  // A page that goes takes what it was writing with it.
  database('velmo').delete('lens');
  expect(await numberOf('lens').last()).toBe(3);
  expect(database('velmo').get('lens')).toBe('3');
});

test('a value noted on leaving stays noted until the database has it, or a newer one', async () => {
  const kept = numberOf('notes');
  kept.keep(5);
  gone();
  mockDisk.room = 0;
  const full = numberOf('notes');
  expect(await full.last()).toBe(5);
  await jest.advanceTimersByTimeAsync(0);
  expect(await numberOf('notes').last()).toBe(5);
  mockDisk.room = Infinity;
  await full.keepNow(6);
  expect(localStorage.getItem('velmo-unkept/notes')).toBeNull();
  expect(await numberOf('notes').last()).toBe(6);
});

test('what cannot be used is none', async () => {
  await numberOf('odd').keepNow(1);
  database('velmo').set('odd', '{"half');
  expect(await numberOf('odd').last()).toBeNull();
  database('velmo').set('odd', '"text"');
  expect(await numberOf('odd').last()).toBeNull();
});
