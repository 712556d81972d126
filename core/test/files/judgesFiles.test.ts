import { readFileSync } from 'node:fs';
import { iccProfile } from '../../src/colour';
import {
  decodeRaw,
  readDng,
  readPictureExif,
  readPictureTiff,
  withMetadata,
} from '../../src/files';
import { aspectBox, findLens } from '../../src/optics';
import { cameraProfile } from '../../src/sensor';
import { fileOf, rawOf, run, shoot, shootAs } from '../support/shots';
import { VALID_WITH_DEPTH } from '../support/validated';

/**
 * JPEG, TIFF and the DNG's colour tags, judged by ExifTool, ImageMagick and LibRaw from Debian's
 * packages.
 */

/**
 * The middle of the wall only: a quarter of the photosites says as much of a file as all of them.
 */
const wall = ['--scene', 'test-wall', '--time', '1/125', '--seed', '2', '--crop', '2'];
const exif = (file: string, ...more: string[]): Record<string, unknown> =>
  JSON.parse(run('exiftool', ['-json', '-n', '-All:All', ...more, file]).toString())[0];
const identify = (format: string, file: string): string =>
  run('identify', ['-format', format, file]).toString();

describe('the DNG’s colour, read by ExifTool', () => {
  const file = shoot(...wall, '--white', '3200,-4');
  const tags = exif(file, '-validate');
  const profile = cameraProfile(findLens('main')!.sensor.sensitivities);
  const numbers = (name: string): number[] => String(tags[name]).split(' ').map(Number);

  test('two calibrations with their forward matrices', () => {
    expect(tags.Validate).toEqual(VALID_WITH_DEPTH);
    expect([tags.CalibrationIlluminant1, tags.CalibrationIlluminant2]).toEqual([17, 21]);
    profile.forEach(({ colorMatrix, forwardMatrix }, i) => {
      numbers(`ColorMatrix${i + 1}`).forEach((v, k) => expect(v).toBeCloseTo(colorMatrix[k], 4));
      numbers(`ForwardMatrix${i + 1}`).forEach((v, k) =>
        expect(v).toBeCloseTo(forwardMatrix![k], 4),
      );
    });
  });
  test('as-shot neutral follows White, and the raw values do not', () => {
    const other = shoot(...wall, '--white', '9000,6');
    const [warmRed, , warmBlue] = numbers('AsShotNeutral');
    const [coolRed, , coolBlue] = String(exif(other).AsShotNeutral).split(' ').map(Number);
    expect(warmRed / warmBlue).toBeGreaterThan(2 * (coolRed / coolBlue));
    expect(rawOf(other).raw).toEqual(rawOf(file).raw);
    expect(tags.WhiteBalance).toBe(1);
  });
  test('shape is a crop of the metadata: the raw is whole, LibRaw and our reader cut it', () => {
    const wide = shoot(...wall, '--aspect', '16:9');
    const cut = exif(wide, '-validate');
    expect(cut).toMatchObject({
      Validate: VALID_WITH_DEPTH,
      DefaultCropSize: '1008 566',
      DefaultCropOrigin: '0 92',
    });
    expect(rawOf(wide).raw).toEqual(rawOf(shoot(...wall)).raw);
    const dng = readDng(new Uint8Array(readFileSync(wide)));
    expect(dng.raw.crop).toEqual({ x: 0, y: 92, width: 1008, height: 566 });
    expect(decodeRaw(dng)).toHaveLength(1008 * 752);
  });
  test.each([
    ['4:3', { x: 0, y: 0, width: 4032, height: 3024 }],
    ['3:2', { x: 0, y: 168, width: 4032, height: 2688 }],
    ['16:9', { x: 0, y: 378, width: 4032, height: 2268 }],
    ['1:1', { x: 504, y: 0, width: 3024, height: 3024 }],
  ] as const)('%s is %j of a whole sensor, in its middle, on even photosites', (aspect, box) => {
    expect(aspectBox(4032, 3024, aspect)).toEqual(box);
  });
});

describe.each([
  ['frame.jpg', 8],
  ['frame.tif', 16],
])('%s', (name, bits) => {
  const file = shootAs(name, ...wall, '--upright', '--aspect', '3:2');

  test('opens in ImageMagick: size, depth, sRGB, upright', () => {
    expect(identify('%w %h %z %[colorspace]', file)).toBe(`672 1008 ${bits} sRGB`);
  });
  test('its grey card is 18 % grey: 118 of 255 in every channel (IEC 61966-2-1)', () => {
    const middle = identify(
      '%[fx:255*p{336,504}.r] %[fx:255*p{336,504}.g] %[fx:255*p{336,504}.b]',
      file,
    );
    for (const v of middle.split(' ').map(Number)) expect(Math.abs(v - 118)).toBeLessThan(5);
  });
  test('ExifTool reads how it was made, without complaint', () => {
    const tags = exif(file, '-validate');
    expect(tags).toMatchObject({
      Validate: '0 0 0',
      Make: 'Velmo',
      Model: 'Simulated phone camera',
      Orientation: 1,
      ExposureTime: 1 / 128,
      ISO: 100,
      FNumber: 2.4,
      ColorSpace: 1,
      ProfileDescription: 'sRGB',
    });
    expect(String(tags.Description ?? tags.ImageDescription)).toContain('Simulated');
  });
  test('our own reader finds the same', () => {
    const bytes = new Uint8Array(readFileSync(file));
    const kind = bits === 16 ? 'tiff' : 'jpeg';
    expect(readPictureExif(kind, bytes)).toMatchObject({ timeS: 1 / 128, iso: 100 });
    if (kind === 'tiff') {
      const { width, height, data } = readPictureTiff(bytes);
      expect([width, height, data.length]).toEqual([672, 1008, 3 * 672 * 1008]);
    }
  });
});

test('the sRGB profile is one LittleCMS, through ImageMagick, and ExifTool take for what it is', () => {
  const file = fileOf(iccProfile('srgb'), 'srgb.icc');
  expect(exif(file)).toMatchObject({
    ColorSpaceData: 'RGB ',
    ProfileConnectionSpace: 'XYZ ',
    ProfileDescription: 'sRGB',
  });
  const white = String(exif(file).MediaWhitePoint).split(' ').map(Number);
  [0.9642, 1, 0.8249].forEach((v, i) => expect(white[i]).toBeCloseTo(v, 3));
});

test('what is no JPEG, and what is no TIFF of ours, is refused', () => {
  const shot = {
    make: 'a',
    model: 'b',
    software: 'c',
    description: 'd',
    capturedAt: { epochMs: 0, offsetMinutes: 0 },
  };
  expect(() => withMetadata(new Uint8Array(10), 1, 1, shot)).toThrow(/not a JPEG/);
  const dng = new Uint8Array(readFileSync(shoot(...wall)));
  expect(() => readPictureTiff(dng)).toThrow(/not of the kind/);
  expect(readPictureExif('jpeg', new Uint8Array(3))).toEqual({});
  expect(readPictureExif('png', new Uint8Array(30))).toEqual({});
  const tiff = new Uint8Array(
    readFileSync(shootAs('frame.tif', ...wall, '--upright', '--aspect', '3:2')),
  );
  expect(() => readPictureTiff(tiff.slice(0, 2e6))).toThrow(/TIFF/);
});
