import type { StackRaw } from '../stackRaw';

/** Side of the cells whose light is compared, in photosites. */
const CELL = 16;
/** Shares of the range between which the longer exposed of two frames is relied on. */
const DARKEST = 0.08;
const BRIGHTEST = 0.85;
/** Fewer cells than this say nothing. */
const MIN_CELLS = 24;
/** Cells of a still scene agree: the middle half of them lies within this ratio. */
const MAX_SPREAD = 1.25;
/** What is measured is believed within this many stops of what the files say. */
const MAX_OFF_STOPS = 1.5;

/**
 * How many times as much light one frame was given as another, measured: the median over cells of
 * the ratio of their sums. Cells are chosen by the longer exposed frame alone, whose noise is small
 * there: choosing by the other would prefer its brighter errors.
 *
 * @returns what the files say where the two hold too little in common
 */
export function measuredRatio(short: StackRaw, long: StackRaw): number {
  const stated = long.exposure / short.exposure;
  const { width, height, samplesPerPixel } = short;
  const rowSamples = width * samplesPerPixel;
  const across = CELL * samplesPerPixel;
  const range = long.whiteLevel - long.blackLevel;
  const [least, most] = [DARKEST, BRIGHTEST].map((share) => long.blackLevel + share * range);
  const unit = (short.whiteLevel - short.blackLevel) / range;
  const ratios: number[] = [];
  for (let y = 0; y + CELL <= height; y += CELL)
    for (let x = 0; x + across <= rowSamples; x += across) {
      let [a, b, held] = [0, 0, true];
      for (let row = 0; row < CELL && held; row++)
        for (let i = (y + row) * rowSamples + x, end = i + across; i < end; i++) {
          const v = long.data[i];
          if (v < least || v > most) {
            held = false;
            break;
          }
          a += short.data[i];
          b += v;
        }
      const light = a - CELL * across * short.blackLevel;
      if (held && light > 0) ratios.push(((b - CELL * across * long.blackLevel) / light) * unit);
    }
  if (ratios.length < MIN_CELLS) return stated;
  ratios.sort((p, q) => p - q);
  const at = (share: number): number => ratios[Math.floor(share * (ratios.length - 1))];
  const measured = at(0.5);
  const agree = at(0.75) / at(0.25) < MAX_SPREAD;
  return agree && Math.abs(Math.log2(measured / stated)) < MAX_OFF_STOPS ? measured : stated;
}

/**
 * Exposures of a bracket against its least exposed frame, which is 1.
 *
 * @param sorted least exposed first
 */
export function measuredExposures(sorted: readonly StackRaw[]): number[] {
  const exposures = [1];
  for (let k = 1; k < sorted.length; k++)
    exposures.push(exposures[k - 1] * measuredRatio(sorted[k - 1], sorted[k]));
  return exposures;
}
