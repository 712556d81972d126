import type { Chromaticity } from '../colour/chromaticity';
import { sourceChromaticity, type LightSource } from '../colour/lightSource';
import type { MovingLayer } from './moving';

/**
 * What a scene looks like along one ray. Written into a reusable array, because this runs once a photosite:
 * [X, Y, Z] absolute CIE XYZ with Y in cd/m2, then the distance in metres (Infinity for the sky), then the
 * reflectance 0..1 a light beside the camera meets there.
 */
export type SceneSample = Float64Array;

/** Length of a SceneSample. */
export const SAMPLE_LENGTH = 5;

/** A surface whose luminance is stated, so that a meter can be checked against it. */
export interface StatedLuminance {
  readonly what: string;
  /** Direction of its middle, in radians right of and above the scene's axis. */
  readonly yawRad: number;
  readonly pitchRad: number;
  /** Half the angle of a circle that lies wholly on it. */
  readonly halfAngleRad: number;
  /** cd/m2. */
  readonly luminance: number;
}

/** A place of the invented salt works. Pure functions of direction and time: resolution-independent. */
export interface Scene {
  readonly id: string;
  readonly name: string;
  /** The light that falls on the main subject, and its chromaticity. */
  readonly light: LightSource;
  readonly white: Chromaticity;
  /** Where the camera points when the scene opens: radians right of and above the scene's axis. */
  readonly framing: { readonly yawRad: number; readonly pitchRad: number };
  /** What the scene is for, one sentence in the user's words. */
  readonly description: string;
  readonly stated: StatedLuminance;
  /** The fastest thing that matters in the picture, or null where all is still. */
  readonly subject: {
    readonly name: string;
    readonly speedMS: number;
    readonly distanceM: number;
  } | null;
  /** Unit vector to the pole the sky turns about, where stars can be seen. */
  readonly skyPole?: readonly [number, number, number];
  /** How deeply the lamps that light it pulse with the mains, 0..1. */
  readonly lampModulation?: number;
  /**
   * Light arriving along a unit direction (x right, y up, z ahead) from all that keeps still.
   *
   * @param footprintRad angle one pixel covers; detail finer than it is averaged away
   * @param out receives the sample
   */
  sample(dx: number, dy: number, dz: number, footprintRad: number, out: SceneSample): void;
  /** What moves, painted over the still light. */
  readonly moving?: MovingLayer;
}

/** The two fields a scene's main light makes. */
export const litBy = (light: LightSource): Pick<Scene, 'light' | 'white'> => ({
  light,
  white: sourceChromaticity(light),
});
