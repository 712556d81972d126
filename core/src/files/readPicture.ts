import { DngError } from './dng/dngError';
import { exifOfJpeg } from './jpegMetadata';
import { exifOfPng } from './pngMetadata';
import { readExif, type DngExif } from './readExif';
import { COMPRESSION_NONE, TAG } from './dng/tags';
import { TiffReader, type TiffDirectory } from './tiff/reader';

const MAX_PIXELS = 100e6;

/**
 * What a developed picture says of its making: nothing where it says nothing, or something broken.
 */
export function readPictureExif(kind: 'jpeg' | 'png' | 'tiff', bytes: Uint8Array): DngExif {
  const tiff = kind === 'jpeg' ? exifOfJpeg(bytes) : kind === 'png' ? exifOfPng(bytes) : bytes;
  if (!tiff) return {};
  try {
    const reader = new TiffReader(tiff);
    return readExif(reader, reader.root());
  } catch {
    return {};
  }
}

/** A TIFF of the kind Velmo writes: 16-bit RGB, uncompressed, interleaved, little-endian strips. */
export function isOwnTiff(bytes: Uint8Array): boolean {
  try {
    const reader = new TiffReader(bytes);
    return isOwn(reader, reader.root());
  } catch {
    return false;
  }
}

const isOwn = (reader: TiffReader, root: TiffDirectory): boolean =>
  reader.first(root, TAG.Compression) === COMPRESSION_NONE &&
  reader.numbers(root, TAG.BitsPerSample).join() === '16,16,16' &&
  (reader.first(root, TAG.PlanarConfiguration) ?? 1) === 1 &&
  root.entries.has(TAG.StripOffsets) &&
  reader.bytes[0] === 0x49;

/**
 * The pixels of a TIFF as Velmo writes them: see `isOwnTiff`. Throws DngError for any other.
 */
export function readPictureTiff(bytes: Uint8Array): {
  readonly width: number;
  readonly height: number;
  /** Interleaved RGB. */
  readonly data: Uint16Array<ArrayBuffer>;
} {
  const reader = new TiffReader(bytes);
  const root = reader.root();
  const width = reader.first(root, TAG.ImageWidth) ?? 0;
  const height = reader.first(root, TAG.ImageLength) ?? 0;
  if (!isOwn(reader, root) || !(width > 0 && height > 0 && width * height <= MAX_PIXELS))
    throw new DngError('This TIFF is not of the kind Velmo writes, and cannot be shown.');
  const offsets = reader.numbers(root, TAG.StripOffsets);
  const counts = reader.numbers(root, TAG.StripByteCounts);
  const data = new Uint8Array(6 * width * height);
  let at = 0;
  offsets.forEach((offset, i) => {
    const length = counts[i] ?? 0;
    if (offset + length > bytes.length || at + length > data.length)
      throw new DngError('The TIFF is broken: part of it lies past its end.');
    data.set(bytes.subarray(offset, offset + length), at);
    at += length;
  });
  if (at !== data.length) throw new DngError('The TIFF is broken: it is not complete.');
  return { width, height, data: new Uint16Array(data.buffer) };
}
