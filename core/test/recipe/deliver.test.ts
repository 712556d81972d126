import { readFileSync } from 'node:fs';
import fc from 'fast-check';
import {
  safeName,
  sidecarXmp,
  uniqueName,
  withoutPlace,
  writeDevelopedTiff,
} from '../../src/files';
import { AS_EXPOSED, AS_TAKEN } from '../../src/recipe';
import { fileOf, run, shoot } from '../support/shots';

/** Names under which frames are handed over, and what lies beside them. */

describe('a safe name', () => {
  test.each([
    ['salt-works-20261128-0001.dng', 'salt-works-20261128-0001.dng'],
    ['../../etc/passwd', '-..-etc-passwd'],
    ['C:\\Windows\\a.dng', 'C--Windows-a.dng'],
    ['..', 'unnamed'],
    ['', 'unnamed'],
    [' .hidden ', 'hidden'],
    ['con.dng', '_con.dng'],
    ['LPT1', '_LPT1'],
    ['a\u0000b\n.dng', 'a-b-.dng'],
    ['cod\u202egnd.exe', 'cod-gnd.exe'],
    ['é'.normalize('NFD') + '.dng', 'é.dng'],
  ])('%j is %j', (name, safe) => expect(safeName(name)).toBe(safe));

  test('has no way out of its folder, whatever it was, and stays what it is', () => {
    fc.assert(
      fc.property(fc.string({ unit: 'binary', maxLength: 300 }), (name) => {
        const safe = safeName(name);
        return (
          safe.length > 0 &&
          safe.length <= 121 &&
          !/[/\\\u0000-\u001f:*?"<>|]/.test(safe) &&
          !/^[. ]|[. ]$/.test(safe) &&
          safeName(safe) === safe
        );
      }),
      { numRuns: 2000 },
    );
  });

  test('gets a number where it is taken, whatever its case', () => {
    const taken = new Set<string>();
    expect(['a.dng', 'A.DNG', 'a.dng', 'b', 'b'].map((name) => uniqueName(name, taken))).toEqual([
      'a.dng',
      'A (2).DNG',
      'a (3).dng',
      'b',
      'b (2)',
    ]);
  });
});

test('ExifTool reads a sidecar: rating, roll, and recipes as they were', () => {
  const development = { ...AS_EXPOSED, exposure: 2 / 3 };
  const text = sidecarXmp({
    choice: 'dropped',
    series: { id: 'a<b', kind: 'bracket', step: 1, count: 5 },
    roll: 'Salt & "pans"',
    reframe: { ...AS_TAKEN, quarters: 1 },
    development,
  });
  const [said] = JSON.parse(
    run('exiftool', ['-json', fileOf(Buffer.from(text), 'a.xmp')]).toString(),
  ) as Record<string, unknown>[];
  expect(said).not.toHaveProperty('Warning');
  expect(said).toMatchObject({ Rating: -1, Subject: 'Salt & "pans"', Frame: 2, Frames: 5 });
  // ExifTool takes JSON in XMP for a text.
  expect(JSON.parse(String(said.Development))).toEqual(development);
  const nothing = sidecarXmp({
    choice: null,
    series: null,
    roll: '',
    reframe: null,
    development: null,
  });
  expect(nothing).not.toMatch(/Rating|Development|subject/);
});

describe('where it was taken', () => {
  const GPS = [
    '-GPSLatitude=47.1234',
    '-GPSLatitudeRef=N',
    '-GPSLongitude=8.5678',
    '-GPSLongitudeRef=W',
    '-GPSAltitude=417',
    '-GPSDateStamp=2026:11:28',
    '-XMP-exif:GPSLatitude=47.1234',
    '-XMP-exif:GPSLongitude=-8.5678',
  ];
  const placed = (path: string): string => {
    run('exiftool', ['-overwrite_original', '-q', '-n', ...GPS, path]);
    return path;
  };
  const made = (name: string): string => {
    const path = fileOf(new Uint8Array(1), name);
    run('convert', ['-size', '48x32', 'gradient:red-blue', path]);
    return placed(path);
  };
  const said = (path: string, ...tags: string[]) =>
    (JSON.parse(run('exiftool', ['-json', '-n', ...tags, path]).toString()) as object[])[0];
  const files = () => ({
    dng: placed(
      fileOf(readFileSync(shoot('--scene', 'test-wall', '--time', '1/60', '--seed', '3'))),
    ),
    jpeg: made('a.jpg'),
    tiff: made('a.tif'),
    png: made('a.png'),
  });

  test.each(['dng', 'jpeg', 'tiff', 'png'] as const)(
    'ExifTool finds no trace of it in a %s any more, and all else as it was',
    (kind) => {
      const path = files()[kind];
      expect(said(path, '-GPS:all')).toMatchObject({ GPSLatitude: 47.1234, GPSAltitude: 417 });
      const before = new Uint8Array(readFileSync(path));
      const after = withoutPlace(kind, before);
      expect(after.length).toBe(before.length);
      const copy = fileOf(after, `copy.${path.split('.').at(-1)}`);
      const [left] = [said(copy, '-G1', '-a', '-GPS*', '-validate', '-warning')];
      expect(Object.keys(left).filter((key) => /GPS/.test(key))).toEqual([]);
      const warned = String((left as Record<string, unknown>)['ExifTool:Warning'] ?? '');
      expect(warned).not.toMatch(/GPS|CRC|truncated|bad/i);
      expect(Buffer.from(after).includes('47.1234')).toBe(false);
      const rest = (file: string): Record<string, unknown> => {
        const all = said(file, '-G1', '-a', '-x', 'System:all', '-x', 'GPS*') as Record<
          string,
          unknown
        >;
        return Object.fromEntries(
          Object.entries(all).filter(([key]) => !/GPS|SourceFile|ExifTool:/.test(key)),
        );
      };
      expect(rest(copy)).toEqual(rest(path));
      // What has no place stays as it is, to the byte.
      expect(withoutPlace(kind, after)).toEqual(after);
    },
  );

  test('is never left in silence: kinds of which it is not known are refused, broken files too', () => {
    expect(() => withoutPlace('heic', new Uint8Array(100))).toThrow(/cannot be taken out/);
    expect(() => withoutPlace('raw', new Uint8Array(100))).toThrow(/cannot be taken out/);
    expect(() => withoutPlace('dng', new Uint8Array(100))).toThrow(/DNG/);
    // A second picture behind the first, as phones add them.
    const jpeg = readFileSync(files().jpeg);
    expect(() => withoutPlace('jpeg', Buffer.concat([jpeg, jpeg]))).toThrow(/another picture/);
  });

  test('is found behind whatever else a JPEG says first', () => {
    const jpeg = readFileSync(files().jpeg);
    // SOI, a comment, and the rest (ITU-T T.81, B.2.4.5).
    const comment = Uint8Array.of(0xff, 0xfe, 0, 5, 0x61, 0x62, 0x63);
    const said = withoutPlace(
      'jpeg',
      Buffer.concat([jpeg.subarray(0, 2), comment, jpeg.subarray(2)]),
    );
    const left = run('exiftool', ['-s', '-GPS*', '-Comment', fileOf(said, 'commented.jpg')]);
    expect(left.toString().trim()).toMatch(/^Comment\s+: abc$/);
  });

  test('comes along into what is developed', () => {
    const raw = new Uint8Array(readFileSync(files().dng));
    const picture = { width: 2, height: 1, space: 'srgb' as const };
    const parts = writeDevelopedTiff(new Uint16Array(6), raw, picture);
    const tiff = fileOf(Buffer.concat(parts), 'developed.tif');
    expect(said(tiff, '-GPS:all')).toMatchObject({ GPSLatitude: 47.1234, GPSLongitude: 8.5678 });
  });
});
