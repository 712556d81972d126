import {
  exposeBand,
  plainShot,
  planSimulated,
  StillLight,
  type SimulatedShot,
} from '../src/simulate';

/** A place in which something moves, and one in which nothing does but lamps pulse. */
const PLACES = ['sluice-at-dusk', 'packing-bench'];

describe.each(PLACES)('the light of a series, kept: %s', (place) => {
  const small: SimulatedShot = { ...plainShot(place), sizeMp: 3, crop: 3 };
  test.each([
    ['other times', { timeS: 1 / 8 }],
    ['later', { startS: 7.3 }],
    ['focused elsewhere', { focusDioptres: 4 }],
    ['hand-held', { steady: false, timeS: 1 / 4, seed: 9 }],
    ['turned', { yawRad: small.yawRad + 0.05 }],
    ['by torch', { torch: true }],
  ])('gives the raw values that light computed anew gives: %s', (_, change) => {
    const still = new StillLight();
    const shots = [small, { ...small, ...change }, small];
    for (const shot of shots) {
      const plan = planSimulated(shot);
      const kept = exposeBand(plan, 1, () => {}, still);
      const anew = exposeBand(plan, 1);
      expect(Buffer.compare(Buffer.from(kept.buffer), Buffer.from(anew.buffer))).toBe(0);
    }
  });
});
