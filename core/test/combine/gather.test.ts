import { placeOf } from '../../src/scene/framing';
import { EQUATOR_STAR, starDirection } from '../../src/scene/stars/skyTurn';
import { GATHERED_SCALE, RawGatherer } from '../../src/sensor';
import type { Gather } from '../../src/series';
import {
  bandRows,
  exposeBand,
  plainShot,
  planSimulated,
  rawLevels,
  READOUT_S,
  StillLight,
  type SimulatedPlan,
  type SimulatedShot,
} from '../../src/simulate';

const BLACK = 256;

/** Frames of a shot that follow one another, gathered on some bands of the sensor. */
function gathered(
  shot: SimulatedShot,
  gather: Gather,
  frames: number,
  apartS: number,
  bands: readonly number[] = [0],
): { plan: SimulatedPlan; at: (x: number, y: number) => number } {
  const still = new StillLight();
  const plan = planSimulated({ ...shot, gathered: { gather, frames, periodS: frames * apartS } });
  const raws = bands.map((band) => {
    const gatherer = new RawGatherer(gather, plan.width * bandRows(plan, band));
    for (let k = 0; k < frames; k++) {
      const one = { ...shot, startS: shot.startS + k * apartS, seed: shot.seed + k };
      gatherer.add(exposeBand(planSimulated(one), band, undefined, still));
    }
    return gatherer.raw();
  });
  const perBand = bandRows(plan, 0);
  const first = bands[0] * perBand;
  const at = (x: number, y: number): number => {
    const raw = raws[Math.floor((y - first) / perBand)];
    return raw[((y - first) % perBand) * plan.width + x] / GATHERED_SCALE - BLACK;
  };
  return { plan, at };
}

/** Mean and variance of the green photosites of a square. */
function patch(at: (x: number, y: number) => number, x0: number, y0: number, size: number) {
  const values: number[] = [];
  for (let y = y0; y < y0 + size; y++)
    for (let x = x0; x < x0 + size; x++) if (((x ^ y) & 1) === 1) values.push(at(x, y));
  const mean = values.reduce((a, b) => a + b) / values.length;
  const variance = values.reduce((s, v) => s + (v - mean) ** 2, 0) / (values.length - 1);
  return { mean, variance };
}

describe('a mean', () => {
  // Falling water is left out: the sluice blurs it by a filter as long as its way, not by an
  // integral.
  test.each([
    ['stars-over-the-pans', 4, 9],
    ['packing-bench', 1 / 60, 0],
  ])(
    'of 8 frames is one exposure of 8 times the length behind a filter: %s',
    (place, timeS, isoClick) => {
      const shot: SimulatedShot = { ...plainShot(place), sizeMp: 3, crop: 3, timeS, isoClick };
      const mean = gathered(shot, 'mean', 8, timeS);
      const one = gathered({ ...shot, timeS: 8 * timeS, filterStops: 3 }, 'mean', 1, 1);
      let worst = 0;
      for (let y = 0; y + 24 <= bandRows(mean.plan, 0); y += 24)
        for (let x = 0; x + 24 <= mean.plan.width; x += 24) {
          const [a, b] = [patch(mean.at, x, y, 24), patch(one.at, x, y, 24)];
          const noise = Math.sqrt((a.variance + b.variance) / 288);
          worst = Math.max(worst, Math.abs(a.mean - b.mean) / (4.5 * noise + 0.003 * b.mean));
        }
      expect(worst).toBeLessThan(1);
    },
  );

  test('has less noise by the square root of n, as its levels say', () => {
    const wall: SimulatedShot = { ...plainShot('test-wall'), sizeMp: 3, crop: 6 };
    const middle = (n: number) => {
      const { plan, at } = gathered(wall, 'mean', n, 1);
      const [x, y] = [(plan.width >> 1) - 12, Math.min(bandRows(plan, 0), plan.height) - 40];
      return { plan, ...patch(at, x, y, 24) };
    };
    const [one, nine] = [middle(1), middle(9)];
    expect(Math.sqrt(one.variance / nine.variance) / 3).toBeGreaterThan(0.85);
    expect(Math.sqrt(one.variance / nine.variance) / 3).toBeLessThan(1.15);
    const { whiteLevel, blackLevel, noise } = rawLevels(nine.plan);
    const range = (whiteLevel - blackLevel) / GATHERED_SCALE;
    const told = (noise.scale * nine.mean) / range + noise.offset;
    expect((told * range * range) / nine.variance).toBeGreaterThan(0.7);
    expect((told * range * range) / nine.variance).toBeLessThan(1.3);
  });

  test('a sum has its values, and is shown brighter by the stops that so many frames are', () => {
    const shot = plainShot('test-wall');
    const levels = (gather: Gather, frames: number) =>
      rawLevels(planSimulated({ ...shot, gathered: { gather, frames, periodS: 1 } }));
    const { baselineExposure } = levels('mean', 8);
    expect(levels('sum', 8)).toEqual({
      ...levels('mean', 8),
      baselineExposure: baselineExposure + 3,
    });
    expect(levels('brightest', 8).noise).toEqual(levels('mean', 1).noise);
  });
});

test('the brightest of 60 frames of 30 s keeps a star’s arc unbroken, and its length right within 2 %', () => {
  const timeS = 30;
  const apartS = timeS + READOUT_S;
  const frames = 60;
  const shot: SimulatedShot = {
    ...plainShot('stars-over-the-pans'),
    crop: 3,
    timeS,
    isoClick: 9,
    focusDioptres: 0,
    startS: (-frames * apartS) / 2,
  };
  const { plan, at } = gathered(shot, 'brightest', frames, apartS, [1, 2]);
  const direction = new Float64Array(3);
  const place = new Float64Array(3);
  const placeAt = (s: number): [number, number] => {
    starDirection(EQUATOR_STAR, s, direction);
    placeOf(plan.framing, direction[0], direction[1], direction[2], place);
    return [place[0], place[1]];
  };
  /** The brightest of the photosites about a place. */
  const seen = ([x, y]: [number, number]): number => {
    let most = 0;
    for (let dy = -1; dy <= 1; dy++)
      for (let dx = -1; dx <= 1; dx++)
        most = Math.max(most, at(Math.floor(x) + dx, Math.floor(y) + dy));
    return most;
  };
  const wholeS = (frames - 1) * apartS + timeS;
  const along: number[] = [];
  for (let s = -60; s <= wholeS + 60; s += 2) along.push(seen(placeAt(shot.startS + s)));
  const middleOf = (values: number[]): number =>
    [...values].sort((a, b) => a - b)[values.length >> 1];
  const [star, sky] = [middleOf(along.slice(40, -40)), middleOf(along.slice(0, 20))];
  expect(star).toBeGreaterThan(1.5 * sky);
  const isLit = along.map((v) => v > (star + sky) / 2);
  const [first, last] = [isLit.indexOf(true), isLit.lastIndexOf(true)];
  expect(isLit.slice(first, last + 1).filter((lit) => !lit)).toEqual([]);
  const [from, to] = [first, last].map((k) => placeAt(shot.startS - 60 + 2 * k));
  const px = Math.hypot(to[0] - from[0], to[1] - from[1]);
  const [begin, end] = [placeAt(shot.startS), placeAt(shot.startS + wholeS)];
  const computed = Math.hypot(end[0] - begin[0], end[1] - begin[1]);
  expect(Math.abs(px / computed - 1)).toBeLessThan(0.02);
});
