import type { RawFile } from '../files/rawFile';
import { floorOfNoise, UNKNOWN_NOISE } from '../sensor/noiseProfile';
import { statedExposure } from './stackRaw';

/** What a frame holds of a scene, in stops. */
export interface Reach {
  readonly clipStops: number;
  readonly floorStops: number;
}

const MID_GREY = 0.18;

/**
 * What a frame holds, from where it clips down to where noise takes over, in stops about what
 * another of its stack renders as mid-grey.
 */
export function reachOf(file: RawFile, about: RawFile): Reach {
  const grey = MID_GREY / 2 ** about.baselineExposure;
  const clipStops = Math.log2(statedExposure(about) / statedExposure(file) / grey);
  return {
    clipStops,
    floorStops: clipStops + Math.log2(floorOfNoise(file.raw.noise ?? UNKNOWN_NOISE)),
  };
}
