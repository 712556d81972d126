import { DngError } from '../dng/dngError';
import { segmentsOf } from '../jpegMetadata';
import { eachChunk } from '../pngMetadata';
import { blankTiffPlace } from './tiffPlace';
import { blankXmpPlace } from './xmpPlace';

const APP1 = 0xe1;
const EXIF_HEAD = 4 + 'Exif\0\0'.length;
const XMP_TYPE = 'iTXt';

/** What Exif in a JPEG begins with. */
const EXIF = [...'Exif\0\0'].map((c) => c.charCodeAt(0));

const begins = (bytes: Uint8Array, text: string, at: number): boolean =>
  [...text].every((c, i) => bytes[at + i] === c.charCodeAt(0));

/** How often Exif of a JPEG begins in bytes: a preview or a second picture has its own. */
function exifCount(bytes: Uint8Array): number {
  let found = 0;
  for (let at = bytes.indexOf(EXIF[0]); at >= 0; at = bytes.indexOf(EXIF[0], at + 1))
    if (EXIF.every((byte, i) => bytes[at + i] === byte)) found++;
  return found;
}

/** Kinds of files of which it is known where they say it. */
export const PLACE_KINDS = ['dng', 'tiff', 'jpeg', 'png'] as const;
type PlaceKind = (typeof PLACE_KINDS)[number];

/** What is done to a copy of a file's bytes, by its kind. */
const BLANKED: Readonly<Record<PlaceKind, (bytes: Uint8Array) => void>> = {
  dng: blankTiffPlace,
  tiff: blankTiffPlace,
  jpeg(bytes) {
    for (const { marker, bytes: segment } of segmentsOf(bytes)) {
      if (marker !== APP1) continue;
      if (begins(segment, 'Exif\0', 4)) blankTiffPlace(segment.subarray(EXIF_HEAD));
      else blankXmpPlace(segment.subarray(4));
    }
  },
  png(bytes) {
    eachChunk(bytes, (type, data) => {
      if (type === 'eXIf') blankTiffPlace(data);
      else if (type === XMP_TYPE) blankXmpPlace(data);
    });
  },
};

/**
 * A file that does not say where it was taken (Exif GPS, and XMP where it is not packed); its
 * pixels are as they were. Throws DngError with a sentence where that cannot be told of its kind,
 * or it is broken.
 */
export function withoutPlace(kind: string, bytes: Uint8Array): Uint8Array<ArrayBuffer> {
  const blank = PLACE_KINDS.find((known) => known === kind);
  if (!blank)
    throw new DngError(
      'What files of this kind say of the place cannot be taken out. Deliver it with the place, or as a developed JPEG.',
    );
  // One of its own where it is a JPEG, none elsewhere.
  if (exifCount(bytes) > (kind === 'jpeg' ? 1 : 0))
    throw new DngError(
      'There is another picture in this file that may say the place. Deliver it with the place, or as a developed JPEG.',
    );
  const copy = bytes.slice();
  BLANKED[blank](copy);
  return copy;
}
