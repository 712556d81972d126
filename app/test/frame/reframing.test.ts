import { AS_TAKEN, cropFits, cropRatio, framedSize, turnedSize } from '@velmo/core/recipe';
import fc from 'fast-check';
import {
  draggedBy,
  levelledBy,
  reframeOf,
  reframingOf,
  shapedTo,
  SHAPES,
  turnedBy,
  untouched,
  type Reframing,
} from '../../src/screens/reframe/reframing';
import { reframeWords } from '../../src/screens/reframe/reframeWords';

/** A reframe in the making: what is tried and left again costs nothing. */

const TAKEN = { width: 4032, height: 3024 };

const steps = fc.array(
  fc.oneof(
    fc.constantFrom(1 as const, -1 as const).map((by) => (now: Reframing) => turnedBy(now, by)),
    fc.constantFrom(...SHAPES).map((shape) => (now: Reframing) => shapedTo(now, shape, TAKEN)),
    fc
      .integer({ min: -450, max: 450 })
      .map((tilt) => (now: Reframing): Reframing => ({ ...now, tilt })),
    fc
      .tuple(
        fc.double({ min: -1, max: 1, noNaN: true }),
        fc.double({ min: -1, max: 1, noNaN: true }),
      )
      .map(([x, y]) => (now: Reframing) => {
        const { crop } = reframeOf(now, TAKEN);
        return draggedBy(now, TAKEN, crop, { x: 1, y: -1 }, { x, y });
      }),
  ),
  { maxLength: 12 },
);

const ratioNow = (now: Reframing): number => {
  const { crop, quarters } = reframeOf(now, TAKEN);
  return cropRatio(crop, turnedSize(TAKEN, quarters));
};

describe('a reframe in the making', () => {
  test('whatever is done, what is kept lies in the picture, and in the shape that is chosen', () => {
    fc.assert(
      fc.property(steps, (all) => {
        const now = all.reduce((made, step) => step(made), untouched(TAKEN));
        const { crop, quarters, tilt } = reframeOf(now, TAKEN);
        expect(cropFits(crop, turnedSize(TAKEN, quarters), tilt)).toBe(true);
        if (now.shape === 'free' || now.shape === 'taken') return;
        const [long, short] = now.shape.split(':').map(Number);
        const wanted = now.upright ? short / long : long / short;
        expect(ratioNow(now) / wanted).toBeCloseTo(1, 4);
      }),
    );
  });

  test('a tilt or shape that is tried and left again gives all of the picture back', () => {
    let now = untouched(TAKEN);
    for (const shape of ['1:1', '16:9', '3:2', 'taken'] as const) now = shapedTo(now, shape, TAKEN);
    now = { ...now, tilt: 120 };
    expect(framedSize(reframeOf(now, TAKEN), TAKEN).width).toBeLessThan(3500);
    now = { ...now, tilt: 0 };
    expect(reframeOf(now, TAKEN)).toEqual(AS_TAKEN);
    for (let n = 0; n < 4; n++) now = turnedBy(now, 1);
    expect(reframeOf(now, TAKEN)).toEqual(AS_TAKEN);
  });

  test('the shape in hand stands up and lies down; a quarter turn takes it along', () => {
    let now = shapedTo(untouched(TAKEN), '3:2', TAKEN);
    expect(framedSize(reframeOf(now, TAKEN), TAKEN)).toEqual({ width: 4032, height: 2688 });
    now = shapedTo(now, '3:2', TAKEN);
    expect(framedSize(reframeOf(now, TAKEN), TAKEN)).toEqual({ width: 2016, height: 3024 });
    now = turnedBy(now, 1);
    expect(framedSize(reframeOf(now, TAKEN), TAKEN)).toEqual({ width: 3024, height: 2016 });
  });

  test('what was kept is taken up again as it was, with its shape', () => {
    fc.assert(
      fc.property(steps, (all) => {
        const made = reframeOf(
          all.reduce((now, step) => step(now), untouched(TAKEN)),
          TAKEN,
        );
        const again = reframeOf(reframingOf(made, TAKEN), TAKEN);
        expect(again.quarters).toBe(made.quarters);
        expect(again.tilt).toBe(made.tilt);
        for (const side of ['x', 'y', 'width', 'height'] as const)
          expect(again.crop[side]).toBeCloseTo(made.crop[side], 2);
      }),
    );
    const square = reframeOf(shapedTo(untouched(TAKEN), '1:1', TAKEN), TAKEN);
    expect(reframingOf(square, TAKEN).shape).toBe('1:1');
  });

  test('a line drawn down to the right turns the picture back', () => {
    const now = levelledBy(untouched(TAKEN), { x: 100, y: 3 });
    expect(now.tilt).toBe(-17);
    expect(reframeWords(reframeOf(now, TAKEN), TAKEN)).toMatch(
      /^\d+ × \d+ photosites, \d+ % of the frame, straightened −1\.7°$/,
    );
  });
});
