import fc from 'fast-check';
import { safeName, sidecarXmp, uniqueName } from '../src/files';
import { AS_EXPOSED, AS_TAKEN } from '../src/recipe';
import { fileOf, run } from './shots';

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
