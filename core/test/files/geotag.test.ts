import { readFileSync } from 'node:fs';
import {
  assembleLinearDng,
  withMetadata,
  withoutPlace,
  withPngMetadata,
  writePictureTiff,
  type GeoPosition,
  type ShotMetadata,
} from '../../src/files';
import { fileOf, run } from '../support/shots';

/** Where a picture was taken, as ExifTool reads it. */

const [WIDTH, HEIGHT] = [48, 32];

const shotAt = (position: GeoPosition | undefined): ShotMetadata => ({
  make: 'Browser camera',
  model: 'unnamed',
  software: 'Velmo',
  description: 'A video frame.',
  capturedAt: { epochMs: Date.UTC(2026, 10, 28, 9, 30), offsetMinutes: 60 },
  position,
});

const converted = (name: string): Uint8Array => {
  const path = fileOf(new Uint8Array(1), name);
  run('convert', ['-size', `${WIDTH}x${HEIGHT}`, 'gradient:red-blue', path]);
  return new Uint8Array(readFileSync(path));
};

const samples = new Uint16Array(3 * WIDTH * HEIGHT).fill(2000);

const WRITERS = {
  dng: (shot: ShotMetadata) =>
    assembleLinearDng(
      { data: samples, width: WIDTH, height: HEIGHT },
      null,
      converted('a.jpg'),
      shot,
    ),
  jpeg: (shot: ShotMetadata) => withMetadata(converted('a.jpg'), WIDTH, HEIGHT, shot),
  tiff: (shot: ShotMetadata) => writePictureTiff(samples, WIDTH, HEIGHT, shot),
  png: (shot: ShotMetadata) => withPngMetadata(converted('a.png'), WIDTH, HEIGHT, shot),
} as const;

const read = (bytes: Uint8Array, kind: string): Record<string, unknown> => {
  const path = fileOf(bytes, `a.${kind}`);
  return JSON.parse(
    run('exiftool', ['-json', '-n', '-validate', '-warning', '-GPS:all', path]).toString(),
  )[0] as Record<string, unknown>;
};

const AT = Date.UTC(2026, 10, 28, 8, 29, 57, 250);

describe('where it was taken', () => {
  test.each(['dng', 'jpeg', 'tiff', 'png'] as const)('ExifTool reads it in a %s', (kind) => {
    const position = {
      latitude: -33.8567844,
      longitude: 151.2152967,
      accuracyM: 4.5,
      epochMs: AT,
    };
    const bytes = Buffer.concat(WRITERS[kind](shotAt(position)));
    const said = read(bytes, kind);
    expect(said).toMatchObject({
      GPSLatitudeRef: 'S',
      GPSLongitudeRef: 'E',
      GPSMapDatum: 'WGS-84',
      GPSDateStamp: '2026:11:28',
      GPSTimeStamp: '08:29:57.25',
      GPSHPositioningError: 4.5,
    });
    // Which method found it no browser tells: ExifTool misses that in a TIFF, and nothing else.
    expect(String(said.Warning)).not.toMatch(/(Invalid|Unknown|Non-standard).*GPS/);
    // The magnitude: ExifTool gives the sign in the reference.
    expect(Number(said.GPSLatitude)).toBeCloseTo(33.8567844, 6);
    expect(Number(said.GPSLongitude)).toBeCloseTo(151.2152967, 6);
    // Left out again on the way to others.
    expect(read(withoutPlace(kind, bytes), kind)).not.toHaveProperty('GPSLatitude');
    expect(read(Buffer.concat(WRITERS[kind](shotAt(undefined))), kind)).not.toHaveProperty(
      'GPSLatitude',
    );
  });

  test.each([
    [0, 0],
    [90, 180],
    [-90, -180],
    [59.9999999999, 9.9999999999],
    [51.4778, -0.0014],
  ])('%f, %f comes back as it is, whatever the seconds round to', (latitude, longitude) => {
    const bytes = Buffer.concat(WRITERS.tiff(shotAt({ latitude, longitude, epochMs: AT })));
    const said = read(bytes, 'tiff');
    const sign = (ref: unknown): number => (ref === 'S' || ref === 'W' ? -1 : 1);
    expect(sign(said.GPSLatitudeRef) * Number(said.GPSLatitude)).toBeCloseTo(latitude, 7);
    expect(sign(said.GPSLongitudeRef) * Number(said.GPSLongitude)).toBeCloseTo(longitude, 7);
  });
});
