import { join } from 'node:path';
import {
  beginCombining,
  combinedPicture,
  NO_CORRECTIONS,
  pictureFrame,
  smallPicture,
  waysFor,
} from '../../src/combine';
import { encodeSrgb } from '../../src/colour';
import { hash32 } from '../../src/sensor';
import { run } from '../support/shots';

const [WIDTH, HEIGHT] = [96, 64];

/** A picture of blotches, exposed so many times as much. */
function picture(exposure: number, shift = 0): Uint8ClampedArray {
  const rgba = new Uint8ClampedArray(4 * WIDTH * HEIGHT);
  for (let p = 0; p < WIDTH * HEIGHT; p++) {
    const [x, y] = [p % WIDTH, Math.floor(p / WIDTH)];
    for (let c = 0; c < 3; c++) {
      const light = 0.02 * 2 ** (3 * Math.sin((x + shift) / (9 + c)) + 2 * Math.sin(y / 7));
      rgba[4 * p + c] = Math.round(255 * encodeSrgb(Math.min(1, light * exposure)));
    }
    rgba[4 * p + 3] = 255;
  }
  return rgba;
}

function combinerOf(way: 'fuse' | 'average', pictures: readonly Uint8ClampedArray[]) {
  const combiner = beginCombining(way, false);
  for (const [k, rgba] of pictures.entries()) {
    const { file, frame } = pictureFrame(rgba, WIDTH, HEIGHT, { timeS: 4 ** k, iso: 100 });
    combiner.add(file, frame);
  }
  return combiner.combine(NO_CORRECTIONS, () => {});
}

const furthest = (a: ArrayLike<number>, b: ArrayLike<number>): number =>
  Array.from(a).reduce((most, v, i) => Math.max(most, Math.abs(v - b[i])), 0);

describe('exposure fusion', () => {
  test('of the shed is within 2 of 255 of OpenCV’s (MergeMertens, all exponents 1)', () => {
    const [outcome] = JSON.parse(
      run(process.execPath, ['--import', 'tsx', join(__dirname, 'fuseTrials.ts')]).toString(),
    ) as { mean: number; furthest: number; spread: number }[];
    expect(outcome.mean).toBeLessThan(2);
    expect(outcome.furthest).toBeLessThan(8);
    // It is a picture with light and shade, not an even grey that any fusion would give.
    expect(outcome.spread).toBeGreaterThan(30);
  });

  test('of a picture with itself is that picture', () => {
    const own = picture(8);
    const { data } = combinedPicture(combinerOf('fuse', [own, own]), null);
    expect(furthest(data, own)).toBeLessThanOrEqual(1);
  });

  test('shows what is dark in one and burnt in another', () => {
    const [dark, bright] = [picture(1), picture(64)];
    const { data } = combinedPicture(combinerOf('fuse', [dark, bright]), null);
    const greens = (rgba: ArrayLike<number>): number[] =>
      Array.from({ length: WIDTH * HEIGHT }, (_, p) => rgba[4 * p + 1]);
    const ends = (values: number[]): number =>
      values.filter((v) => v < 24 || v > 250).length / values.length;
    expect(ends(greens(data))).toBeLessThan(
      0.7 * Math.min(ends(greens(dark)), ends(greens(bright))),
    );
  });

  test('does not take raws', () => {
    const combiner = beginCombining('fuse', false);
    const { file, frame } = pictureFrame(picture(1), WIDTH, HEIGHT, {});
    expect(() => combiner.add(file, { ...frame, samplesPerPixel: 1 })).toThrow(/Raws are merged/);
  });
});

describe('pictures without a raw', () => {
  test('come back as they were, at full size and small', () => {
    const own = Uint8ClampedArray.from({ length: 4 * WIDTH * HEIGHT }, (_, i) =>
      i % 4 === 3 ? 255 : hash32(3, i) & 255,
    );
    const combined = combinerOf('average', [own, own]);
    expect(furthest(combinedPicture(combined, null).data, own)).toBe(0);
    const small = smallPicture(combined, null, WIDTH / 2);
    expect([small.width, small.height]).toEqual([WIDTH / 2, HEIGHT / 2]);
  });

  test('are blended where they are a bracket; raws are not', () => {
    const facts = (timeS: number, raw: boolean) => ({ timeS, iso: 100, focusDioptres: 0, raw });
    expect(waysFor([facts(1, false), facts(4, false)])[0]).toBe('fuse');
    expect(waysFor([facts(1, false), facts(1, false)])[0]).toBe('average');
    expect(waysFor([facts(1, true), facts(4, true)])).not.toContain('fuse');
    expect(waysFor([facts(1, true), facts(4, false)])).not.toContain('merge');
  });
});
