import type { TiffDirectory, TiffReader } from '../tiff/reader';
import { DngError, DngNotSupported } from './dngError';
import { predictorOf, type Predictor } from './inflateBlock';
import {
  COMPRESSION_DEFLATE,
  COMPRESSION_JPEG,
  COMPRESSION_NONE,
  PHOTOMETRIC_CFA,
  TAG,
} from './tags';

/** The raw image as it lies in the file: all of it, masked borders included. */
export interface StoredRaw {
  readonly kind: 'cfa' | 'linear';
  readonly width: number;
  readonly height: number;
  readonly samplesPerPixel: 1 | 3;
  readonly compression:
    typeof COMPRESSION_NONE | typeof COMPRESSION_JPEG | typeof COMPRESSION_DEFLATE;
  /** Bits of a sample that is no lossless JPEG's: 8 to 16, floating-point 16, 24 or 32. */
  readonly bits: number;
  /**
   * What floating-point samples are multiplied by: their white level becomes the largest there is.
   * Null: samples are whole numbers.
   */
  readonly scale: number | null;
  readonly predictor: Predictor;
  readonly tileWidth: number;
  readonly tileHeight: number;
  readonly offsets: readonly number[];
  readonly byteCounts: readonly number[];
  /** What each stored value stands for (LinearizationTable); null: itself. */
  readonly table: Uint16Array | null;
}

export const MIN_SIDE = 4;
export const MAX_SIDE = 16384;
const MAX_SAMPLES = 3 * 64e6;
const MIN_BITS = 8;
const MAX_BITS = 16;
const MAX_TABLE = 65536;

/** A whole number the raw cannot do without. */
function need(reader: TiffReader, d: TiffDirectory, tag: number, name: string): number {
  const value = reader.first(d, tag);
  if (value === undefined || !Number.isInteger(value) || value < 0)
    throw new DngError(`The DNG is broken: its raw image has no ${name}.`);
  return value;
}

/**
 * Reads where and how a raw image is stored. Throws DngError where it is broken or not supported.
 */
export function readStoredRaw(reader: TiffReader, d: TiffDirectory): StoredRaw {
  const width = need(reader, d, TAG.ImageWidth, 'width');
  const height = need(reader, d, TAG.ImageLength, 'height');
  if (width < MIN_SIDE || height < MIN_SIDE || width > MAX_SIDE || height > MAX_SIDE)
    throw new DngError(`The DNG's raw image is ${width} x ${height}: outside what can be opened.`);
  const kind =
    reader.first(d, TAG.PhotometricInterpretation) === PHOTOMETRIC_CFA ? 'cfa' : 'linear';
  const samplesPerPixel = kind === 'cfa' ? 1 : 3;
  if ((reader.first(d, TAG.SamplesPerPixel) ?? 1) !== samplesPerPixel)
    throw new DngNotSupported('The DNG has a number of colour planes that is not supported.');
  const compression = compressionOf(reader, d);
  const stored: StoredRaw = {
    kind,
    width,
    height,
    samplesPerPixel,
    compression,
    bits: compression === COMPRESSION_JPEG ? MAX_BITS : bitsOf(reader, d),
    scale: isFloat(reader, d) ? FULL / floatWhite(reader, d) : null,
    predictor: predictorIn(reader, d, compression),
    ...blocksOf(reader, d, width, height),
    table: tableOf(reader, d),
  };
  checkBlocks(stored, reader.bytes.length);
  return stored;
}

/** Ways to make a raw smaller that are known by name (DNG 1.7, Compression). */
const COMPRESSIONS: Readonly<Record<number, string | undefined>> = {
  5: 'LZW',
  34892: 'lossy JPEG',
  52546: 'JPEG XL',
};

function compressionOf(reader: TiffReader, d: TiffDirectory): StoredRaw['compression'] {
  const compression = need(reader, d, TAG.Compression, 'compression');
  if (compression === COMPRESSION_JPEG || compression === COMPRESSION_DEFLATE) return compression;
  if (compression !== COMPRESSION_NONE)
    throw new DngNotSupported(
      `The DNG's compression (${COMPRESSIONS[compression] ?? compression}) is not supported.`,
    );
  return COMPRESSION_NONE;
}

/** SampleFormat of TIFF 6.0. */
const WHOLE = 1;
const FLOATING = 3;
const FLOAT_BITS: readonly number[] = [16, 24, 32];
const FULL = 65535;

const isFloat = (reader: TiffReader, d: TiffDirectory): boolean =>
  reader.first(d, TAG.SampleFormat) === FLOATING;

function bitsOf(reader: TiffReader, d: TiffDirectory): number {
  const all = reader.numbers(d, TAG.BitsPerSample);
  const [bits] = all;
  const isOne = all.every((b) => b === bits);
  if (isFloat(reader, d)) {
    if (!isOne || !FLOAT_BITS.includes(bits))
      throw new DngNotSupported(
        `Only floating-point raw of 16, 24 or 32 bits is supported, not of ${all.join(', ')}.`,
      );
    return bits;
  }
  if (!Number.isInteger(bits) || bits < MIN_BITS || bits > MAX_BITS || !isOne)
    throw new DngNotSupported(
      `Only raw of ${MIN_BITS} to ${MAX_BITS} bits is supported, not of ${all.join(', ')}.`,
    );
  if ((reader.first(d, TAG.SampleFormat) ?? WHOLE) !== WHOLE)
    throw new DngNotSupported('Only raw of numbers without a sign is supported.');
  return bits;
}

/** 1 where a file tells none (DNG 1.4, WhiteLevel). */
function floatWhite(reader: TiffReader, d: TiffDirectory): number {
  const white = reader.first(d, TAG.WhiteLevel) ?? 1;
  if (!(white > 0 && Number.isFinite(white)))
    throw new DngError('The DNG is broken: its white level makes no sense.');
  return white;
}

function predictorIn(reader: TiffReader, d: TiffDirectory, compression: number): Predictor {
  const code = compression === COMPRESSION_DEFLATE ? (reader.first(d, TAG.Predictor) ?? 1) : 1;
  const found = predictorOf(code);
  const fits = found?.kind === 'none' || (found?.kind === 'floating-point') === isFloat(reader, d);
  if (!found || !fits || (found.kind === 'horizontal' && bitsOf(reader, d) % 8 !== 0))
    throw new DngNotSupported(
      `The DNG's way of telling samples (Predictor ${code}) is not supported.`,
    );
  return found;
}

function tableOf(reader: TiffReader, d: TiffDirectory): Uint16Array | null {
  if (!d.entries.has(TAG.LinearizationTable)) return null;
  const table = reader.numbers(d, TAG.LinearizationTable);
  if (table.length === 0 || table.length > MAX_TABLE)
    throw new DngError('The DNG is broken: its table of values (LinearizationTable) is empty.');
  // What lies behind its end is as its last.
  return Uint16Array.from({ length: MAX_TABLE }, (_, i) => table[Math.min(i, table.length - 1)]);
}

/** Tiles, or strips as tiles of the full width. */
function blocksOf(
  reader: TiffReader,
  d: TiffDirectory,
  width: number,
  height: number,
): Pick<StoredRaw, 'tileWidth' | 'tileHeight' | 'offsets' | 'byteCounts'> {
  if (d.entries.has(TAG.TileOffsets))
    return {
      tileWidth: need(reader, d, TAG.TileWidth, 'tile width'),
      tileHeight: need(reader, d, TAG.TileLength, 'tile height'),
      offsets: reader.numbers(d, TAG.TileOffsets),
      byteCounts: reader.numbers(d, TAG.TileByteCounts),
    };
  return {
    tileWidth: width,
    tileHeight: Math.min(height, need(reader, d, TAG.RowsPerStrip, 'strip height')),
    offsets: reader.numbers(d, TAG.StripOffsets),
    byteCounts: reader.numbers(d, TAG.StripByteCounts),
  };
}

/** Samples a byte: lossless JPEG spends at least one bit on each; deflate has a limit (zlib). */
const JPEG_TIMES = 8;
const DEFLATE_TIMES = 1032;

/** Everything the decoder will rely on. */
function checkBlocks(s: StoredRaw, fileBytes: number): void {
  const broken = (what: string): never => {
    throw new DngError(`The DNG is broken: ${what}.`);
  };
  if (
    s.tileWidth < 1 ||
    s.tileHeight < 1 ||
    s.tileWidth > 2 * MAX_SIDE ||
    s.tileHeight > 2 * MAX_SIDE
  )
    broken('its tiles have no sensible size');
  const across = Math.ceil(s.width / s.tileWidth);
  const down = Math.ceil(s.height / s.tileHeight);
  if (s.offsets.length !== across * down || s.byteCounts.length !== across * down)
    broken('its list of tiles is not complete');
  const samples = across * s.tileWidth * down * s.tileHeight * s.samplesPerPixel;
  // A file that claims more than could be made as small is not what it says.
  const most = s.compression === COMPRESSION_DEFLATE ? DEFLATE_TIMES : JPEG_TIMES;
  if (samples > MAX_SAMPLES || samples > fileBytes * most)
    broken('it claims more pixels than it can hold');
  let blockBytes = 0;
  for (let i = 0; i < s.offsets.length; i++) {
    if (s.offsets[i] + s.byteCounts[i] > fileBytes)
      broken('part of it lies past the end of the file');
    blockBytes += s.byteCounts[i];
  }
  // Blocks that shared bytes would cost the whole file each.
  if (blockBytes > fileBytes) broken('its tiles lie over each other');
}
