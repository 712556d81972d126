import { noiseFloorShare, floorOfNoise, binLinear, photositeResponse } from '../../src/sensor';
import {
  boxInFile,
  orientationCode,
  orientationMatrix,
  orientationOf,
  placeInFile,
  seenSize,
  tiffDirectories,
  turned,
  wayInFile,
} from '../../src/files';
import { MARK_PEAK, markMosaicClips, readRawSpot } from '../../src/monitor';
import { findLens } from '../../src/optics';
import { run, shoot } from '../support/shots';

/** What is read, marked and shown of a raw that is kept. */

const WHITE = 4095;

describe('clip marks of a stored mosaic', () => {
  const [width, height] = [16, 12];
  const mosaic = (...clipped: [number, number][]): Uint16Array => {
    const raw = new Uint16Array(width * height).fill(1000);
    for (const [x, y] of clipped) raw[y * width + x] = WHITE;
    return raw;
  };

  test('one photosite of many under a pixel marks it, in its own colour', () => {
    // Red at an even place, green beside it, blue below that.
    const raw = mosaic([4, 0], [1, 4], [9, 9]);
    const marks = new Uint8Array(12).fill(MARK_PEAK);
    markMosaicClips(raw, width, WHITE, { x: 0, y: 0, width: 4, height: 3, factor: 4 }, marks);
    expect(Array.from(marks, (m) => m & 7)).toEqual([0, 1, 0, 0, 2, 0, 0, 0, 0, 0, 4, 0]);
    expect(marks.every((m) => (m & MARK_PEAK) !== 0)).toBe(true);
  });

  test('at full size a pixel stands for its cell of two by two; what was interpolated beside it does not clip', () => {
    const raw = mosaic([6, 6]);
    const marks = new Uint8Array(36).fill(7);
    markMosaicClips(raw, width, WHITE, { x: 5, y: 5, width: 6, height: 6, factor: 1 }, marks);
    const marked = [...marks.keys()].filter((p) => marks[p] !== 0);
    expect(marked.map((p) => [5 + (p % 6), 5 + Math.floor(p / 6)])).toEqual([
      [6, 6],
      [7, 6],
      [6, 7],
      [7, 7],
    ]);
    expect(new Set(marked.map((p) => marks[p]))).toEqual(new Set([1]));
  });
});

test('a mosaic of odd size: its last column and row are marked in their own colours', () => {
  const raw = new Uint16Array(7 * 5).fill(1000);
  // The last whole cell is red at (4, 2).
  raw[2 * 7 + 4] = WHITE;
  const marks = new Uint8Array(4);
  markMosaicClips(raw, 7, WHITE, { x: 5, y: 3, width: 2, height: 2, factor: 1 }, marks);
  expect([...marks]).toEqual([1, 1, 1, 1]);
});

describe('a place of a stored raw', () => {
  const [width, height] = [40, 30];
  const levels = { blackLevel: 256, whiteLevel: WHITE };
  const raw = Uint16Array.from({ length: width * height }, (_, i) => {
    const [x, y] = [i % width, Math.floor(i / width)];
    if (x >= 20) return WHITE;
    const colour = (y & 1) + (x & 1);
    return 256 + [400, 800, 200][colour];
  });
  const source = { raw, width, height, samplesPerPixel: 1 as const, ...levels };
  const range = WHITE - 256;

  test('each colour by itself, over black', () => {
    const { mean, clipped } = readRawSpot(source, 10, 10, 4);
    expect(mean.map((m) => Math.round(m * range))).toEqual([400, 800, 200]);
    expect(clipped).toEqual([0, 0, 0]);
  });
  test('all colours are there in the smallest circle, and in a corner', () => {
    for (const [x, y] of [
      [7, 7],
      [7.5, 8.5],
      [-3, -3],
      [0, 29],
    ])
      expect(readRawSpot(source, x, y, 0).mean.map((m) => Math.round(m * range))).toEqual([
        400, 800, 200,
      ]);
  });
  test('what clips is told as a share', () => {
    const { clipped } = readRawSpot(source, 19.5, 15, 6);
    for (const share of clipped) expect(Math.abs(share - 0.5)).toBeLessThan(0.1);
    expect(readRawSpot(source, 39, 15, 3).clipped).toEqual([1, 1, 1]);
  });
  test('of linear RGB: three samples a pixel', () => {
    const rgb = Uint16Array.from({ length: 3 * 16 }, (_, i) => 256 + 100 * (1 + (i % 3)));
    const linear = { raw: rgb, width: 4, height: 4, samplesPerPixel: 3 as const, ...levels };
    expect(readRawSpot(linear, 2, 2, 1).mean.map((m) => Math.round(m * range))).toEqual([
      100, 200, 300,
    ]);
  });
});

test('linear RGB made smaller: the mean of each block, from where the part begins', () => {
  const rgb = Uint16Array.from({ length: 3 * 5 * 4 }, (_, i) => 16 * Math.floor(i / 3));
  const out = new Uint16Array(6);
  binLinear(rgb, 5, { x: 1, y: 1, width: 4, height: 3 }, 2, 4, out);
  // Pixels 6, 7, 11, 12 and 8, 9, 13, 14, brought down by 4 bits.
  expect([...out]).toEqual([9, 9, 9, 11, 11, 11]);
});

test('the floor of a noise profile is the sensor’s own: where signal and noise are as large', () => {
  const response = photositeResponse(findLens('main')!.sensor, 400, 1);
  const noise = {
    scale: 1 / response.saturationE,
    offset: (response.readNoiseE / response.saturationE) ** 2,
  };
  expect(floorOfNoise(noise)).toBeCloseTo(noiseFloorShare(response), 9);
});

describe('orientations of TIFF 6.0, judged by ImageMagick', () => {
  const NAMES = [
    'TopLeft',
    'TopRight',
    'BottomRight',
    'BottomLeft',
    'LeftTop',
    'RightTop',
    'RightBottom',
    'LeftBottom',
  ];
  const size = { width: 3, height: 2 };
  // Six greys, each where it lies in the file.
  const greys = [0, 40, 80, 120, 160, 200];
  const draw = greys.flatMap((grey, i) => [
    '-fill',
    `gray(${grey})`,
    '-draw',
    `point ${i % 3},${Math.floor(i / 3)}`,
  ]);
  const seenBy = (name: string): Map<string, number> => {
    const args = ['-size', '3x2', 'xc:black', '-depth', '8', ...draw];
    const text = run('convert', [...args, '-orient', name, '-auto-orient', 'txt:-']).toString();
    const found = new Map<string, number>();
    for (const [, x, y, grey] of text.matchAll(/^(\d+),(\d+): \((\d+)/gm))
      found.set(`${x},${y}`, Number(grey));
    return found;
  };

  test.each(NAMES.map((name, i) => [i + 1, name] as const))('%i, %s', (code, name) => {
    const orientation = orientationOf(code);
    const seen = seenSize(orientation, size);
    const judged = seenBy(name);
    expect(judged.size).toBe(6);
    const [a, b, c, d, e, f] = orientationMatrix(orientation, size);
    for (const [place, grey] of judged) {
      const [x, y] = place.split(',').map(Number);
      const file = placeInFile(orientation, {
        x: (x + 0.5) / seen.width,
        y: (y + 0.5) / seen.height,
      });
      const [u, v] = [file.x * size.width, file.y * size.height];
      expect(greys[Math.floor(v) * 3 + Math.floor(u)]).toBe(grey);
      expect(a * u + c * v + e).toBeCloseTo(x + 0.5, 9);
      expect(b * u + d * v + f).toBeCloseTo(y + 0.5, 9);
    }
    expect(orientationCode(orientation)).toBe(code);
    // A box of one seen pixel is one pixel of the file, where a step right leads one pixel on.
    for (const [place, grey] of judged) {
      const [x, y] = place.split(',').map(Number);
      const box = boxInFile(orientation, size, { x, y, width: 1, height: 1 });
      expect(box).toMatchObject({ width: 1, height: 1 });
      expect(greys[box.y * 3 + box.x]).toBe(grey);
      const way = wayInFile(orientation, { x: 1, y: 0 });
      const beside = judged.get(`${x + 1},${y}`);
      if (beside !== undefined) expect(greys[(box.y + way.y) * 3 + box.x + way.x]).toBe(beside);
    }
  });

  test('a quarter turn more goes round: four of them change nothing', () => {
    const round = (code: number): number[] =>
      [1, 2, 3, 4].map((n) => orientationCode(turned(orientationOf(code), n)));
    expect(round(1)).toEqual([6, 3, 8, 1]);
    expect(round(2)).toEqual([7, 4, 5, 2]);
    expect(orientationCode(turned(orientationOf(6), -1))).toBe(1);
    expect(orientationCode(orientationOf(0))).toBe(1);
  });
});

test('what the directories of a DNG say is what ExifTool reads in them', () => {
  const file = shoot('--scene', 'test-wall', '--time', '1/125', '--seed', '2', '--crop', '2');
  const [judged] = JSON.parse(run('exiftool', ['-json', '-n', '-a', '-G1', file]).toString());
  const directories = tiffDirectories(new Uint8Array(run('cat', [file])));
  expect(directories.map(({ title }) => title)).toEqual(['Image file', 'Raw image', 'Depth map']);
  const compare = (group: string, from: number, names: readonly string[]): void => {
    const said = new Map(directories[from].tags.map(({ name, value }) => [name, value]));
    for (const name of names) {
      const theirs = String(judged[`${group}:${name}`]).split(' ').map(Number);
      const ours = said.get(name)!.split(' ').map(Number);
      ours.forEach((v, i) => expect(v).toBeCloseTo(theirs[i], 5));
      expect(ours.length).toBe(Math.min(16, theirs.length));
    }
  };
  compare('IFD0', 0, ['ColorMatrix1', 'AsShotNeutral', 'BaselineExposure', 'Orientation']);
  compare('SubIFD', 1, [
    'BlackLevel',
    'WhiteLevel',
    'DefaultCropSize',
    'NoiseProfile',
    'TileWidth',
  ]);
  compare('SubIFD1', 2, ['ImageWidth', 'BitsPerSample', 'PhotometricInterpretation']);
  expect(tiffDirectories(new Uint8Array(40))).toEqual([]);
});
