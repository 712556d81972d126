/** Stripes fainter than this share of the light do not show. */
export const BANDING_LIMIT = 0.03;

/**
 * How strongly lamps on the mains stripe a picture read out row by row: half the difference between
 * brightest and darkest stripe, as a share of the mean. Lamps pulse at twice the mains frequency;
 * an exposure averages the pulse (a sinc), so whole multiples of 1/100 or 1/120 s leave nothing.
 *
 * @param modulation depth of the lamp's pulse, 0..1: (max - min) / (max + min)
 */
export function bandingContrast(timeS: number, mainsHz: number, modulation: number): number {
  const x = Math.PI * 2 * mainsHz * timeS;
  return modulation * Math.abs(x < 1e-6 ? 1 : Math.sin(x) / x);
}

/**
 * Light of a row, as a share of the mean, when lamps pulse while the shutter rolls: the pulse
 * averaged over the row's own exposure.
 *
 * @param rowStartS when the row's exposure begins
 */
export function lampShare(
  rowStartS: number,
  timeS: number,
  mainsHz: number,
  modulation: number,
): number {
  const omega = 2 * Math.PI * 2 * mainsHz;
  const half = (omega * timeS) / 2;
  const average = half < 1e-6 ? 1 : Math.sin(half) / half;
  return 1 + modulation * average * Math.cos(omega * rowStartS + half);
}
