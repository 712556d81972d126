import type { PhotositeResponse } from '../../sensor/sensorModel';
import { KeptRoutines, padded, PORTION } from '../../wasm';
import { MARK_PEAK } from '../monitorPass';
import { PEAK_WASM } from './peakWasm';
import { plainPeaks } from './plainPeaks';

/** How much an edge must stand out to be marked. */
export const PEAKING_STRENGTHS = ['low', 'medium', 'high'] as const;
export type PeakingStrength = (typeof PEAKING_STRENGTHS)[number];

/** Second difference from which an edge counts, as a share of the light it stands in. */
const SHARE: Readonly<Record<PeakingStrength, number>> = { low: 0.25, medium: 0.15, high: 0.08 };
/** And in standard deviations of the luma's noise: high enough that noise alone marks nothing. */
const NOISE_SIGMAS = 13;

/**
 * How much of an edge's height must lie between two neighbouring pixels, in 1/256. A sharp edge has
 * all of it there when it falls between two pixels, and half when it falls on the middle of one;
 * blurred over a radius of one pixel it has less than half.
 */
const STEEPNESS: Readonly<Record<PeakingStrength, number>> = { low: 180, medium: 154, high: 128 };

/**
 * Noise of a frame's luma at every level, in raw counts: photon and read noise (photon transfer,
 * EMVA 1288) of the weighted sum of three channels.
 *
 * @param luma weights of red, green, blue in 1/256
 */
export function lumaNoise(
  { blackLevel, electronsPerDn, readNoiseE }: PhotositeResponse,
  luma: readonly [number, number, number],
): (level: number) => number {
  const sum = Math.hypot(...luma) / 256;
  const read = (readNoiseE / electronsPerDn) ** 2 + 1 / 12;
  return (level) => sum * Math.sqrt(Math.max(0, level - blackLevel) / electronsPerDn + read);
}

/** What decides whether a pixel is a peak. */
export interface PeakingTable {
  readonly strength: PeakingStrength;
  /** Least second difference by luma level, up to the white level. */
  readonly thresholds: Uint16Array;
  /** The lowest of them, and the level of no light. */
  readonly floor: number;
  readonly blackLevel: number;
}

/**
 * Thresholds of the second difference by luma level: a share of the light over black, and never
 * under what noise can do.
 *
 * @param noise standard deviation of the luma at a level, in raw counts
 */
export function peakingTable(
  strength: PeakingStrength,
  { blackLevel, whiteLevel }: { readonly blackLevel: number; readonly whiteLevel: number },
  noise: (level: number) => number,
): PeakingTable {
  const share = SHARE[strength];
  const thresholds = Uint16Array.from({ length: whiteLevel + 1 }, (_, level) => {
    const light = Math.max(0, level - blackLevel);
    return Math.min(32767, Math.ceil(Math.max(share * light, NOISE_SIGMAS * noise(level))));
  });
  return { strength, thresholds, floor: thresholds.reduce((a, b) => Math.min(a, b)), blackLevel };
}

/** Room before the luma: its vectors may read a little before and behind it. */
const LUMA = 64;
const THRESHOLDS = 65536 * 2;

const kept = new KeptRoutines(PEAK_WASM, plainPeaks);

/**
 * Marks the edges of what is in focus: pixels at which the raw's luma bends (second difference
 * across or along, the terms of the modified Laplacian of Nayar and Nakagawa 1994) by more than the
 * threshold of its level, and by a large part of the whole edge's height, taken from pixels two
 * apart. That part, unlike the bend itself, does not depend on the edge's contrast: it is half and
 * more where the edge is sharp, and falls as blur spreads it.
 *
 * @param raw interleaved RGB raw values, `3 * width * height`
 * @param luma weights of red, green, blue in 1/256
 * @param marks MARK_PEAK is set in it
 * @param plain true: without WebAssembly in any case
 * @returns pixels marked
 */
export function markPeaking(
  raw: Uint16Array,
  width: number,
  height: number,
  luma: readonly [number, number, number],
  { strength, thresholds, floor, blackLevel }: PeakingTable,
  marks: Uint8Array,
  plain = false,
): number {
  const pixels = width * height;
  const rawAt = LUMA + padded(2 * pixels);
  const marksAt = rawAt + padded(6 * PORTION);
  const thresholdsAt = marksAt + padded(pixels);
  const { buffer, routines } = kept.of(thresholdsAt + THRESHOLDS, plain);
  new Uint16Array(buffer, thresholdsAt, thresholds.length).set(thresholds);
  const ours = new Uint8Array(buffer, marksAt, pixels);
  ours.set(marks);
  const most = thresholds.length - 1;
  for (let from = 0; from < pixels; from += PORTION) {
    const n = Math.min(PORTION, pixels - from);
    new Uint16Array(buffer, rawAt, 3 * n).set(raw.subarray(3 * from, 3 * (from + n)));
    routines.lumaOf(rawAt, 8 * Math.ceil(n / 8), ...luma, most, LUMA + 2 * from);
  }
  // A little under the true share, so that rounding loses no candidate.
  const share = Math.floor(32768 * SHARE[strength]) - 1;
  let marked = 0;
  for (let y = 2; y < height - 2; y++)
    marked += routines.markRow(
      LUMA + 2 * y * width,
      width,
      thresholdsAt,
      floor,
      blackLevel,
      share,
      STEEPNESS[strength],
      marksAt + y * width,
      MARK_PEAK,
    );
  marks.set(ours);
  return marked;
}
