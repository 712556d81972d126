import { join } from 'node:path';
import {
  beginCombining,
  choiceOf,
  CombineError,
  NO_CORRECTIONS,
  paintedOver,
  sharpnessOf,
  type StackRaw,
} from '../../src/combine';
import type { RawFile } from '../../src/files';
import { hash32 } from '../../src/sensor';
import { run } from '../support/shots';

interface Outcome {
  stack: number;
  single: number[];
  aligned: boolean;
  leftOut: number[];
  reference: number;
  kind: string;
}

describe('focus steps of the packing bench', () => {
  const steps = [3, 2.55, 2.1, 1.65, 1.2, 0.8];
  const bench = { scene: 'packing-bench', sizeMp: 3, timeS: 0.04, steps };
  const hand = [
    [0.003, 0.002],
    [-0.003, 0.004],
    [0, 0],
    [0.002, -0.004],
    [-0.004, 0.001],
    [0.001, 0.003],
  ];
  const [tripod, held] = JSON.parse(
    run(process.execPath, [
      '--import',
      'tsx',
      join(__dirname, 'focusStackTrials.ts'),
      JSON.stringify([bench, { ...bench, hand }]),
    ]).toString(),
  ) as Outcome[];

  test('become a picture over 38 dB from the scene all sharp, 6 dB better than any of them', () => {
    expect(tripod.stack).toBeGreaterThan(38);
    expect(tripod.stack - Math.max(...tripod.single)).toBeGreaterThan(6);
  });

  test('stay a mosaic on a tripod, and look like the one in the middle', () => {
    expect(tripod).toMatchObject({ aligned: false, leftOut: [], kind: 'cfa', reference: 2 });
  });

  test('held in a hand are laid on one another', () => {
    expect(held).toMatchObject({ aligned: true, leftOut: [], kind: 'linear' });
    expect(held.stack).toBeGreaterThan(38);
  });
});

const [WIDTH, HEIGHT] = [128, 96];

/** A frame with fine texture between two columns, and none elsewhere. */
function frameOf(seed: number, from: number, to: number, gain = 1): StackRaw {
  const data = new Uint16Array(WIDTH * HEIGHT);
  for (let i = 0; i < data.length; i++) {
    const x = i % WIDTH;
    const square = Math.floor(i / WIDTH / 2) * WIDTH + (x >> 1);
    const texture = x >= from && x < to ? (hash32(9, square) & 511) - 255 : 0;
    const noise = (hash32(seed, i) & 15) - 7.5;
    data[i] = 256 + gain * (900 + texture) + noise;
  }
  return {
    data,
    width: WIDTH,
    height: HEIGHT,
    samplesPerPixel: 1,
    blackLevel: 256,
    whiteLevel: 4095,
    noise: { scale: 1e-5, offset: 1.4e-6 },
    exposure: 1,
  };
}

const fileOf = (frame: StackRaw, focusedM?: number): RawFile =>
  ({
    raw: { ...frame, kind: 'cfa', crop: { x: 0, y: 0, width: WIDTH, height: HEIGHT } },
    baselineExposure: 0,
    exif: { focusedM },
  }) as unknown as RawFile;

describe('the choice of what is sharp', () => {
  const left = frameOf(1, 0, 48);
  const right = frameOf(2, 80, 128);
  const choice = choiceOf([sharpnessOf(left, 1), sharpnessOf(right, 1)]);
  const shareAt = (map: typeof choice, frame: number, x: number, y: number): number =>
    map.shares[frame][Math.floor(y / map.cell) * map.columns + Math.floor(x / map.cell)];

  test('falls on the frame that shows the detail; the shares of a place add up to one', () => {
    expect(shareAt(choice, 0, 20, 50)).toBeGreaterThan(0.99);
    expect(shareAt(choice, 1, 110, 50)).toBeGreaterThan(0.99);
    const sums = choice.shares[0].map((share, i) => share + choice.shares[1][i]);
    expect(Math.max(...sums.map((sum) => Math.abs(sum - 1)))).toBeLessThan(1e-6);
  });

  test('falls on none where there is noise alone: their mean is less noisy', () => {
    const even = choiceOf([frameOf(1, 0, 0), frameOf(2, 0, 0)].map((f) => sharpnessOf(f, 1)));
    const off = even.shares[0].map((share) => Math.abs(share - 0.5));
    expect(off.reduce((a, b) => a + b) / off.length).toBeLessThan(0.1);
  });

  test('is not changed by how much light a frame was given', () => {
    const brighter = choiceOf([
      sharpnessOf(frameOf(1, 0, WIDTH), 1),
      sharpnessOf(frameOf(2, 0, WIDTH, 2), 2),
    ]);
    expect(shareAt(brighter, 0, 64, 50)).toBeCloseTo(0.5, 1);
  });

  test('can be painted over, and painted back to what was found', () => {
    const dab = { x: 20 / WIDTH, y: 50 / HEIGHT, radius: 0.15, frame: 1 };
    const painted = paintedOver(choice, [dab], left);
    expect(shareAt(painted, 1, 20, 50)).toBe(1);
    expect(shareAt(painted, 0, 20, 50)).toBe(0);
    expect(shareAt(painted, 1, 110, 50)).toBe(shareAt(choice, 1, 110, 50));
    const back = paintedOver(choice, [dab, { ...dab, radius: 0.4, frame: -1 }], left);
    expect(shareAt(back, 0, 20, 50)).toBeCloseTo(shareAt(choice, 0, 20, 50), 6);
    expect(shareAt(choice, 0, 20, 50)).toBeGreaterThan(0.99);
  });
});

describe('a focus stack', () => {
  const combinerOf = (frames: readonly StackRaw[], metres: readonly (number | undefined)[]) => {
    const combiner = beginCombining('focus', false);
    for (const [k, frame] of frames.entries()) combiner.add(fileOf(frame, metres[k]), frame);
    return combiner;
  };
  const frames = [frameOf(1, 0, 40), frameOf(2, 44, 84), frameOf(3, 88, 128)];

  test('holds of each photosite what the frame holds that is sharp there', () => {
    const { result } = combinerOf(frames, [3, 2, 1]).combine(NO_CORRECTIONS, () => {});
    for (const [k, x] of [12, 64, 116].entries()) {
      const i = 48 * WIDTH + x;
      expect(result.light[i]).toBeCloseTo((frames[k].data[i] - 256) / 3839, 2);
    }
  });

  test('looks like the frame in the middle of the focus, in whatever order they come', () => {
    const order = combinerOf(frames, [1, Infinity, 3]).combine(NO_CORRECTIONS, () => {});
    expect(order.reference).toBe(2);
    const unknown = combinerOf(frames, [1, undefined, 3]).combine(NO_CORRECTIONS, () => {});
    expect(unknown.reference).toBe(1);
  });

  test('takes the frame that is painted', () => {
    const dab = { x: 0.5, y: 0.5, radius: 1, frame: 2 };
    const { result, choice } = combinerOf(frames, [3, 2, 1]).combine(
      { moved: [], painted: [dab] },
      () => {},
    );
    // The nearest is the first of the map.
    expect([...choice!.shares[0]].every((share) => share === 1)).toBe(true);
    const i = 48 * WIDTH + 12;
    expect(result.light[i]).toBeCloseTo((frames[2].data[i] - 256) / 3839, 3);
  });

  test('is not made of one frame', () => {
    expect(() => combinerOf(frames.slice(0, 1), [1]).combine(NO_CORRECTIONS, () => {})).toThrow(
      CombineError,
    );
  });
});
