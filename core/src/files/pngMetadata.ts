import { zlibSync } from 'fflate';
import { iccProfile } from '../colour/iccProfile';
import type { ShotMetadata } from './dng/description';
import { DngError } from './dng/dngError';
import { exifOfRaw, type DevelopedFrom } from './exifOfRaw';
import { exifOfPart } from './exifOfPart';
import { exifOfPicture } from './tiff/pictureTags';
import { writeTiff } from './tiff/writer';

const SIGNATURE = [0x89, 0x50, 0x4e, 0x47, 0x0d, 0x0a, 0x1a, 0x0a] as const;
/** Signature and header chunk: what every PNG begins with. */
const HEADER_BYTES = 8 + 12 + 13;
const PERCEPTUAL = 0;

const CRC_TABLE = Uint32Array.from({ length: 256 }, (_, n) => {
  let c = n;
  for (let k = 0; k < 8; k++) c = (c & 1) !== 0 ? 0xedb88320 ^ (c >>> 1) : c >>> 1;
  return c;
});

function crc32(bytes: Uint8Array): number {
  let c = 0xffffffff;
  for (const byte of bytes) c = CRC_TABLE[(c ^ byte) & 255] ^ (c >>> 8);
  return (c ^ 0xffffffff) >>> 0;
}

function chunk(type: string, parts: readonly Uint8Array[]): Uint8Array {
  const length = parts.reduce((sum, p) => sum + p.length, 0);
  const bytes = new Uint8Array(12 + length);
  const view = new DataView(bytes.buffer);
  view.setUint32(0, length);
  for (let i = 0; i < 4; i++) bytes[4 + i] = type.charCodeAt(i);
  let at = 8;
  for (const part of parts) {
    bytes.set(part, at);
    at += part.length;
  }
  view.setUint32(8 + length, crc32(bytes.subarray(4, 8 + length)));
  return bytes;
}

/**
 * A PNG that says it is sRGB and how it was made (chunks sRGB and eXIf, PNG third edition); parts
 * to be laid end to end. Throws DngError when the bytes are no PNG.
 */
export function withPngMetadata(
  png: Uint8Array,
  width: number,
  height: number,
  shot: ShotMetadata,
): Uint8Array[] {
  return withExif(png, writeTiff(exifOfPicture(shot, width, height)));
}

const withExif = (png: Uint8Array, exif: readonly Uint8Array[]): Uint8Array[] =>
  withChunks(png, chunk('sRGB', [Uint8Array.of(PERCEPTUAL)]), exif);

function withChunks(
  png: Uint8Array,
  colours: Uint8Array,
  exif: readonly Uint8Array[],
): Uint8Array[] {
  if (SIGNATURE.some((v, i) => png[i] !== v)) throw new DngError('The picture is not a PNG.');
  return [
    png.subarray(0, HEADER_BYTES),
    colours,
    ...(exif.length > 0 ? [chunk('eXIf', exif)] : []),
    png.subarray(HEADER_BYTES),
  ];
}

/**
 * A PNG that was developed from a raw, with its profile and Exif (chunks iCCP and eXIf); parts to
 * be laid end to end. Throws DngError when the bytes are no PNG.
 */
export function withRawPngMetadata(
  png: Uint8Array,
  raw: Uint8Array,
  picture: DevelopedFrom,
): Uint8Array[] {
  // A name, 0, and 0 for deflate.
  const name = Uint8Array.from([...'Velmo', '\0', '\0'], (c) => c.charCodeAt(0));
  const profile = chunk('iCCP', [name, zlibSync(iccProfile(picture.space))]);
  return withChunks(png, profile, exifOfRaw(raw, picture));
}

/**
 * A PNG that is sRGB and says of its making what another one said, of which it is a part; parts to
 * be laid end to end. Throws DngError when the bytes are no PNG.
 */
export function withCarriedPngMetadata(
  png: Uint8Array,
  width: number,
  height: number,
  from: Uint8Array,
): Uint8Array[] {
  const exif = exifOfPng(from);
  return withExif(png, exif ? [exifOfPart(exif, { width, height })] : []);
}

/**
 * Calls with each chunk of a PNG, whose content may be changed; its check sum follows. What lies
 * behind a chunk that is cut short is left alone.
 */
export function eachChunk(
  png: Uint8Array,
  onChunk: (type: string, data: Uint8Array) => void,
): void {
  const view = new DataView(png.buffer, png.byteOffset, png.byteLength);
  for (let at = SIGNATURE.length; at + 12 <= png.length;) {
    const length = view.getUint32(at);
    const end = at + 8 + length;
    if (end + 4 > png.length) return;
    const type = String.fromCharCode(...png.subarray(at + 4, at + 8));
    // Pixels are the most of it, and say nothing else.
    if (type !== 'IDAT') {
      onChunk(type, png.subarray(at + 8, end));
      view.setUint32(end, crc32(png.subarray(at + 4, end)));
    }
    at = end + 4;
  }
}

/** The TIFF structure that holds a PNG's Exif, or null. */
export function exifOfPng(png: Uint8Array): Uint8Array | null {
  const view = new DataView(png.buffer, png.byteOffset, png.byteLength);
  let at = 8;
  while (at + 12 <= png.length) {
    const length = view.getUint32(at);
    // "eXIf"; pixels come last, and nothing is looked for behind them.
    if (view.getUint32(at + 4) === 0x65584966) return png.subarray(at + 8, at + 8 + length);
    if (view.getUint32(at + 4) === 0x49444154) return null;
    at += 12 + length;
  }
  return null;
}
