import type { Chromaticity } from '../colour/chromaticity';

/**
 * What a scene looks like along one ray. Written into a reusable array, because this runs once a photosite:
 * [X, Y, Z] absolute CIE XYZ with Y in cd/m2, then the distance in metres (Infinity for the sky).
 */
export type SceneSample = Float64Array;

/** Length of a SceneSample. */
export const SAMPLE_LENGTH = 4;

/** A place of the invented salt works. Pure functions of direction: resolution-independent. */
export interface Scene {
  readonly id: string;
  readonly name: string;
  /** Chromaticity of the light that falls on the main subject. */
  readonly white: Chromaticity;
  /** Where the camera points when the scene opens: radians right of and above the scene's axis. */
  readonly framing: { readonly yawRad: number; readonly pitchRad: number };
  /** What the scene is for, one sentence in the user's words. */
  readonly description: string;
  /**
   * Light arriving along a unit direction (x right, y up, z ahead).
   *
   * @param footprintRad angle one pixel covers; detail finer than it is averaged away
   * @param out receives the sample
   */
  sample(dx: number, dy: number, dz: number, footprintRad: number, out: SceneSample): void;
}
