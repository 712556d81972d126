import { iccProfile } from '../../colour/iccProfile';
import type { ShotMetadata } from '../dng/description';
import { fieldsOfRaw, type DevelopedFrom } from '../exifOfRaw';
import { pictureTags, RESOLUTION_FIELDS } from './pictureTags';
import { COMPRESSION_NONE, TAG } from '../dng/tags';
import { carriedFields } from './carriedFields';
import { TiffReader } from './reader';
import type { TiffField } from './types';
import { writeTiff } from './writer';
import { xmpPacket } from '../xmp';

const PHOTOMETRIC_RGB = 2;
const ROWS_A_STRIP = 64;

/**
 * A developed picture as a TIFF 6.0 of 16 bits, uncompressed, in sRGB with its profile; parts to be
 * laid end to end.
 *
 * @param rgb interleaved, `3 * width * height`; every machine a browser or Node runs on is
 *   little-endian, as the file is
 */
export function writePictureTiff(
  rgb: Uint16Array,
  width: number,
  height: number,
  shot: ShotMetadata,
): Uint8Array[] {
  return writeTiff([
    { tag: TAG.NewSubfileType, type: 'LONG', values: [0] },
    ...pixelFields(rgb, width, height),
    { tag: TAG.XMP, type: 'BYTE', values: xmpPacket(shot) },
    { tag: TAG.InterColorProfile, type: 'UNDEFINED', values: iccProfile('srgb') },
    ...pictureTags(shot),
  ]);
}

/**
 * What a part of a picture says as the whole did: of its making and its colours, not its pixels.
 */
const OF_THE_WHOLE: ReadonlySet<number> = new Set([
  TAG.NewSubfileType,
  TAG.ImageDescription,
  TAG.Make,
  TAG.Model,
  TAG.XResolution,
  TAG.YResolution,
  TAG.ResolutionUnit,
  TAG.Software,
  TAG.DateTime,
  TAG.Artist,
  TAG.XMP,
  TAG.Copyright,
  TAG.ExifIFD,
  TAG.GPSInfo,
  TAG.InterColorProfile,
]);

/**
 * A part of a developed picture as a TIFF that says of its making what the one it was taken from
 * says. Parts to be laid end to end.
 *
 * @param rgb interleaved, `3 * width * height`
 */
export function writePartTiff(
  rgb: Uint16Array,
  width: number,
  height: number,
  from: Uint8Array,
): Uint8Array[] {
  const reader = new TiffReader(from);
  const root = reader.root();
  return writeTiff([
    ...carriedFields(reader, root, (tag) => OF_THE_WHOLE.has(tag)),
    { tag: TAG.Orientation, type: 'SHORT', values: [1] },
    ...pixelFields(rgb, width, height),
  ]);
}

/**
 * A picture that was developed from a raw as a TIFF 6.0 of 16 bits, uncompressed, with its profile
 * and what the raw says of its making; parts to be laid end to end.
 *
 * @param rgb interleaved, `3 * width * height`
 */
export const writeDevelopedTiff = (
  rgb: Uint16Array,
  raw: Uint8Array,
  picture: DevelopedFrom,
): Uint8Array[] =>
  writeTiff([
    { tag: TAG.NewSubfileType, type: 'LONG', values: [0] },
    ...fieldsOfRaw(raw, picture.space),
    ...RESOLUTION_FIELDS,
    ...pixelFields(rgb, picture.width, picture.height),
    { tag: TAG.InterColorProfile, type: 'UNDEFINED', values: iccProfile(picture.space) },
  ]);

/** Where and how the pixels lie. */
function pixelFields(rgb: Uint16Array, width: number, height: number): TiffField[] {
  const strips: Uint8Array[] = [];
  for (let y = 0; y < height; y += ROWS_A_STRIP) {
    const rows = Math.min(ROWS_A_STRIP, height - y);
    strips.push(new Uint8Array(rgb.buffer, rgb.byteOffset + 6 * width * y, 6 * width * rows));
  }
  return [
    { tag: TAG.ImageWidth, type: 'LONG', values: [width] },
    { tag: TAG.ImageLength, type: 'LONG', values: [height] },
    { tag: TAG.BitsPerSample, type: 'SHORT', values: [16, 16, 16] },
    { tag: TAG.Compression, type: 'SHORT', values: [COMPRESSION_NONE] },
    { tag: TAG.PhotometricInterpretation, type: 'SHORT', values: [PHOTOMETRIC_RGB] },
    { tag: TAG.StripOffsets, blocks: strips },
    { tag: TAG.SamplesPerPixel, type: 'SHORT', values: [3] },
    { tag: TAG.RowsPerStrip, type: 'LONG', values: [ROWS_A_STRIP] },
    { tag: TAG.StripByteCounts, type: 'LONG', values: strips.map((s) => s.length) },
    { tag: TAG.PlanarConfiguration, type: 'SHORT', values: [1] },
  ];
}
