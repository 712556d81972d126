import { compareRaws, type ComparedRaw } from '../../src/compare';
import {
  exposeBand,
  plainShot,
  planSimulated,
  rawLevels,
  type SimulatedShot,
} from '../../src/simulate';

/** A small simulated frame of the packing bench as it is compared. */
function shot(change: Partial<SimulatedShot> = {}): ComparedRaw {
  const plan = planSimulated({ ...plainShot('packing-bench'), sizeMp: 3, crop: 4, ...change });
  const { blackLevel, whiteLevel, noise } = rawLevels(plan);
  const raw = exposeBand(plan, 0);
  return { raw, width: plan.width, samplesPerPixel: 1, blackLevel, whiteLevel, noise };
}

const SHORT = 1 / 128;

test('a raw and itself: the same data', () => {
  const a = shot();
  const same = compareRaws(a, { ...a, raw: a.raw.slice() });
  expect(same).toMatchObject({ differing: 0, largest: 0, range: 3839, overNoise: 0 });
  for (const { stops, differing } of same.channels) expect([stops, differing]).toEqual([0, 0]);
});

test('ISO 50 is extended: its raw is that of ISO 100, apart from the noise of another exposure', () => {
  // One stop below base: the same gain, shown darker.
  const hundred = shot({ isoClick: 0, seed: 1 });
  const fifty = shot({ isoClick: -3, seed: 2 });
  const { channels, differing, overNoise } = compareRaws(hundred, fifty);
  for (const { stops } of channels) expect(Math.abs(stops)).toBeLessThan(0.01);
  expect(differing).toBeGreaterThan(0.5);
  expect(overNoise).toBeGreaterThan(0.97);
  expect(overNoise).toBeLessThan(1.03);
  // With the same noise there is no difference at all.
  expect(compareRaws(hundred, shot({ isoClick: -3, seed: 1 })).largest).toBe(0);
});

test('half the time is a stop darker in every channel; what else differs shows over the noise', () => {
  // By daylight: lamps would band, and that is a difference too.
  const place = { ...plainShot('pans-at-noon'), sizeMp: 3 as const, crop: 4, filterStops: 7 };
  const a = shot({ ...place, timeS: 2 * SHORT, seed: 1 });
  const b = shot({ ...place, timeS: SHORT, seed: 2 });
  const { channels, overNoise } = compareRaws(a, b);
  for (const { stops } of channels) expect(stops).toBeCloseTo(-1, 1);
  expect(overNoise).toBeLessThan(1.1);
  const moved = shot({ ...place, timeS: 2 * SHORT, seed: 3, yawRad: place.yawRad + 0.01 });
  expect(compareRaws(a, moved).overNoise).toBeGreaterThan(1.5);
  // The lamps of the packing bench band at half the time.
  const lamp = compareRaws(shot({ timeS: 2 * SHORT, seed: 1 }), shot({ timeS: SHORT, seed: 2 }));
  expect(lamp.overNoise).toBeGreaterThan(1.3);
});

test('other black and white levels are brought to the same steps; noise may be untold', () => {
  const a = shot();
  const raw = Uint16Array.from(a.raw, (v) => 4 * (v - a.blackLevel) + 512);
  const b = { ...a, raw, blackLevel: 512, whiteLevel: 512 + 4 * 3839, noise: null };
  expect(compareRaws(a, b)).toMatchObject({ differing: 0, largest: 0, overNoise: null });
});

test('a linear raw is compared sample by sample', () => {
  const levels = { blackLevel: 0, whiteLevel: 65535, noise: null };
  const raw = Uint16Array.from({ length: 3 * 64 }, (_, i) => 4000 + 100 * (i % 3));
  const b = Uint16Array.from(raw, (v, i) => (i % 3 === 2 ? 2 * v : v));
  const linear = { ...levels, width: 8, samplesPerPixel: 3 as const };
  const { channels } = compareRaws({ ...linear, raw }, { ...linear, raw: b });
  expect(channels.map(({ stops }) => stops)).toEqual([0, 0, 1]);
  expect(channels.map(({ differing }) => differing)).toEqual([0, 0, 1]);
});

test('raws of different sizes or kinds are not compared', () => {
  const a = shot();
  expect(() => compareRaws(a, { ...a, raw: a.raw.subarray(2) })).toThrow(RangeError);
  expect(() => compareRaws(a, { ...a, samplesPerPixel: 3 })).toThrow(RangeError);
});
