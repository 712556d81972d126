import { LADDER_BINS } from './ladderScale';

/** Bits of the mark mask. */
export const MARK_CLIPPED_RED = 1;
export const MARK_CLIPPED_GREEN = 2;
export const MARK_CLIPPED_BLUE = 4;
export const MARK_CLIPPED = 7;
export const MARK_CRUSHED = 8;

export interface MonitorTables {
  /** Ladder bin of each raw value 0..whiteLevel. */
  readonly bins: Uint8Array;
  readonly whiteLevel: number;
  /** Raw values at or below this are lost in noise in every channel: crushed. */
  readonly crushedLevel: number;
  /** Weights of red, green, blue in luminance, in 1/256; they sum to 256. */
  readonly luma: readonly [number, number, number];
}

/** What one pass over a frame found. Reused from frame to frame: the pass writes into it. */
export interface MonitorResult {
  /** Pixels per ladder bin: red, green, blue, luminance, `LADDER_BINS` each, one after the other. */
  readonly histogram: Uint32Array;
  /** Pixels clipped in red, green, blue, in any channel; pixels crushed. */
  readonly counts: Uint32Array;
  /** Meter-weighted mean of the luminance, in raw values (black level included). */
  meterLevel: number;
  /** One byte a pixel, MARK_ bits. */
  readonly marks: Uint8Array;
}

/** Room for the results of frames of this many pixels. */
export const createMonitorResult = (pixels: number): MonitorResult => ({
  histogram: new Uint32Array(4 * LADDER_BINS),
  counts: new Uint32Array(5),
  meterLevel: 0,
  marks: new Uint8Array(pixels),
});

/** Pixels per raw value of red, green, blue and luminance; reused while the scale stays. */
let levels: readonly Int32Array[] = [];

/**
 * Arrays of their own rather than views of one: views cost every access an addition. Signed, because counts of
 * unsigned words are handled as floating point.
 */
function clearLevels(size: number): readonly Int32Array[] {
  if (levels.length > 0 && levels[0].length === size) for (const level of levels) level.fill(0);
  else levels = [0, 1, 2, 3].map(() => new Int32Array(size));
  return levels;
}

/**
 * Everything the instrument reads from a frame, in one pass.
 *
 * @param raw interleaved RGB raw values, `3 * pixels`, none above the white level
 * @param weights meter weights, one a pixel, summing to 1
 * Throws RangeError when raw, weights and result differ in size.
 */
export function monitorPass(
  raw: Uint16Array,
  weights: Float32Array,
  tables: MonitorTables,
  result: MonitorResult,
): void {
  const pixels = weights.length;
  if (raw.length !== 3 * pixels || result.marks.length !== pixels)
    throw new RangeError('raw, weights and result differ in size');
  const size = tables.whiteLevel + 1;
  const counted = clearLevels(size);
  countPixels(raw, weights, tables, counted, result);
  for (let channel = 0; channel < 3; channel++)
    result.counts[channel] = counted[channel][tables.whiteLevel];
  foldIntoBins(counted, tables.bins, result.histogram);
}

/**
 * The loop over the pixels, and nothing else: optimised code for a loop of this length is thrown away again when the
 * same function goes on to other work. Counts by raw value: folding into bins afterwards saves a look-up per channel.
 */
function countPixels(
  raw: Uint16Array,
  weights: Float32Array,
  tables: MonitorTables,
  counted: readonly Int32Array[],
  result: MonitorResult,
): void {
  const { whiteLevel, crushedLevel, luma } = tables;
  const { marks, counts } = result;
  const lr = luma[0];
  const lg = luma[1];
  const lb = luma[2];
  const ofRed = counted[0];
  const ofGreen = counted[1];
  const ofBlue = counted[2];
  const ofLuminance = counted[3];
  const pixels = weights.length;
  let crushed = 0;
  let clipped = 0;
  let metered = 0;
  for (let p = 0, i = 0; p < pixels; p++, i += 3) {
    const r = raw[i];
    const g = raw[i + 1];
    const b = raw[i + 2];
    ofRed[r]++;
    ofGreen[g]++;
    ofBlue[b]++;
    const sum = lr * r + lg * g + lb * b;
    const light = sum >> 8;
    ofLuminance[light < 0 ? 0 : light > whiteLevel ? whiteLevel : light]++;
    let mark = 0;
    if (r >= whiteLevel || g >= whiteLevel || b >= whiteLevel) {
      mark =
        (r >= whiteLevel ? MARK_CLIPPED_RED : 0) |
        (g >= whiteLevel ? MARK_CLIPPED_GREEN : 0) |
        (b >= whiteLevel ? MARK_CLIPPED_BLUE : 0);
      clipped++;
    } else if (g <= crushedLevel && r <= crushedLevel && b <= crushedLevel) {
      mark = MARK_CRUSHED;
      crushed++;
    }
    marks[p] = mark;
    metered += weights[p] * sum;
  }
  result.meterLevel = metered / 256;
  counts[3] = clipped;
  counts[4] = crushed;
}

function foldIntoBins(
  counted: readonly Int32Array[],
  bins: Uint8Array,
  histogram: Uint32Array,
): void {
  histogram.fill(0);
  for (let channel = 0; channel < counted.length; channel++) {
    const levelsOfChannel = counted[channel];
    const base = channel * LADDER_BINS;
    for (let level = 0; level < levelsOfChannel.length; level++)
      histogram[base + bins[level]] += levelsOfChannel[level];
  }
}
