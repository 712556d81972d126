import fc from 'fast-check';
import { readFileSync } from 'node:fs';
import {
  boxInFile,
  boxSeen,
  decodeRaw,
  orientationOf,
  framedDng,
  readDng,
  readPictureExif,
  readPictureTiff,
  withCarriedMetadata,
  withCarriedPngMetadata,
  writePartTiff,
} from '../../src/files';
import {
  AS_TAKEN,
  cropFits,
  cropRatio,
  draggedCrop,
  enclosingBox,
  fittedCrop,
  framedBox,
  isAsTaken,
  levelledTilt,
  MAX_TILT,
  movedCrop,
  placeTaken,
  reframePixels,
  shapedCrop,
  turnedCrop,
  turnedSize,
  type Crop,
  type Held,
  type Reframe,
} from '../../src/recipe';
import { bigEndian, EVEN, foreign, ramp } from '../support/foreignTiff';
import { fileOf, readMapFile, run, shoot, shootAs } from '../support/shots';
import { VALID_WITH_DEPTH } from '../support/validated';

/**
 * A frame seen otherwise than it was taken: its geometry, its pixels, and the files saved of it.
 */

const WHOLE = AS_TAKEN.crop;
const TAKEN = { width: 400, height: 300 };

const tilts = fc.integer({ min: -MAX_TILT, max: MAX_TILT });
const share = fc.double({ min: 0.05, max: 0.95, noNaN: true });
const crops = fc
  .record({ x: share, y: share, width: share, height: share })
  .map(({ x, y, width, height }): Crop => ({ x: x - width / 2, y: y - height / 2, width, height }));
/** Reframes that can be: what is seen lies in the picture. */
const reframes = fc
  .record({ quarters: fc.integer({ min: 0, max: 3 }), tilt: tilts, crop: crops })
  .map((wish): Reframe => {
    const turned = turnedSize(TAKEN, wish.quarters);
    return { ...wish, crop: fittedCrop(wish.crop, turned, wish.tilt) };
  });

describe('what is cut lies within the picture', () => {
  test('whatever was wished, as large as it can be, about the same middle in the same shape', () => {
    fc.assert(
      fc.property(crops, tilts, (wish, tilt) => {
        const crop = fittedCrop(wish, TAKEN, tilt);
        expect(cropFits(crop, TAKEN, tilt)).toBe(true);
        expect(cropRatio(crop, TAKEN)).toBeCloseTo(cropRatio(wish, TAKEN), 6);
        if (crop !== wish && crop.x + crop.width / 2 !== 0.5) {
          const larger = { ...crop, width: crop.width * 1.01, height: crop.height * 1.01 };
          const about = {
            ...larger,
            x: crop.x - crop.width * 0.005,
            y: crop.y - crop.height * 0.005,
          };
          expect(cropFits(about, TAKEN, tilt)).toBe(false);
        }
      }),
    );
  });
  test('straightened by 10 degrees the whole of 4:3 keeps what trigonometry says', () => {
    // Half sides a, b of the same shape touch the rotated edge: b = a 3/4, a sin + b cos = 150.
    const crop = fittedCrop(WHOLE, TAKEN, 100);
    const [sin, cos] = [Math.sin(Math.PI / 18), Math.cos(Math.PI / 18)];
    expect(crop.height * 300).toBeCloseTo(2 * (150 / ((4 / 3) * sin + cos)), 6);
    expect(crop.x + crop.width / 2).toBeCloseTo(0.5, 9);
  });
  test('dragged and moved, it goes to the edge and along it, never beyond', () => {
    const held = fc.constantFrom<Held>(
      { x: 1, y: 1 },
      { x: -1, y: -1 },
      { x: 0, y: 1 },
      { x: -1, y: 0 },
    );
    const by = fc.record({ x: fc.double({ min: -2, max: 2, noNaN: true }), y: share });
    const ratios = fc.constantFrom(null, 1, 1.5, 0.75);
    fc.assert(
      fc.property(crops, tilts, held, by, ratios, (wish, tilt, edges, way, ratio) => {
        const free = fittedCrop(wish, TAKEN, tilt);
        const from = ratio ? shapedCrop(free, ratio, TAKEN) : free;
        const dragged = draggedCrop(from, edges, way, ratio, TAKEN, tilt);
        expect(cropFits(dragged, TAKEN, tilt)).toBe(true);
        if (ratio) expect(cropRatio(dragged, TAKEN)).toBeCloseTo(ratio, 4);
        const moved = movedCrop(from, way, TAKEN, tilt);
        expect(cropFits(moved, TAKEN, tilt)).toBe(true);
        expect(moved.width).toBeCloseTo(from.width, 9);
      }),
    );
    const half = { x: 0.25, y: 0.25, width: 0.5, height: 0.5 };
    expect(movedCrop(half, { x: 2, y: 0.1 }, TAKEN, 0)).toEqual({ ...half, x: 0.5, y: 0.35 });
    expect(draggedCrop(half, { x: 1, y: 0 }, { x: 9, y: 0 }, null, TAKEN, 0).width).toBe(0.75);
    // The edge that is held leaves the others where they are.
    expect(draggedCrop(half, { x: -1, y: 0 }, { x: 0.1, y: 0.3 }, null, TAKEN, 0)).toEqual({
      ...half,
      x: 0.35,
      width: 0.4,
    });
  });
  test('four quarter turns are none; a corner stays the same corner of the picture', () => {
    const corner = { x: 0, y: 0, width: 0.25, height: 0.5 };
    expect(turnedCrop(corner)).toEqual({ x: 0.5, y: 0, width: 0.5, height: 0.25 });
    let crop: Crop = corner;
    for (let n = 0; n < 4; n++) crop = turnedCrop(crop);
    expect(crop).toEqual(corner);
    expect(isAsTaken({ quarters: 0, tilt: 0, crop: WHOLE })).toBe(true);
    expect(isAsTaken({ quarters: 1, tilt: 0, crop: WHOLE })).toBe(false);
  });
  test('every corner of what is seen lies in the box that encloses it', () => {
    fc.assert(
      fc.property(reframes, (reframe) => {
        const box = enclosingBox(reframe, TAKEN);
        const { width, height } = framedBox(reframe, TAKEN);
        for (const corner of [
          { x: 0.5, y: 0.5 },
          { x: width - 0.5, y: height - 0.5 },
        ]) {
          const at = placeTaken(reframe, TAKEN, corner);
          expect(at.x / 400).toBeGreaterThan(box.x - 0.005);
          expect(at.x / 400).toBeLessThan(box.x + box.width + 0.005);
          expect(at.y / 300).toBeGreaterThan(box.y - 0.005);
          expect(at.y / 300).toBeLessThan(box.y + box.height + 0.005);
        }
        expect(box.x).toBeGreaterThanOrEqual(0);
        expect(box.y + box.height).toBeLessThanOrEqual(1 + 1e-9);
      }),
    );
  });
});

test('a line drawn along a horizon or a wall comes to lie level or upright, whichever is nearer', () => {
  const along = (degrees: number) => {
    const a = (degrees * Math.PI) / 180;
    return { x: Math.cos(a), y: Math.sin(a) };
  };
  // Down to the right by 2.3 degrees: to be turned back, anticlockwise.
  expect(levelledTilt(0, along(2.3))).toBe(-23);
  expect(levelledTilt(0, along(180 + 2.3))).toBe(-23);
  expect(levelledTilt(0, along(92.3))).toBe(-23);
  expect(levelledTilt(15, along(-1))).toBe(25);
  expect(levelledTilt(0, along(0))).toBe(0);
  expect(levelledTilt(440, along(-40))).toBe(MAX_TILT);
});

describe('pixels of a reframed picture, judged by ImageMagick', () => {
  const [width, height] = [64, 48];
  /** Smooth, so that two ways to interpolate agree. */
  const rgb = Uint16Array.from({ length: 3 * width * height }, (_, i) => {
    const [p, c] = [Math.floor(i / 3), i % 3];
    const [x, y] = [p % width, Math.floor(p / width)];
    return Math.round(32000 + 15000 * Math.sin(x / 9 + c) + 12000 * Math.cos(y / 7 - c));
  });
  const source = { data: rgb, width, height, channels: 3 } as const;
  const ppm = (): string => {
    const body = Buffer.from(rgb.buffer.slice(0)).swap16();
    return fileOf(
      new Uint8Array(Buffer.concat([Buffer.from(`P6\n${width} ${height}\n65535\n`), body])),
      'smooth.ppm',
    );
  };
  const judged = (...args: string[]): Uint16Array => {
    const out = fileOf(new Uint8Array(), 'judged.ppm');
    run('convert', [ppm(), ...args, '-depth', '16', out]);
    return readMapFile(out).data;
  };

  test.each([
    [1, '90'],
    [2, '180'],
    [3, '270'],
  ])('%d quarters and a crop: the same pixels', (quarters, degrees) => {
    const turned = turnedSize(source, quarters);
    const crop = {
      x: 8 / turned.width,
      y: 6 / turned.height,
      width: 20 / turned.width,
      height: 30 / turned.height,
    };
    const framed = reframePixels(source, { quarters, tilt: 0, crop });
    expect([framed.width, framed.height]).toEqual([20, 30]);
    expect(framed.data).toEqual(judged('-rotate', degrees, '+repage', '-crop', '20x30+8+6'));
  });

  test.each([
    [73, 0],
    [-120, 1],
  ])(
    'straightened by %d tenths of a degree: as its distortion to within 0.3 %%',
    (tilt, quarters) => {
      const turned = turnedSize(source, quarters);
      const [w, h] = [24, 20];
      const [x, y] = [(turned.width - w) / 2 + 2, (turned.height - h) / 2 - 3];
      const crop = {
        x: x / turned.width,
        y: y / turned.height,
        width: w / turned.width,
        height: h / turned.height,
      };
      const framed = reframePixels(source, { quarters, tilt, crop });
      const theirs = judged(
        '-rotate',
        `${90 * quarters}`,
        '+repage',
        '-virtual-pixel',
        'edge',
        '-filter',
        'Catrom',
        '-distort',
        'SRT',
        `${tilt / 10}`,
        '-crop',
        `${w}x${h}+${x}+${y}`,
      );
      expect(framed.data.length).toBe(theirs.length);
      let worst = 0;
      framed.data.forEach((v, i) => (worst = Math.max(worst, Math.abs(v - theirs[i]))));
      expect(worst / 65535).toBeLessThan(0.003);
    },
  );
});

/** A PNG with its Exif before its pixels: ExifTool puts it last. */
function exifFirst(png: Buffer): Uint8Array {
  const at = png.indexOf('eXIf') - 4;
  const exif = png.subarray(at, at + 12 + png.readUInt32BE(at));
  return new Uint8Array(Buffer.concat([png.subarray(0, 33), exif, png.subarray(33, at)]));
}

describe('files of a reframed frame', () => {
  /** Of megabytes: a comparison by Jest takes a minute. */
  const same = (a: Uint8Array | Uint16Array, b: Uint8Array | Uint16Array): boolean =>
    Buffer.from(a.buffer, a.byteOffset, a.byteLength).equals(
      Buffer.from(b.buffer, b.byteOffset, b.byteLength),
    );

  const exiftool = (path: string, ...tags: string[]): string[] =>
    run('exiftool', ['-a', '-s3', '-n', ...tags.map((tag) => `-${tag}`), path])
      .toString()
      .trim()
      .split('\n');

  const framedFile = (bytes: Uint8Array): { path: string; bytes: Uint8Array } => {
    const parts = framedDng(bytes, {
      orientation: 6,
      crop: { x: 0.25, y: 0.5, width: 0.5, height: 0.25 },
    });
    const framed = new Uint8Array(Buffer.concat(parts));
    return { path: fileOf(framed, 'framed.dng'), bytes: framed };
  };

  test('a DNG says how it is to be seen where the standard says so; its raw is the same (ExifTool, LibRaw)', () => {
    const path = shoot('--scene', 'test-wall', '--mp', '3');
    const before = new Uint8Array(readFileSync(path));
    const { path: framed, bytes: after } = framedFile(before);
    expect(exiftool(framed, 'IFD0:Orientation', 'SubIFD:DefaultUserCrop')).toEqual([
      '6',
      '0.5 0.25 0.75 0.75',
    ]);
    // Everything else is as it was, byte for byte: only where the first directory lies has changed.
    expect(same(after.subarray(8, before.length), before.subarray(8))).toBe(true);
    expect(same(decodeRaw(readDng(after)), decodeRaw(readDng(before)))).toBe(true);
    const facts = (file: string): string => {
      const text = run('exiftool', [
        '-a',
        '-G1',
        '-s',
        '-SubIFD:all',
        '-ExifIFD:all',
        '-IFD0:all',
        file,
      ]).toString();
      return text.replace(/^.*(Orientation|DefaultUserCrop) .*\n/gm, '');
    };
    expect(facts(framed)).toBe(facts(path));
    expect(run('exiftool', ['-s3', '-n', '-validate', framed]).toString().trim()).toEqual(
      VALID_WITH_DEPTH,
    );
    // LibRaw reads it, the way it is to be seen.
    expect(run('raw-identify', ['-v', framed]).toString()).toMatch(/Orientation:\s+6|flip: *6/i);
  });

  test.each(['little', 'big'] as const)(
    'a DNG with its raw in the first directory, %s-endian',
    (order) => {
      const little = foreign(EVEN, ramp(EVEN));
      const before = order === 'big' ? bigEndian(little) : little;
      const { path, bytes } = framedFile(before);
      expect(exiftool(path, 'Orientation', 'DefaultUserCrop')).toEqual(['6', '0.5 0.25 0.75 0.75']);
      const dng = readDng(bytes);
      expect(dng.orientation).toBe(6);
      // What was chosen is read back, as it lies in the file, and where it is seen.
      const chosen = { x: 0.25, y: 0.5, width: 0.5, height: 0.25 };
      expect(dng.chosen).toEqual(chosen);
      const unit = { width: 1, height: 1 };
      for (let code = 1; code <= 8; code++) {
        const seen = boxSeen(orientationOf(code), unit, chosen);
        expect(boxInFile(orientationOf(code), unit, seen)).toEqual(chosen);
      }
      expect(decodeRaw(dng)).toEqual(decodeRaw(readDng(before)));
      // Framed again, it says what was said last.
      const again = new Uint8Array(
        Buffer.concat(framedDng(bytes, { orientation: 1, crop: WHOLE })),
      );
      const written = fileOf(again, 'again.dng');
      expect(exiftool(written, 'Orientation', 'DefaultUserCrop')).toEqual(['1', '0 0 1 1']);
      expect(readDng(again).chosen).toBeNull();
    },
  );

  test('a part of a TIFF says of its making what the whole said (ExifTool)', () => {
    const path = shootAs('frame.tif', '--scene', 'test-wall', '--mp', '3');
    const bytes = new Uint8Array(readFileSync(path));
    const whole = readPictureTiff(bytes);
    const crop = { x: 0.25, y: 0.25, width: 0.5, height: 0.25 };
    const part = reframePixels(
      { ...whole, data: whole.data as Uint16Array<ArrayBuffer>, channels: 3 },
      { quarters: 0, tilt: 0, crop },
    );
    const framed = new Uint8Array(
      Buffer.concat(writePartTiff(part.data, part.width, part.height, bytes)),
    );
    const written = fileOf(framed, 'part.tif');
    expect(exiftool(written, 'ImageWidth', 'ImageHeight')).toEqual([
      `${part.width}`,
      `${part.height}`,
    ]);
    expect(same(readPictureTiff(framed).data, part.data)).toBe(true);
    expect(readPictureExif('tiff', framed)).toEqual(readPictureExif('tiff', bytes));
    expect(run('exiftool', ['-validate', '-warning', written]).toString()).toContain('OK');
  });

  test('a part of another program’s TIFF, of the other byte order: its words, not its pixels’ ways', () => {
    const path = fileOf(new Uint8Array(), 'theirs.tif');
    const how = ['-type', 'TrueColor', '-depth', '8', '-endian', 'MSB', '-compress', 'lzw'];
    run('convert', ['-size', '40x30', 'gradient:', ...how, path]);
    const words = ['-Make=Pan Works', '-ExposureTime=0.004', '-Copyright=Salt', '-Orientation=6'];
    run('exiftool', ['-overwrite_original', '-n', ...words, path]);
    const rgb = new Uint16Array(3 * 20 * 10).fill(4660);
    const parts = writePartTiff(rgb, 20, 10, new Uint8Array(readFileSync(path)));
    const written = fileOf(new Uint8Array(Buffer.concat(parts)), 'part.tif');
    const said = ['Make', 'ExposureTime', 'Copyright', 'Orientation', 'Compression', 'ImageWidth'];
    expect(exiftool(written, ...said)).toEqual(['Pan Works', '0.004', 'Salt', '1', '1', '20']);
    run('convert', [written, `${written}.ppm`]);
    expect(new Set(readMapFile(`${written}.ppm`).data)).toEqual(new Set([4660]));
  });

  test('a part of a PNG is sRGB and keeps its Exif but for its size (ExifTool)', () => {
    const png = (size: string): string => {
      const path = fileOf(new Uint8Array(), 'whole.png');
      run('convert', ['-size', size, 'gradient:', '-depth', '16', path]);
      return path;
    };
    const whole = png('64x48');
    const said = [
      '-Orientation=6',
      '-ExposureTime=0.008',
      '-ExifImageWidth=64',
      '-ExifImageHeight=48',
    ];
    run('exiftool', ['-overwrite_original', '-n', ...said, whole]);
    // As Velmo writes it: Exif before the pixels.
    const from = new Uint8Array(
      Buffer.concat(
        withCarriedPngMetadata(
          new Uint8Array(readFileSync(png('64x48'))),
          64,
          48,
          exifFirst(readFileSync(whole)),
        ),
      ),
    );
    const part = new Uint8Array(readFileSync(png('20x10')));
    const path = fileOf(
      new Uint8Array(Buffer.concat(withCarriedPngMetadata(part, 20, 10, from))),
      'part.png',
    );
    expect(
      exiftool(path, 'Orientation', 'ExposureTime', 'ExifImageWidth', 'ExifImageHeight'),
    ).toEqual(['1', '0.008', '20', '10']);
    expect(exiftool(path, 'ImageWidth', 'BitDepth')).toEqual(['20', '16']);
    expect(exiftool(path, 'SRGBRendering')).toEqual(['0']);
  });

  test('a part of a JPEG keeps its Exif but for size, orientation and small picture', () => {
    const jpeg = (size: string, name: string): Uint8Array => {
      const path = fileOf(new Uint8Array(), name);
      run('convert', ['-size', size, 'gradient:', path]);
      return new Uint8Array(readFileSync(path));
    };
    const small = fileOf(jpeg('16x12', 'small.jpg'), 'small.jpg');
    const source = fileOf(jpeg('64x48', 'whole.jpg'), 'whole.jpg');
    run('exiftool', [
      '-overwrite_original',
      '-n',
      '-Orientation=6',
      '-ExposureTime=0.008',
      '-ISO=200',
      '-ExifImageWidth=64',
      '-ExifImageHeight=48',
      '-XMP-dc:Title=Pans',
      `-ThumbnailImage<=${small}`,
      source,
    ]);
    const from = new Uint8Array(readFileSync(source));
    const parts = withCarriedMetadata(jpeg('20x10', 'part.jpg'), 20, 10, from);
    const path = fileOf(new Uint8Array(Buffer.concat(parts)), 'carried.jpg');
    const said = exiftool(
      path,
      'Orientation',
      'ExposureTime',
      'ISO',
      'ExifImageWidth',
      'ExifImageHeight',
      'XMP:Title',
    );
    expect(said).toEqual(['1', '0.008', '200', '20', '10', 'Pans']);
    expect(exiftool(source, 'ThumbnailImage')).not.toEqual(['']);
    expect(exiftool(path, 'ThumbnailImage')).toEqual(['']);
    expect(exiftool(path, 'ICC_Profile:ProfileDescription')[0]).toMatch(/sRGB/);
  });
});
