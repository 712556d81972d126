/** Noise variance = scale * x + offset of a signal x, 0..1 of the raw range (DNG NoiseProfile). */
export interface NoiseProfile {
  readonly scale: number;
  readonly offset: number;
}
