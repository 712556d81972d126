import type { GeoPosition } from '../place/gpsDirectory';
import type { CameraProfile } from '../../colour/cameraProfile';
import type { SeriesPlace } from '../../series/series';
import type { MeterPattern } from '../../exposure/metering';
import type { PixelBox } from '../../optics/aspect';
import type { DepthMap } from '../../sensor/lightPlane';
import type { FloatBits } from './floatBlock';

/** A moment with the clock's offset from UTC; core has no clock of its own. */
export interface Moment {
  readonly epochMs: number;
  readonly offsetMinutes: number;
}

/** How many frames a picture is made of. */
export interface CompositeFrames {
  /** Frames taken. */
  readonly taken: number;
  /** Frames that are in the picture. */
  readonly used: number;
  /** From the start of the first to the end of the last. */
  readonly periodS: number;
  /** How long each was exposed, where not all as long as the shot says. */
  readonly timesS?: readonly number[];
}

/** How a frame was shot, as far as it is known: what is unknown is left out, never made up. */
export interface ShotMetadata {
  readonly make: string;
  readonly model: string;
  readonly software: string;
  /** One plain sentence about where the data comes from. */
  readonly description: string;
  readonly capturedAt: Moment;
  readonly timeS?: number;
  readonly iso?: number;
  readonly fNumber?: number;
  readonly focalLengthMm?: number;
  readonly focalLength35Mm?: number;
  readonly lensModel?: string;
  /** Where the lens was focused, in metres; Infinity allowed. */
  readonly focusedM?: number;
  readonly compensationStops?: number;
  readonly metering?: MeterPattern;
  /** How much the picture was cropped in the camera; 1 = not at all. */
  readonly digitalZoom?: number;
  /**
   * Who chose the exposure: nothing held, time held, ISO held (still an automatic programme), both
   * held.
   */
  readonly program?: 'auto' | 'time-held' | 'iso-held' | 'manual';
  /** The camera chose the white balance, or the photographer did. */
  readonly whiteIsAuto?: boolean;
  /**
   * The flash fired, or could have and did not; left out where there is none, or it is not known.
   */
  readonly flashFired?: boolean;
  /** It is the average of several frames, each exposed as the fields above say. */
  readonly composite?: CompositeFrames;
  /** It is one of several frames that one press made. */
  readonly series?: SeriesPlace;
  /** Where it was taken, where the photographer wants that told. */
  readonly position?: GeoPosition;
}

/** Compressed raw samples. */
export interface RawImage {
  /** 'cfa': one sample a photosite, RGGB; 'linear': demosaiced or processed RGB. */
  readonly kind: 'cfa' | 'linear';
  readonly width: number;
  readonly height: number;
  readonly tileWidth: number;
  readonly tileHeight: number;
  /**
   * Floating-point samples of so many bits, deflated, the predictor of DNG 1.4 applied; left out:
   * whole numbers of 16, as lossless JPEG.
   */
  readonly floatBits?: FloatBits;
  /** Compressed blocks, row by row from the top left. */
  readonly tiles: readonly Uint8Array[];
  readonly blackLevel: number;
  readonly whiteLevel: number;
  /** The part that is meant to be seen (DNG DefaultCrop); left out = all of it. */
  readonly crop?: PixelBox;
  /**
   * Noise variance = scale * x + offset of a signal x, 0..1 of the raw range (DNG NoiseProfile);
   * null when unknown.
   */
  readonly noise: { readonly scale: number; readonly offset: number } | null;
}

export interface DngDescription {
  readonly raw: RawImage;
  /** A baseline JPEG in the raw's own orientation. */
  readonly preview: { readonly jpeg: Uint8Array; readonly width: number; readonly height: number };
  /** TIFF's Orientation. */
  readonly orientation: number;
  readonly profile: CameraProfile;
  readonly asShotNeutral: readonly [number, number, number];
  readonly baselineExposure: number;
  /** Left out where the camera does not know it. */
  readonly depth?: DepthMap;
  readonly shot: ShotMetadata;
}
