import {
  boxInFile,
  framedDng,
  isOwnTiff,
  orientationCode,
  orientationOf,
  readDng,
  readPictureTiff,
  turned,
  withCarriedMetadata,
  withCarriedPngMetadata,
  withExifOfRaw,
  withRawPngMetadata,
  writeDevelopedTiff,
  writePartTiff,
} from '@velmo/core/files';
import type { OutputSpace } from '@velmo/core/colour';
import {
  AS_EXPOSED,
  developBytes,
  developWords,
  enclosingBox,
  reframePixels,
  type Development,
  type Pixels,
  type Reframe,
} from '@velmo/core/recipe';
import { decode, encode } from 'fast-png';
import { canvasOf, jpegBytes } from '../camera/files/thumbnail';
import type { StoredKind } from '../storage/frames/frameRecord';
import type { DevelopedKind } from './developedKinds';
import { PictureView } from './pictureView';
import { readRawFile } from './readRawFile';

/** A file that was made of a stored one, in parts to be laid end to end. */
export interface FramedFile {
  readonly kind: StoredKind;
  readonly parts: readonly Uint8Array[];
}

/** Fine enough that a picture encoded twice is not seen to be. */
const JPEG_QUALITY = 0.95;

/**
 * A stored file as its frame is to be seen. A DNG says so and keeps its raw; a developed picture is
 * made anew of its own pixels, as JPEG where it is of a kind Velmo does not write, raws of other
 * makers among them. Rejects with a sentence when it cannot be read.
 */
export async function framedFile(
  kind: StoredKind,
  bytes: Uint8Array<ArrayBuffer>,
  reframe: Reframe,
): Promise<FramedFile> {
  if (kind === 'dng') return { kind, parts: dngAsSeen(bytes, reframe) };
  if (kind === 'raw') return developedFile(bytes, { ...FIRST_ORDER, reframe });
  if (kind === 'tiff') return { kind, parts: await tiffAsSeen(bytes, reframe) };
  const png = kind === 'png' ? pngAsSeen(bytes, reframe) : null;
  if (png) return { kind, parts: png };
  const view = await PictureView.of(kind, bytes);
  const { jpeg, width, height } = await jpegAsSeen(view.pixels(), reframe);
  const from = kind === 'jpeg' ? bytes : null;
  return { kind: 'jpeg', parts: withCarriedMetadata(jpeg, width, height, from) };
}

/** What a raw is to be developed to. */
export interface DevelopOrder {
  readonly kind: DevelopedKind;
  readonly space: OutputSpace;
  readonly development: Development;
  readonly reframe: Reframe;
}

const FIRST_ORDER = { kind: 'jpeg', space: 'srgb', development: AS_EXPOSED } as const;

/**
 * A raw developed at full size, as its frame is to be seen, with its profile and Exif. Rejects with
 * a sentence when it cannot be read.
 */
export async function developedFile(
  bytes: Uint8Array<ArrayBuffer>,
  { kind, space, development, reframe }: DevelopOrder,
): Promise<FramedFile> {
  const decoded = await readRawFile(bytes);
  if (kind === 'jpeg') {
    const taken = developBytes(decoded, development, { space });
    // The canvas takes the numbers as they are; what they stand for is said beside them.
    const { jpeg, width, height } = await jpegAsSeen(taken, reframe);
    return { kind, parts: withExifOfRaw(jpeg, bytes, { width, height, space }) };
  }
  const taken = developWords(decoded, development, { space });
  const { data, width, height } = reframePixels(taken, reframe);
  const picture = { width, height, space };
  if (kind === 'tiff') return { kind, parts: writeDevelopedTiff(data, bytes, picture) };
  const png = encode({ data, width, height, channels: 3, depth: 16 });
  return { kind, parts: withRawPngMetadata(png, bytes, picture) };
}

function dngAsSeen(bytes: Uint8Array, reframe: Reframe): Uint8Array[] {
  const { orientation: code, raw } = readDng(bytes);
  const orientation = orientationOf(code);
  const { width, height } = orientation.swapped
    ? { width: raw.crop.height, height: raw.crop.width }
    : raw.crop;
  // A DNG knows no straightening: nothing that is seen straightened is cut.
  const box = enclosingBox(reframe, { width, height });
  return framedDng(bytes, {
    orientation: orientationCode(turned(orientation, reframe.quarters)),
    crop: boxInFile(orientation, { width: 1, height: 1 }, box),
  });
}

/** In all its bits where Velmo wrote it; others are read in eight (`PictureView`). */
async function tiffAsSeen(bytes: Uint8Array<ArrayBuffer>, reframe: Reframe): Promise<Uint8Array[]> {
  if (isOwnTiff(bytes)) {
    const taken = readPictureTiff(bytes);
    const { data, width, height } = reframePixels({ ...taken, channels: 3 }, reframe);
    return writePartTiff(data, width, height, bytes);
  }
  const view = await PictureView.of('tiff', bytes);
  const { data, width, height } = reframePixels(view.pixels(), reframe);
  return writePartTiff(deepened(data), width, height, bytes);
}

/** RGB of 16 bits out of RGBA of eight. */
function deepened(rgba: Uint8ClampedArray): Uint16Array {
  const rgb = new Uint16Array((3 * rgba.length) / 4);
  for (let i = 0, o = 0; i < rgba.length; i += 4, o += 3)
    for (let c = 0; c < 3; c++) rgb[o + c] = 257 * rgba[i + c];
  return rgb;
}

async function jpegAsSeen(taken: Pixels<Uint8ClampedArray<ArrayBuffer>>, reframe: Reframe) {
  const { data, width, height } = reframePixels(taken, reframe);
  return { jpeg: await jpegBytes(canvasOf(data, width, height), JPEG_QUALITY), width, height };
}

/** A PNG in all its bits; null for one with a palette, or of greys, which the browser decodes. */
function pngAsSeen(bytes: Uint8Array, reframe: Reframe): Uint8Array[] | null {
  const { data, width, height, channels, depth, palette } = decode(bytes);
  if (palette || (channels !== 3 && channels !== 4)) return null;
  const size = { width, height, channels } as const;
  const seen =
    data instanceof Uint16Array
      ? reframePixels({ ...size, data: data as Uint16Array<ArrayBuffer> }, reframe)
      : reframePixels({ ...size, data: clampedOf(data) }, reframe);
  return withCarriedPngMetadata(encode({ ...seen, depth }), seen.width, seen.height, bytes);
}

/** The same bytes. */
const clampedOf = ({ buffer, byteOffset, length }: Uint8Array | Uint8ClampedArray) =>
  new Uint8ClampedArray(buffer as ArrayBuffer, byteOffset, length);
