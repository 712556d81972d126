import { TAG } from './dng/tags';
import { carriedFields } from './tiff/carriedFields';
import { TiffReader } from './tiff/reader';
import type { TiffField } from './tiff/types';
import { writeTiff } from './tiff/writer';

const CARRIED: ReadonlySet<number> = new Set([
  TAG.ImageDescription,
  TAG.Make,
  TAG.Model,
  TAG.Software,
  TAG.DateTime,
  TAG.ExifIFD,
]);

/**
 * Exif of a picture that was developed from a DNG, upright: what the DNG says of its making; parts
 * to be laid end to end, none where that is broken.
 */
export function exifOfDng(dng: Uint8Array): Uint8Array[] {
  try {
    const reader = new TiffReader(dng);
    const upright: TiffField = { tag: TAG.Orientation, type: 'SHORT', values: [1] };
    return writeTiff([...carriedFields(reader, reader.root(), (t) => CARRIED.has(t)), upright]);
  } catch {
    return [];
  }
}
