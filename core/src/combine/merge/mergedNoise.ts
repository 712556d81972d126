import type { NoiseProfile } from '../../sensor/noiseProfile';
import { HELD_SHARE, type MergeFrame } from './mergeRaws';

/**
 * Variance of merged light where all frames that hold it were merged: the least there can be
 * (Hasinoff, Durand and Freeman 2010).
 *
 * @param light 1 is where the least exposed frame clips
 */
export function mergedVariance(frames: readonly MergeFrame[], light: number): number {
  let sum = 0;
  for (const { given, noise } of frames)
    if (sum === 0 || given * light <= HELD_SHARE)
      sum += (given * given) / (noise.scale * given * light + noise.offset);
  return 1 / sum;
}

/**
 * Noise of merged light as a DNG can tell it, in two figures: right in the dark, and at mid-grey.
 *
 * @param midGrey light that is to be shown as 18 %
 */
export function mergedNoise(frames: readonly MergeFrame[], midGrey: number): NoiseProfile {
  const offset = mergedVariance(frames, 0);
  const scale = (mergedVariance(frames, midGrey) - offset) / midGrey;
  return { scale: Math.max(0, scale), offset };
}
