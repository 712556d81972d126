import { TAG } from './dng/tags';
import { TiffReader, type TiffDirectory } from './tiff/reader';
import { TIFF_TYPES } from './tiff/types';

/**
 * The Exif of a picture as that of a part of it, which is upright and of another size. Its small
 * picture (the second directory) is of the whole, and is left out. What is broken stays as it is.
 *
 * @param tiff Exif as a TIFF structure
 */
export function exifOfPart(
  tiff: Uint8Array,
  { width, height }: { readonly width: number; readonly height: number },
): Uint8Array {
  const bytes = tiff.slice();
  const view = new DataView(bytes.buffer);
  try {
    const reader = new TiffReader(bytes);
    const say = (directory: TiffDirectory, tag: number, value: number): void => {
      const entry = directory.entries.get(tag);
      if (entry?.type === TIFF_TYPES.SHORT.code) view.setUint16(entry.at, value, reader.little);
      else if (entry?.type === TIFF_TYPES.LONG.code) view.setUint32(entry.at, value, reader.little);
    };
    const root = reader.root();
    say(root, TAG.Orientation, 1);
    const entries = view.getUint16(root.offset, reader.little);
    view.setUint32(root.offset + 2 + 12 * entries, 0, reader.little);
    const exif = reader.directory(reader.first(root, TAG.ExifIFD) ?? 0);
    say(exif, TAG.PixelXDimension, width);
    say(exif, TAG.PixelYDimension, height);
  } catch {
    // What could be read of it is kept.
  }
  return bytes;
}
