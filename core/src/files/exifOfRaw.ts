import type { OutputSpace } from '../colour/develop/outputSpace';
import { TAG } from './dng/tags';
import { carriedFields } from './tiff/carriedFields';
import { TiffReader } from './tiff/reader';
import type { TiffField } from './tiff/types';
import { FLASHPIX_FIELD, RESOLUTION_FIELDS } from './tiff/pictureTags';
import { writeTiff } from './tiff/writer';

const CARRIED: ReadonlySet<number> = new Set([
  TAG.ImageDescription,
  TAG.Make,
  TAG.Model,
  TAG.Software,
  TAG.DateTime,
  TAG.Artist,
  TAG.Copyright,
  TAG.ExifIFD,
  TAG.GPSInfo,
]);

/** Exif ColorSpace: sRGB, or one that the profile tells (Exif 3.0). */
const COLOUR_SPACE: Readonly<Record<OutputSpace, number>> = { srgb: 1, 'display-p3': 0xffff };

/** A picture that was developed from a raw, upright. */
export interface DevelopedFrom {
  readonly width: number;
  readonly height: number;
  /** What its numbers stand for. */
  readonly space: OutputSpace;
}

/**
 * What a picture that was developed from a raw says of its making: what the raw file does, where it
 * is built like a TIFF; nothing where that is broken.
 */
export const fieldsOfRaw = (raw: Uint8Array, space: OutputSpace): TiffField[] =>
  carriedOf(raw, ownFields(space));

/** The same as Exif of a JPEG or PNG; parts to be laid end to end, none where nothing is known. */
export function exifOfRaw(raw: Uint8Array, { width, height, space }: DevelopedFrom): Uint8Array[] {
  const fields = carriedOf(raw, [
    ...ownFields(space),
    { tag: TAG.ComponentsConfiguration, type: 'UNDEFINED', values: [1, 2, 3, 0] },
    { tag: TAG.PixelXDimension, type: 'LONG', values: [width] },
    { tag: TAG.PixelYDimension, type: 'LONG', values: [height] },
  ]);
  if (fields.length === 0) return [];
  return writeTiff([
    ...fields,
    ...RESOLUTION_FIELDS,
    { tag: TAG.YCbCrPositioning, type: 'SHORT', values: [1] },
  ]);
}

const ownFields = (space: OutputSpace): TiffField[] => [
  FLASHPIX_FIELD,
  { tag: TAG.ColorSpace, type: 'SHORT', values: [COLOUR_SPACE[space]] },
];

/** What the raw says, but for these, which its Exif says of the picture. */
function carriedOf(raw: Uint8Array, own: readonly TiffField[]): TiffField[] {
  try {
    const reader = new TiffReader(raw);
    const carried = carriedFields(reader, reader.root(), (tag) => CARRIED.has(tag));
    return [
      ...carried.map((field) => withOwn(field, own)),
      { tag: TAG.Orientation, type: 'SHORT', values: [1] },
    ];
  } catch {
    return [];
  }
}

/** An Exif directory that says these instead of what it said of the raw. */
function withOwn(field: TiffField, own: readonly TiffField[]): TiffField {
  if (field.tag !== TAG.ExifIFD || !('directories' in field)) return field;
  const [exif] = field.directories;
  const others = exif.filter(({ tag }) => !own.some((mine) => mine.tag === tag));
  return { ...field, directories: [[...others, ...own]] };
}
