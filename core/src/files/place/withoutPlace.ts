import { DngError } from '../dng/dngError';
import { headSegments } from '../jpegMetadata';
import { eachChunk } from '../pngMetadata';
import { blankTiffPlace } from './tiffPlace';
import { blankXmpPlace } from './xmpPlace';

const APP1 = 0xe1;
const EXIF_HEAD = 4 + 'Exif\0\0'.length;
const XMP_TYPE = 'iTXt';

const begins = (bytes: Uint8Array, text: string, at: number): boolean =>
  [...text].every((c, i) => bytes[at + i] === c.charCodeAt(0));

/** Kinds of files of which it is known where they say it. */
export const PLACE_KINDS = ['dng', 'tiff', 'jpeg', 'png'] as const;
type PlaceKind = (typeof PLACE_KINDS)[number];

/** What is done to a copy of a file's bytes, by its kind. */
const BLANKED: Readonly<Record<PlaceKind, (bytes: Uint8Array) => void>> = {
  dng: blankTiffPlace,
  tiff: blankTiffPlace,
  jpeg(bytes) {
    for (const { marker, bytes: segment } of headSegments(bytes)) {
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
 * A file that does not say where it was taken (Exif GPS, and XMP where it is not packed); its pixels
 * are as they were. Throws DngError with a sentence where that cannot be told of its kind, or it is
 * broken.
 */
export function withoutPlace(kind: string, bytes: Uint8Array): Uint8Array<ArrayBuffer> {
  const blank = PLACE_KINDS.find((known) => known === kind);
  if (!blank)
    throw new DngError(
      'What files of this kind say of the place cannot be taken out. Deliver it with the place, or as a developed JPEG.',
    );
  const copy = bytes.slice();
  BLANKED[blank](copy);
  return copy;
}
