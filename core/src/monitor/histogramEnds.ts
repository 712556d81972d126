import { binStops, LADDER_BINS } from './ladderScale';

/** Stops from mid-grey that all but a share of a channel of a ladder histogram lie under. */
export function histogramTop(histogram: Uint32Array, channel: number, share: number): number {
  const base = channel * LADDER_BINS;
  const allowed = share * totalOf(histogram, base);
  let above = 0;
  let bin = LADDER_BINS;
  while (bin > 0 && above <= allowed) above += histogram[base + --bin];
  return binStops(bin);
}

/** Stops from mid-grey that all but a share of a channel of a ladder histogram lie over. */
export function histogramBottom(histogram: Uint32Array, channel: number, share: number): number {
  const base = channel * LADDER_BINS;
  const allowed = share * totalOf(histogram, base);
  let below = 0;
  let bin = -1;
  while (bin < LADDER_BINS - 1 && below <= allowed) below += histogram[base + ++bin];
  return binStops(bin);
}

function totalOf(histogram: Uint32Array, base: number): number {
  let total = 0;
  for (let i = 0; i < LADDER_BINS; i++) total += histogram[base + i];
  return total;
}
