import { DISTANCE_INFINITY } from './exif';
import { TAG } from './dng/tags';
import type { TiffDirectory, TiffReader } from './tiff/reader';

/** What a file says of its making; what it does not say is left out. */
export interface DngExif {
  readonly make?: string;
  readonly model?: string;
  readonly lensModel?: string;
  readonly software?: string;
  readonly description?: string;
  readonly timeS?: number;
  readonly iso?: number;
  readonly fNumber?: number;
  readonly focalLengthMm?: number;
  readonly focalLength35Mm?: number;
  /** Where the lens was focused, in metres; Infinity allowed. */
  readonly focusedM?: number;
  readonly compensationStops?: number;
  /** Exif code of the metering mode. */
  readonly meteringMode?: number;
  readonly dateTimeOriginal?: string;
  readonly offsetTimeOriginal?: string;
  readonly subSecTimeOriginal?: string;
}

const finite = (v: number | undefined): number | undefined =>
  v !== undefined && Number.isFinite(v) ? v : undefined;

/** Exif writes infinity as the largest number, and 0 for unknown. */
const distance = (v: number | undefined): number | undefined =>
  v === DISTANCE_INFINITY ? Infinity : v === 0 ? undefined : v;

/**
 * The Exif of a file, from its first directory on. Throws DngError when its directories are broken.
 */
export function readExif(reader: TiffReader, root: TiffDirectory): DngExif {
  const offset = reader.first(root, TAG.ExifIFD);
  const exif: TiffDirectory =
    offset === undefined ? { offset: 0, entries: new Map() } : reader.directory(offset);
  // TIFF/EP writes them into the first directory.
  const number = (tag: number): number | undefined =>
    finite(reader.first(exif, tag)) ?? finite(reader.first(root, tag));
  const text = (tag: number): string | undefined =>
    reader.text(exif, tag) ?? reader.text(root, tag);
  return {
    make: reader.text(root, TAG.Make),
    model: reader.text(root, TAG.Model),
    software: reader.text(root, TAG.Software),
    description: reader.text(root, TAG.ImageDescription),
    lensModel: text(TAG.LensModel),
    timeS: number(TAG.ExposureTime),
    iso: number(TAG.RecommendedExposureIndex) ?? number(TAG.PhotographicSensitivity),
    fNumber: number(TAG.FNumber),
    focalLengthMm: number(TAG.FocalLength),
    focusedM: distance(number(TAG.SubjectDistance)),
    focalLength35Mm: number(TAG.FocalLengthIn35mmFilm),
    compensationStops: number(TAG.ExposureBiasValue),
    meteringMode: number(TAG.MeteringMode),
    dateTimeOriginal: text(TAG.DateTimeOriginal),
    offsetTimeOriginal: text(TAG.OffsetTimeOriginal),
    subSecTimeOriginal: text(TAG.SubSecTimeOriginal),
  };
}
