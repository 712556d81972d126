import { CALIBRATION_D65 } from '../../colour/cameraProfile';
import { XYZ_TO_SRGB } from '../../colour/srgb';
import type { NoiseProfile } from '../../sensor/noiseProfile';
import type { ShotMetadata } from './description';
import { encodeBand } from './encodeBand';
import { ORIENTATION_LEVEL } from './tags';
import { writeDng } from './writeDng';
import { LINEAR_WHITE } from '../../response/videoResponse';

/** Linear red, green, blue of every pixel, LINEAR_WHITE where they clip. */
export interface LinearFrame {
  readonly data: Uint16Array;
  readonly width: number;
  readonly height: number;
}

/**
 * A linear DNG (LinearRaw) of processed frames with their curve taken out: no sensor data, as the
 * shot's description must say. Its neutral is the frames' own: white balance has been done.
 *
 * @param noise as measured; null where it was not
 * @param jpeg the picture as it was shown, used as the preview
 * @param baselineExposure stops by which it is to be shown brighter
 */
export function assembleLinearDng(
  { data, width, height }: LinearFrame,
  noise: NoiseProfile | null,
  jpeg: Uint8Array,
  shot: ShotMetadata,
  baselineExposure = 0,
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
    baselineExposure,
    shot,
  });
}
