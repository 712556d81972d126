import { join } from 'node:path';
import {
  circleOfConfusionMm,
  defocusOf,
  dioptresOf,
  findLens,
  HALF_PUPIL_SHARE,
  halfPupilViews,
  MAX_PHASE_LOOKS,
} from '../../src/optics';
import { createLightPlane } from '../../src/sensor';
import { sharpHalfWidth } from '../../src/series';
import { outcomesOf, random } from '../support/trials';

const [main, tele] = [findLens('main')!, findLens('tele')!];

describe('the views of the halves of the pupil', () => {
  test('a point’s images lie 4 / (3 pi) of its blur apart, nearer things one way, farther ones the other', () => {
    const [width, height] = [161, 161];
    // One dioptre off is a blur of 20 pixels' radius.
    for (const [distance, sign] of [
      [1, 1],
      [-1, -1],
    ]) {
      const plane = createLightPlane(width, height);
      plane.depthM.fill(1 / (2 + distance));
      plane.rgb[3 * (80 * width + 80) + 1] = 1000;
      const part = { column: 0, row: 0, width, height };
      const views = halfPupilViews(plane, { dioptres: 2, pxPerDioptre: 20 }, part, height);
      const centroid = (view: Float32Array): number =>
        view.reduce((sum, v, x) => sum + v * x, 0) / view.reduce((sum, v) => sum + v, 0);
      // The centroid of a half disc lies 4 r / (3 pi) from its flat side: integrated here by hand.
      let [moment, area] = [0, 0];
      for (let k = 0; k < 20_000; k++) {
        const x = (k + 0.5) / 1000;
        const chord = 2 * Math.sqrt(400 - x * x);
        moment += x * chord;
        area += chord;
      }
      const apart = centroid(views.left) - centroid(views.right);
      expect(apart / (sign * 2 * (moment / area))).toBeCloseTo(1, 2);
      expect(apart / (sign * 40 * HALF_PUPIL_SHARE)).toBeCloseTo(1, 2);
      // Half the light each.
      expect(views.left.reduce((a, b) => a + b)).toBeCloseTo(500, 0);
      expect(views.right.reduce((a, b) => a + b)).toBeCloseTo(500, 0);
    }
  });

  test('in focus both show the same', () => {
    const plane = createLightPlane(32, 16);
    plane.depthM.fill(0.5);
    for (let i = 0; i < 32 * 16; i++) plane.rgb[3 * i + 1] = (i * 7919) % 101;
    const part = { column: 4, row: 0, width: 24, height: 16 };
    const { left, right } = halfPupilViews(plane, { dioptres: 2, pxPerDioptre: 20 }, part, 16);
    expect([...left]).toEqual([...right]);
  });
});

describe('focus by phase', () => {
  type Trial = Record<'dioptres' | 'luminance' | 'texture' | 'seed' | 'from', number> & {
    lens: string;
  };
  interface Outcome {
    readonly found: boolean;
    readonly dioptres?: number;
    readonly why?: string;
    readonly looks: number;
    readonly first: { readonly radiusPx: number; readonly trueRadiusPx: number };
  }
  const judged = (trials: Trial[]) =>
    outcomesOf<Trial, Outcome>(join(__dirname, 'phaseTrials.ts'), trials);

  const trials = Array.from({ length: 200 }, (_, seed): Trial => {
    const lens = seed % 3 === 0 ? tele : main;
    const nearest = dioptresOf(lens.closestM);
    return {
      lens: lens.id,
      dioptres: 0.02 + (nearest - 0.02) * random(seed) ** 1.5,
      luminance: 60 * 2 ** (2.5 * random(seed + 900)),
      texture: 0.3 + 0.6 * random(seed + 500),
      seed,
      from: lens === tele ? 0.12 : 0.46,
    };
  });

  test('at most four looks lead to the wall, on 200 random distances, lights and textures', () => {
    const outcomes = judged(trials);
    const unfound = outcomes.filter(({ found }) => !found);
    // What has next to no detail left from where the search began is contrast's to find.
    expect(unfound.length).toBeLessThanOrEqual(10);
    for (const { why } of unfound) expect(why).toBe('unclear');
    outcomes.forEach(({ found, dioptres, looks }, i) => {
      if (!found) return;
      expect(looks).toBeLessThanOrEqual(MAX_PHASE_LOOKS);
      const lens = findLens(trials[i].lens)!;
      const half = sharpHalfWidth(lens, circleOfConfusionMm(lens));
      // Half of what still looks sharp.
      expect(Math.abs(dioptres! - trials[i].dioptres)).toBeLessThan(0.5 * half);
    });
    const median = outcomes.map(({ looks }) => looks).sort((a, b) => a - b)[100];
    expect(median).toBeLessThanOrEqual(3);
  });

  test('what a look says of the defocus is the thin lens’s blur, as far as its light goes', () => {
    const near = trials
      .filter(({ lens }) => lens === 'main')
      .map((trial) => ({
        ...trial,
        luminance: 200,
        texture: 0.7,
        from: Math.max(0, trial.dioptres - 2),
      }));
    const { pxPerDioptre } = defocusOf(main, 0, 3.4e-4);
    for (const { first } of judged(near)) {
      const off = Math.abs(first.radiusPx - first.trueRadiusPx);
      expect(off).toBeLessThan(0.12 * Math.abs(first.trueRadiusPx) + 0.15 * pxPerDioptre);
    }
  });

  test('says so where there is nothing to see, or too little light', () => {
    const blank = (luminance: number, texture: number): Trial[] =>
      Array.from({ length: 20 }, (_, seed) => ({
        lens: 'main',
        dioptres: 1 / (0.4 + seed / 10),
        luminance,
        texture,
        seed,
        from: 0.46,
      }));
    for (const { found, why, looks } of judged(blank(300, 0))) {
      expect([found, why]).toEqual([false, 'flat']);
      expect(looks).toBe(2);
    }
    for (const { found, why, looks } of judged(blank(0.02, 0.6))) {
      expect([found, why]).toEqual([false, 'dark']);
      expect(looks).toBe(1);
    }
  });
});
