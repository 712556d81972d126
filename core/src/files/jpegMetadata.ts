import { iccProfile } from '../colour/iccProfile';
import type { OutputSpace } from '../colour/develop/outputSpace';
import type { ShotMetadata } from './dng/description';
import { DngError } from './dng/dngError';
import { exifOfRaw, type DevelopedFrom } from './exifOfRaw';
import { exifOfPart } from './exifOfPart';
import { exifOfPicture } from './tiff/pictureTags';
import { writeTiff } from './tiff/writer';
import { xmpPacket } from './xmp';

const SOI = [0xff, 0xd8] as const;
const APP1 = 0xe1;
const APP2 = 0xe2;
const START_OF_SCAN = 0xda;
const MAX_SEGMENT = 65533;
const EXIF = 'Exif\0\0';

const ascii = (text: string): Uint8Array => Uint8Array.from(text, (c) => c.charCodeAt(0));

/** A marker segment: marker, length, signature, content. */
function segment(marker: number, signature: string, parts: readonly Uint8Array[]): Uint8Array {
  const head = ascii(signature);
  const length = parts.reduce((sum, p) => sum + p.length, head.length);
  if (length > MAX_SEGMENT) throw new RangeError('metadata does not fit into a JPEG segment');
  const bytes = new Uint8Array(4 + length);
  bytes.set([0xff, marker, (length + 2) >> 8, (length + 2) & 255]);
  bytes.set(head, 4);
  let at = 4 + head.length;
  for (const part of parts) {
    bytes.set(part, at);
    at += part.length;
  }
  return bytes;
}

interface Segment {
  readonly marker: number;
  readonly bytes: Uint8Array;
}

const isApplication = ({ marker }: Segment): boolean => marker >= 0xe0 && marker <= 0xef;

/** The marker segments of a JPEG up to its pixels, whole. */
export function segmentsOf(jpeg: Uint8Array): Segment[] {
  const found: Segment[] = [];
  let at = 2;
  while (at + 4 <= jpeg.length && jpeg[at] === 0xff && jpeg[at + 1] !== START_OF_SCAN) {
    const end = at + 2 + ((jpeg[at + 2] << 8) | jpeg[at + 3]);
    found.push({ marker: jpeg[at + 1], bytes: jpeg.subarray(at, end) });
    at = end;
  }
  return found;
}

/** The application segments a JPEG begins with, whole. */
function headSegments(jpeg: Uint8Array): Segment[] {
  const all = segmentsOf(jpeg);
  const other = all.findIndex((one) => !isApplication(one));
  return other < 0 ? all : all.slice(0, other);
}

/** Where the application segments an encoder wrote (JFIF and the like) end. */
const pastHeader = (jpeg: Uint8Array): number =>
  headSegments(jpeg).reduce((at, { bytes }) => at + bytes.length, 2);

/** The TIFF structure that holds a JPEG's Exif, or null. */
export function exifOfJpeg(jpeg: Uint8Array): Uint8Array | null {
  const exif = headSegments(jpeg).find(({ marker, bytes }) => marker === APP1 && isExif(bytes));
  return exif ? exif.bytes.subarray(4 + EXIF.length) : null;
}

const isExif = (bytes: Uint8Array): boolean =>
  [...EXIF].every((c, i) => bytes[4 + i] === c.charCodeAt(0));

/**
 * A JPEG with Exif 3.0, XMP and an sRGB profile in place of whatever its encoder said of itself;
 * parts to be laid end to end. Throws DngError when the bytes are no JPEG.
 */
export function withMetadata(
  jpeg: Uint8Array,
  width: number,
  height: number,
  shot: ShotMetadata,
): Uint8Array[] {
  return withSegments(jpeg, [
    segment(APP1, EXIF, writeTiff(exifOfPicture(shot, width, height))),
    segment(APP1, 'http://ns.adobe.com/xap/1.0/\0', [xmpPacket(shot)]),
  ]);
}

/** A JPEG with a profile and these in place of whatever its encoder said of itself. */
function withSegments(
  jpeg: Uint8Array,
  segments: readonly Uint8Array[],
  space: OutputSpace = 'srgb',
): Uint8Array[] {
  if (jpeg[0] !== SOI[0] || jpeg[1] !== SOI[1]) throw new DngError('The picture is not a JPEG.');
  return [
    Uint8Array.from(SOI),
    ...segments,
    // One profile, first and only part of it.
    segment(APP2, 'ICC_PROFILE\0\u0001\u0001', [iccProfile(space)]),
    jpeg.subarray(pastHeader(jpeg)),
  ];
}

/** A JPEG that was developed from a raw, with its Exif. Throws DngError when it is no JPEG. */
export function withExifOfRaw(
  jpeg: Uint8Array,
  raw: Uint8Array,
  picture: DevelopedFrom,
): Uint8Array[] {
  const exif = exifOfRaw(raw, picture);
  const length = exif.reduce((sum, part) => sum + part.length, 0);
  const fits = length > 0 && length < MAX_SEGMENT - EXIF.length;
  return withSegments(jpeg, fits ? [segment(APP1, EXIF, exif)] : [], picture.space);
}

/**
 * A JPEG that says of its making what another one said, of which it is a part, upright; parts to be
 * laid end to end. Throws DngError when the bytes are no JPEG.
 *
 * @param from the other; null: nothing is known
 */
export function withCarriedMetadata(
  jpeg: Uint8Array,
  width: number,
  height: number,
  from: Uint8Array | null,
): Uint8Array[] {
  const carried = from ? headSegments(from).filter(({ marker }) => marker === APP1) : [];
  return withSegments(
    jpeg,
    carried.map(({ bytes }) => {
      if (!isExif(bytes)) return bytes;
      return segment(APP1, EXIF, [exifOfPart(bytes.subarray(4 + EXIF.length), { width, height })]);
    }),
  );
}
