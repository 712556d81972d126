import fc from 'fast-check';
import {
  BRACKET_FRAMES,
  BRACKET_ORDERS,
  BRACKET_STEP_CLICKS,
  bracketFrames,
  bracketOffsets,
  coverScene,
  focusGap,
  focusSteps,
  MAX_FOCUS_STEPS,
  OVERLAP_CLICKS,
  sharpHalfWidth,
  type Bracket,
} from '../../src/series';
import { circleOfConfusionMm, findLens, halfLongTangent, sharpZone } from '../../src/optics';
import { depthAt, findScene, type Framing } from '../../src/scene';

const RANGES = { time: { min: -39, max: 15 }, iso: { min: 0, max: 18 } };
const brackets: fc.Arbitrary<Bracket> = fc.record({
  frames: fc.integer(BRACKET_FRAMES),
  stepClicks: fc.integer(BRACKET_STEP_CLICKS),
  order: fc.constantFrom(...BRACKET_ORDERS),
});

describe('a bracket', () => {
  test('of five, a stop apart: middle, under, over; or one way through', () => {
    const five = { frames: 5, stepClicks: 3 };
    expect(bracketOffsets({ ...five, order: 'middle-first' })).toEqual([0, -3, 3, -6, 6]);
    expect(bracketOffsets({ ...five, order: 'dark-first' })).toEqual([-6, -3, 0, 3, 6]);
    expect(bracketOffsets({ ...five, order: 'bright-first' })).toEqual([6, 3, 0, -3, -6]);
  });

  test('of an even number has its odd frame on the dark side', () => {
    expect(bracketOffsets({ frames: 2, stepClicks: 6, order: 'dark-first' })).toEqual([-6, 0]);
    expect(bracketOffsets({ frames: 4, stepClicks: 2, order: 'middle-first' })).toEqual([
      0, -2, 2, -4,
    ]);
  });

  test('is the same frames in every order', () => {
    fc.assert(
      fc.property(brackets, (bracket) => {
        const sorted = BRACKET_ORDERS.map((order) =>
          bracketOffsets({ ...bracket, order }).sort((a, b) => a - b),
        );
        expect(sorted[1]).toEqual(sorted[0]);
        expect(sorted[2]).toEqual(sorted[0]);
        expect(new Set(sorted[0]).size).toBe(bracket.frames);
        expect(sorted[0]).toContain(0);
      }),
    );
  });

  test('never leaves the camera’s ranges, moves ISO only where time has run out, and says what is missing', () => {
    fc.assert(
      fc.property(
        brackets,
        fc.integer(RANGES.time),
        fc.integer(RANGES.iso),
        (bracket, timeClick, isoClick) => {
          const frames = bracketFrames(bracket, { timeClick, isoClick }, RANGES);
          expect(frames).toHaveLength(bracket.frames);
          for (const frame of frames) {
            const { time, iso } = RANGES;
            expect(frame.timeClick >= time.min && frame.timeClick <= time.max).toBe(true);
            expect(frame.isoClick >= iso.min && frame.isoClick <= iso.max).toBe(true);
            if (frame.isoClick !== isoClick)
              expect([time.min, time.max]).toContain(frame.timeClick);
            if (frame.missingClicks !== 0) expect([iso.min, iso.max]).toContain(frame.isoClick);
            const reached = frame.timeClick + frame.isoClick - timeClick - isoClick;
            expect(reached + frame.missingClicks).toBe(frame.offsetClicks);
          }
        },
      ),
    );
  });
});

describe('covering a scene', () => {
  const reach = { clipClicks: 9, floorClicks: -15 };

  test('one frame where one is enough, as bright as the texture bears', () => {
    const scene = { brightestClicks: 6, darkestClicks: -9 };
    expect(coverScene(scene, reach)).toEqual({ offsets: [3], stepClicks: 0, missingClicks: 0 });
  });

  test('fourteen stops in frames that hold eight: three, two stops apart', () => {
    const scene = { brightestClicks: 21, darkestClicks: -21 };
    expect(coverScene(scene, reach)).toEqual({
      offsets: [-12, -3, 6],
      stepClicks: 9,
      missingClicks: 0,
    });
  });

  test('leaves no gap, and no fewer frames do', () => {
    fc.assert(
      fc.property(
        fc.record({
          clipClicks: fc.double({ min: 3, max: 15, noNaN: true }),
          floorClicks: fc.double({ min: -30, max: -3, noNaN: true }),
        }),
        fc.double({ min: -5, max: 40, noNaN: true }),
        fc.double({ min: 0, max: 70, noNaN: true }),
        (frame, brightestClicks, range) => {
          const darkestClicks = brightestClicks - range;
          const { offsets, missingClicks } = coverScene({ brightestClicks, darkestClicks }, frame);
          const { clipClicks, floorClicks } = frame;
          // In each frame a tone lies where its offset has moved it.
          // Sums of doubles are told apart from what they stand for only beyond their rounding.
          expect(brightestClicks + offsets[0]).toBeLessThanOrEqual(clipClicks + 1e-9);
          const least = darkestClicks + offsets.at(-1)! + missingClicks;
          expect(least).toBeGreaterThanOrEqual(floorClicks - 1e-9);
          for (let i = 1; i < offsets.length; i++) {
            const [top, bottom] = [clipClicks - offsets[i], floorClicks - offsets[i - 1]];
            expect(top - bottom).toBeGreaterThanOrEqual(OVERLAP_CLICKS - 1e-9);
          }
          if (offsets.length < 2 || missingClicks > 0) return;
          // With one frame less the step would have to be wider than frames or the camera allow.
          const needed = Math.ceil(floorClicks - darkestClicks) - offsets[0];
          const widest = Math.min(
            BRACKET_STEP_CLICKS.max,
            Math.floor(clipClicks - floorClicks) - OVERLAP_CLICKS,
          );
          expect(widest * (offsets.length - 2)).toBeLessThan(needed);
        },
      ),
    );
  });

  test('says what nine frames do not reach', () => {
    const scene = { brightestClicks: 60, darkestClicks: -60 };
    const { offsets, missingClicks } = coverScene(scene, { clipClicks: 6, floorClicks: -3 });
    expect(offsets).toHaveLength(9);
    expect(missingClicks).toBe(111 - 8 * 6);
  });
});

describe('focus steps', () => {
  const lens = findLens('tele')!;
  const circle = circleOfConfusionMm(lens);
  const half = sharpHalfWidth(lens, circle);
  const steps = (nearDioptres: number, farDioptres: number, overlap = 0.2) =>
    focusSteps(half, { nearDioptres, farDioptres, overlap });

  test('every distance between the ends is sharp in one frame at least, by the thin lens’s zones', () => {
    fc.assert(
      fc.property(
        fc.integer({ min: 0, max: 3000 }),
        fc.integer({ min: 0, max: 5000 }),
        fc.integer({ min: 0, max: 60 }),
        (farThousandths, rangeThousandths, percent) => {
          const [far, range] = [farThousandths / 1000, rangeThousandths / 1000];
          const overlap = percent / 100;
          const made = steps(far + range, far, overlap);
          const gap = focusGap(half, { nearDioptres: far + range, farDioptres: far, overlap });
          if (gap > 0) {
            expect(made).toHaveLength(MAX_FOCUS_STEPS);
            return;
          }
          const zones = made.map((dioptres) => sharpZone(lens, circle, 1 / dioptres));
          for (let k = 0; k <= 200; k++) {
            const dioptres = far + (range * k) / 200;
            // The zones' formula knows the focal length, c N / f^2 leaves it out: a hundredth.
            const isSharp = zones.some(
              ({ nearM, farM }) => 1.01 / nearM >= dioptres && 0.99 / farM <= dioptres,
            );
            expect(isSharp).toBe(true);
          }
        },
      ),
    );
  });

  test('a fifth of overlap takes a quarter more frames than none', () => {
    expect(steps(4, 0, 0.2).length / steps(4, 0, 0).length).toBeCloseTo(1.25, 1);
  });

  test('one distance is one frame; ends the wrong way round and overlaps of all are refused', () => {
    expect(steps(2, 2)).toEqual([2]);
    expect(() => steps(1, 2)).toThrow(/near end/);
    expect(() => steps(2, 1, 1)).toThrow(/overlap/);
  });

  test('everything on the packing bench between the ends is sharp in one frame, by a thin lens’s blur circle', () => {
    const scene = findScene('packing-bench')!;
    const framing: Framing = {
      ...scene.framing,
      halfLongTangent: halfLongTangent(lens, 1),
      longPx: 160,
      shortPx: 120,
      layout: 'level',
    };
    const [nearM, farM] = [0.4, 1.2];
    const focusedMm = steps(1 / nearM, 1 / farM).map((dioptres) => 1000 / dioptres);
    const { focalLengthMm: f, fNumber } = lens;
    let depths = 0;
    for (let y = 0; y < 120; y++)
      for (let x = 0; x < 160; x++) {
        const d = 1000 * depthAt(scene, framing, x, y);
        if (d < 1000 * nearM || d > 1000 * farM) continue;
        depths++;
        // Gaussian optics: the blur circle of a point at d with the lens focused at s.
        const blurs = focusedMm.map((s) => ((f * f) / (fNumber * (s - f))) * (Math.abs(d - s) / d));
        expect(Math.min(...blurs)).toBeLessThan(1.01 * circle);
      }
    expect(depths).toBeGreaterThan(1000);
  });
});
