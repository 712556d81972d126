import { CALIBRATION_D65 } from '../colour/cameraProfile';
import { XYZ_TO_SRGB } from '../colour/srgb';
import type { NoiseModel } from '../combine/noiseCurve';
import type { ShotMetadata } from '../dng/description';
import { encodeBand } from '../dng/encodeBand';
import { ORIENTATION_LEVEL } from '../dng/tags';
import { writeDng } from '../dng/writeDng';

/** Linear value of light that clips. */
export const LINEAR_WHITE = 65535;

/** Linear red, green, blue of every pixel, LINEAR_WHITE where they clip. */
export interface LinearFrame {
  readonly data: Uint16Array;
  readonly width: number;
  readonly height: number;
}

/**
 * Linear light of a processed frame.
 *
 * @param rgba the frame's bytes, `4 * pixels`
 * @param table linear value of each code, 3 x 256
 */
export function linearised(rgba: Uint8ClampedArray, table: Uint16Array): Uint16Array {
  const data = new Uint16Array((3 * rgba.length) / 4);
  for (let i = 0, o = 0; o < data.length; i += 4, o += 3) {
    data[o] = table[rgba[i]];
    data[o + 1] = table[256 + rgba[i + 1]];
    data[o + 2] = table[512 + rgba[i + 2]];
  }
  return data;
}

/**
 * A linear DNG (LinearRaw) of processed frames with their curve taken out: no sensor data, as the shot's description
 * must say. Its neutral is the frames' own: white balance has been done.
 *
 * @param noise as measured; null where it was not
 * @param jpeg the picture as it was shown, used as the preview
 */
export function assembleLinearDng(
  { data, width, height }: LinearFrame,
  noise: NoiseModel | null,
  jpeg: Uint8Array,
  shot: ShotMetadata,
): Uint8Array[] {
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
      whiteLevel: LINEAR_WHITE,
      noise,
    },
    preview: { jpeg, width, height },
    orientation: ORIENTATION_LEVEL,
    profile: [{ illuminant: CALIBRATION_D65, colorMatrix: XYZ_TO_SRGB, forwardMatrix: null }],
    asShotNeutral: [1, 1, 1],
    baselineExposure: 0,
    shot,
  });
}
