import type { Chromaticity } from '../colour/chromaticity';
import { sourceChromaticity, type LightSource } from '../colour/lightSource';
import type { LightField } from './lightField';

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

/**
 * A place of the invented salt works. Pure functions of direction and time: resolution-independent.
 */
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
  /** Something moves in it. */
  readonly moves?: true;
  /** The place it is, where its light is not the usual one. */
  readonly place?: string;
  /** Its own light is so many stops brighter than usual; left out: not at all. */
  readonly lightStops?: number;
  /** Its light, where it is none of the salt works'. */
  readonly lightField?: LightField;
}

/** The two fields a scene's main light makes. */
export const litBy = (light: LightSource): Pick<Scene, 'light' | 'white'> => ({
  light,
  white: sourceChromaticity(light),
});
