import { LADDER_BINS } from './ladderScale';
import { PORTION } from '../wasm';
import { memoryLayout } from './memoryLayout';

/** Bits of the mark mask. */
export const MARK_CLIPPED_RED = 1;
export const MARK_CLIPPED_GREEN = 2;
export const MARK_CLIPPED_BLUE = 4;
export const MARK_CLIPPED = 7;
export const MARK_CRUSHED = 8;
export const MARK_ZEBRA = 16;
export const MARK_TONE = 32;
/** Under the zebra, but in a group too small to mind. */
export const MARK_SPECK = 64;
/** Edge of something in focus. */
export const MARK_PEAK = 128;

export interface MonitorTables {
  /** Ladder bin of each raw value 0..whiteLevel. */
  readonly bins: Uint8Array;
  readonly whiteLevel: number;
  /** Raw values at or below this are lost in noise in every channel: crushed. */
  readonly crushedLevel: number;
  /** Weights of red, green, blue in luminance, in 1/256; they sum to 256. */
  readonly luma: readonly [number, number, number];
  /** Zebra: raw values at or above this in any channel; above the white level = none. */
  readonly zebraLevel: number;
  /** Second band: luminance in raw values from..to; from above to = none. */
  readonly toneFrom: number;
  readonly toneTo: number;
}

/** No zebra and no second band. */
export const NOTHING_WATCHED = { zebraLevel: 65536, toneFrom: 1, toneTo: 0 } as const;

/** Places in `MonitorResult.counts`. */
export const COUNT = { red: 0, green: 1, blue: 2, any: 3, crushed: 4, zebra: 5, tone: 6 } as const;

/** What one pass over a frame found. Reused from frame to frame: the pass writes into it. */
export interface MonitorResult {
  /**
   * Pixels per ladder bin: red, green, blue, luminance, `LADDER_BINS` each, one after the other.
   */
  readonly histogram: Uint32Array;
  /**
   * Pixels clipped in red, green, blue, in any channel; crushed; under the zebra; in the second
   * band.
   */
  readonly counts: Uint32Array;
  /** One byte a pixel, MARK_ bits. */
  readonly marks: Uint8Array;
}

/** Room for the results of frames of this many pixels. */
export const createMonitorResult = (pixels: number): MonitorResult => ({
  histogram: new Uint32Array(4 * LADDER_BINS),
  counts: new Uint32Array(7),
  marks: new Uint8Array(pixels),
});

/** Vectors of signed 16-bit values hold no more: white levels beyond are counted in TypeScript. */
const MAX_LEVEL = 32767;

/**
 * Everything the instrument reads from a frame's raw values, in one pass. Counts by raw value:
 * folding into bins afterwards saves a look-up per channel.
 *
 * @param raw interleaved RGB raw values, `3 * pixels`, none above the white level
 * @param plain true: without WebAssembly in any case
 * Throws RangeError when raw and result differ in size.
 */
export function monitorPass(
  raw: Uint16Array,
  tables: MonitorTables,
  result: MonitorResult,
  plain = false,
): void {
  const pixels = result.marks.length;
  if (raw.length !== 3 * pixels) throw new RangeError('raw and result differ in size');
  const { whiteLevel, crushedLevel, luma, zebraLevel, toneFrom, toneTo } = tables;
  const levels = whiteLevel + 1;
  const isPlain = plain || whiteLevel > MAX_LEVEL;
  const memory = memoryLayout(Math.min(pixels, PORTION), levels, isPlain);
  const { buffer, even, odd, marks, frame, counts } = memory;
  const size = 4 * levels;
  const totals = new Uint32Array(buffer, counts, 4).fill(0);
  const evenLevels = new Uint32Array(buffer, even, 4 * levels).fill(0);
  const oddLevels = new Uint32Array(buffer, odd, 4 * levels).fill(0);
  const zebra = Math.min(zebraLevel, isPlain ? zebraLevel : MAX_LEVEL);
  const watched = [whiteLevel, crushedLevel, ...luma, zebra, toneFrom, toneTo] as const;
  for (let from = 0; from < pixels; from += PORTION) {
    const n = Math.min(PORTION, pixels - from);
    new Uint16Array(buffer, frame, 3 * n).set(raw.subarray(3 * from, 3 * (from + n)));
    const blocks = n & ~7;
    memory.routines.countPixels(frame, blocks, ...watched, even, odd, size, marks, counts);
    const at = marks + blocks;
    memory.plain.countPixels(
      frame + 6 * blocks,
      n - blocks,
      ...watched,
      even,
      odd,
      size,
      at,
      counts,
    );
    result.marks.set(new Uint8Array(buffer, marks, n), from);
  }
  for (let channel = 0; channel < 3; channel++)
    result.counts[channel] =
      evenLevels[channel * levels + whiteLevel] + oddLevels[channel * levels + whiteLevel];
  result.counts.set(totals, COUNT.any);
  foldIntoBins(evenLevels, oddLevels, tables.bins, result.histogram);
}

function foldIntoBins(
  even: Uint32Array,
  odd: Uint32Array,
  bins: Uint8Array,
  histogram: Uint32Array,
): void {
  histogram.fill(0);
  const levels = even.length / 4;
  for (let channel = 0, i = 0; channel < 4; channel++) {
    const base = channel * LADDER_BINS;
    for (let level = 0; level < levels; level++, i++)
      histogram[base + bins[level]] += even[i] + odd[i];
  }
}

/**
 * Meter-weighted mean of the luminance, in raw values (black level included).
 *
 * @param raw interleaved RGB raw values, `3 * weights.length`
 * @param weights meter weights, one a pixel, summing to 1
 */
export function meterLevel(
  raw: Uint16Array,
  weights: Float32Array,
  luma: MonitorTables['luma'],
): number {
  const [lr, lg, lb] = luma;
  let metered = 0;
  for (let p = 0, i = 0; p < weights.length; p++, i += 3)
    metered += weights[p] * (lr * raw[i] + lg * raw[i + 1] + lb * raw[i + 2]);
  return metered / 256;
}
