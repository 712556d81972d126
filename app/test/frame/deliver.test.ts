import { AS_EXPOSED } from '@velmo/core/recipe';
import { FIRST_DELIVERY, pathOf, planDelivery } from '../../src/deliver/deliveryPlan';
import { deliveryWords, plannedWords } from '../../src/screens/deliver/deliverWords';
import type { FrameRecord } from '../../src/storage/frames/frameRecord';
import { decisionAtFirst } from '../../src/storage/rolls/decision';
import { frameOf } from '../storage/storeOnDisk';

/** Which files are handed over, and what is said of it. */

const SMALL = new Uint8Array(10);

const frame = (n: number, facts: Partial<FrameRecord> = {}, development = false) => {
  const record: FrameRecord = {
    ...frameOf(n, SMALL).facts,
    version: 2,
    stem: `s-${n}`,
    files: [
      { kind: 'dng', name: `s-${n}.dng`, bytes: 2e6, chunks: 2 },
      { kind: 'jpeg', name: `s-${n}.jpg`, bytes: 1e6, chunks: 1 },
    ],
    ...facts,
  };
  const decision = {
    ...decisionAtFirst(record),
    ...(development && { development: { ...AS_EXPOSED, exposure: 1 } }),
  };
  return { record, decision };
};

const series = (step: number) => ({ id: 'x', kind: 'bracket' as const, step, count: 3 });
const rolls = new Map([['salt-works', 'Salt works']]);
const paths = (...args: Parameters<typeof planDelivery>) => planDelivery(...args).map(pathOf);

test('files as they are, those of a series in a folder that is called after its first frame', () => {
  const frames = [
    frame(1),
    frame(2, { series: series(0) }),
    frame(3, { series: series(1) }),
    frame(4, { files: [{ kind: 'raw', name: '../PAN 1.PAN', bytes: 1, chunks: 1 }] }),
  ];
  expect(paths(frames, rolls, FIRST_DELIVERY)).toEqual([
    's-1.dng',
    's-1.jpg',
    's-2 bracket of 3/s-2.dng',
    's-2 bracket of 3/s-2.jpg',
    's-2 bracket of 3/s-3.dng',
    's-2 bracket of 3/s-3.jpg',
    '-PAN 1.PAN',
  ]);
  expect(paths(frames, rolls, { ...FIRST_DELIVERY, folders: false })[2]).toBe('s-2.dng');
});

test('no two files under one name, sidecars beside theirs', () => {
  const twice = [frame(1), frame(1, { id: 'other-frame' })];
  expect(paths(twice, rolls, { ...FIRST_DELIVERY, sidecars: true })).toEqual([
    's-1.dng',
    's-1.jpg',
    's-1.xmp',
    's-1 (2).dng',
    's-1 (2).jpg',
    's-1 (2).xmp',
  ]);
});

test('developed: a JPEG by the recipe of what has a raw, all else as it is', () => {
  const picture = { files: [{ kind: 'png' as const, name: 'p.png', bytes: 5, chunks: 1 }] };
  const entries = planDelivery([frame(1, {}, true), frame(2, picture)], rolls, {
    ...FIRST_DELIVERY,
    what: 'developed',
  });
  expect(entries.map(pathOf)).toEqual(['s-1.jpg', 'p.png']);
  expect(entries[0].source).toMatchObject({
    kind: 'developed',
    file: { kind: 'dng' },
    order: { kind: 'jpeg', development: { exposure: 1 } },
  });
});

test('says what there is to deliver, how far it is, and what became of it', () => {
  const entries = planDelivery([frame(1), frame(2)], rolls, FIRST_DELIVERY);
  expect(plannedWords(2, entries)).toBe('2 frames in 4 files, 6 MB.');
  const progress = { done: 2, bytes: 3e6 };
  expect(deliveryWords({ state: 'busy', way: 'zip', progress }, 4)).toBe(
    'File 3 of 4, 3 MB so far ...',
  );
  const failed = [{ path: 's-1.dng', why: 'Part of it is missing.' }];
  expect(deliveryWords({ state: 'done', way: 'zip', files: 3, failed }, 4)).toBe(
    '3 files in a zip. Left out: s-1.dng: Part of it is missing.',
  );
  expect(deliveryWords({ state: 'stopped', files: 2 }, 4)).toBe(
    'Stopped: 2 files are in the folder.',
  );
  expect(deliveryWords({ state: 'none' }, 4)).toBeNull();
});
