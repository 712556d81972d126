import { cv } from 'opencv-wasm';
import { alignPlanes, tonePlane, type Plane } from '../../src/combine';
import { type ComparedRaw, drawDifference } from '../../src/compare';
import {
  exposeBand,
  plainShot,
  planSimulated,
  rawLevels,
  type SimulatedShot,
} from '../../src/simulate';
import { TILE_HEIGHT } from '../../src/files';
import { binMosaic } from '../../src/sensor';

/** Frames that have moved, and what differs once they lie on one another. */

function shot(change: Partial<SimulatedShot>): ComparedRaw & { readonly height: number } {
  const plan = planSimulated({
    ...plainShot('pans-at-noon'),
    sizeMp: 3,
    crop: 2,
    filterStops: 7,
    ...change,
  });
  const { blackLevel, whiteLevel, noise } = rawLevels(plan);
  const { width, height } = plan;
  const raw = new Uint16Array(width * height);
  for (let band = 0; band * TILE_HEIGHT < height; band++)
    raw.set(exposeBand(plan, band), band * TILE_HEIGHT * width);
  return {
    raw,
    width,
    height,
    samplesPerPixel: 1,
    blackLevel,
    whiteLevel,
    noise,
  };
}

/** Green of a part of a raw, every pixel two by two photosites, as tones. */
function planeOf(
  { raw, width, blackLevel, whiteLevel }: ComparedRaw,
  box: { x: number; y: number; width: number; height: number },
): Plane {
  const [w, h] = [box.width / 2, box.height / 2];
  const rgb = new Uint16Array(3 * w * h);
  binMosaic(raw, width, box, 2, rgb);
  const data = Float32Array.from(
    { length: w * h },
    (_, p) => (rgb[3 * p + 1] - blackLevel) / (whiteLevel - blackLevel),
  );
  return tonePlane({ data, width: w, height: h }, 0.001);
}

const SIZE = { width: 600, height: 440 };

describe('frames of different exposure that have moved', () => {
  const a = shot({ timeS: 1 / 64, seed: 1 });
  const darker = shot({ timeS: 1 / 256, seed: 2 });
  const at = (raw: ComparedRaw, x: number, y: number): Plane => planeOf(raw, { x, y, ...SIZE });

  test.each([
    [0, 0],
    [8, -6],
    [-40, 24],
    [100, 60],
  ])('by %i, %i photosites, two stops apart: found within a photosite', (x, y) => {
    const shift = alignPlanes(at(a, 160, 120), at(darker, 160 - x, 120 - y))!;
    expect(Math.abs(2 * shift.dx - x)).toBeLessThan(1);
    expect(Math.abs(2 * shift.dy - y)).toBeLessThan(1);
  });

  test('as OpenCV’s template matching finds it', () => {
    const [first, second] = [at(a, 160, 120), at(darker, 130, 138)];
    const matOf = ({ data, width, height }: Plane) =>
      cv.matFromArray(height, width, cv.CV_32FC1, Array.from(data));
    const [whole, all] = [matOf(second), matOf(first)];
    const margin = 40;
    const inner = all.roi(
      new cv.Rect(margin, margin, first.width - 2 * margin, first.height - 2 * margin),
    );
    const found = new cv.Mat();
    cv.matchTemplate(whole, inner, found, cv.TM_CCOEFF_NORMED);
    const { maxLoc } = cv.minMaxLoc(found, new cv.Mat());
    const ours = alignPlanes(first, second)!;
    expect(Math.round(ours.dx)).toBe(maxLoc.x - margin);
    expect(Math.round(ours.dy)).toBe(maxLoc.y - margin);
  });

  test('another place, or an even one, is not aligned', () => {
    const other = shot({ ...plainShot('packing-bench'), sizeMp: 3, crop: 2, seed: 3 });
    expect(alignPlanes(at(a, 160, 120), at(other, 160, 120))).toBeNull();
    const even = { ...at(a, 0, 0), data: new Float32Array((SIZE.width * SIZE.height) / 4) };
    expect(alignPlanes(at(a, 0, 0), even)).toBeNull();
    expect(() => alignPlanes(even, { ...even, width: 1 })).toThrow(RangeError);
  });
});

describe('the picture of a difference', () => {
  const piece = { x: 0, y: 0, width: 150, height: 110, factor: 4, dx: 0, dy: 0 };
  const EVEN = [1, 1, 1] as const;
  const draw = (
    a: ComparedRaw,
    b: ComparedRaw,
    gains: readonly [number, number, number] = EVEN,
    change: Partial<typeof piece> = {},
  ): Uint8ClampedArray => {
    const shown = { ...piece, ...change };
    const rgba = new Uint8ClampedArray(4 * shown.width * shown.height);
    drawDifference(a, b, gains, shown, rgba);
    return rgba;
  };
  const codes = (rgba: Uint8ClampedArray): number[] => [...rgba].filter((_, i) => i % 4 !== 3);
  const spread = (values: readonly number[]): number =>
    Math.sqrt(values.reduce((s, v) => s + (v - 128) ** 2, 0) / values.length);
  const a = shot({ timeS: 1 / 64, seed: 1 });

  test('of a raw and itself, or of one with other noise, is grey', () => {
    expect(new Set(codes(draw(a, a)))).toEqual(new Set([128]));
    expect(spread(codes(draw(a, shot({ timeS: 1 / 64, seed: 2 }))))).toBeLessThan(6);
  });
  test('half the light is half a picture darker, and grey once that is taken away', () => {
    const half = shot({ timeS: 1 / 128, seed: 2 });
    const values = codes(draw(a, half)).sort((x, y) => x - y);
    expect(values[values.length >> 1]).toBeLessThan(12);
    expect(spread(codes(draw(a, half, [0.5, 0.5, 0.5])))).toBeLessThan(8);
  });
  test('what lies elsewhere shows, until it is laid where it belongs', () => {
    const { yawRad } = plainShot('pans-at-noon');
    // The same light, two cells to the left.
    const raw = a.raw.slice();
    raw.set(a.raw.subarray(4));
    expect(yawRad).toBeDefined();
    const moved = { ...a, raw };
    const apart = spread(codes(draw(a, moved)));
    const aligned = draw(a, moved, EVEN, { dx: -4, x: 8, width: 140 });
    expect(apart).toBeGreaterThan(3);
    expect(new Set(codes(aligned))).toEqual(new Set([128]));
  });
  test('where the second ends there is nothing', () => {
    const rgba = draw(a, a, EVEN, { dx: -12 });
    expect([...rgba.subarray(0, 4)]).toEqual([40, 40, 40, 255]);
    expect(new Set(rgba.subarray(0, 12))).toEqual(new Set([40, 255]));
    expect([...rgba.subarray(12, 15)]).not.toContain(40);
  });
});
