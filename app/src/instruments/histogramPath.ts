import { LADDER_BINS } from '@velmo/core/monitor';

/** Heights of a histogram 0..1 on a square-root scale: large areas do not flatten small ones. */
export function histogramHeights(
  histogram: Uint32Array,
  channel: number,
  peak: number,
): Float32Array {
  const heights = new Float32Array(LADDER_BINS);
  const base = channel * LADDER_BINS;
  for (let i = 0; i < LADDER_BINS; i++) heights[i] = Math.sqrt(histogram[base + i] / peak);
  return heights;
}

/** Largest count of all channels, end bins left out: what is off the scale must not flatten the rest. */
export function histogramPeak(histogram: Uint32Array): number {
  let peak = 1;
  for (let i = 0; i < histogram.length; i++) {
    const bin = i % LADDER_BINS;
    if (bin > 0 && bin < LADDER_BINS - 1 && histogram[i] > peak) peak = histogram[i];
  }
  return peak;
}

/**
 * SVG path of a histogram standing on its side: bins run from `bottom` up, heights grow leftwards from `right`.
 *
 * @param pxPerBin screen pixels a bin
 */
export function sidewaysPath(
  heights: Float32Array,
  firstBin: number,
  lastBin: number,
  right: number,
  bottom: number,
  pxPerBin: number,
  reach: number,
  closed: boolean,
): string {
  let path = closed ? `M${right} ${bottom}` : '';
  for (let bin = firstBin; bin <= lastBin; bin++) {
    const y = (bottom - (bin - firstBin + 0.5) * pxPerBin).toFixed(1);
    path += `${path === '' ? 'M' : 'L'}${(right - heights[bin] * reach).toFixed(1)} ${y}`;
  }
  return closed ? `${path}L${right} ${bottom - (lastBin - firstBin + 1) * pxPerBin}Z` : path;
}
