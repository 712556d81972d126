import { TAG } from '../dng/tags';
import { TiffReader, type TiffDirectory } from './reader';

const BLOCKS = [
  [TAG.StripOffsets, TAG.StripByteCounts],
  [TAG.TileOffsets, TAG.TileByteCounts],
] as const;
const MAX_SUB_IMAGES = 8;

/**
 * Whether part of a TIFF's pixels lies past the end of the file: in its first directories or the
 * images below them. False for what is no TIFF.
 */
export function isCutShort(bytes: Uint8Array): boolean {
  try {
    const reader = new TiffReader(bytes);
    const endsEarly = (d: TiffDirectory): boolean =>
      BLOCKS.some(([offsets, counts]) => {
        const lengths = reader.numbers(d, counts);
        return reader
          .numbers(d, offsets)
          .some((offset, i) => offset + (lengths[i] ?? 0) > bytes.length);
      });
    let next: TiffDirectory | null = reader.root();
    while (next) {
      if (endsEarly(next)) return true;
      for (const offset of reader.numbers(next, TAG.SubIFDs).slice(0, MAX_SUB_IMAGES))
        if (endsEarly(reader.directory(offset))) return true;
      next = reader.after(next);
    }
    return false;
  } catch {
    return false;
  }
}
