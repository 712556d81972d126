import type { HandoffState } from '../../src/handoff/handoffStore';
import { phoneName } from '../../src/handoff/phoneName';
import { isValid } from '../../src/storage/validation';
import { handoffWords } from '../../src/screens/deliver/handoffWords';

const STATE: HandoffState = {
  isRead: true,
  pairing: { token: 't'.repeat(22), computer: 'salt-desk', folder: 'Velmo' },
  phase: 'idle',
  fault: null,
  files: { done: 0, total: 0 },
  bytes: 0,
  failed: [],
};

describe('what a hand-off says', () => {
  test('nothing before anything was sent; then how far it is, and what is there', () => {
    expect(handoffWords(STATE)).toBeNull();
    const sending = { ...STATE, phase: 'sending', files: { done: 2, total: 40 } } as const;
    expect(handoffWords({ ...sending, bytes: 21e6 })).toBe(
      'File 3 of 40 to salt-desk, 21 MB so far ...',
    );
    expect(handoffWords({ ...STATE, files: { done: 1, total: 1 } })).toBe(
      '1 file is on salt-desk.',
    );
  });

  test('what was left out, and why', () => {
    const failed = [{ path: 'a.dng', why: 'It arrived damaged every time.' }];
    expect(handoffWords({ ...STATE, files: { done: 6, total: 6 }, failed })).toBe(
      '5 files are on salt-desk. Left out: a.dng: It arrived damaged every time.',
    );
  });

  test.each([
    ['unpaired', /Scan the code on its page/],
    ['full', /no room left on the computer/],
    ['unreachable', /sent once it can/],
  ] as const)('%s: what to do', (fault, words) => {
    const files = { done: 2, total: 6 };
    expect(handoffWords({ ...STATE, phase: 'waiting', fault, files })).toMatch(words);
  });
});

test('a device is called after what it is, or after its browser', () => {
  expect(phoneName('Mozilla/5.0 (iPhone; CPU iPhone OS 18_0 like Mac OS X)')).toBe('iPhone');
  expect(phoneName('Mozilla/5.0 (Linux; Android 15; Pixel) Chrome/140')).toBe('Android phone');
  expect(phoneName('Mozilla/5.0 (X11; Linux x86_64) Firefox/140')).toBe('Browser');
});

describe('what outlives the page', () => {
  const job = {
    ids: ['a', 'b'],
    done: ['a'],
    choices: { what: 'files', sidecars: false, folders: true, place: true },
  };
  test.each([
    [true, { pairing: null, jobs: [] }],
    [true, { pairing: STATE.pairing, jobs: [job] }],
    [false, { pairing: { token: 1 }, jobs: [] }],
    [false, { pairing: null, jobs: [{ ...job, ids: 'a' }] }],
    [false, { pairing: null, jobs: [{ ...job, choices: { what: 'all' } }] }],
    [false, null],
  ])('is taken back: %s', (taken, value) => expect(isValid('handoff', value)).toBe(taken));
});
