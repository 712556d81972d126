/** ImageCapture of W3C MediaStream Image Capture, which TypeScript's DOM library does not describe. */
interface PhotoCapture {
  takePhoto(): Promise<Blob>;
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
    return await Promise.race([new Photos(track).takePhoto(), tooLong]);
  } catch {
    return null;
  } finally {
    clearTimeout(timer);
  }
}
