import fc from 'fast-check';
import { jpegInfo, DngError } from '../../src/files';
import { exifMoment } from '../../src/files/moment';
import { toRational } from '../../src/files/tiff/rational';
import { TiffReader } from '../../src/files/tiff/reader';
import type { TiffField } from '../../src/files/tiff/types';
import { writeTiff } from '../../src/files/tiff/writer';
import { xmpPacket } from '../../src/files/xmp';
import { fileOf, run } from '../support/shots';

const bytesOf = (parts: Uint8Array[]): Uint8Array => new Uint8Array(Buffer.concat(parts));

describe('rationals', () => {
  test.each([
    [1 / 128, [1, 128]],
    [0.3, [3, 10]],
    [-2 / 3, [-2, 3]],
    [30, [30, 1]],
    [0, [0, 1]],
  ])('%d is %j', (value, expected) => expect(toRational(value, 1e6)).toEqual(expected));
  test('any exposure time comes back to nine digits, within 32 bits', () => {
    fc.assert(
      fc.property(fc.integer({ min: -39, max: 18 }), (click) => {
        const [n, d] = toRational(2 ** (click / 3));
        expect(n).toBeLessThan(2 ** 31);
        expect(d).toBeLessThan(2 ** 31);
        expect(n / d / 2 ** (click / 3)).toBeCloseTo(1, 9);
      }),
    );
  });
  test('what is no number is refused', () => expect(() => toRational(NaN)).toThrow(RangeError));
});

describe('TIFF directories (TIFF 6.0)', () => {
  const numbers = fc.oneof(
    fc.record({
      type: fc.constantFrom('SHORT' as const, 'LONG' as const, 'BYTE' as const),
      values: fc.array(fc.integer({ min: 0, max: 255 }), { minLength: 1, maxLength: 40 }),
    }),
    fc.record({
      type: fc.constant('DOUBLE' as const),
      values: fc.array(fc.double({ noNaN: true }), { minLength: 1, maxLength: 5 }),
    }),
  );
  test('what is written is read back, whatever the order, sizes and nesting', () => {
    const entries = fc.uniqueArray(fc.tuple(fc.integer({ min: 300, max: 60000 }), numbers), {
      selector: ([tag]) => tag,
      maxLength: 12,
    });
    fc.assert(
      fc.property(
        entries,
        entries,
        fc.uint8Array({ minLength: 1, maxLength: 33 }),
        (outer, inner, block) => {
          const fields = (list: typeof outer): TiffField[] =>
            list.map(([tag, v]) => ({ tag, ...v }));
          const bytes = bytesOf(
            writeTiff([
              ...fields(outer),
              { tag: 256, directories: [fields(inner)] },
              { tag: 258, blocks: [block, block.slice()] },
            ]),
          );
          const reader = new TiffReader(bytes);
          const root = reader.root();
          for (const [tag, { values }] of outer) expect(reader.numbers(root, tag)).toEqual(values);
          const sub = reader.directory(reader.first(root, 256)!);
          for (const [tag, { values }] of inner) expect(reader.numbers(sub, tag)).toEqual(values);
          for (const at of reader.numbers(root, 258))
            expect(Buffer.compare(reader.slice(at, block.length), block)).toBe(0);
        },
      ),
    );
  });
  test('entries stand in ascending order and blocks on even offsets, as the standard asks', () => {
    const bytes = bytesOf(
      writeTiff([
        { tag: 700, type: 'BYTE', values: [1, 2, 3, 4, 5] },
        { tag: 270, type: 'ASCII', text: 'odd' },
        { tag: 273, blocks: [Uint8Array.of(1, 2, 3), Uint8Array.of(4)] },
      ]),
    );
    const reader = new TiffReader(bytes);
    expect([...reader.root().entries.keys()]).toEqual([270, 273, 700]);
    const again = new TiffReader(bytes);
    for (const at of again.numbers(again.root(), 273)) expect(at % 2).toBe(0);
  });
  test('big-endian files are read too', () => {
    const bytes = Uint8Array.from([
      0x4d, 0x4d, 0, 42, 0, 0, 0, 8, 0, 1, 1, 0, 0, 3, 0, 0, 0, 1, 2, 1, 0, 0, 0, 0, 0, 0,
    ]);
    const reader = new TiffReader(bytes);
    expect(reader.first(reader.root(), 256)).toBe(513);
  });
});

describe('date, XMP and preview', () => {
  const moment = { epochMs: Date.UTC(2026, 10, 23, 23, 30, 5, 7), offsetMinutes: 90 };
  test('local time, offset and milliseconds (Exif 3.0)', () => {
    expect(exifMoment(moment)).toEqual({
      dateTime: '2026:11:24 01:00:05',
      offset: '+01:30',
      subSeconds: '007',
      iso8601: '2026-11-24T01:00:05.007+01:30',
    });
    expect(exifMoment({ ...moment, offsetMinutes: -210 }).offset).toBe('-03:30');
  });
  test('XMP stays well-formed whatever the description holds; ExifTool reads it back', () => {
    const description = `"salt" & <brine> 'n' glints`;
    const xmp = xmpPacket({
      make: 'a',
      model: 'b',
      software: 'Velmo',
      description,
      capturedAt: moment,
    });
    const [tags] = JSON.parse(run('exiftool', ['-json', fileOf(xmp, 'packet.xmp')]).toString());
    expect(tags.Description).toBe(description);
    expect(tags.CreatorTool).toBe('Velmo');
  });
  test('what is no JPEG is no preview', () => {
    expect(() => jpegInfo(Uint8Array.of(1, 2, 3, 4, 5, 6, 7, 8, 9, 10, 11, 12))).toThrow(DngError);
  });
});
