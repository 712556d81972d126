import type { FileKind, Settings } from '@velmo/core/settings';
import { aspectBox } from '@velmo/core/optics';
import type { CameraCapabilities } from '../../../camera/device/capabilities';
import type { StorageRoom } from '../../../storage/frames/frameQueries';

/** What a choice of files is called. */
export const FILE_WORDS: Readonly<Record<FileKind, string>> = {
  dng: 'DNG',
  'dng+jpeg': 'DNG + JPEG',
  jpeg: 'JPEG',
  tiff: 'TIFF 16 bit',
  png: 'PNG 16 bit',
};

/** What a capture will be written as: the choice, or what the camera offers first instead. */
export const writtenKind = (
  { files }: Settings,
  { fileKinds }: Pick<CameraCapabilities, 'fileKinds'>,
): FileKind => (fileKinds.includes(files) ? files : (fileKinds[0] ?? 'dng'));

/** True where a press takes the device's own photograph instead of video frames. */
export const isOwnPhoto = (settings: Settings, capabilities: CameraCapabilities): boolean =>
  capabilities.takesPhotos &&
  settings.average === 1 &&
  writtenKind(settings, capabilities) === 'jpeg';

/** "DNG + JPEG", or "linear DNG + JPEG" where it is no sensor data. */
export const fileWords = (settings: Settings, capabilities: CameraCapabilities): string =>
  FILE_WORDS[writtenKind(settings, capabilities)].replace('DNG', capabilities.dngIs);

/**
 * Bytes a pixel of simulated frames, measured: a little over the mean of four places, which differ
 * by a factor of two.
 */
const BYTES_A_PIXEL = { dng: 0.95, jpeg: 0.22, tiff: 6, png: 5 } as const;
/**
 * A linear DNG has three samples a pixel: 2.8 to 4.2 bytes, measured on films of little and of much
 * noise.
 */
const LINEAR_BYTES_A_PIXEL = 4;
/** A camera that does not tell its size gives at most this many pixels. */
const UNKNOWN_PIXELS = 1920 * 1440;
/** Storage keeps this for what is not frames. */
const SPARE_BYTES = 20e6;

/** About how many bytes a frame takes. */
export function bytesOfFrame(settings: Settings, capabilities: CameraCapabilities): number {
  const kind = writtenKind(settings, capabilities);
  const { crop, sizeMp, aspect } = settings;
  const [w, h] = sizeMp === 12 ? [4032, 3024] : [2016, 1512];
  const { sizesMp, frameSize, readsRaw } = capabilities;
  const own = frameSize ? frameSize.width * frameSize.height : UNKNOWN_PIXELS;
  const whole = sizesMp.length > 0 ? (w * h) / (crop * crop) : own;
  const dng = whole * (readsRaw ? BYTES_A_PIXEL.dng : LINEAR_BYTES_A_PIXEL);
  const box = aspectBox(w, h, aspect);
  const cut = capabilities.hasAspect ? (whole * box.width * box.height) / (w * h) : whole;
  if (kind === 'dng') return dng;
  if (kind === 'dng+jpeg') return dng + cut * BYTES_A_PIXEL.jpeg;
  return cut * BYTES_A_PIXEL[kind];
}

/** About how many frames of these settings fit; null where the browser does not tell its room. */
export function framesLeft(
  settings: Settings,
  capabilities: CameraCapabilities,
  room: StorageRoom | null,
): number | null {
  if (!room) return null;
  const free = Math.max(0, room.quotaBytes - room.usedBytes - SPARE_BYTES);
  return Math.floor(free / bytesOfFrame(settings, capabilities));
}

/** "about 210 frames left", in as many digits as the guess is worth. */
export function framesLeftText(left: number | null): string {
  if (left === null) return 'room not known';
  return `${leftDigits(left)} frames left`;
}

/** "210", "9900+". */
export function leftDigits(left: number): string {
  if (left < 10) return `${left}`;
  if (left >= 10000) return '9900+';
  const step = left < 100 ? 5 : 10 ** Math.floor(Math.log10(left) - 1);
  return `${Math.floor(left / step) * step}`;
}
