import { shakePath } from '../../src/optics';
import { measureDetail, rankFrames, type DetailSource, type FrameMeasure } from '../../src/rank';
import { exposeBand, plainShot, planSimulated, rawLevels, StillLight } from '../../src/simulate';

const NONE = [0, 0, 0] as const;
const SIZE = 256;

let seed = 1;
const random = (): number => (seed = (seed * 48271) % 0x7fffffff) / 0x7fffffff;
const normal = (): number => Math.sqrt(-2 * Math.log(random())) * Math.cos(2 * Math.PI * random());

/**
 * A raw of something with detail, a share of the range bright, smeared over pixels across and down.
 */
function frame(
  options: {
    texture?: (x: number, y: number) => number;
    bright?: number;
    across?: number;
    down?: number;
    noise?: number;
    spp?: 1 | 3;
  } = {},
): DetailSource {
  const { bright = 0.2, across = 1, down = 1, noise = 1e-5, spp = 1 } = options;
  const texture =
    options.texture ??
    ((x, y) =>
      bright * (1 + 0.5 * Math.sin(1.9 * x + Math.sin(y / 9)) * Math.cos(1.7 * y + x / 50)));
  const raw = new Uint16Array(SIZE * SIZE * spp);
  for (let y = 0; y < SIZE; y++)
    for (let x = 0; x < SIZE; x++) {
      let v = 0;
      for (let i = 0; i < across; i++) for (let j = 0; j < down; j++) v += texture(x + i, y + j);
      v /= across * down;
      const value = 256 + 3839 * (v + Math.sqrt(noise * v) * normal());
      for (let c = 0; c < spp; c++)
        raw[(y * SIZE + x) * spp + c] = Math.max(0, Math.min(4095, value));
    }
  return {
    raw,
    width: SIZE,
    height: SIZE,
    samplesPerPixel: spp,
    blackLevel: 256,
    whiteLevel: 4095,
    noise: { scale: noise, offset: 1 / 12 / 3839 ** 2 },
  };
}

const measured = (source: DetailSource, clippedShare: FrameMeasure['clippedShare'] = NONE) => ({
  detail: measureDetail(source),
  clippedShare,
});

test('a frame twice as blurred has less detail, whatever its exposure and noise', () => {
  const [first, second] = rankFrames([
    measured(frame({ across: 2, down: 2, noise: 1e-5 })),
    measured(frame({ bright: 0.1, noise: 3e-4 })),
  ]);
  expect(first).toMatchObject({ index: 1, detail: 1 });
  expect(second.index).toBe(0);
  // The mean of two neighbours takes cos(f / 2) of a wave of f radians a pixel, both ways.
  const taken = Math.cos(1.9 / 2) * Math.cos(1.7 / 2);
  expect(second.detail).toBeGreaterThan(0.85 * taken);
  expect(second.detail).toBeLessThan(1.15 * taken);
});

test('noise is no detail: a noisy frame of the same sharpness is not ranked as sharper', () => {
  const [clean, noisy] = rankFrames([
    measured(frame({ noise: 2e-3 })),
    measured(frame({ noise: 1e-5 })),
  ]);
  expect(clean.index).toBe(1);
  expect(noisy.detail / clean.detail).toBeGreaterThan(0.9);
  expect(noisy.noise / clean.noise).toBeGreaterThan(10);
  // Over a grey of 0.2 with variance 2e-3 x 0.2.
  expect(noisy.noise).toBeCloseTo(Math.sqrt(2e-3 / 0.2), 2);
});

test('noise the file does not tell is estimated from what is flat', () => {
  const source = frame({ noise: 5e-4 });
  const flat = new Uint16Array(source.raw);
  for (let y = 0; y < SIZE / 2; y++)
    for (let x = 0; x < SIZE; x++)
      flat[y * SIZE + x] = 256 + 3839 * (0.2 + Math.sqrt(5e-4 * 0.2) * normal());
  const told = measureDetail({ ...source, raw: flat });
  const guessed = measureDetail({ ...source, raw: flat, noise: null });
  expect(guessed.noise / told.noise).toBeGreaterThan(0.8);
  expect(guessed.noise / told.noise).toBeLessThan(1.2);
});

test('smear is seen along its way', () => {
  // Grains of every size and direction.
  const grains = Float32Array.from({ length: 300 * 300 }, () => 0.1 + 0.2 * random());
  const texture = (x: number, y: number): number => grains[y * 300 + x];
  const ranked = rankFrames([
    measured(frame({ texture })),
    measured(frame({ texture, across: 4 })),
    measured(frame({ texture, across: 2, down: 2 })),
  ]);
  const smear = ranked.sort((a, b) => a.index - b.index).map((r) => r.smear);
  expect(smear[0]).toBe(1);
  expect(smear[1]).toBeGreaterThan(1.3);
  expect(smear[2]).toBeLessThan(1.25);
});

test('of two as sharp, the one that clips less comes first; its share is told', () => {
  const [first, second] = rankFrames([
    measured(frame(), [0, 0.04, 0.01]),
    measured(frame({ across: 1 }), [0.001, 0, 0]),
  ]);
  expect([first.index, second.index]).toEqual([1, 0]);
  expect(second.clipped).toBe(0.04);
});

test('detail is compared where focus was asked for; where nothing is to be seen there, where there is most', () => {
  // Coarse on the left, fine on the right: one frame is sharp on the left, the other on the right.
  const texture = (x: number, y: number): number =>
    x < SIZE / 4
      ? 0.2
      : 0.2 *
        (1 + (x < SIZE / 2 ? 0.2 : 0.5) * Math.sin(1.9 * x + Math.sin(y / 9)) * Math.cos(1.7 * y));
  const sharp = frame({ texture });
  const soft = frame({ texture, across: 2, down: 2 });
  const halves = (left: DetailSource, right: DetailSource): DetailSource => {
    const raw = right.raw.slice();
    for (let y = 0; y < SIZE; y++)
      raw.set(left.raw.subarray(y * SIZE, y * SIZE + SIZE / 2), y * SIZE);
    return { ...sharp, raw };
  };
  const frames = [measured(halves(sharp, soft)), measured(halves(soft, sharp))];
  const ranked = (asked: FrameMeasure['asked']) =>
    rankFrames(frames.map((one) => ({ ...one, asked })));
  expect(ranked(null)[0]).toMatchObject({ index: 1, compared: 'most' });
  expect(ranked({ x: 0.37, y: 0.5 })[0]).toMatchObject({ index: 0, compared: 'asked' });
  expect(ranked({ x: 0.8, y: 0.5 })[0]).toMatchObject({ index: 1, compared: 'asked' });
  // Flat there, and asked for at two places: neither tells.
  expect(ranked({ x: 0.02, y: 0.5 })[0]).toMatchObject({ index: 1, compared: 'most' });
  const apart = frames.map((one, n) => ({ ...one, asked: { x: 0.37, y: 0.2 + 0.5 * n } }));
  expect(rankFrames(apart)[0].compared).toBe('most');
});

test('a linear raw of three samples is measured on its green', () => {
  const one = measureDetail(frame());
  const three = measureDetail(frame({ spp: 3 }));
  const total = (values: Float32Array): number => values.reduce((sum, v) => sum + v, 0);
  expect(total(three.fine) / total(one.fine)).toBeCloseTo(1, 1);
});

test('what cannot be compared is refused; black and clipped frames come last', () => {
  const small = { ...frame(), width: 128, height: 128, raw: new Uint16Array(128 * 128) };
  expect(() => rankFrames([measured(frame()), measured(small)])).toThrow(RangeError);
  expect(rankFrames([])).toEqual([]);
  const black = { ...frame(), raw: new Uint16Array(SIZE * SIZE).fill(256) };
  const white = { ...frame(), raw: new Uint16Array(SIZE * SIZE).fill(4095) };
  const dark = rankFrames([measured(black), measured(white, [1, 1, 1]), measured(black)]);
  expect(dark.map(({ index }) => index).sort()).toEqual([0, 1, 2]);
  for (const { detail } of dark) expect(Number.isFinite(detail)).toBe(true);
  // The darkest and the brightest of a bracket do not keep the others from being compared.
  const bracket = rankFrames([
    measured(white, [1, 1, 1]),
    measured(frame({ across: 2 })),
    measured(frame()),
    measured(black),
  ]);
  expect(bracket.slice(0, 2).map(({ index }) => index)).toEqual([2, 1]);
  expect(bracket[3]).toMatchObject({ detail: 0 });
});

describe('against the truth: the simulation knows how far each frame shook', () => {
  const TIME_S = 1 / 30;
  const FRAMES = 20;
  const DRAWS = 10;
  /** Root mean square of the way the picture took over the sensor. */
  const shaken = (draw: number): number => {
    const path = shakePath(draw, TIME_S, 0, 256);
    return Math.hypot(...path);
  };

  test.each([
    ['pans-at-noon', 8.6],
    ['packing-bench', 0],
  ])('the steadiest of 20 hand-held frames comes first in 9 of 10 draws: %s', (place, stops) => {
    const shot = { ...plainShot(place), sizeMp: 3 as const, crop: 4, timeS: TIME_S };
    const still = new StillLight();
    let found = 0;
    for (let draw = 0; draw < DRAWS; draw++) {
      const seeds = Array.from({ length: FRAMES }, (_, i) => 1 + 1000 * draw + 7 * i);
      const frames = seeds.map((shake) => {
        const plan = planSimulated({ ...shot, filterStops: stops, steady: false, seed: shake });
        const raw = exposeBand(plan, 0, () => {}, still);
        const { width } = plan;
        const levels = rawLevels(plan);
        return measured({ ...levels, raw, width, height: raw.length / width, samplesPerPixel: 1 });
      });
      const truth = seeds.map(shaken);
      const [{ index }] = rankFrames(frames);
      if (truth[index] === Math.min(...truth)) found++;
    }
    expect(found).toBeGreaterThanOrEqual(9);
  });
});
