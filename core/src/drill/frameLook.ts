import type { CameraProfile } from '../colour/cameraProfile';
import type { Chromaticity } from '../colour/chromaticity';
import type { Vec3 } from '../colour/mat3';
import type { SimulatedPlan } from '../simulate/simulatedPlan';
import type { KnownLight } from './knownLight';
import type { Region } from './region';
import type { RegionReading } from './regionReading';

/** What a frame shows of one region. */
export interface RegionLook {
  readonly light: KnownLight;
  readonly reading: RegionReading;
  /** Diameter of blur in pixels of the file. */
  readonly blurPx: number;
}

/** A frame as it is judged: one that was made, or one that would be made. */
export interface FrameLook {
  readonly plan: SimulatedPlan;
  /** How it sees colour, what it takes as white, and a neutral there: largest value = 1. */
  readonly profile: CameraProfile;
  readonly white: Chromaticity;
  readonly neutral: Vec3;
  readonly look: (region: Region) => RegionLook;
}
