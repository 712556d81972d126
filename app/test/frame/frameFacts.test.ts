import { frameFacts } from '../../src/screens/frame/frameFactsText';
import type { FrameSummary } from '../../src/frame/frameView';

const summary: FrameSummary = {
  width: 4032,
  height: 3024,
  picture: new Int32Array(1024),
  raw: {
    kind: 'cfa',
    clipStops: 2.96,
    floorStops: -8.2,
    unapplied: [],
    white: { kelvin: 5480, tint: -3.2 },
    statistics: {
      histogram: new Uint32Array(288),
      mean: [1, 2, 3],
      clippedShare: [0, 0.00002, 0.0123],
    },
  },
  exif: {
    make: 'Velmo',
    model: 'Simulated phone camera',
    timeS: 1 / 128,
    iso: 50,
    fNumber: 2.4,
    focalLength35Mm: 26,
    focusedM: 0.34,
    compensationStops: -2 / 3,
    dateTimeOriginal: '2026:11:23 22:05:12',
  },
};
const facts = (change: Partial<FrameSummary> = {}): Record<string, string> =>
  Object.fromEntries(frameFacts({ ...summary, ...change }));

describe('facts of a frame', () => {
  test('are nominal values with their units, thirds as people say them', () => {
    expect(facts()).toMatchObject({
      Time: '1/125 s',
      ISO: '50',
      Aperture: 'f/2.4',
      Lens: '26 mm equivalent',
      Focus: '0.34 m',
      Comp: '−2/3',
      Taken: '2026-11-23 22:05:12',
      Size: '4032 × 3024, raw mosaic',
      White: '5500 K, tint 3 magenta',
    });
  });
  test('a correction that is not applied is told', () => {
    expect(facts({ raw: { ...summary.raw!, unapplied: ['WarpRectilinear'] } })['Left out']).toMatch(
      /^WarpRectilinear: /,
    );
    expect(facts()['Left out']).toBeUndefined();
  });
  test('a share too small to print is not called nothing', () => {
    expect(facts().Clipped).toBe('red 0 %, green < 0.01 %, blue 1.23 %');
  });
  test('what the file does not hold is left out, not made up', () => {
    const bare = facts({
      raw: { ...summary.raw!, kind: 'linear' },
      exif: { make: 'Browser camera' },
    });
    expect(Object.keys(bare)).toEqual(['Clipped', 'Size', 'Made by']);
    expect(bare.Size).toContain('linear RGB');
  });
  test('a finished picture says that it is no raw, and claims no raw clipping', () => {
    const picture = facts({ raw: null });
    expect(picture.Clipped).toBeUndefined();
    expect(picture.Raw).toContain('not kept');
    expect(picture.Size).toBe('4032 × 3024');
  });
});
