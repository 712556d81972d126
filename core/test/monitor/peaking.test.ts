import { cv } from 'opencv-wasm';
import {
  lumaNoise,
  MARK_PEAK,
  markPeaking,
  peakingTable,
  printDistances,
  printSharpZone,
} from '../../src/monitor';
import { defocusOf, DefocusBlur, dioptresOf, findLens, halfLongTangent } from '../../src/optics';
import { sceneResponse } from '../../src/simulate';
import { findScene, framingPixel, renderScene, type Framing } from '../../src/scene';
import {
  createLightPlane,
  electronsPerLuminance,
  exposeLive,
  photositeResponse,
} from '../../src/sensor';

const WIDTH = 480;
const HEIGHT = 360;
const PIXELS = WIDTH * HEIGHT;
const LUMA = [54, 183, 19] as const;
const LEVELS = { blackLevel: 256, whiteLevel: 4095 };
const main = findLens('main')!;
const scene = findScene('packing-bench')!;
const framing: Framing = {
  ...scene.framing,
  halfLongTangent: halfLongTangent(main, 1),
  longPx: WIDTH,
  shortPx: HEIGHT,
  layout: 'level',
};
const plane = createLightPlane(WIDTH, HEIGHT);
beforeAll(() => renderScene(scene, framing, plane, sceneResponse(scene, main), 4));

/** A live frame with the lens at a distance. */
function frame(focusM: number, iso: number, light: Float32Array | null = null): Uint16Array {
  const blurred = new Float32Array(plane.rgb.length);
  const defocus = defocusOf(main, dioptresOf(focusM), framingPixel(framing));
  const part = { column: 0, row: 0, width: WIDTH, height: HEIGHT };
  if (!light) new DefocusBlur().blur(plane, defocus, part, 20, blurred);
  const binning = 4032 / WIDTH;
  const response = photositeResponse(main.sensor, iso, binning);
  const timeS = (100 / iso) * (1 / 20);
  const perLight = electronsPerLuminance(main.sensor, binning, timeS, main.fNumber);
  const raw = new Uint16Array(3 * PIXELS);
  exposeLive(light ?? blurred, WIDTH, response, perLight, 7, raw);
  return raw;
}

function peaks(
  raw: Uint16Array,
  iso: number,
  strength: 'low' | 'medium' | 'high' = 'medium',
): Uint8Array {
  const noise = lumaNoise(photositeResponse(main.sensor, iso, 4032 / WIDTH), LUMA);
  const marks = new Uint8Array(PIXELS);
  markPeaking(raw, WIDTH, HEIGHT, LUMA, peakingTable(strength, LEVELS, noise), marks);
  return marks;
}

/** Marked pixels within a band of distances. */
const markedBetween = (marks: Uint8Array, nearM: number, farM: number): number =>
  marks.reduce(
    (n, m, p) => n + (m & MARK_PEAK && plane.depthM[p] > nearM && plane.depthM[p] < farM ? 1 : 0),
    0,
  );

describe('focus peaking', () => {
  test('marks what is in focus: the near jar when the lens is there, and hardly when it is at the far end', () => {
    const near = markedBetween(peaks(frame(0.34, 100), 100), 0.28, 0.36);
    const far = markedBetween(peaks(frame(20, 100), 100), 0.28, 0.36);
    expect(near).toBeGreaterThan(300);
    expect(far).toBeLessThan(0.35 * near);
  });

  test('does not sparkle: noise alone marks nothing, at ISO 6400 as at ISO 100', () => {
    for (const iso of [100, 6400]) {
      const smooth = new Float32Array(3 * PIXELS).map((_, i) => 2 + ((i / 3) % WIDTH) * 0.1);
      const marked = peaks(frame(1, iso, smooth), iso, 'high').filter((m) => m & MARK_PEAK).length;
      expect(marked).toBe(0);
    }
  });

  test('stronger settings mark more', () => {
    const raw = frame(0.5, 100);
    const counts = (['low', 'medium', 'high'] as const).map(
      (strength) => peaks(raw, 100, strength).filter((m) => m & MARK_PEAK).length,
    );
    expect(counts[1]).toBeGreaterThan(counts[0] * 1.2);
    expect(counts[2]).toBeGreaterThan(counts[1] * 1.1);
  });

  test('over 95 % of marked pixels lie on edges that OpenCV’s Sobel and Laplacian find', () => {
    const raw = frame(0.5, 400);
    const marks = peaks(raw, 400);
    const luma = new Float32Array(PIXELS).map(
      (_, p) => (LUMA[0] * raw[3 * p] + LUMA[1] * raw[3 * p + 1] + LUMA[2] * raw[3 * p + 2]) / 256,
    );
    const image = cv.matFromArray(HEIGHT, WIDTH, cv.CV_32FC1, luma);
    const [dx, dy, bend] = [new cv.Mat(), new cv.Mat(), new cv.Mat()];
    cv.Sobel(image, dx, cv.CV_32F, 1, 0);
    cv.Sobel(image, dy, cv.CV_32F, 0, 1);
    cv.Laplacian(image, bend, cv.CV_32F, 1);
    const edge = (p: number): boolean => {
      const light = 0.15 * (luma[p] - LEVELS.blackLevel);
      // Sobel's weights sum to 4 on either side of a step; a thin line has no slope in its middle,
      // but the Laplacian's bend.
      const slope = Math.hypot(dx.data32F[p], dy.data32F[p]) / 4;
      return slope > light / 2 || Math.abs(bend.data32F[p]) > light;
    };
    let [marked, agreed] = [0, 0];
    marks.forEach((m, p) => {
      if (!(m & MARK_PEAK)) return;
      marked++;
      if (edge(p)) agreed++;
    });
    expect(marked).toBeGreaterThan(1000);
    expect(agreed / marked).toBeGreaterThan(0.95);
  });
});

describe('depth views', () => {
  const depth = {
    width: 12,
    height: 8,
    depthM: new Float32Array(96).map((_, p) => [0.3, 1, 9][Math.floor((p % 12) / 4)]),
  };
  const zone = { nearM: 0.8, farM: 1.3 };

  test('what is sharp keeps its picture; nearer and farther are grey under stripes of different ways', () => {
    const rgba = new Uint8ClampedArray(4 * 96).map((_, i) => [200, 100, 50, 255][i % 4]);
    printSharpZone(depth, zone, rgba);
    const at = (x: number, y: number): number[] => [
      ...rgba.subarray(4 * (y * 12 + x), 4 * (y * 12 + x) + 3),
    ];
    expect(at(5, 3)).toEqual([200, 100, 50]);
    for (const x of [1, 9]) expect(new Set(at(x, 3)).size).toBe(1);
    // Stripes of what is near change along a row; of what is far only from row to row.
    expect(new Set([0, 1, 2, 3].map((x) => at(x, 5)[0])).size).toBeGreaterThan(1);
    for (let y = 0; y < 8; y++)
      expect(new Set([8, 9, 10, 11].map((x) => at(x, y)[0])).size).toBe(1);
  });

  test('distances run from light to dark, with the limits of the zone drawn', () => {
    const rgba = new Uint8ClampedArray(4 * 96);
    printDistances(depth, zone, rgba);
    const red = (x: number): number => rgba[4 * (3 * 12 + x)];
    expect(red(1)).toBeGreaterThan(red(5));
    expect(red(5)).toBeGreaterThan(red(9));
    expect([...rgba.subarray(4 * (3 * 12 + 3), 4 * (3 * 12 + 3) + 3)]).toEqual([150, 92, 255]);
  });
});
