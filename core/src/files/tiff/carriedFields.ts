import { TAG } from '../dng/tags';
import type { TiffDirectory, TiffReader } from './reader';
import type { TiffField } from './types';

/** Written within Exif only: what makers wrote there points to places of the file it was in. */
const NOT_CARRIED: ReadonlySet<number> = new Set([TAG.MakerNote, TAG.InteroperabilityIFD]);

/**
 * Entries of a directory, with its Exif, to be written into another TIFF. Throws DngError where the
 * Exif is broken.
 *
 * @param isCarried which of the first directory's entries come along
 */
export function carriedFields(
  reader: TiffReader,
  directory: TiffDirectory,
  isCarried: (tag: number) => boolean,
): TiffField[] {
  const carried = (from: TiffDirectory, wanted: (tag: number) => boolean): TiffField[] =>
    [...from.entries.values()]
      .filter(({ tag }) => wanted(tag))
      .map((entry) => ({ tag: entry.tag, ...reader.stored(entry) }));
  const fields = carried(directory, (tag) => tag !== TAG.ExifIFD && isCarried(tag));
  const exif = reader.first(directory, TAG.ExifIFD);
  if (exif === undefined || !isCarried(TAG.ExifIFD)) return fields;
  const inExif = carried(reader.directory(exif), (tag) => !NOT_CARRIED.has(tag));
  return [...fields, { tag: TAG.ExifIFD, directories: [inExif] }];
}
