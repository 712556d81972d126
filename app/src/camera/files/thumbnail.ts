import { orientationMatrix, orientationOf, seenSize } from '@velmo/core/files';

const THUMBNAIL_LONG_PX = 384;

/**
 * Draws pixels the way they are to be seen, no longer than `longPx`.
 *
 * @param code TIFF's Orientation
 */
export function orientedCanvas(
  source: OffscreenCanvas,
  code: number,
  longPx: number,
): OffscreenCanvas {
  const scale = Math.min(1, longPx / Math.max(source.width, source.height));
  const size = {
    width: Math.max(1, Math.round(source.width * scale)),
    height: Math.max(1, Math.round(source.height * scale)),
  };
  const orientation = orientationOf(code);
  const seen = seenSize(orientation, size);
  const canvas = new OffscreenCanvas(seen.width, seen.height);
  const context = canvas.getContext('2d')!;
  context.transform(...orientationMatrix(orientation, size));
  context.drawImage(source, 0, 0, size.width, size.height);
  return canvas;
}

/** A canvas holding these RGBA bytes. */
export function canvasOf(rgba: Uint8ClampedArray, width: number, height: number): OffscreenCanvas {
  const canvas = new OffscreenCanvas(width, height);
  canvas
    .getContext('2d')!
    .putImageData(new ImageData(rgba as Uint8ClampedArray<ArrayBuffer>, width, height), 0, 0);
  return canvas;
}

/** A canvas as JPEG. Rejects where the browser cannot encode it. */
export async function jpegBytes(canvas: OffscreenCanvas, quality: number): Promise<Uint8Array> {
  const blob = await canvas.convertToBlob({ type: 'image/jpeg', quality });
  return new Uint8Array(await blob.arrayBuffer());
}

/** A small JPEG as a data URL, the right way up. */
export const thumbnailUrl = (source: OffscreenCanvas, orientation: number): Promise<string> =>
  dataUrl(source, orientation, THUMBNAIL_LONG_PX);

/** How often the picture of a long exposure is shown as it grows. */
export const GROWING_MS = 1000;
const GROWING_LONG_PX = 720;

/** The picture of a long exposure as far as it has grown, as a data URL. */
export const growingUrl = (source: OffscreenCanvas, orientation: number): Promise<string> =>
  dataUrl(source, orientation, GROWING_LONG_PX);

/** A JPEG of so many pixels along its long side as a data URL, the right way up. */
async function dataUrl(
  source: OffscreenCanvas,
  orientation: number,
  longPx: number,
): Promise<string> {
  const bytes = await jpegBytes(orientedCanvas(source, orientation, longPx), 0.75);
  let text = '';
  for (const byte of bytes) text += String.fromCharCode(byte);
  return `data:image/jpeg;base64,${btoa(text)}`;
}
