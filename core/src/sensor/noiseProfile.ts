/** Noise variance = scale * x + offset of a signal x, 0..1 of the raw range (DNG NoiseProfile). */
export interface NoiseProfile {
  readonly scale: number;
  readonly offset: number;
}

/** Noise of a raw that does not tell it: a phone's at a low ISO. */
export const UNKNOWN_NOISE: NoiseProfile = { scale: 2e-4, offset: 1e-6 };

/**
 * Signal at which noise is as large as it, 0..1 of the raw range: the ladder's floor. Solves
 * x^2 = scale * x + offset.
 */
export const floorOfNoise = ({ scale, offset }: NoiseProfile): number =>
  (scale + Math.sqrt(scale * scale + 4 * offset)) / 2;
