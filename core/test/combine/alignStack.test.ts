import { join } from 'node:path';
import {
  alignBracket,
  commonBox,
  composed,
  FrameTones,
  inverse,
  largestMotion,
  similarity,
  STILL,
  warpRaw,
  beginCombining,
  NO_CORRECTIONS,
  type Homography,
  type StackRaw,
} from '../../src/combine';
import { moved } from '../../src/combine/align/homography';
import { UNKNOWN } from '../../src/combine/stackRaw';
import type { RawFile } from '../../src/files';
import { hash32 } from '../../src/sensor';
import { run } from '../support/shots';

const trialled = <T>(file: string, trials: object[]): T[] =>
  JSON.parse(
    run(process.execPath, [
      '--import',
      'tsx',
      join(__dirname, file),
      JSON.stringify(trials),
    ]).toString(),
  );

describe('frames of a known motion', () => {
  const none = { dx: 0, dy: 0, turnRad: 0, scale: 1, stops: 0, walks: 0 };
  const trials = [
    { ...none, stops: 3, seed: 1 },
    { ...none, dx: 3.3, dy: -5.7, seed: 2 },
    { ...none, dx: -0.4, dy: 0.3, stops: 3, seed: 3 },
    { ...none, turnRad: 0.03, stops: -3, seed: 4 },
    { ...none, scale: 1.03, stops: 1, seed: 5 },
    { dx: 12.2, dy: 7.4, turnRad: 0.02, scale: 1.01, stops: 3, walks: 0, seed: 6 },
    { dx: -40.2, dy: 17.4, turnRad: -0.05, scale: 0.97, stops: 2, walks: 0, seed: 7 },
    { dx: 12.2, dy: 7.4, turnRad: 0.02, scale: 1.01, stops: 2, walks: 60, seed: 8 },
  ];
  const outcomes = trialled<{ off: number | null; still: boolean }>('alignTrials.ts', trials);

  test.each(trials.map((trial, i) => [JSON.stringify(trial), outcomes[i]] as const))(
    'lie where they are found to, within a tenth of a photosite, under noise: %s',
    (_, { off }) => {
      expect(off).not.toBeNull();
      expect(off).toBeLessThan(0.1);
    },
  );

  test('that did not move are taken as they are', () => {
    expect(outcomes.map(({ still }) => still)).toEqual([true, ...new Array(7).fill(false)]);
  });
});

describe('a bracket of the shed held in a hand', () => {
  const times = [1 / 4096, 1 / 512, 1 / 64, 1 / 8, 1];
  const tripod = times.map(() => [0, 0]);
  const hand = [
    [0.004, 0.002],
    [-0.003, 0.005],
    [0, 0],
    [0.002, -0.006],
    [-0.007, 0.001],
  ];
  const trial = { scene: 'drying-shed', crop: 1, times, apartS: 0 };
  const [held, still] = trialled<{
    aligned: boolean;
    leftOut: number[];
    median: number | null;
    p95: number | null;
    seen: number;
  }>('mergeTrials.ts', [
    { ...trial, hand },
    { ...trial, hand: tripod },
  ]);

  test('is laid on the frame in the middle: 95 % of its light within 0.1 stop', () => {
    expect(held).toMatchObject({ aligned: true, leftOut: [] });
    expect(held.median).toBeLessThan(0.02);
    expect(held.p95).toBeLessThan(0.1);
    expect(held.seen).toBeGreaterThan(0.9);
  });

  test.each([
    ['drying-shed', 1 / 4096],
    ['packing-bench', 1 / 250],
    ['sluice-at-dusk', 1 / 60],
    ['harbour-light', 1 / 60],
  ])(
    'on a tripod stays a mosaic at the %s, lamps, water and darkness or not',
    (scene, shortest) => {
      const exposures = [0, 1, 2, 3].map((k) => shortest * 4 ** k);
      const one = { scene, crop: 1, times: exposures, apartS: 0.5, hand: tripod };
      const [outcome] = trialled<{ aligned: boolean; leftOut: number[] }>('mergeTrials.ts', [one]);
      expect(outcome).toMatchObject({ aligned: false, leftOut: [] });
    },
  );

  test('on a tripod stays a mosaic, the frame that holds the window alone among them', () => {
    expect(still).toMatchObject({ aligned: false, leftOut: [], seen: 1 });
  });
});

/** A frame of blotches, and what is far from its middle as any. */
function blotches(seed: number, shiftX = 0): StackRaw {
  const [width, height] = [240, 180];
  const data = new Uint16Array(width * height);
  const wave = (v: number, k: number): number =>
    Math.sin((v * (1 + (hash32(seed, k) % 7))) / 19 + k);
  for (let y = 0; y < height; y++)
    for (let x = 0; x < width; x++)
      data[y * width + x] = Math.round(
        1400 + 500 * wave(x - shiftX, 1) * wave(y, 2) + 300 * wave(x - shiftX + y, 3),
      );
  return {
    data,
    width,
    height,
    samplesPerPixel: 1,
    blackLevel: 256,
    whiteLevel: 4095,
    noise: { scale: 1e-4, offset: 1e-7 },
    exposure: 1,
  };
}

describe('laying frames on one another', () => {
  test('a frame that shows something else is not laid, and named', () => {
    const [a, b, other] = [blotches(1), blotches(1, 3), blotches(99)];
    expect(new FrameTones(a).motionOf(new FrameTones(other))).toBeNull();
    const combiner = beginCombining('average', true);
    for (const frame of [a, other, b]) {
      const { width, height } = frame;
      const raw = { ...frame, kind: 'cfa' as const, crop: { x: 0, y: 0, width, height } };
      combiner.add({ raw, baselineExposure: 0 } as unknown as RawFile, frame);
    }
    const { leftOut, aligned, result } = combiner.combine(NO_CORRECTIONS, () => {});
    expect([leftOut, aligned]).toEqual([[1], true]);
    expect(result.file.raw).toMatchObject({ kind: 'linear', samplesPerPixel: 3 });
    // Both frames show the same there: their mean is what the first holds.
    const i = 3 * (90 * 240 + 120) + 1;
    expect(result.light[i]).toBeCloseTo((a.data[90 * 240 + 121] - 256) / 3839, 1);
  });

  test('nothing moves that is even: there is nothing to tell a motion by', () => {
    const even = { ...blotches(1), data: new Uint16Array(240 * 180).fill(1500) };
    expect(new FrameTones(even).motionOf(new FrameTones(even))).toBe(STILL);
  });

  test('each frame of a bracket is laid on its neighbour, and so on the reference', () => {
    const shifts = [-4, 0, 4].map((dx) => blotches(1, dx));
    const motions = alignBracket(shifts, 1);
    expect(motions[1]).toBe(STILL);
    for (const [k, dx] of [
      [0, -4],
      [2, 4],
    ])
      expect(largestMotion(composed(motions[k]!, similarity(-dx, 0)), 240, 180)).toBeLessThan(0.1);
  });

  test('motions follow one another, and back', () => {
    const one: Homography = [1.01, -0.02, 5, 0.02, 0.99, -3, 1e-5, -2e-5, 1];
    const two = similarity(-7, 2, 0.1, 1.2);
    const [u, v] = moved(one, 30, -40);
    const [x, y] = moved(composed(one, two), 30, -40);
    expect([x, y]).toEqual(moved(two, u, v).map((w) => expect.closeTo(w, 9)));
    expect(largestMotion(composed(one, inverse(one)), 100, 100)).toBeLessThan(1e-9);
    expect(() => inverse([0, 0, 0, 0, 0, 0, 0, 0, 1])).toThrow(RangeError);
  });

  test('only what all frames show is seen', () => {
    const box = commonBox([STILL, similarity(10, -6)], 200, 100);
    // What lies at x in the reference lies at x + 10 in the other, which ends at 199.
    expect(box).toEqual({ x: 0, y: 8, width: 188, height: 92 });
    expect(commonBox([STILL, STILL], 200, 100)).toEqual({ x: 0, y: 0, width: 200, height: 100 });
  });

  test('a frame drawn anew by whole pixels is the frame, white near what clips, unknown outside', () => {
    const frame = blotches(1);
    frame.data[100 * 240 + 60] = 4095;
    const [plain, shifted] = [warpRaw(frame, STILL), warpRaw(frame, similarity(8, 4))];
    const at = (raw: StackRaw, x: number, y: number): number => raw.data[3 * (y * 240 + x) + 1];
    expect(at(shifted, 100, 60)).toBe(at(plain, 108, 64));
    expect(at(shifted, 52, 96)).toBe(4095);
    expect(at(shifted, 238, 60)).toBe(UNKNOWN);
  });
});
