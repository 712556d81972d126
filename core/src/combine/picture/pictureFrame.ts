import { CALIBRATION_D65, type CameraProfile } from '../../colour/cameraProfile';
import { decodeSrgb, encodeSrgb, XYZ_TO_SRGB } from '../../colour/srgb';
import type { RawFile } from '../../files/rawFile';
import type { DngExif } from '../../files/readExif';
import { UNKNOWN_NOISE } from '../../sensor/noiseProfile';
import { statedExposure, UNKNOWN, type StackRaw } from '../stackRaw';

/** White of a picture's light: the largest below what stands for unknown. */
export const PICTURE_WHITE = UNKNOWN - 1;

/** What sees as sRGB does; the one that says that a file is a picture, not a raw. */
const PICTURE_PROFILE: CameraProfile = [
  { illuminant: CALIBRATION_D65, colorMatrix: XYZ_TO_SRGB, forwardMatrix: null },
];

/** Whether a file is a picture that was developed before: its light is what sRGB says of it. */
export const isPicture = ({ profile }: Pick<RawFile, 'profile'>): boolean =>
  profile === PICTURE_PROFILE;

const LIGHT = Uint16Array.from({ length: 256 }, (_, v) =>
  Math.round(PICTURE_WHITE * decodeSrgb(v / 255)),
);

/**
 * A picture without a raw as a frame of a stack: the light that its sRGB stands for, which its
 * maker has bent as it liked.
 *
 * @param rgba `4 * width * height` bytes of sRGB, upright
 */
export function pictureFrame(
  rgba: Uint8Array | Uint8ClampedArray,
  width: number,
  height: number,
  exif: DngExif,
): { readonly file: RawFile; readonly frame: StackRaw } {
  const data = new Uint16Array(3 * width * height);
  for (let i = 0, o = 0; o < data.length; i += 4, o += 3) {
    data[o] = LIGHT[rgba[i]];
    data[o + 1] = LIGHT[rgba[i + 1]];
    data[o + 2] = LIGHT[rgba[i + 2]];
  }
  const levels = { blackLevel: 0, whiteLevel: PICTURE_WHITE, noise: UNKNOWN_NOISE };
  const layout = { width, height, samplesPerPixel: 3 as const, ...levels };
  const file: RawFile = {
    raw: { kind: 'linear', ...layout, crop: { x: 0, y: 0, width, height } },
    orientation: 1,
    profile: PICTURE_PROFILE,
    asShotNeutral: [1, 1, 1],
    baselineExposure: 0,
    chosen: null,
    exif,
  };
  return { file, frame: { ...layout, data, exposure: statedExposure(file) } };
}

/** Steps of light, fine enough for the darkest byte to have five of them. */
const STEPS = 16384;
let bytes: Uint8Array | null = null;

/** Light of a picture as sRGB bytes, opaque: the part of it that is seen. */
export function encodedPicture(light: Float32Array, { width, crop }: RawFile['raw']) {
  bytes ??= Uint8Array.from({ length: STEPS + 1 }, (_, i) =>
    Math.round(255 * encodeSrgb(i / STEPS)),
  );
  const data = new Uint8ClampedArray(4 * crop.width * crop.height);
  for (let y = 0, o = 0; y < crop.height; y++)
    for (let x = 0, i = 3 * ((crop.y + y) * width + crop.x); x < crop.width; x++, o += 4) {
      for (let c = 0; c < 3; c++, i++) {
        const v = light[i];
        data[o + c] = bytes[v > 0 ? (v < 1 ? (v * STEPS + 0.5) | 0 : STEPS) : 0];
      }
      data[o + 3] = 255;
    }
  return { data, width: crop.width, height: crop.height };
}
