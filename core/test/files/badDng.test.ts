import { deflateSync } from 'node:zlib';
import { cameraProfile } from '../../src/sensor';
import { readFileSync } from 'node:fs';
import fc from 'fast-check';
import {
  decodeRaw,
  DngError,
  encodeBand,
  readDng,
  TAG,
  writeDng,
  type DngFile,
} from '../../src/files';
import { findLens } from '../../src/optics';
import { bigEndian, EVEN, foreign, numbers, packed, ramp, stripOf } from '../support/foreignTiff';
import { shoot } from '../support/shots';

/** A small but complete DNG: mutations of it reach every part of the reader quickly. */
function smallDng(): Uint8Array {
  const [width, height] = [64, 32];
  const data = Uint16Array.from({ length: width * height }, (_, i) => 256 + ((i * 97) % 3800));
  const tiles = [0, 1].flatMap((row) =>
    encodeBand(
      { data: data.subarray(row * 16 * width), width, rows: 16, samplesPerPixel: 1, precision: 16 },
      32,
      16,
    ),
  );
  const jpeg = Uint8Array.from([
    255, 216, 255, 192, 0, 17, 8, 0, 8, 0, 8, 3, 1, 0x22, 0, 2, 17, 0, 3, 17, 0, 255, 217,
  ]);
  const parts = writeDng({
    raw: {
      kind: 'cfa',
      width,
      height,
      tileWidth: 32,
      tileHeight: 16,
      tiles,
      blackLevel: 256,
      whiteLevel: 4095,
      noise: null,
    },
    preview: { jpeg, width: 8, height: 8 },
    orientation: 1,
    profile: cameraProfile(findLens('main')!.sensor.sensitivities),
    asShotNeutral: [0.5, 1, 0.6],
    baselineExposure: 0.49,
    shot: {
      make: 'a',
      model: 'b',
      software: 'c',
      description: 'd <&"',
      capturedAt: { epochMs: 0, offsetMinutes: -150 },
    },
  });
  return new Uint8Array(Buffer.concat(parts));
}

/**
 * Opens a file the way Frame does; anything but a DngError that says why is a fault of ours, and so
 * is a raw that is not what the file says of it.
 */
function open(bytes: Uint8Array): 'read' | 'refused' {
  let dng: DngFile;
  let raw: Uint16Array;
  try {
    dng = readDng(bytes);
    raw = decodeRaw(dng);
  } catch (error) {
    if (!(error instanceof DngError)) throw error;
    expect(error.message).toMatch(
      /^(The DNG('s)? |The file is too short|This is |Only |Velmo cannot|lossless JPEG: |compressed block)/,
    );
    return 'refused';
  }
  const { width, height, samplesPerPixel, crop, whiteLevel } = dng.raw;
  expect(raw.length).toBe(width * height * samplesPerPixel);
  expect(raw.reduce((a, b) => Math.max(a, b), 0)).toBeLessThanOrEqual(whiteLevel);
  expect(crop.x + crop.width <= width && crop.y + crop.height <= height).toBe(true);
  return 'read';
}

const good = smallDng();
const view = (bytes: Uint8Array) => new DataView(bytes.buffer, bytes.byteOffset, bytes.length);

/** Where the entry of a tag stands in the file, in any directory. */
function entryOf(bytes: Uint8Array, tag: number): number {
  for (let at = 8; at + 12 < bytes.length; at += 2)
    if (view(bytes).getUint16(at, true) === tag && view(bytes).getUint16(at + 2, true) <= 12)
      return at;
  throw new Error(`no tag ${tag}`);
}

function patched(tag: number, offset: number, value: number): Uint8Array {
  const bytes = good.slice();
  view(bytes).setUint32(entryOf(bytes, tag) + offset, value, true);
  return bytes;
}

describe('broken and malicious files', () => {
  test('the file itself is read, with levels, neutral and description', () => {
    const dng = readDng(good);
    expect(open(good)).toBe('read');
    expect(dng.raw).toMatchObject({ width: 64, height: 32, blackLevel: 256, whiteLevel: 4095 });
    expect(dng.exif.description).toBe('d <&"');
    expect(dng.exif.offsetTimeOriginal).toBe('-02:30');
  });

  test.each([
    ['empty', new Uint8Array(0)],
    ['text', new TextEncoder().encode('this is no picture at all')],
    ['a bare TIFF header', Uint8Array.from([0x49, 0x49, 42, 0, 8, 0, 0, 0])],
    ['no directory where it should be', Uint8Array.from([0x49, 0x49, 42, 0, 255, 255, 255, 127])],
  ])('%s is refused', (_name, bytes) => expect(open(bytes)).toBe('refused'));

  test('a loop of directories', () => {
    expect(() => readDng(patched(330, 8, 8))).toThrow(/loop/);
  });
  test('a frame larger than any sensor', () => {
    const raw = good.slice();
    const at = entryOf(raw.subarray(0), 322);
    // The raw directory's width stands a few entries before its tile width.
    for (let p = at; p > 8; p -= 12)
      if (view(raw).getUint16(p, true) === 256) {
        view(raw).setUint32(p + 8, 4_000_000_000, true);
        break;
      }
    expect(() => readDng(raw)).toThrow(/outside what can be opened/);
  });
  test('absurd tile counts and offsets', () => {
    expect(open(patched(324, 4, 0xffffffff))).toBe('refused');
    expect(open(patched(324, 8, 0xfffffff0))).toBe('refused');
    expect(open(patched(325, 8, 0xfffffff0))).toBe('refused');
    expect(open(patched(322, 8, 0))).toBe('refused');
    expect(open(patched(322, 8, 0x7fffffff))).toBe('refused');
  });
  test('a truncated file at every hundredth of its length', () => {
    for (let i = 0; i < 100; i++)
      expect(open(good.subarray(0, Math.floor((good.length * i) / 100)))).toBe('refused');
  });

  test('1,500 files with bytes changed anywhere: read or refused, never anything else', () => {
    const change = fc.array(fc.tuple(fc.nat(good.length - 1), fc.nat(255)), {
      minLength: 1,
      maxLength: 12,
    });
    let refused = 0;
    fc.assert(
      fc.property(change, (changes) => {
        const bytes = good.slice();
        for (const [at, value] of changes) bytes[at] = value;
        if (open(bytes) === 'refused') refused++;
      }),
      { numRuns: 1500, seed: 20261123 },
    );
    expect(refused).toBeGreaterThan(100);
  });

  test('500 files with a directory field replaced by an extreme value', () => {
    const extremes = [0, 1, 2, 0x7fffffff, 0x80000000, 0xffffffff, 65535, 8];
    fc.assert(
      fc.property(fc.integer({ min: 4, max: 700 }), fc.constantFrom(...extremes), (at, value) => {
        const bytes = good.slice();
        view(bytes).setUint32(2 * at, value, true);
        open(bytes);
      }),
      { numRuns: 500, seed: 7 },
    );
  });

  const packed12 = foreign(EVEN, ramp(EVEN), [
    numbers(TAG.CFAPattern, [2, 1, 1, 0], 'BYTE'),
    numbers(TAG.BitsPerSample, [12], 'SHORT'),
    numbers(TAG.BlackLevelRepeatDim, [2, 2], 'SHORT'),
    numbers(TAG.BlackLevel, [256, 258, 254, 256], 'SHORT'),
    numbers(TAG.ActiveArea, [0, 4, 32, 64]),
    numbers(TAG.LinearizationTable, [0, 1, 4, 4095], 'SHORT'),
    ...stripOf(packed(ramp(EVEN), EVEN, 12)),
  ]);
  const deflated = foreign(EVEN, ramp(EVEN), [
    numbers(TAG.Compression, [8], 'SHORT'),
    numbers(TAG.Predictor, [3], 'SHORT'),
    numbers(TAG.SampleFormat, [3], 'SHORT'),
    numbers(TAG.WhiteLevel, [1]),
    numbers(TAG.BlackLevel, [0]),
    ...stripOf(new Uint8Array(deflateSync(new Uint8Array(ramp(EVEN).buffer)))),
  ]);
  test.each([
    ['packed, with borders, blacks and a table', packed12],
    ['of the other byte order', bigEndian(foreign(EVEN, ramp(EVEN)))],
    ['deflated halves', deflated],
  ])('500 files of other cameras, %s, with bytes and fields changed', (_name, file) => {
    // Its directory: what lies behind it is light.
    const directory = 400;
    const change = fc.array(fc.tuple(fc.nat(directory), fc.nat(255)), {
      minLength: 1,
      maxLength: 8,
    });
    let refused = 0;
    fc.assert(
      fc.property(change, (changes) => {
        const bytes = file.slice();
        for (const [at, value] of changes) bytes[at] = value;
        if (open(bytes) === 'refused') refused++;
      }),
      { numRuns: 500, seed: 20261127 },
    );
    expect(refused).toBeGreaterThan(50);
    expect(open(file)).toBe('read');
  });

  test('a real frame with its second half zeroed is refused or read, not hung', () => {
    const bytes = new Uint8Array(
      readFileSync(
        shoot('--scene', 'test-wall', '--lens', 'main', '--time', '1/125', '--iso', '100'),
      ),
    );
    bytes.fill(0, bytes.length / 2);
    expect(open(bytes)).toBe('refused');
  });
});
