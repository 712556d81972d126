import type { Span } from './track/trackTypes';

/**
 * ImageCapture of W3C MediaStream Image Capture, which TypeScript's DOM library does not describe.
 */
interface PhotoCapture {
  getPhotoCapabilities(): Promise<{ readonly imageWidth?: Span; readonly imageHeight?: Span }>;
  takePhoto(size?: { imageWidth?: number; imageHeight?: number }): Promise<Blob>;
}
type PhotoCaptureClass = new (track: MediaStreamTrack) => PhotoCapture;

/** A phone that has not taken a photograph by then will not. */
const PATIENCE_MS = 15_000;

const photoClass = (): PhotoCaptureClass | undefined =>
  (globalThis as { ImageCapture?: PhotoCaptureClass }).ImageCapture;

/** True where the browser can ask the device for a photograph of its own. */
export const canTakePhotos = (): boolean =>
  typeof photoClass()?.prototype?.takePhoto === 'function';

/** The device's own photograph, as it makes it; null where it fails or does not come. */
export async function takePhoto(track: MediaStreamTrack): Promise<Blob | null> {
  const Photos = photoClass();
  if (!Photos) return null;
  let timer: ReturnType<typeof setTimeout> | undefined;
  const tooLong = new Promise<null>((resolve) => {
    timer = setTimeout(() => resolve(null), PATIENCE_MS);
  });
  try {
    return await Promise.race([largest(new Photos(track)), tooLong]);
  } catch {
    return null;
  } finally {
    clearTimeout(timer);
  }
}

/** A photograph as large as the device takes them; in its usual size where it will not be told. */
async function largest(photos: PhotoCapture): Promise<Blob> {
  try {
    const { imageWidth, imageHeight } = await photos.getPhotoCapabilities();
    if (imageWidth && imageHeight)
      return await photos.takePhoto({ imageWidth: imageWidth.max, imageHeight: imageHeight.max });
  } catch {
    // Asked for less, it may yet do it.
  }
  return photos.takePhoto();
}
