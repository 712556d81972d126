import { decodeRaw, decodeStored, encodeLjpeg, readDng, TAG } from '../../src/files';
import type { TiffField } from '../../src/files/tiff/types';
import {
  bigEndian,
  BLACK,
  EVEN,
  foreign,
  numbers,
  packed,
  ramp,
  stripOf,
  WHITE,
} from '../support/foreignTiff';
import { fileOf, readMapFile, readPortableMap, run } from '../support/shots';

/**
 * DNGs of other makers in all the ways the specification allows and Velmo reads (DNG 1.4, chapters
 * 2, 4 and 5), as LibRaw's `unprocessed_raw` and dcraw read them.
 */

/** All stored values as LibRaw has them, and its margins. */
function unprocessed(file: Uint8Array) {
  const path = fileOf(file);
  const said = run('unprocessed_raw', [path]).toString();
  const [, top, left] = /Margins: top=(\d+), left=(\d+)/.exec(said) ?? [];
  const [, width, height] = /Image size: (\d+)x(\d+)/.exec(said) ?? [];
  return {
    ...readMapFile(`${path}.pgm`),
    area: [Number(left), Number(top), Number(width), Number(height)],
  };
}

/** Stored values of a file, judged. */
function judged(file: Uint8Array): Uint16Array {
  const dng = readDng(file);
  const stored = decodeStored(dng);
  const judge = unprocessed(file);
  expect([judge.width, judge.height]).toEqual([dng.stored.width, dng.stored.height]);
  expect(stored).toEqual(judge.data);
  return stored;
}

const levels = (bits: number): TiffField[] => [
  numbers(TAG.BitsPerSample, [bits], 'SHORT'),
  numbers(TAG.BlackLevel, [0], 'SHORT'),
  numbers(TAG.WhiteLevel, [2 ** bits - 1]),
];

describe('uncompressed', () => {
  test.each([8, 10, 12, 14])('in %i bits, packed', (bits) => {
    // A width whose rows do not end with a whole byte.
    const size = { width: 70, height: 30 };
    const data = Uint16Array.from(
      { length: size.width * size.height },
      (_, i) => (i * 2654435761) >>> (32 - bits),
    );
    const file = foreign(size, data, [...levels(bits), ...stripOf(packed(data, size, bits))]);
    const judge = readPortableMap(run('dcraw', ['-D', '-4', '-t', '0', '-c', fileOf(file)]));
    expect(decodeStored(readDng(file))).toEqual(judge.data);
    expect(judge.data).toEqual(data);
  });
  test('in 16 bits of the other byte order, numbers of its tags as well', () => {
    const file = bigEndian(foreign(EVEN, ramp(EVEN)));
    expect(judged(file)).toEqual(ramp(EVEN));
    expect(readDng(file).raw).toMatchObject({ blackLevel: BLACK, whiteLevel: WHITE });
    expect(readDng(file).asShotNeutral).toEqual([0.5, 1, 0.6]);
  });
});

describe('colours', () => {
  test.each([
    ['RGGB', [0, 1, 1, 2], 'RG/GB', 0, 0],
    ['GRBG', [1, 0, 2, 1], 'GR/BG', 1, 0],
    ['GBRG', [1, 2, 0, 1], 'GB/RG', 0, 1],
    ['BGGR', [2, 1, 1, 0], 'BG/GR', 1, 1],
  ])('%s: from the first red on, as dcraw names the pattern', (_name, pattern, named, x, y) => {
    const file = foreign(EVEN, ramp(EVEN), [numbers(TAG.CFAPattern, pattern, 'BYTE')]);
    expect(run('dcraw', ['-i', '-v', fileOf(file)]).toString()).toContain(
      `Filter pattern: ${named}`,
    );
    const stored = judged(file);
    const dng = readDng(file);
    const raw = decodeRaw(dng);
    expect([dng.raw.width, dng.raw.height]).toEqual([64 - x, 32 - y]);
    expect(dng.raw.crop).toEqual({ x: 0, y: 0, width: 64 - x, height: 32 - y });
    for (const [column, row] of [
      [0, 0],
      [5, 3],
      [63 - x, 31 - y],
    ])
      expect(raw[row * (64 - x) + column]).toBe(stored[(row + y) * 64 + column + x]);
  });
});

describe('masked borders', () => {
  // Top, left, bottom, right.
  const area = [4, 6, 30, 62];
  test('are left out, and the crop lies in what is left, as LibRaw has it', () => {
    const file = foreign(EVEN, ramp(EVEN), [
      numbers(TAG.ActiveArea, area),
      numbers(TAG.DefaultCropOrigin, [2, 4]),
      numbers(TAG.DefaultCropSize, [40, 20]),
    ]);
    const stored = judged(file);
    expect(unprocessed(file).area).toEqual([6, 4, 56, 26]);
    const dng = readDng(file);
    expect(dng.raw).toMatchObject({
      width: 56,
      height: 26,
      crop: { x: 2, y: 4, width: 40, height: 20 },
    });
    expect(decodeRaw(dng)[0]).toBe(stored[4 * 64 + 6]);
  });
  test('with a pattern that begins with blue, the crop still shows the same photosites', () => {
    const file = foreign(EVEN, ramp(EVEN), [
      numbers(TAG.ActiveArea, area),
      numbers(TAG.CFAPattern, [2, 1, 1, 0], 'BYTE'),
      numbers(TAG.DefaultCropOrigin, [2, 4]),
      numbers(TAG.DefaultCropSize, [40, 20]),
    ]);
    const stored = judged(file);
    const { width, crop } = readDng(file).raw;
    expect(crop).toEqual({ x: 1, y: 3, width: 40, height: 20 });
    expect(decodeRaw(readDng(file))[crop.y * width + crop.x]).toBe(stored[(4 + 4) * 64 + 6 + 2]);
  });
});

describe('levels', () => {
  const LIGHT = 1000;
  /** A raw that holds the same light over its black everywhere. */
  const over = (blackAt: (x: number, y: number) => number): Uint16Array =>
    Uint16Array.from({ length: 64 * 32 }, (_, i) =>
      Math.round(LIGHT + blackAt(i % 64, Math.floor(i / 64))),
    );
  /** Least and most of what is left over black. */
  const left = (file: Uint8Array): [number, number] => {
    const dng = readDng(file);
    const raw = decodeRaw(dng).map((v) => v - dng.raw.blackLevel);
    return [Math.min(...raw), Math.max(...raw)];
  };
  const repeat = numbers(TAG.BlackLevelRepeatDim, [2, 2], 'SHORT');
  const rationals = (tag: number, type: 'RATIONAL' | 'SRATIONAL', values: number[]): TiffField => ({
    tag,
    type,
    values: values.flatMap((v) => [Math.round(10 * v), 10]),
  });

  test('a black of each photosite of the pattern: even light stays even, to the last step', () => {
    const blacks = [250, 260, 258, 254];
    const data = over((x, y) => blacks[2 * (y & 1) + (x & 1)]);
    const file = foreign(EVEN, data, [repeat, numbers(TAG.BlackLevel, blacks, 'SHORT')]);
    expect(left(file)).toEqual([LIGHT, LIGHT]);
    // The colour whose black is highest clips first.
    expect(readDng(file).raw).toMatchObject({ blackLevel: 260, whiteLevel: WHITE });
    expect(decodeRaw(readDng(foreign(EVEN, data.fill(WHITE), [repeat])))[0]).toBe(WHITE);
  });
  test('the same where the pattern begins with green: each black belongs to its place in the file', () => {
    const blacks = [250, 260, 258, 254];
    const data = over((x, y) => blacks[2 * (y & 1) + (x & 1)]);
    const file = foreign(EVEN, data, [
      repeat,
      numbers(TAG.BlackLevel, blacks, 'SHORT'),
      numbers(TAG.CFAPattern, [1, 0, 2, 1], 'BYTE'),
    ]);
    expect(left(file)).toEqual([LIGHT, LIGHT]);
  });
  test('a black that is no whole number is rounded once', () => {
    const file = foreign(
      EVEN,
      over(() => 256.4),
      [rationals(TAG.BlackLevel, 'RATIONAL', [256.4])],
    );
    expect(readDng(file).raw.blackLevel).toBe(257);
    expect(left(file)).toEqual([LIGHT, LIGHT]);
  });
  test('differences by row and column', () => {
    const rows = Array.from({ length: 32 }, (_, y) => y % 5);
    const columns = Array.from({ length: 64 }, (_, x) => -(x % 3));
    const file = foreign(
      EVEN,
      over((x, y) => 256 + rows[y] + columns[x]),
      [
        rationals(TAG.BlackLevelDeltaV, 'SRATIONAL', rows),
        rationals(TAG.BlackLevelDeltaH, 'SRATIONAL', columns),
      ],
    );
    expect(left(file)).toEqual([LIGHT, LIGHT]);
  });
  test('without a white level: what the bits can hold', () => {
    const data = new Uint16Array(64 * 32).fill(900);
    const file = foreign(EVEN, data, [
      numbers(TAG.BitsPerSample, [10], 'SHORT'),
      numbers(TAG.BlackLevel, [64], 'SHORT'),
      { tag: TAG.WhiteLevel, type: 'LONG', values: [] },
      ...stripOf(packed(data, EVEN, 10)),
    ]);
    expect(readDng(file).raw).toMatchObject({ blackLevel: 64, whiteLevel: 1023 });
  });
  test('a table of values, and what lies behind its end, as LibRaw reads it', () => {
    const table = Array.from({ length: 200 }, (_, i) => i * i);
    const data = Uint16Array.from({ length: 64 * 32 }, (_, i) => i % 256);
    const file = foreign(EVEN, data, [
      numbers(TAG.LinearizationTable, table, 'SHORT'),
      numbers(TAG.BlackLevel, [0], 'SHORT'),
      numbers(TAG.WhiteLevel, [199 * 199]),
    ]);
    const stored = judged(file);
    expect([stored[10], stored[199], stored[255]]).toEqual([100, 199 * 199, 199 * 199]);
  });
});

describe('lossless JPEG', () => {
  const data = ramp(EVEN);
  const jpegOf = (width: number, rows: number, components: 1 | 2): Uint8Array =>
    encodeLjpeg({
      data,
      offset: 0,
      stride: width,
      available: width,
      availableRows: rows,
      width,
      height: rows,
      components,
      precision: 12,
    });
  test.each([
    ['a row of the mosaic as one of two components', 64, 32, 2],
    ['a row as one of one component', 64, 32, 1],
    ['two rows of the mosaic as one', 128, 16, 2],
  ] as const)('%s, as LibRaw reads it', (_name, width, rows, components) => {
    const jpeg = jpegOf(width, rows, components);
    const file = foreign(EVEN, data, [numbers(TAG.Compression, [7], 'SHORT'), ...stripOf(jpeg)]);
    expect(judged(file)).toEqual(data);
  });
});
