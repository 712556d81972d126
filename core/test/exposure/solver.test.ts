import fc from 'fast-check';
import {
  lightClicksFromEv100,
  solveExposure,
  steadyLightClicks,
  type SolverInput,
} from '../../src/exposure';

const TIME = { min: -39, max: 18 };
const ISO = { min: -3, max: 18 };

/** Random light, holds and support, on devices of random reach. */
const input: fc.Arbitrary<SolverInput> = fc
  .record({
    timeMin: fc.integer({ min: TIME.min, max: -21 }),
    timeMax: fc.integer({ min: -12, max: TIME.max }),
    isoMax: fc.integer({ min: 3, max: ISO.max }),
  })
  .chain(({ timeMin, timeMax, isoMax }) =>
    fc.record({
      timeClick: fc.option(fc.integer({ min: timeMin, max: timeMax })),
      isoClick: fc.option(fc.integer({ min: ISO.min, max: isoMax })),
      compClicks: fc.integer({ min: -18, max: 18 }),
      lightClicks: fc.integer({ min: -60, max: 60 }),
      timeRange: fc.constant({ min: timeMin, max: timeMax }),
      isoRange: fc.constant({ min: ISO.min, max: isoMax }),
      baseIsoClick: fc.constant(0),
      handheldTimeClick: fc.option(fc.integer({ min: -20, max: -8 })),
    }),
  );

describe('the solver that fills auto tapes', () => {
  test('never moves what is held', () => {
    fc.assert(
      fc.property(input, (i) => {
        const s = solveExposure(i);
        if (i.timeClick !== null) expect(s.timeClick).toBe(i.timeClick);
        if (i.isoClick !== null) expect(s.isoClick).toBe(i.isoClick);
      }),
    );
  });

  test('stays in range, and auto never goes to extended ISO', () => {
    fc.assert(
      fc.property(input, (i) => {
        const s = solveExposure(i);
        expect(s.timeClick).toBeGreaterThanOrEqual(i.timeRange.min);
        expect(s.timeClick).toBeLessThanOrEqual(i.timeRange.max);
        expect(s.isoClick).toBeLessThanOrEqual(i.isoRange.max);
        if (i.isoClick === null) expect(s.isoClick).toBeGreaterThanOrEqual(0);
      }),
    );
  });

  test('misses nothing unless it says that it is out of range, and only at an end', () => {
    fc.assert(
      fc.property(input, (i) => {
        const s = solveExposure(i);
        if (i.timeClick !== null && i.isoClick !== null) {
          expect(s.outOfRange).toBe(false);
          return;
        }
        expect(s.outOfRange).toBe(s.differenceClicks !== 0);
        if (!s.outOfRange) return;
        const timeAtEnd = s.timeClick === i.timeRange.min || s.timeClick === i.timeRange.max;
        const isoAtEnd = s.isoClick === 0 || s.isoClick === i.isoRange.max;
        expect((i.timeClick !== null || timeAtEnd) && (i.isoClick !== null || isoAtEnd)).toBe(true);
      }),
    );
  });

  test('more compensation never makes the picture darker', () => {
    fc.assert(
      fc.property(input, (i) => {
        fc.pre(i.compClicks < 18);
        const a = solveExposure(i);
        const b = solveExposure({ ...i, compClicks: i.compClicks + 1 });
        expect(b.timeClick + b.isoClick).toBeGreaterThanOrEqual(a.timeClick + a.isoClick);
      }),
    );
  });

  test('hand-held: base ISO first, then the hand-held limit, then ISO; on a tripod base ISO throughout', () => {
    const open = {
      timeClick: null,
      isoClick: null,
      compClicks: 0,
      timeRange: TIME,
      isoRange: ISO,
      baseIsoClick: 0,
    };
    const bright = solveExposure({ ...open, lightClicks: -30, handheldTimeClick: -15 });
    expect(bright).toMatchObject({ timeClick: -30, isoClick: 0 });
    const dim = solveExposure({ ...open, lightClicks: -9, handheldTimeClick: -15 });
    expect(dim).toMatchObject({ timeClick: -15, isoClick: 6 });
    const dark = solveExposure({ ...open, lightClicks: 6, handheldTimeClick: -15 });
    expect(dark).toMatchObject({ timeClick: -12, isoClick: 18 });
    const tripod = solveExposure({ ...open, lightClicks: 6, handheldTimeClick: null });
    expect(tripod).toMatchObject({ timeClick: 6, isoClick: 0 });
    // Starlight: the longest time there is, and then ISO.
    const stars = solveExposure({ ...open, lightClicks: 25, handheldTimeClick: null });
    expect(stars).toMatchObject({ timeClick: 18, isoClick: 7, outOfRange: false });
  });

  test('compensation in half stops is met exactly', () => {
    fc.assert(
      fc.property(input, fc.integer({ min: -12, max: 12 }), (i, halves) => {
        const s = solveExposure({ ...i, compClicks: 1.5 * halves });
        const open = i.timeClick === null || i.isoClick === null;
        if (open && !s.outOfRange)
          expect(s.timeClick + s.isoClick).toBe(i.lightClicks + 1.5 * halves);
      }),
    );
  });

  test('light hovering between two clicks does not make auto flicker', () => {
    const base = lightClicksFromEv100(10, 2.4);
    // The light at which rounding would jump from this click to the next.
    const boundary = 2 * Math.log2(2.4) - (base - 0.5) / 3;
    let previous: number = base;
    let jumps = 0;
    for (let i = 0; i < 200; i++) {
      const light = boundary + 0.04 * Math.sin(i * 1.7);
      if (lightClicksFromEv100(light, 2.4) !== base) jumps++;
      previous = steadyLightClicks(light, 2.4, previous);
      expect(previous).toBe(base);
    }
    expect(jumps).toBeGreaterThan(50);
    expect(steadyLightClicks(11, 2.4, previous)).toBe(lightClicksFromEv100(11, 2.4));
  });
});
