import type { NoiseProfile } from '../sensor/noiseProfile';
import { noiseProfile } from '../simulate/rawLevels';
import { electronsPerLight } from '../simulate/simulatedBand';
import type { SimulatedPlan } from '../simulate/simulatedPlan';
import { channelAt, lightExceededBy, type KnownLight } from './knownLight';
import type { RegionBox } from './region';

/** Share of what matters that may clip: specks that nobody would call lost. */
export const CLIP_SHARE = 0.001;

/** What a raw holds of a region, or what it will hold. */
export interface RegionReading {
  /** Means of red, green and blue, 0..1 of the raw range. */
  readonly mean: readonly [number, number, number];
  /** Share of photosites at the white level. */
  readonly clippedShare: number;
  /** Stops by which all but the allowed share of it is over the white level; negative: under. */
  readonly overStops: number;
  readonly noise: NoiseProfile;
}

/** White levels that a unit of light comes to in a shot. */
const perLight = (plan: SimulatedPlan): number =>
  electronsPerLight(plan) / plan.response.saturationE;

const overStopsOf = (plan: SimulatedPlan, light: KnownLight): number =>
  Math.log2(lightExceededBy(light, CLIP_SHARE) * perLight(plan));

/** What a shot's raw will hold of a region whose light is known. */
export function foreseenReading(plan: SimulatedPlan, light: KnownLight): RegionReading {
  const k = perLight(plan);
  let clipped = 0;
  for (let i = light.sorted.length - 1; i >= 0 && light.sorted[i] * k >= 1; i--) clipped++;
  const [r, g, b] = light.mean.map((v) => Math.min(1, v * k));
  return {
    mean: [r, g, b],
    clippedShare: clipped / light.sorted.length,
    overStops: overStopsOf(plan, light),
    noise: noiseProfile(plan.response),
  };
}

/** A raw as it is judged: a mosaic with its levels. */
export interface JudgedRaw {
  readonly data: Uint16Array;
  readonly width: number;
  readonly blackLevel: number;
  readonly whiteLevel: number;
  readonly noise: NoiseProfile;
}

/**
 * What a raw holds of a region. Whether it clips is counted in the raw; by how much, which no raw
 * can tell, comes from the light that was there.
 */
export function measuredReading(
  raw: JudgedRaw,
  plan: SimulatedPlan,
  light: KnownLight,
  { column, row, size }: RegionBox,
): RegionReading {
  const range = raw.whiteLevel - raw.blackLevel;
  const sums = [0, 0, 0];
  const counts = [0, 0, 0];
  let clipped = 0;
  for (let y = 0; y < size; y++)
    for (let x = 0; x < size; x++) {
      const value = raw.data[(row + y) * raw.width + column + x];
      const c = channelAt(x, y);
      sums[c] += (value - raw.blackLevel) / range;
      counts[c]++;
      if (value >= raw.whiteLevel) clipped++;
    }
  const clippedShare = clipped / (size * size);
  const over = overStopsOf(plan, light);
  const [r, g, b] = sums.map((sum, c) => Math.max(0, sum / counts[c]));
  return {
    mean: [r, g, b],
    clippedShare,
    // At least what the raw shows, whatever the light says.
    overStops: clippedShare > CLIP_SHARE ? Math.max(0.01, over) : Math.min(0, over),
    noise: raw.noise,
  };
}

/** SNR of a region's green: its mean over the noise the file states for it (DNG NoiseProfile). */
export function snrOf({ mean, noise }: RegionReading): number {
  const x = mean[1];
  return x / Math.sqrt(noise.scale * x + noise.offset);
}
