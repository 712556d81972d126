import { TAG } from '../dng/tags';
import type { TiffDirectory, TiffReader } from './reader';
import type { TiffField } from './types';

/** Written within Exif only: what makers wrote there points to places of the file it was in. */
const NOT_CARRIED: ReadonlySet<number> = new Set([TAG.MakerNote, TAG.InteroperabilityIFD]);

/** Directories that come along with the first. */
const WITHIN = [TAG.ExifIFD, TAG.GPSInfo] as const;

/**
 * Entries of a directory, with its Exif and where it was taken, to be written into another TIFF.
 * Throws DngError where those are broken.
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
  const isWithin = (tag: number): boolean => WITHIN.some((within) => within === tag);
  const within = WITHIN.filter(isCarried).flatMap((tag): TiffField[] => {
    const offset = reader.first(directory, tag);
    if (offset === undefined) return [];
    const fields = carried(reader.directory(offset), (inner) => !NOT_CARRIED.has(inner));
    return [{ tag, directories: [fields] }];
  });
  return [...carried(directory, (tag) => !isWithin(tag) && isCarried(tag)), ...within];
}
