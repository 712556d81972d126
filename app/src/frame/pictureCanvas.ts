import { isOwnTiff, readPictureExif, readPictureTiff, type DngExif } from '@velmo/core/files';
import UTIF from 'utif2';
import { canvasOf } from '../camera/files/thumbnail';
import type { StoredKind } from '../storage/frames/frameRecord';
import { MIME_TYPES } from '../storage/save';
import { containerExif } from './containerExif';

/** Stored files that are developed pictures. */
export type PictureKind = Exclude<StoredKind, 'dng' | 'raw'>;

/** A stored developed picture as a canvas. Rejects with a sentence where it cannot be decoded. */
export async function pictureCanvas(
  kind: PictureKind,
  bytes: Uint8Array<ArrayBuffer>,
): Promise<OffscreenCanvas> {
  return kind === 'tiff' ? tiffCanvas(bytes) : decoded(kind, bytes);
}

/** What it says of its making. */
export const pictureExif = (kind: PictureKind, bytes: Uint8Array<ArrayBuffer>): DngExif =>
  kind === 'jpeg' || kind === 'png' || kind === 'tiff'
    ? readPictureExif(kind, bytes)
    : containerExif(bytes);

async function decoded(
  kind: Exclude<PictureKind, 'tiff'>,
  bytes: Uint8Array<ArrayBuffer>,
): Promise<OffscreenCanvas> {
  const blob = new Blob([bytes], { type: MIME_TYPES[kind] });
  const bitmap = await createImageBitmap(blob).catch(() => {
    const why =
      kind === 'jpeg' || kind === 'png'
        ? 'its file is broken'
        : `it does not read ${kind.toUpperCase()}, or the file is broken`;
    throw new Error(`The browser could not decode this picture: ${why}.`);
  });
  const canvas = new OffscreenCanvas(bitmap.width, bitmap.height);
  canvas.getContext('2d')!.drawImage(bitmap, 0, 0);
  bitmap.close();
  return canvas;
}

/**
 * As Velmo writes them by our own reader, all others as far as UTIF reads them: 8 bits are shown.
 */
function tiffCanvas(bytes: Uint8Array<ArrayBuffer>): OffscreenCanvas {
  if (!isOwnTiff(bytes)) return foreignTiffCanvas(bytes);
  const { width, height, data } = readPictureTiff(bytes);
  const rgba = new Uint8ClampedArray(4 * width * height);
  for (let i = 0, o = 0; i < data.length; i += 3, o += 4) {
    rgba[o] = data[i] >> 8;
    rgba[o + 1] = data[i + 1] >> 8;
    rgba[o + 2] = data[i + 2] >> 8;
    rgba[o + 3] = 255;
  }
  return canvasOf(rgba, width, height);
}

const MAX_PIXELS = 100e6;

function foreignTiffCanvas({ buffer }: Uint8Array<ArrayBuffer>): OffscreenCanvas {
  try {
    const [first] = UTIF.decode(buffer);
    // ImageWidth and ImageLength of the first directory.
    const [width, height] = [first.t256, first.t257].map((tag) => Number((tag as number[])[0]));
    if (!(width > 0 && height > 0 && width * height <= MAX_PIXELS)) throw new RangeError();
    UTIF.decodeImage(buffer, first);
    const rgba = UTIF.toRGBA8(first);
    if (rgba.length !== 4 * width * height) throw new RangeError();
    return canvasOf(new Uint8ClampedArray(rgba), width, height);
  } catch {
    throw new Error('This TIFF is broken, or of a kind that is not supported.');
  }
}
