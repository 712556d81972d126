import { copyFileSync } from 'node:fs';
import { differenceCiede2000, type Lab65 } from 'culori';
import { findLens, halfLongTangent } from '../../src/optics';
import { TEST_WALL_PATCHES, WEDGE, type Patch } from '../../src/scene';
import {
  meanOver,
  patchBox,
  rawOf,
  readMapFile,
  readPortableMap,
  run,
  shoot,
} from '../support/shots';
import { VALID_WITH_DEPTH } from '../support/validated';

/** DNGs judged by software that is not ours: LibRaw, dcraw and ExifTool, from Debian's packages. */
const wall = ['--scene', 'test-wall', '--lens', 'main', '--time', '1/125', '--iso', '100'];

function sameRaw(theirs: Uint16Array, ours: Uint16Array): boolean {
  return (
    theirs.length === ours.length &&
    Buffer.compare(
      Buffer.from(theirs.buffer, theirs.byteOffset, theirs.byteLength),
      Buffer.from(ours.buffer),
    ) === 0
  );
}

describe('raw values', () => {
  test.each([
    ['3 MP level', wall],
    ['3 MP upright', [...wall, '--upright', '--seed', '5']],
    ['3 MP of the pans, clipped in places', ['--scene', 'pans-at-noon', '--time', '1/1000']],
    // Two tiles wide, which LibRaw would misread: see MISREAD_WIDTH.
    ['a hand-held crop', ['--scene', 'sluice-at-dusk', '--time', '1/8', '--crop', '1.5', '--hand']],
    [
      'a crop upright',
      ['--scene', 'test-wall', '--crop', '2', '--nd', '2', '--torch', '--upright'],
    ],
  ])('dcraw and LibRaw read every value of %s as we wrote it', (_name, args) => {
    const file = shoot(...args);
    const ours = rawOf(file);
    const dcraw = readPortableMap(run('dcraw', ['-D', '-4', '-t', '0', '-c', file]));
    expect([dcraw.width, dcraw.height]).toEqual([ours.width, ours.height]);
    expect(sameRaw(dcraw.data, ours.raw)).toBe(true);
    run('unprocessed_raw', [file]);
    const libraw = readMapFile(`${file}.pgm`);
    expect(sameRaw(libraw.data, ours.raw)).toBe(true);
  });
});

describe('metadata', () => {
  const exif = (file: string): Record<string, unknown> =>
    JSON.parse(run('exiftool', ['-json', '-n', '-All:All', '-validate', file]).toString())[0];

  test('a crop and a filter are told as such', () => {
    const tags = exif(
      shoot('--scene', 'test-wall', '--crop', '2', '--nd', '2', '--torch', '--upright'),
    );
    expect(tags.Validate).toEqual(VALID_WITH_DEPTH);
    expect(tags).toMatchObject({ DigitalZoomRatio: 2, FocalLengthIn35mmFormat: 52 });
    expect(tags.ImageDescription).toContain('ND filter of 2 stops');
  });

  test('ExifTool finds no fault and reads what was set', () => {
    const tags = exif(shoot(...wall));
    expect(tags.Validate).toEqual(VALID_WITH_DEPTH);
    expect(tags).toMatchObject({
      DNGVersion: '1 5 0 0',
      Make: 'Velmo',
      Model: 'Simulated phone camera',
      ExposureTime: 1 / 128,
      ISO: 100,
      FNumber: 2.4,
      FocalLengthIn35mmFormat: 26,
      ExposureCompensation: 0,
      MeteringMode: 2,
      ExposureProgram: 1,
      BlackLevel: 256,
      WhiteLevel: 4095,
      Orientation: 1,
      CalibrationIlluminant1: 17,
      CalibrationIlluminant2: 21,
      ActiveArea: '0 0 1512 2016',
      DefaultCropSize: '2016 1512',
      CFAPattern2: '0 1 1 2',
      CreatorTool: 'Velmo',
    });
    expect(String(tags.Description)).toContain('Simulated');
    expect(String(tags.OffsetTimeOriginal)).toMatch(/^[+-]\d\d:\d\d$/);
    expect(String(tags.SubSecTimeOriginal)).toMatch(/^\d{1,3}$/);
  });

  test('the time is written as the true rational, not the engraved one', () => {
    const text = run('exiftool', ['-v3', shoot(...wall)]).toString();
    expect(text).toMatch(/ExposureTime = 0\.0078125 \(1\/128\)/);
  });

  test('extended ISO differs in ISO and rendering only', () => {
    const base = exif(shoot(...wall));
    const extended = exif(
      shoot('--scene', 'test-wall', '--lens', 'main', '--time', '1/125', '--iso', '50'),
    );
    expect(extended.ISO).toBe(50);
    expect(Number(base.BaselineExposure) - Number(extended.BaselineExposure)).toBeCloseTo(1, 2);
  });

  test('an upright frame says so, and its preview is a JPEG of the same turn', () => {
    const tags = exif(shoot(...wall, '--upright', '--seed', '5'));
    expect(tags.Orientation).toBe(6);
    expect(tags.PreviewImageLength).toBeGreaterThan(5000);
  });

  test('LibRaw and dcraw identify the camera without complaint', () => {
    expect(run('raw-identify', ['-v', shoot(...wall)]).toString()).toContain(
      'DNG Version: 1.5.0.0',
    );
    expect(run('dcraw', ['-i', '-v', shoot(...wall)]).toString()).toContain(
      'Filter pattern: RG/GB',
    );
  });
});

describe('development by LibRaw with camera white balance', () => {
  const file = shoot(...wall);
  const lens = findLens('main')!;
  const copy = file.replace('frame.dng', 'developed.dng');
  copyFileSync(file, copy);
  // Linear 16-bit sRGB, no automatic brightness.
  run('dcraw_emu', ['-w', '-W', '-4', '-o', '1', copy]);
  const map = readMapFile(`${copy}.ppm`);
  const patchRgb = (patch: Patch): [number, number, number] => {
    const box = patchBox(patch, map.width, map.height, halfLongTangent(lens, 1));
    const wide = { ...box, x0: 3 * box.x0, x1: 3 * box.x1 };
    return [0, 1, 2].map((c) => meanOver(map.data, 3 * map.width, wide, (x) => x % 3 === c)) as [
      number,
      number,
      number,
    ];
  };

  test('the grey card is neutral: CIEDE2000 under 1.5', () => {
    const [r, g, b] = patchRgb(TEST_WALL_PATCHES.find((p) => p.id === 'grey-18')!);
    // Brought to 18 % so that the difference is one of colour alone; Lab of CIE 15 under D65.
    const scale = 0.18 / (0.2126 * r + 0.7152 * g + 0.0722 * b);
    const distance = differenceCiede2000()(
      lab65(r * scale, g * scale, b * scale),
      lab65(0.18, 0.18, 0.18),
    );
    expect(distance).toBeLessThan(1.5);
  });

  test('the wedge’s steps are a third of a stop each, within noise', () => {
    const greens = WEDGE.map((patch) => patchRgb(patch)[1]);
    for (let i = 1; i < greens.length; i++) {
      const step = Math.log2(greens[i - 1] / greens[i]);
      expect(Math.abs(step - 1 / 3)).toBeLessThan(i < 15 ? 0.02 : 0.05);
    }
    expect(Math.log2(greens[0] / greens[20])).toBeCloseTo(20 / 3, 1);
  });
});

/** Linear sRGB as CIE Lab under D65. */
function lab65(r: number, g: number, b: number): Lab65 {
  const x = (0.4124564 * r + 0.3575761 * g + 0.1804375 * b) / 0.95047;
  const y = 0.2126729 * r + 0.7151522 * g + 0.072175 * b;
  const z = (0.0193339 * r + 0.119192 * g + 0.9503041 * b) / 1.08883;
  const f = (t: number) => (t > 216 / 24389 ? Math.cbrt(t) : (24389 / 27) * (t / 116) + 16 / 116);
  return { mode: 'lab65', l: 116 * f(y) - 16, a: 500 * (f(x) - f(y)), b: 200 * (f(y) - f(z)) };
}
