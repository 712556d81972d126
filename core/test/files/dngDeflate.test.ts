import { deflateSync } from 'node:zlib';
import { readFileSync } from 'node:fs';
import { decodeRaw, decodeStored, readDng, TAG } from '../../src/files';
import { TiffReader } from '../../src/files/tiff/reader';
import type { TiffField } from '../../src/files/tiff/types';
import { foreign, numbers, packed, ramp, stripOf } from '../support/foreignTiff';
import { fileOf, readMapFile, run } from '../support/shots';

/**
 * DNGs whose raw is deflated, of whole numbers and of floating-point ones (TIFF 6.0 with its
 * TechNotes, DNG 1.4): blocks as libtiff writes them through ImageMagick.
 */

const SIZE = { width: 96, height: 64 };
const LEVELS = [numbers(TAG.BlackLevel, [0]), numbers(TAG.WhiteLevel, [65535])];

/** A picture with something in each bit, as a PGM of 16 bits. */
const noise = (): string => {
  const path = fileOf(new Uint8Array(), 'noise.pgm');
  const args = ['-size', '96x64', '-seed', '3', 'gradient:', '+noise', 'Gaussian', '-depth', '16'];
  run('convert', [...args, '-colorspace', 'Gray', path]);
  return path;
};

/** Its deflated block as libtiff writes it, and what its directory says of it. */
function blockOf(source: string, ...args: string[]): TiffField[] {
  const path = fileOf(new Uint8Array(), 'block.tif');
  run('convert', [source, '-compress', 'zip', ...args, path]);
  const bytes = new Uint8Array(readFileSync(path));
  const reader = new TiffReader(bytes);
  const root = reader.root();
  const of = (tag: number): number => reader.first(root, tag) ?? 1;
  expect([of(TAG.Compression), of(TAG.RowsPerStrip), of(TAG.SamplesPerPixel)]).toEqual([8, 64, 1]);
  const [offset, length] = [of(TAG.StripOffsets), of(TAG.StripByteCounts)];
  return [
    numbers(TAG.Compression, [8], 'SHORT'),
    numbers(TAG.Predictor, [of(TAG.Predictor)], 'SHORT'),
    numbers(TAG.BitsPerSample, [of(TAG.BitsPerSample)], 'SHORT'),
    numbers(TAG.SampleFormat, [of(TAG.SampleFormat)], 'SHORT'),
    ...stripOf(bytes.slice(offset, offset + length)),
  ];
}

const decoded = (...fields: TiffField[]): Uint16Array =>
  decodeStored(readDng(foreign(SIZE, ramp(SIZE), [...LEVELS, ...fields])));

const ZIP = numbers(TAG.Compression, [8], 'SHORT');

describe('whole numbers', () => {
  test.each([1, 2])('16 bits, predictor %i', (predictor) => {
    const source = noise();
    const block = blockOf(source, '-define', `tiff:predictor=${predictor}`);
    expect(block[1]).toMatchObject({ values: [predictor] });
    expect(decoded(...block)).toEqual(readMapFile(source).data);
  });
  test('8 bits, predictor 2', () => {
    const source = noise();
    const block = blockOf(source, '-depth', '8', '-define', 'tiff:predictor=2');
    const bytes = fileOf(new Uint8Array(), 'eight.gray');
    run('convert', [source, '-depth', '8', bytes]);
    expect(Buffer.from(Uint8Array.from(decoded(...block)))).toEqual(readFileSync(bytes));
  });
  test('12 bits, packed', () => {
    const data = ramp(SIZE);
    const twelve = new Uint8Array(deflateSync(packed(data, SIZE, 12)));
    const bits = numbers(TAG.BitsPerSample, [12], 'SHORT');
    expect(decoded(ZIP, bits, ...stripOf(twelve))).toEqual(data);
  });
  test.each([
    [34892, 2],
    [34893, 4],
  ])('predictor %i: told by the photosite %i before (DNG 1.4)', (code, step) => {
    const data = ramp(SIZE);
    const told = data.map((v, i) => (i % SIZE.width < step ? v : v - data[i - step]));
    const block = new Uint8Array(deflateSync(new Uint8Array(told.buffer)));
    const predictor = numbers(TAG.Predictor, [code], 'SHORT');
    expect(decoded(ZIP, predictor, ...stripOf(block))).toEqual(data);
  });
});

describe('floating-point numbers, white 1', () => {
  const WHITE_ONE = [{ tag: TAG.WhiteLevel, type: 'LONG', values: [1] }] as const;
  /** As a DNG whose white is 1; the judge writes 0..1. */
  const floats = (bits: number, source: string): Uint16Array => {
    const block = blockOf(
      source,
      '-depth',
      `${bits}`,
      '-define',
      'quantum:format=floating-point',
      '-define',
      'tiff:predictor=3',
    );
    expect(block.slice(1, 4)).toMatchObject([{ values: [3] }, { values: [bits] }, { values: [3] }]);
    const black = numbers(TAG.BlackLevel, [0]);
    return decodeStored(readDng(foreign(SIZE, ramp(SIZE), [black, ...WHITE_ONE, ...block])));
  };
  test('32 bits', () => {
    const source = noise();
    const [ours, theirs] = [floats(32, source), readMapFile(source).data];
    let worst = 0;
    ours.forEach((v, i) => (worst = Math.max(worst, Math.abs(v - theirs[i]))));
    expect(worst).toBeLessThanOrEqual(1);
  });
  test('16 bits: to the eleven that a half has', () => {
    const source = noise();
    const [ours, theirs] = [floats(16, source), readMapFile(source).data];
    ours.forEach((v, i) =>
      expect(Math.abs(v - theirs[i])).toBeLessThanOrEqual(1 + theirs[i] / 2048),
    );
  });
  test.each([
    [34894, 2],
    [34895, 4],
  ])('predictor %i: bytes told by those %i before (DNG 1.4)', (code, step) => {
    // Thirds of stops under white, most significant bytes first, a plane of bytes after the other.
    const { width, height } = SIZE;
    const values = Float32Array.from({ length: width * height }, (_, i) => 2 ** (-(i % 29) / 3));
    const view = new DataView(values.buffer);
    const bytes = new Uint8Array(4 * values.length);
    for (let y = 0; y < height; y++) {
      const row = bytes.subarray(4 * width * y, 4 * width * (y + 1));
      for (let x = 0; x < width; x++)
        for (let b = 0; b < 4; b++) row[b * width + x] = view.getUint8(4 * (y * width + x) + 3 - b);
      for (let n = row.length - 1; n >= step; n--) row[n] -= row[n - step];
    }
    const fields = [
      LEVELS[0],
      ...WHITE_ONE,
      ZIP,
      numbers(TAG.Predictor, [code], 'SHORT'),
      numbers(TAG.SampleFormat, [3], 'SHORT'),
      numbers(TAG.BitsPerSample, [32], 'SHORT'),
      ...stripOf(new Uint8Array(deflateSync(bytes))),
    ];
    const stored = decodeStored(readDng(foreign(SIZE, ramp(SIZE), fields)));
    expect(stored).toEqual(Uint16Array.from(values, (v) => Math.round(65535 * v)));
  });
  test('24 bits and 32 bits uncompressed: numbers by their definition (IEEE 754; DNG 1.4, appendix)', () => {
    // Sign, exponent (7 bits, 63 is one), fraction (16 bits): 1, 0.5, 0.75, 2 (clips), -1,
    // smallest.
    const words = [0x3f0000, 0x3e0000, 0x3e8000, 0x400000, 0xbf0000, 0x000001];
    const bytes = new Uint8Array(3 * SIZE.width * SIZE.height);
    words.forEach((word, i) => {
      bytes[3 * i] = word & 255;
      bytes[3 * i + 1] = (word >> 8) & 255;
      bytes[3 * i + 2] = word >> 16;
    });
    const float = numbers(TAG.SampleFormat, [3], 'SHORT');
    const bits = numbers(TAG.BitsPerSample, [24], 'SHORT');
    const file = foreign(SIZE, ramp(SIZE), [
      LEVELS[0],
      ...WHITE_ONE,
      float,
      bits,
      ...stripOf(bytes),
    ]);
    expect(Array.from(decodeStored(readDng(file)).slice(0, 6))).toEqual([
      65535, 32768, 49151, 65535, 0, 0,
    ]);
    const data = Float32Array.from(
      { length: SIZE.width * SIZE.height },
      (_, i) => [0.25, NaN, Infinity, 1e-3][i % 4],
    );
    const four = [
      float,
      numbers(TAG.BitsPerSample, [32], 'SHORT'),
      ...stripOf(new Uint8Array(data.buffer)),
    ];
    const plain = decodeStored(
      readDng(foreign(SIZE, ramp(SIZE), [LEVELS[0], ...WHITE_ONE, ...four])),
    );
    expect(Array.from(plain.slice(0, 4))).toEqual([16384, 0, 65535, 66]);
  });
});

test('white of each colour: light is brought to one scale (DNG 1.4, chapter 5)', () => {
  const rgb = Uint16Array.from({ length: 3 * 64 * 32 }, (_, i) => [1100, 2100, 4100][i % 3]);
  const file = foreign({ width: 64, height: 32 }, rgb, [
    numbers(TAG.PhotometricInterpretation, [34892], 'SHORT'),
    numbers(TAG.SamplesPerPixel, [3], 'SHORT'),
    numbers(TAG.BitsPerSample, [16, 16, 16], 'SHORT'),
    numbers(TAG.BlackLevel, [100, 100, 100], 'SHORT'),
    numbers(TAG.WhiteLevel, [2100, 4100, 8100]),
  ]);
  const dng = readDng(file);
  expect(dng.raw).toMatchObject({ kind: 'linear', blackLevel: 100, whiteLevel: 2100 });
  // Each is half way from black to its own white.
  expect(Array.from(decodeRaw(dng).slice(0, 6))).toEqual([1100, 1100, 1100, 1100, 1100, 1100]);
});

test('a block that is no zlib, or not all there, is refused', () => {
  const whole = new Uint8Array(deflateSync(new Uint8Array(ramp(SIZE).buffer)));
  expect(() => decoded(ZIP, ...stripOf(new Uint8Array(50)))).toThrow('cannot be inflated');
  expect(() => decoded(ZIP, ...stripOf(whole.slice(0, whole.length - 40)))).toThrow(
    /inflated|too small/,
  );
  const short = new Uint8Array(deflateSync(new Uint8Array(100)));
  expect(() => decoded(ZIP, ...stripOf(short))).toThrow(/inflated|too small/);
  expect(() => decoded(ZIP, numbers(TAG.Predictor, [7], 'SHORT'), ...stripOf(whole))).toThrow(
    'Predictor 7',
  );
});
