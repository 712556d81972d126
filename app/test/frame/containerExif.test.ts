import { takenAt } from '@velmo/core/files';
import { execFileSync } from 'node:child_process';
import { mkdtempSync, readFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { containerExif } from '../../src/frame/containerExif';

/** What ExifTool wrote into a picture is what is read of it. */
test.each(['webp', 'avif', 'heic'])('Exif of %s', (kind) => {
  const path = join(mkdtempSync(join(tmpdir(), 'velmo-exif-')), `pan.${kind}`);
  execFileSync('convert', ['-size', '64x48', 'gradient:', path]);
  const said = [
    '-Make=Pan Works',
    '-Model=One',
    '-LensModel=Wide 26',
    '-ExposureTime=0.004',
    '-ISO=160',
    '-FNumber=1.8',
    '-FocalLength=6.8',
    '-ExposureCompensation=-0.3333',
    '-DateTimeOriginal=2026:08:14 06:30:00',
    '-OffsetTimeOriginal=+02:00',
  ];
  execFileSync('exiftool', ['-q', '-overwrite_original', '-n', ...said, path]);
  const exif = containerExif(new Uint8Array(readFileSync(path)));
  expect(exif).toMatchObject({
    make: 'Pan Works',
    model: 'One',
    lensModel: 'Wide 26',
    timeS: 0.004,
    iso: 160,
    fNumber: 1.8,
    focalLengthMm: 6.8,
  });
  expect(exif.compensationStops).toBeCloseTo(-1 / 3, 3);
  expect(takenAt(exif)).toBe('2026-08-14T06:30:00+02:00');
  expect(containerExif(new Uint8Array(readFileSync(path).subarray(0, 60)))).toEqual({});
  expect(containerExif(new Uint8Array(0))).toEqual({});
});
