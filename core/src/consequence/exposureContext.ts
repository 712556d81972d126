import type { SensorModel } from '../sensor/sensorModel';

/** The lens and sensor a picture is taken with, as far as the device knows them. */
export interface Optics {
  /** 35 mm-equivalent focal length, crop included. */
  readonly focalLength35Mm: number;
  /** Angle one pixel of the file covers at the centre. */
  readonly pixelAngleRad: number;
  /** Diagonal of the file in pixels. */
  readonly diagonalPx: number;
  readonly sensor: SensorModel;
  /** Photosites binned into a pixel of the file, along each side. */
  readonly binning: 1 | 2;
}

/** What could spoil the picture out there. A device that does not know leaves null. */
export interface ExposureContext {
  readonly optics: Optics | null;
  /** The camera stands on a tripod. */
  readonly steady: boolean;
  readonly stabiliserStops: number;
  /** What moves across the picture. */
  readonly subject: {
    readonly name: string;
    readonly speedMS: number;
    readonly distanceM: number;
  } | null;
  /** Stars in the picture; cosine of the declination of the fastest. */
  readonly sky: { readonly cosDeclination: number } | null;
  /** Lamps on the mains and how deeply they pulse. */
  readonly lamps: { readonly mainsHz: 50 | 60; readonly modulation: number } | null;
  /** A flash that will fire, and how strong it is before the lens in use. */
  readonly flash: { readonly guideNumber: number; readonly fNumber: number } | null;
}

/** A device that knows nothing but what its picture shows. */
export const UNKNOWN_CONTEXT: ExposureContext = {
  optics: null,
  steady: false,
  stabiliserStops: 0,
  subject: null,
  sky: null,
  lamps: null,
  flash: null,
};
