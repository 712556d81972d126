/**
 * The ladder's scale: stops from mid-grey in sixth-stop bins. One scale for every sensor and ISO,
 * so that histograms of different settings can be laid side by side.
 */
export const BINS_PER_STOP = 6;
/** Stops from mid-grey at the lower edge of the first bin and the upper edge of the last. */
export const LADDER_LOW_STOPS = -12;
export const LADDER_HIGH_STOPS = 4;
export const LADDER_BINS = (LADDER_HIGH_STOPS - LADDER_LOW_STOPS) * BINS_PER_STOP;

/** Bin of a tone, in stops from mid-grey; tones off the scale fall into its end bins. */
export function ladderBin(stops: number): number {
  const bin = Math.floor((stops - LADDER_LOW_STOPS) * BINS_PER_STOP);
  return bin < 0 || Number.isNaN(bin) ? 0 : bin >= LADDER_BINS ? LADDER_BINS - 1 : bin;
}

/** Stops from mid-grey at the middle of a bin. */
export const binStops = (bin: number): number => LADDER_LOW_STOPS + (bin + 0.5) / BINS_PER_STOP;

/**
 * Bin of every raw value 0..whiteLevel, for a raw whose mid-grey lies at this share of saturation.
 */
export function ladderBinTable(
  blackLevel: number,
  whiteLevel: number,
  midGreyShare: number,
): Uint8Array {
  const table = new Uint8Array(whiteLevel + 1);
  const mid = (whiteLevel - blackLevel) * midGreyShare;
  for (let dn = 0; dn <= whiteLevel; dn++)
    table[dn] = dn <= blackLevel ? 0 : ladderBin(Math.log2((dn - blackLevel) / mid));
  return table;
}
