import { LADDER_BINS } from '@velmo/core/monitor';

/**
 * How counts become heights: 'linear' in area (a square root, so that large areas do not flatten
 * small ones), or log.
 */
export type HeightScale = 'linear' | 'log';

/** Heights 0..1 of a curve. */
export function curveHeights(
  counts: ArrayLike<number>,
  peak: number,
  scale: HeightScale,
): Float32Array {
  const heights = new Float32Array(counts.length);
  const top = Math.log1p(peak);
  for (let i = 0; i < heights.length; i++)
    heights[i] =
      scale === 'log'
        ? Math.min(1, Math.log1p(counts[i]) / top)
        : Math.min(1, Math.sqrt(counts[i] / peak));
  return heights;
}

/** Heights of one channel of a ladder histogram. */
export const histogramHeights = (
  histogram: Uint32Array,
  channel: number,
  peak: number,
  scale: HeightScale,
): Float32Array =>
  curveHeights(histogram.subarray(channel * LADDER_BINS, (channel + 1) * LADDER_BINS), peak, scale);

/**
 * Largest count of all channels, end bins left out: what is off the scale must not flatten the
 * rest.
 */
export function peakOf(histogram: Uint32Array | Int32Array, bins: number): number {
  let peak = 1;
  for (let i = 0; i < histogram.length; i++) {
    const bin = i % bins;
    if (bin > 0 && bin < bins - 1 && histogram[i] > peak) peak = histogram[i];
  }
  return peak;
}

/**
 * A curve standing on its side over the whole height: first bin at the foot, heights growing
 * leftwards from the right.
 */
export const sidewaysCurve = (
  heights: Float32Array,
  width: number,
  height: number,
  closed: boolean,
): string =>
  sidewaysPath(
    heights,
    0,
    heights.length - 1,
    width,
    height,
    height / heights.length,
    width * 0.92,
    closed,
  );

/**
 * SVG path of a histogram standing on its side: bins run from `bottom` up, heights grow leftwards
 * from `right`.
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
