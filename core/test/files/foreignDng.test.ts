import { createDeveloper, developRgb } from '../../src/colour';
import { cameraProfile, binMosaic, demosaicMalvar } from '../../src/sensor';
import { decodeRaw, DngError, readDng, TAG, takenAt } from '../../src/files';
import type { TiffField } from '../../src/files/tiff/types';
import { findLens } from '../../src/optics';
import { BLACK, EVEN, foreign, numbers, ramp, WHITE } from '../support/foreignTiff';
import { fileOf, readPortableMap, run } from '../support/shots';

const even = foreign(EVEN, ramp(EVEN));

test('the file itself is read, as dcraw reads it', () => {
  const dng = readDng(even);
  expect(dng.raw).toMatchObject({ blackLevel: BLACK, whiteLevel: WHITE, crop: { x: 0, ...EVEN } });
  const judge = readPortableMap(run('dcraw', ['-D', '-4', '-t', '0', '-c', fileOf(even)]));
  expect(decodeRaw(dng)).toEqual(judge.data);
});

test('exposure in the first directory, as TIFF/EP writes it, is what ExifTool reads', () => {
  const file = foreign(EVEN, ramp(EVEN), [
    { tag: TAG.ExposureTime, type: 'RATIONAL', values: [1, 250] },
    { tag: TAG.FNumber, type: 'RATIONAL', values: [28, 10] },
    { tag: TAG.DateTimeOriginal, type: 'ASCII', text: '2026:08:14 06:30:00' },
  ]);
  const [judged] = JSON.parse(run('exiftool', ['-json', '-n', fileOf(file)]).toString());
  const { exif } = readDng(file);
  expect([exif.timeS, exif.fNumber, exif.dateTimeOriginal]).toEqual([
    judged.ExposureTime,
    judged.FNumber,
    judged.DateTimeOriginal,
  ]);
  expect(takenAt(exif)).toBe('2026-08-14T06:30:00');
});

describe('what would be read wrongly is refused, with the reason', () => {
  test.each<[string, TiffField, RegExp]>([
    ['other colours', numbers(TAG.CFAPlaneColor, [3, 4, 5], 'BYTE'), /CFAPlaneColor/],
    ['staggered photosites', numbers(TAG.CFALayout, [2], 'SHORT'), /CFALayout/],
    ['colours in another order', numbers(TAG.CFAPattern, [0, 2, 1, 1], 'BYTE'), /Bayer/],
    ['a larger pattern', numbers(TAG.CFARepeatPatternDim, [1, 4], 'SHORT'), /Bayer/],
    ['too few bits', numbers(TAG.BitsPerSample, [4], 'SHORT'), /8 to 16 bits/],
    ['numbers with a sign', numbers(TAG.SampleFormat, [2], 'SHORT'), /without a sign/],
    ['an active area past the edge', numbers(TAG.ActiveArea, [0, 0, 33, 64]), /active area/],
    [
      'pixels that are not square',
      { tag: TAG.DefaultScale, type: 'RATIONAL', values: [1, 1, 2, 1] },
      /DefaultScale/,
    ],
    [
      'half a pixel cropped',
      { tag: TAG.DefaultCropOrigin, type: 'RATIONAL', values: [17, 2, 8, 1] },
      /DefaultCrop/,
    ],
    ['a crop past the edge', numbers(TAG.DefaultCropSize, [65, 32]), /does not lie within/],
  ])('%s', (_name, field, reason) => {
    const file = foreign(EVEN, ramp(EVEN), [field]);
    expect(() => readDng(file)).toThrow(DngError);
    expect(() => readDng(file)).toThrow(reason);
  });

  test('what means nothing else is read: one black for all, an active area of everything', () => {
    const file = foreign(EVEN, ramp(EVEN), [
      numbers(TAG.BlackLevel, [256, 256, 256, 256]),
      numbers(TAG.ActiveArea, [0, 0, 32, 64]),
    ]);
    expect(readDng(file).raw.blackLevel).toBe(256);
  });
});

test('odd sizes: values as dcraw reads them, colours in their place, no block beyond the edge', () => {
  const odd = { width: 65, height: 33 };
  const file = foreign(odd, ramp(odd));
  const dng = readDng(file);
  const raw = decodeRaw(dng);
  const judge = readPortableMap(run('dcraw', ['-D', '-4', '-t', '0', '-c', fileOf(file)]));
  expect([judge.width, judge.height]).toEqual([65, 33]);
  expect(raw).toEqual(judge.data);
  const whole = new Uint16Array(3 * 65 * 33);
  demosaicMalvar(raw, 65, 33, WHITE, { x: 0, y: 0, ...odd }, whole);
  // At every photosite its own colour is the value that was measured.
  for (let y = 0; y < 33; y++)
    for (let x = 0; x < 65; x++)
      expect(whole[3 * (65 * y + x) + (y & 1) + (x & 1)]).toBe(raw[65 * y + x]);
  const small = new Uint16Array(3 * 32 * 16);
  binMosaic(raw, 65, { x: 0, y: 0, width: 65, height: 33 }, 2, small);
  expect([...small.subarray(3 * 31, 3 * 32)]).toEqual([
    raw[62],
    (raw[63] + raw[127]) >> 1,
    raw[128],
  ]);
});

test('a crop that begins at an odd photosite keeps its colours', () => {
  const file = foreign(EVEN, ramp(EVEN), [
    { tag: TAG.DefaultCropOrigin, type: 'LONG', values: [3, 5] },
    { tag: TAG.DefaultCropSize, type: 'LONG', values: [41, 21] },
  ]);
  expect(readDng(file).raw.crop).toEqual({ x: 3, y: 5, width: 41, height: 21 });
});

test('values above white are white, not black specks', () => {
  const data = new Uint16Array(64 * 32).fill(WHITE + 900);
  const dng = readDng(foreign(EVEN, data));
  const raw = decodeRaw(dng);
  expect(Math.max(...raw)).toBe(WHITE);
  const rgb = new Uint16Array(3 * 64 * 32);
  demosaicMalvar(raw, 64, 32, WHITE, { x: 0, y: 0, ...EVEN }, rgb);
  const developer = createDeveloper({
    profile: cameraProfile(findLens('main')!.sensor.sensitivities),
    white: { x: 0.3457, y: 0.3585 },
    blackLevel: BLACK,
    whiteLevel: WHITE,
    baselineExposure: 0,
  });
  const rgba = new Uint8ClampedArray(4 * 64 * 32);
  developRgb(rgb, developer, rgba);
  expect(new Set(rgba)).toEqual(new Set([255]));
});

test('65,536 tiles that all are the same bytes are refused before one is read', () => {
  const [tile] = [new Uint8Array(600_000)];
  const count = 65_536;
  const file = foreign({ width: 4096, height: 4096 }, new Uint16Array(1), [
    { tag: TAG.Compression, type: 'SHORT', values: [7] },
    { tag: TAG.TileWidth, type: 'LONG', values: [16] },
    { tag: TAG.TileLength, type: 'LONG', values: [16] },
    { tag: TAG.TileOffsets, type: 'LONG', values: new Array<number>(count).fill(8) },
    { tag: TAG.TileByteCounts, type: 'LONG', values: new Array<number>(count).fill(1_000_000) },
    { tag: TAG.XMP, blocks: [tile, tile.slice(), tile.slice(), tile.slice()] },
  ]);
  expect(file.length).toBeGreaterThan((4096 * 4096) / 8);
  expect(() => readDng(file)).toThrow(/lie over each other/);
});
