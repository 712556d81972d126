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
 * Dims and brightens interleaved RGB light row by row, or column by column where the sensor's rows
 * stand upright.
 *
 * @param shares one a row (or column) of `light`
 * @param out receives the light; may be `light` itself
 */
export function stripeLight(
  light: Float32Array,
  width: number,
  shares: Float32Array,
  along: 'rows' | 'columns',
  out: Float32Array,
): void {
  const height = light.length / (3 * width);
  for (let y = 0, i = 0; y < height; y++)
    for (let x = 0; x < width; x++) {
      const share = along === 'rows' ? shares[y] : shares[x];
      out[i] = light[i++] * share;
      out[i] = light[i++] * share;
      out[i] = light[i++] * share;
    }
}
