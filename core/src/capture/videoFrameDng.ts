import { CALIBRATION_D65 } from '../colour/cameraProfile';
import { decodeSrgb, XYZ_TO_SRGB } from '../colour/srgb';
import type { ShotMetadata } from '../dng/description';
import { encodeBand } from '../dng/encodeBand';
import { ORIENTATION_LEVEL } from '../dng/tags';
import { writeDng } from '../dng/writeDng';

const WHITE_LEVEL = 65535;

/** Linear 16-bit value of each sRGB byte (IEC 61966-2-1). */
export const LINEAR_16 = Uint16Array.from({ length: 256 }, (_, v) =>
  Math.round(WHITE_LEVEL * decodeSrgb(v / 255)),
);

/**
 * A linear DNG (LinearRaw) made from a processed video frame: no sensor data, only the frame's own values with the
 * sRGB curve taken out. The shot's description must say so.
 *
 * @param rgba the frame's bytes, `4 * width * height`
 * @param jpeg the same frame as a JPEG, used as the preview
 */
export function assembleVideoFrameDng(
  rgba: Uint8ClampedArray,
  width: number,
  height: number,
  jpeg: Uint8Array,
  shot: ShotMetadata,
): Uint8Array[] {
  const data = new Uint16Array(3 * width * height);
  for (let i = 0, o = 0; o < data.length; i += 4, o += 3) {
    data[o] = LINEAR_16[rgba[i]];
    data[o + 1] = LINEAR_16[rgba[i + 1]];
    data[o + 2] = LINEAR_16[rgba[i + 2]];
  }
  const tiles = encodeBand(
    { data, width, rows: height, samplesPerPixel: 3, precision: 16 },
    width,
    height,
  );
  return writeDng({
    raw: {
      kind: 'linear',
      width,
      height,
      tileWidth: width,
      tileHeight: height,
      tiles,
      blackLevel: 0,
      whiteLevel: WHITE_LEVEL,
      noise: null,
    },
    preview: { jpeg, width, height },
    orientation: ORIENTATION_LEVEL,
    profile: [{ illuminant: CALIBRATION_D65, colorMatrix: XYZ_TO_SRGB, forwardMatrix: null }],
    asShotNeutral: [1, 1, 1],
    baselineExposure: 0,
    shot,
  });
}
