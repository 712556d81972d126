import {
  CALIBRATION_D65,
  calibrationKelvin,
  type Calibration,
  type CameraProfile,
} from '../../colour/cameraProfile';
import { invert, type Mat3 } from '../../colour/mat3';
import type { PixelBox } from '../../optics/aspect';
import type { NoiseProfile } from '../../sensor/noiseProfile';
import { DngError } from './dngError';
import { refuseUnread } from './readable';
import {
  COMPRESSION_JPEG,
  COMPRESSION_NONE,
  PHOTOMETRIC_CFA,
  PHOTOMETRIC_LINEAR_RAW,
  TAG,
} from './tags';
import { readExif, type DngExif } from '../readExif';
import { TiffReader, type TiffDirectory } from '../tiff/reader';

/** Where the raw's blocks lie. */
export interface RawLayout {
  readonly kind: 'cfa' | 'linear';
  readonly width: number;
  readonly height: number;
  readonly samplesPerPixel: 1 | 3;
  readonly compression: typeof COMPRESSION_NONE | typeof COMPRESSION_JPEG;
  readonly tileWidth: number;
  readonly tileHeight: number;
  readonly offsets: readonly number[];
  readonly byteCounts: readonly number[];
  readonly blackLevel: number;
  readonly whiteLevel: number;
  /** As the file says it (NoiseProfile), of the first plane; null where it does not. */
  readonly noise: NoiseProfile | null;
  /** The part that is meant to be seen. */
  readonly crop: PixelBox;
}

export interface DngFile {
  readonly bytes: Uint8Array;
  readonly version: string;
  readonly raw: RawLayout;
  readonly orientation: number;
  readonly profile: CameraProfile;
  readonly asShotNeutral: readonly [number, number, number];
  readonly baselineExposure: number;
  readonly preview: { readonly offset: number; readonly length: number } | null;
  readonly exif: DngExif;
}

const MIN_SIDE = 4;
const MAX_SIDE = 16384;
const MAX_SAMPLES = 3 * 64e6;
const IDENTITY: Mat3 = [1, 0, 0, 0, 1, 0, 0, 0, 1];

/**
 * Reads what a DNG says about itself; pixels are decoded by `decodeRaw`. Made for files Velmo
 * wrote, and any RGGB or linear DNG with lossless-JPEG or uncompressed 16-bit data. Throws DngError
 * on broken files and on those it would read wrongly, in time and memory bounded by the file's
 * size.
 */
export function readDng(bytes: Uint8Array): DngFile {
  const reader = new TiffReader(bytes);
  const root = reader.root();
  const version = reader.numbers(root, TAG.DNGVersion);
  if (version.length !== 4) throw new DngError('This is a TIFF, but not a DNG.');
  const raw = findRaw(reader, root);
  return {
    bytes,
    version: version.join('.'),
    raw: rawLayout(reader, raw),
    orientation: reader.first(root, TAG.Orientation) ?? 1,
    profile: profileOf(reader, root),
    asShotNeutral: neutralOf(reader.numbers(root, TAG.AsShotNeutral)),
    baselineExposure: finite(reader.first(root, TAG.BaselineExposure)) ?? 0,
    preview: previewOf(reader, root),
    exif: readExif(reader, root),
  };
}

const isRaw = (reader: TiffReader, d: TiffDirectory): boolean => {
  const photometric = reader.first(d, TAG.PhotometricInterpretation);
  return photometric === PHOTOMETRIC_CFA || photometric === PHOTOMETRIC_LINEAR_RAW;
};

function findRaw(reader: TiffReader, root: TiffDirectory): TiffDirectory {
  if (isRaw(reader, root)) return root;
  for (const offset of reader.numbers(root, TAG.SubIFDs).slice(0, 16)) {
    const directory = reader.directory(offset);
    if (isRaw(reader, directory)) return directory;
  }
  throw new DngError('The DNG holds no raw image.');
}

/** A whole number the raw cannot do without. */
function need(reader: TiffReader, d: TiffDirectory, tag: number, name: string): number {
  const value = reader.first(d, tag);
  if (value === undefined || !Number.isInteger(value) || value < 0)
    throw new DngError(`The DNG is broken: its raw image has no ${name}.`);
  return value;
}

function rawLayout(reader: TiffReader, d: TiffDirectory): RawLayout {
  const width = need(reader, d, TAG.ImageWidth, 'width');
  const height = need(reader, d, TAG.ImageLength, 'height');
  if (width < MIN_SIDE || height < MIN_SIDE || width > MAX_SIDE || height > MAX_SIDE)
    throw new DngError(`The DNG's raw image is ${width} x ${height}: outside what can be opened.`);
  const kind =
    reader.first(d, TAG.PhotometricInterpretation) === PHOTOMETRIC_CFA ? 'cfa' : 'linear';
  const samplesPerPixel = kind === 'cfa' ? 1 : 3;
  if ((reader.first(d, TAG.SamplesPerPixel) ?? 1) !== samplesPerPixel)
    throw new DngError('The DNG has a number of colour planes that is not supported.');
  if (kind === 'cfa') checkPattern(reader, d);
  refuseUnread(reader, d, { width, height });
  const layout: RawLayout = {
    kind,
    width,
    height,
    samplesPerPixel,
    compression: compressionOf(reader, d),
    ...blocksOf(reader, d, width, height),
    blackLevel: finite(reader.first(d, TAG.BlackLevel)) ?? 0,
    whiteLevel: finite(reader.first(d, TAG.WhiteLevel)) ?? 65535,
    noise: noiseOf(reader.numbers(d, TAG.NoiseProfile)),
    crop: cropOf(reader, d, width, height),
  };
  checkLayout(layout, reader.bytes.length);
  return layout;
}

function noiseOf([scale, offset]: number[]): NoiseProfile | null {
  if (finite(scale) === undefined || finite(offset) === undefined) return null;
  return scale >= 0 && offset >= 0 ? { scale, offset } : null;
}

function compressionOf(reader: TiffReader, d: TiffDirectory): RawLayout['compression'] {
  const compression = need(reader, d, TAG.Compression, 'compression');
  if (compression === COMPRESSION_JPEG) return COMPRESSION_JPEG;
  if (compression !== COMPRESSION_NONE)
    throw new DngError(`The DNG's compression (${compression}) is not supported.`);
  if (reader.first(d, TAG.BitsPerSample) !== 16)
    throw new DngError('Only 16-bit uncompressed raw is supported.');
  return COMPRESSION_NONE;
}

/** Tiles, or strips as tiles of the full width. */
function blocksOf(
  reader: TiffReader,
  d: TiffDirectory,
  width: number,
  height: number,
): Pick<RawLayout, 'tileWidth' | 'tileHeight' | 'offsets' | 'byteCounts'> {
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

/** DNG's default crop; all of the raw where the file names none. */
function cropOf(reader: TiffReader, d: TiffDirectory, width: number, height: number): PixelBox {
  const origin = reader.numbers(d, TAG.DefaultCropOrigin);
  const size = reader.numbers(d, TAG.DefaultCropSize);
  if (origin.length === 0 && size.length === 0) return { x: 0, y: 0, width, height };
  const [x, y] = origin.length === 0 ? [0, 0] : origin;
  const [w, h] = size;
  const fits = x >= 0 && y >= 0 && w >= MIN_SIDE && h >= MIN_SIDE;
  if (!fits || x + w > width || y + h > height)
    throw new DngError('The DNG is broken: its crop does not lie within its image.');
  return { x, y, width: w, height: h };
}

function checkPattern(reader: TiffReader, d: TiffDirectory): void {
  const pattern = reader.numbers(d, TAG.CFAPattern).join();
  const repeat = reader.numbers(d, TAG.CFARepeatPatternDim).join();
  if (pattern !== '0,1,1,2' || (repeat !== '2,2' && repeat !== ''))
    throw new DngError('Only raw images of the pattern RGGB are supported.');
}

/** Everything the decoder will rely on. */
function checkLayout(l: RawLayout, fileBytes: number): void {
  const broken = (what: string): never => {
    throw new DngError(`The DNG is broken: ${what}.`);
  };
  if (
    l.tileWidth < 1 ||
    l.tileHeight < 1 ||
    l.tileWidth > 2 * MAX_SIDE ||
    l.tileHeight > 2 * MAX_SIDE
  )
    broken('its tiles have no sensible size');
  const across = Math.ceil(l.width / l.tileWidth);
  const down = Math.ceil(l.height / l.tileHeight);
  if (l.offsets.length !== across * down || l.byteCounts.length !== across * down)
    broken('its list of tiles is not complete');
  const samples = across * l.tileWidth * down * l.tileHeight * l.samplesPerPixel;
  // Lossless JPEG spends at least one bit a sample: a file claiming more is not what it says.
  if (samples > MAX_SAMPLES || samples > fileBytes * 8)
    broken('it claims more pixels than it can hold');
  let blockBytes = 0;
  for (let i = 0; i < l.offsets.length; i++) {
    if (l.offsets[i] + l.byteCounts[i] > fileBytes)
      broken('part of it lies past the end of the file');
    blockBytes += l.byteCounts[i];
  }
  // Blocks that shared bytes would cost the whole file each.
  if (blockBytes > fileBytes) broken('its tiles lie over each other');
  if (!(l.whiteLevel > l.blackLevel && l.whiteLevel <= 65535 && l.blackLevel >= 0))
    broken('its black and white level make no sense');
}

const finite = (v: number | undefined): number | undefined =>
  v !== undefined && Number.isFinite(v) ? v : undefined;

/** Nine numbers that make a matrix with an inverse; null for anything else. */
function matrixOf(values: readonly number[]): Mat3 | null {
  if (values.length !== 9 || !values.every(Number.isFinite)) return null;
  const m = values as unknown as Mat3;
  try {
    invert(m);
    return m;
  } catch {
    return null;
  }
}

/** The file's calibrations; a matrix nobody can use is replaced by the identity. */
function profileOf(reader: TiffReader, root: TiffDirectory): CameraProfile {
  const calibration = (illuminant: number, colour: number, forward: number): Calibration | null => {
    const colorMatrix = matrixOf(reader.numbers(root, colour));
    return (
      colorMatrix && {
        illuminant: reader.first(root, illuminant) ?? CALIBRATION_D65,
        colorMatrix,
        forwardMatrix: matrixOf(reader.numbers(root, forward)),
      }
    );
  };
  const first = calibration(TAG.CalibrationIlluminant1, TAG.ColorMatrix1, TAG.ForwardMatrix1);
  const second = calibration(TAG.CalibrationIlluminant2, TAG.ColorMatrix2, TAG.ForwardMatrix2);
  if (!first) return [{ illuminant: CALIBRATION_D65, colorMatrix: IDENTITY, forwardMatrix: null }];
  if (!second || second.illuminant === first.illuminant) return [first];
  return calibrationKelvin(first) <= calibrationKelvin(second) ? [first, second] : [second, first];
}

const neutralOf = (values: readonly number[]): [number, number, number] =>
  values.length === 3 && values.every((v) => v > 1e-3 && v <= 1e3)
    ? [values[0], values[1], values[2]]
    : [1, 1, 1];

function previewOf(
  reader: TiffReader,
  root: TiffDirectory,
): { offset: number; length: number } | null {
  if (isRaw(reader, root) || reader.first(root, TAG.Compression) !== COMPRESSION_JPEG) return null;
  const offset = reader.first(root, TAG.StripOffsets);
  const length = reader.first(root, TAG.StripByteCounts);
  if (offset === undefined || length === undefined || offset + length > reader.bytes.length)
    return null;
  return { offset, length };
}
