import * as render from '../../src/scene/render';
import {
  bandMargin,
  exposeBand,
  plainShot,
  planSimulated,
  StillLight,
  type SimulatedShot,
} from '../../src/simulate';

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

  test.each([
    ['all of it', 9999, {}],
    ['a part of it', 60, {}],
    ['by hand', 9999, { steady: false, timeS: 1 / 4, seed: 9 }],
    ['focused elsewhere', 9999, { focusDioptres: 4 }],
  ])('computed ahead, it gives the same raw values: %s', (_, rows, change) => {
    const still = new StillLight();
    const plan = planSimulated(small);
    expect(still.prepare(plan, 1, 54)).toBe(false);
    expect(still.prepare(plan, 1, rows)).toBe(rows === 9999);
    const shot = planSimulated({ ...small, ...change });
    const stages: string[] = [];
    // Twice: the second frame may find it behind the lens.
    for (let i = 0; i < 2; i++) {
      const ahead = exposeBand(shot, 1, (stage) => stages.push(stage), still);
      const anew = exposeBand(shot, 1);
      expect(Buffer.compare(Buffer.from(ahead.buffer), Buffer.from(anew.buffer))).toBe(0);
    }
    expect(stages).toContain('light');
    expect(still.prepare(plan, 1, 54)).toBe(true);
  });

  test.each([
    ['by hand', { steady: false, timeS: 1 / 4, seed: 9 }],
    ['focused elsewhere', { focusDioptres: 4 }],
  ])('computed ahead with its margins, a frame computes none: %s', (_, change) => {
    const still = new StillLight();
    const plan = planSimulated({ ...small, ...change });
    const margin = bandMargin(plan, 1);
    expect(margin).toBeGreaterThan(1);
    expect(still.prepare(plan, 1, 54, margin)).toBe(false);
    expect(still.prepare(plan, 1, 9999, margin)).toBe(true);
    const computed = jest.spyOn(render, 'renderScene');
    exposeBand(plan, 1, undefined, still);
    expect(computed).not.toHaveBeenCalled();
    exposeBand(plan, 1);
    expect(computed).toHaveBeenCalled();
    computed.mockRestore();
  });
});
