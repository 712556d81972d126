import { execFileSync } from 'node:child_process';
import { readFileSync } from 'node:fs';
import { shoot } from '../../../core/test/support/shots';
import { searched } from '../../src/frame/metadata/metadataGroups';
import { readMetadata } from '../../src/frame/metadata/readMetadata';
import { draggedCentre, placeAt, readRadius } from '../../src/screens/frame/frameLook';
import { readingWords } from '../../src/screens/frame/reading';
import { differenceOf, seriesDifferences } from '../../src/screens/frame/seriesWords';
import { latestOnly } from '../../src/state/latestOnly';
import type { FrameRecord } from '../../src/storage/frames/frameRecord';

const record = (part: Partial<FrameRecord>): FrameRecord =>
  ({
    id: 'frame-00',
    capturedAt: 1000,
    timeS: 1 / 128,
    iso: 100,
    focusDioptres: 0.5,
    lens: 'main',
    origin: 'raw',
    clippedShare: [0, 0, 0],
    series: null,
    ...part,
  }) as FrameRecord;

describe('what another frame of a series did differently', () => {
  const one = record({});
  test('exposure in stops, and by which settings', () => {
    expect(differenceOf(one, record({ timeS: 1 / 512 }))).toBe('1/500 s · 2 stops darker');
    expect(differenceOf(one, record({ timeS: 1 / 64, iso: 50 }))).toBe(
      '1/60 s · ISO 50 · as bright',
    );
    expect(differenceOf(one, record({ iso: 126, clippedShare: [0, 0.013, 0] }))).toBe(
      'ISO 125 · 1/3 stop brighter · 1.3 % more clipped',
    );
  });
  test('focus, and what is the same apart from time', () => {
    expect(differenceOf(one, record({ focusDioptres: 2 }))).toBe('focused at 0.5 m');
    expect(differenceOf(one, record({ capturedAt: 1300 }))).toBe('the same settings, 0.3 s later');
    expect(differenceOf(one, record({ capturedAt: -64_000 }))).toBe(
      'the same settings, 65 s earlier',
    );
  });
  test('each of the others, with its place', () => {
    const series = [0, 1, 2].map((step) =>
      record({
        id: `frame-0${step}`,
        timeS: 2 ** (step - 8),
        series: { id: 's', kind: 'bracket', step, count: 3 },
      }),
    );
    expect(seriesDifferences(series[1], series)).toEqual([
      { id: 'frame-00', place: '1 of 3', words: '1/250 s · 1 stop darker' },
      { id: 'frame-02', place: '3 of 3', words: '1/60 s · 1 stop brighter' },
    ]);
  });
});

describe('where a finger points', () => {
  const picture = { width: 4000, height: 3000 };
  const box = { width: 400, height: 400 };
  test('in the whole frame: beside it is nowhere', () => {
    const whole = { zoom: 'fit', centre: { x: 0.5, y: 0.5 } } as const;
    expect(placeAt(whole, picture, box, 100, 200)).toEqual({ x: 0.25, y: 0.5 });
    expect(placeAt(whole, picture, box, 100, 20)).toBeNull();
    expect(readRadius('fit', picture, box)).toBe(40);
  });
  test('in a piece: from where it lies once it is kept within the picture', () => {
    const corner = { zoom: 2, centre: { x: 0, y: 1 } } as const;
    expect(placeAt(corner, picture, box, 0, 400)).toEqual({ x: 0, y: 1 });
    expect(placeAt(corner, picture, box, 400, 0)).toEqual({ x: 0.05, y: 1 - 200 / 3000 });
  });
  test('a drag moves the piece by so many photosites, at once also from a corner', () => {
    const from = draggedCentre({ x: 0, y: 0 }, 1, picture, box, -400, 0);
    expect(from.x).toBeCloseTo(0.05 + 0.1, 9);
    expect(from.y).toBeCloseTo(200 / 3000, 9);
    expect(draggedCentre(from, 1, picture, box, 9999, 0).x).toBeCloseTo(0.05, 9);
  });
});

test('a reading is told in thirds of a stop, of a picture in its bytes', () => {
  expect(
    readingWords({ kind: 'raw', stops: 1.34, roomStops: 1.7, channels: [1, 1.33, -0.33] }),
  ).toEqual({ tone: '+1 1/3', rest: '1 2/3 room · R +1  G +1 1/3  B −1/3' });
  expect(readingWords({ kind: 'picture', bytes: [255, 12, 0] })).toEqual({
    tone: 'R 255  G 12  B 0',
    rest: 'of 255',
  });
});

test('of what is asked while a task is under way only the latest is done', async () => {
  const done: number[] = [];
  let finish: () => void = () => {};
  const ask = latestOnly(async (n: number) => {
    await new Promise<void>((resolve) => (finish = resolve));
    done.push(n);
    return n;
  });
  const answers = [1, 2, 3].map((n) => ask(n));
  expect(await answers[1]).toBeUndefined();
  finish();
  expect(await answers[0]).toBe(1);
  await Promise.resolve();
  finish();
  expect(await answers[2]).toBe(3);
  expect(done).toEqual([1, 3]);
});

describe('all metadata', () => {
  const file = shoot('--scene', 'test-wall', '--time', '1/125', '--seed', '2', '--crop', '2');
  const groups = readMetadata(new Uint8Array(readFileSync(file)));
  const value = (title: string, name: string): string | undefined =>
    groups.find((g) => g.title === title)?.entries.find((e) => e.name === name)?.value;

  test('Exif is what ExifTool reads', () => {
    const [judged] = JSON.parse(
      execFileSync('exiftool', ['-json', '-G1', '-a', file]).toString(),
    ) as Record<string, string | number>[];
    for (const [ours, theirs] of [
      ['ExposureTime', 'ExposureTime'],
      ['DateTimeOriginal', 'DateTimeOriginal'],
      ['SubSecTimeOriginal', 'SubSecTimeOriginal'],
      ['OffsetTimeOriginal', 'OffsetTimeOriginal'],
      ['LensModel', 'LensModel'],
      ['FocalLengthIn35mmFilm', 'FocalLengthIn35mmFormat'],
      ['ISOSpeedRatings', 'ISO'],
      ['RecommendedExposureIndex', 'RecommendedExposureIndex'],
    ])
      expect([ours, value('Exif', ours)]).toEqual([ours, String(judged[`ExifIFD:${theirs}`])]);
    expect(value('Exif', 'FNumber')).toBe(`f/${judged['ExifIFD:FNumber']}`);
    expect(value('XMP', 'CreatorTool')).toBe(judged['XMP-xmp:CreatorTool']);
  });
  test('the raw’s own tags stand by themselves, none twice', () => {
    expect(value('Raw image', 'BlackLevel')).toBe('256');
    expect(value('Image file', 'Make')).toBe('Velmo');
    expect(value('Exif', 'Make')).toBeUndefined();
  });
  test('is searched by name, as one would type it, and by value', () => {
    const names = (letters: string): string[] =>
      searched(groups, letters).flatMap(({ entries }) => entries.map(({ name }) => name));
    expect(names('black level')).toEqual(expect.arrayContaining(['BlackLevel']));
    expect(names('1/128')).toContain('ExposureTime');
    expect(names('no such thing')).toEqual([]);
    expect(names('')).toHaveLength(groups.reduce((n, { entries }) => n + entries.length, 0));
  });
  test('a file that says nothing, or nonsense, is no error', () => {
    expect(readMetadata(new Uint8Array(4))).toEqual([]);
    expect(readMetadata(Uint8Array.from({ length: 400 }, (_, i) => (i * 97) & 255))).toEqual([]);
  });
});
