import { lampShare } from '../optics/lampPulse';

/** Time a rolling shutter takes from the first row of the sensor to the last, in seconds. */
export const READOUT_S = 1 / 50;

/** When and under which lamps a frame is read out. */
export interface LampReadout {
  readonly startS: number;
  readonly timeS: number;
  readonly mainsHz: number;
  /** How deeply the lamps pulse, 0..1. */
  readonly modulation: number;
}

/**
 * Light of each row of the sensor, as a share of the mean, when lamps pulse under a rolling
 * shutter.
 */
export const rowShares = (rows: number, lamps: LampReadout): Float32Array =>
  Float32Array.from({ length: rows }, (_, row) =>
    lampShare(
      lamps.startS + (READOUT_S * row) / rows,
      lamps.timeS,
      lamps.mainsHz,
      lamps.modulation,
    ),
  );

/**
 * Interleaved RGB light, dimmed and brightened row by row.
 *
 * @param shares one a row of `light`
 */
export function striped(light: Float32Array, width: number, shares: Float32Array): Float32Array {
  const lit = new Float32Array(light.length);
  for (let y = 0, i = 0; i < light.length; y++) {
    const share = shares[y];
    for (const end = i + 3 * width; i < end; i++) lit[i] = light[i] * share;
  }
  return lit;
}
