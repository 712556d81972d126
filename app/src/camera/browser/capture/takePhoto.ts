import { pause } from '../../live/pause';

/** A device that has not told its photographs' capabilities by then is taken to have no flash. */
const TELLING_MS = 700;
/** A phone that has not taken a photograph by then will not. */
const PATIENCE_MS = 15_000;

/** ImageCapture of W3C MediaStream Image Capture; undefined where the browser has none. */
const photoClass = (): typeof ImageCapture | undefined =>
  'ImageCapture' in globalThis ? ImageCapture : undefined;

/** True where the browser can ask the device for a photograph of its own. */
export const canTakePhotos = (): boolean =>
  typeof photoClass()?.prototype?.takePhoto === 'function';

/** True where the device can be told to fire a flash with its own photograph. */
export async function hasFlash(track: MediaStreamTrack): Promise<boolean> {
  const Photos = photoClass();
  if (!Photos || !canTakePhotos()) return false;
  try {
    const asked = new Photos(track).getPhotoCapabilities();
    const told = await Promise.race([asked, pause(TELLING_MS)]);
    return told?.fillLightMode?.includes('flash') ?? false;
  } catch {
    return false;
  }
}

/**
 * The device's own photograph, as it makes it; null where it fails or does not come.
 *
 * @param flash its flash fires, where it has one
 */
export async function takePhoto(track: MediaStreamTrack, flash: boolean): Promise<Blob | null> {
  const Photos = photoClass();
  if (!Photos) return null;
  let timer: ReturnType<typeof setTimeout> | undefined;
  const tooLong = new Promise<null>((resolve) => {
    timer = setTimeout(() => resolve(null), PATIENCE_MS);
  });
  try {
    return await Promise.race([largest(new Photos(track), flash), tooLong]);
  } catch {
    return null;
  } finally {
    clearTimeout(timer);
  }
}

/** A photograph as large as the device takes them; in its usual size where it will not be told. */
async function largest(photos: ImageCapture, flash: boolean): Promise<Blob> {
  let light: PhotoSettings = {};
  try {
    const { imageWidth, imageHeight, fillLightMode } = await photos.getPhotoCapabilities();
    // One that has a flash is told to leave it off, too: by itself it may judge otherwise.
    if (fillLightMode?.includes('flash')) light = { fillLightMode: flash ? 'flash' : 'off' };
    if (imageWidth?.max && imageHeight?.max)
      return await photos.takePhoto({
        ...light,
        imageWidth: imageWidth.max,
        imageHeight: imageHeight.max,
      });
  } catch {
    // It may still take a photograph of its usual size.
  }
  return photos.takePhoto(light);
}
