import type { CameraProfile } from '../colour/cameraProfile';
import type { PixelBox } from '../optics/aspect';
import type { Crop } from '../recipe/reframe';
import type { NoiseProfile } from '../sensor/noiseProfile';
import type { GainField } from './dng/gainField';
import type { DngExif } from './readExif';

/** The raw in its normalised form, whichever decoder has read it. */
export interface RawLayout {
  /** A Bayer mosaic, red first, green beside it; or linear RGB. */
  readonly kind: 'cfa' | 'linear';
  readonly width: number;
  readonly height: number;
  readonly samplesPerPixel: 1 | 3;
  readonly blackLevel: number;
  readonly whiteLevel: number;
  /** As the file says it (NoiseProfile), of the first plane; null where it does not. */
  readonly noise: NoiseProfile | null;
  /** The part that is meant to be seen. */
  readonly crop: PixelBox;
}

/** What a raw file says of its raw. */
export interface RawFile {
  readonly raw: RawLayout;
  /** TIFF's Orientation. */
  readonly orientation: number;
  readonly profile: CameraProfile;
  readonly asShotNeutral: readonly [number, number, number];
  readonly baselineExposure: number;
  /**
   * The part the photographer has chosen (DNG's DefaultUserCrop), in shares of the crop's sides as
   * they lie in the file; null: all of it.
   */
  readonly chosen: Crop | null;
  readonly exif: DngExif;
}

/** A raw file that has been decoded. */
export interface DecodedRaw {
  readonly file: RawFile;
  /** `width * height * samplesPerPixel` of its layout, row by row, none above its white level. */
  readonly data: Uint16Array;
  /** What its picture is to be multiplied by, place by place; null: nothing. */
  readonly gains: GainField | null;
  /** Corrections the file asks for that are not applied to the picture. */
  readonly unapplied: readonly string[];
}
