import { baselineExposureFor } from '../colour/develop/develop';
import { GATHERED_SCALE } from '../sensor/rawGatherer';
import type { NoiseProfile } from '../sensor/noiseProfile';
import { midGreyShare, type PhotositeResponse } from '../sensor/sensorModel';
import type { SimulatedPlan } from './simulatedPlan';

/** What the raw values of a shot's file mean. */
export interface RawLevels {
  readonly blackLevel: number;
  readonly whiteLevel: number;
  /** Stops by which it is shown brighter (DNG BaselineExposure). */
  readonly baselineExposure: number;
  readonly noise: NoiseProfile;
}

/** Noise of one exposure's photosite. */
export function noiseProfile(response: PhotositeResponse): NoiseProfile {
  const quantisation = 1 / 12 / (response.whiteLevel - response.blackLevel) ** 2;
  return {
    scale: 1 / response.saturationE,
    offset: (response.readNoiseE / response.saturationE) ** 2 + quantisation,
  };
}

/**
 * Levels of a shot's raw. One gathered from n frames is finer; a mean of them has 1/n of the noise
 * variance; a sum is the mean, shown log2(n) stops brighter. Of the brightest nothing is averaged.
 */
export function rawLevels({ lens, iso, response, shot }: SimulatedPlan): RawLevels {
  const { blackLevel, whiteLevel } = lens.sensor;
  const baselineExposure = baselineExposureFor(midGreyShare(lens.sensor, iso));
  const noise = noiseProfile(response);
  const { gathered } = shot;
  if (!gathered) return { blackLevel, whiteLevel, baselineExposure, noise };
  const { gather, frames } = gathered;
  const n = gather === 'brightest' ? 1 : frames;
  return {
    blackLevel: GATHERED_SCALE * blackLevel,
    whiteLevel: GATHERED_SCALE * whiteLevel,
    baselineExposure: baselineExposure + (gather === 'sum' ? Math.log2(frames) : 0),
    noise: { scale: noise.scale / n, offset: noise.offset / n },
  };
}
