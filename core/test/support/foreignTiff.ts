import { TAG } from '../../src/files';
import { writeTiff } from '../../src/files/tiff/writer';
import type { TiffField } from '../../src/files/tiff/types';

/** DNGs as other cameras' makers write them: the raw in the first directory. */

export interface Size {
  readonly width: number;
  readonly height: number;
}

export const EVEN: Size = { width: 64, height: 32 };
export const BLACK = 256;
export const WHITE = 4095;

/** A ramp over all levels, black to white, different in each colour. */
export const ramp = ({ width, height }: Size): Uint16Array =>
  Uint16Array.from({ length: width * height }, (_, i) => {
    const [x, y] = [i % width, Math.floor(i / width)];
    return BLACK + Math.round(((WHITE - BLACK) * (x + ((x ^ y) & 1) * 7)) / (width + 7));
  });

export function foreign(
  { width, height }: Size,
  data: Uint16Array,
  others: readonly TiffField[] = [],
): Uint8Array {
  const fields: TiffField[] = [
    { tag: TAG.NewSubfileType, type: 'LONG', values: [0] },
    { tag: TAG.ImageWidth, type: 'LONG', values: [width] },
    { tag: TAG.ImageLength, type: 'LONG', values: [height] },
    { tag: TAG.BitsPerSample, type: 'SHORT', values: [16] },
    { tag: TAG.Compression, type: 'SHORT', values: [1] },
    { tag: TAG.PhotometricInterpretation, type: 'SHORT', values: [32803] },
    { tag: TAG.Make, type: 'ASCII', text: 'Other' },
    { tag: TAG.Model, type: 'ASCII', text: 'Camera' },
    { tag: TAG.StripOffsets, blocks: [new Uint8Array(data.buffer.slice(0))] },
    { tag: TAG.SamplesPerPixel, type: 'SHORT', values: [1] },
    { tag: TAG.RowsPerStrip, type: 'LONG', values: [height] },
    { tag: TAG.StripByteCounts, type: 'LONG', values: [2 * data.length] },
    { tag: TAG.CFARepeatPatternDim, type: 'SHORT', values: [2, 2] },
    { tag: TAG.CFAPattern, type: 'BYTE', values: [0, 1, 1, 2] },
    { tag: TAG.DNGVersion, type: 'BYTE', values: [1, 4, 0, 0] },
    { tag: TAG.UniqueCameraModel, type: 'ASCII', text: 'Other Camera' },
    { tag: TAG.BlackLevel, type: 'SHORT', values: [BLACK] },
    { tag: TAG.WhiteLevel, type: 'LONG', values: [WHITE] },
    {
      tag: TAG.ColorMatrix1,
      type: 'SRATIONAL',
      values: [1, 1, 0, 1, 0, 1, 0, 1, 1, 1, 0, 1, 0, 1, 0, 1, 1, 1],
    },
    { tag: TAG.AsShotNeutral, type: 'RATIONAL', values: [1, 2, 1, 1, 3, 5] },
  ];
  const kept = fields.filter(({ tag }) => !others.some((other) => other.tag === tag));
  const sorted = [...kept, ...others].sort((a, b) => a.tag - b.tag);
  return new Uint8Array(Buffer.concat(writeTiff(sorted)));
}

export const numbers = (
  tag: number,
  values: number[],
  type: 'LONG' | 'SHORT' | 'BYTE' = 'LONG',
): TiffField => ({ tag, type, values });

/** The same bytes as one block of a file. */
export const stripOf = (bytes: Uint8Array): TiffField[] => [
  { tag: TAG.StripOffsets, blocks: [bytes] },
  numbers(TAG.StripByteCounts, [bytes.length]),
];

/** Samples packed from the highest bit on, each row from a whole byte on (TIFF 6.0). */
export function packed(data: Uint16Array, { width, height }: Size, bits: number): Uint8Array {
  const rowBytes = Math.ceil((width * bits) / 8);
  const bytes = new Uint8Array(rowBytes * height);
  for (let y = 0; y < height; y++)
    for (let x = 0; x < width; x++)
      for (let b = 0; b < bits; b++) {
        const at = x * bits + b;
        const bit = (data[y * width + x] >> (bits - 1 - b)) & 1;
        bytes[y * rowBytes + (at >> 3)] |= bit << (7 - (at & 7));
      }
  return bytes;
}

const VALUE_BYTES: Readonly<Record<number, number>> = {
  3: 2,
  8: 2,
  4: 4,
  9: 4,
  5: 4,
  10: 4,
  11: 4,
};

/** A TIFF of one directory in the other byte order; blocks of 16-bit samples as well. */
export function bigEndian(little: Uint8Array): Uint8Array {
  const from = new DataView(little.buffer, little.byteOffset, little.length);
  const bytes = little.slice();
  const to = new DataView(bytes.buffer);
  const swap = (at: number, size: number): void => {
    if (size === 2) to.setUint16(at, from.getUint16(at, true));
    else to.setUint32(at, from.getUint32(at, true));
  };
  bytes.set([0x4d, 0x4d]);
  swap(2, 2);
  swap(4, 4);
  const root = from.getUint32(4, true);
  const count = from.getUint16(root, true);
  swap(root, 2);
  const strip = { offset: 0, bytes: 0 };
  for (let i = 0; i < count; i++) {
    const at = root + 2 + 12 * i;
    const [tag, type, n] = [
      from.getUint16(at, true),
      from.getUint16(at + 2, true),
      from.getUint32(at + 4, true),
    ];
    const size = VALUE_BYTES[type] ?? 1;
    const parts = type === 5 || type === 10 ? 2 * n : n;
    const far = parts * size > 4;
    const valuesAt = far ? from.getUint32(at + 8, true) : at + 8;
    if (tag === TAG.StripOffsets) strip.offset = from.getUint32(at + 8, true);
    if (tag === TAG.StripByteCounts) strip.bytes = from.getUint32(at + 8, true);
    swap(at, 2);
    swap(at + 2, 2);
    swap(at + 4, 4);
    if (far) swap(at + 8, 4);
    if (size > 1) for (let k = 0; k < parts; k++) swap(valuesAt + k * size, size);
  }
  swap(root + 2 + 12 * count, 4);
  for (let at = strip.offset; at < strip.offset + strip.bytes; at += 2) swap(at, 2);
  return bytes;
}

/** The first tag of DNG's own (DNG 1.4, chapter 4). */
const FIRST_DNG_TAG = 50706;
/** Tags that mean nothing to anybody. */
const MEANINGLESS = 60000;

/**
 * The same raw as a camera writes it that knows no DNG: a TIFF/EP (ISO 12234-2) of one directory.
 */
export function withoutDng(dng: Uint8Array): Uint8Array {
  const bytes = dng.slice();
  const view = new DataView(bytes.buffer);
  const root = view.getUint32(4, true);
  const count = view.getUint16(root, true);
  for (let i = 0; i < count; i++) {
    const at = root + 2 + 12 * i;
    if (view.getUint16(at, true) >= FIRST_DNG_TAG) view.setUint16(at, MEANINGLESS + i, true);
  }
  return bytes;
}

/** A pattern of six by six, as some sensors have it: 0 red, 1 green, 2 blue. */
export const SIX_BY_SIX = [
  '1,1,0,1,1,2',
  '1,1,2,1,1,0',
  '2,0,1,0,2,1',
  '1,1,2,1,1,0',
  '1,1,0,1,1,2',
  '0,2,1,2,0,1',
].flatMap((row) => row.split(',').map(Number));
