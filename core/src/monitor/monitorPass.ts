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
  /** Meter-weighted means of red, green, blue raw values (black level included). */
  readonly means: Float64Array;
  /** One byte a pixel, MARK_ bits. */
  readonly marks: Uint8Array;
}

/** Room for the results of frames of this many pixels. */
export const createMonitorResult = (pixels: number): MonitorResult => ({
  histogram: new Uint32Array(4 * LADDER_BINS),
  counts: new Uint32Array(5),
  means: new Float64Array(3),
  marks: new Uint8Array(pixels),
});

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
  const { histogram, counts, means, marks } = result;
  const { bins, whiteLevel, crushedLevel } = tables;
  const [lr, lg, lb] = tables.luma;
  histogram.fill(0);
  let clippedR = 0;
  let clippedG = 0;
  let clippedB = 0;
  let clippedAny = 0;
  let crushed = 0;
  let sumR = 0;
  let sumG = 0;
  let sumB = 0;
  for (let p = 0, i = 0; p < pixels; p++, i += 3) {
    const r = raw[i];
    const g = raw[i + 1];
    const b = raw[i + 2];
    histogram[bins[r]]++;
    histogram[LADDER_BINS + bins[g]]++;
    histogram[2 * LADDER_BINS + bins[b]]++;
    const luma = (lr * r + lg * g + lb * b) >> 8;
    histogram[3 * LADDER_BINS + bins[luma < 0 ? 0 : luma > whiteLevel ? whiteLevel : luma]]++;
    let mark = 0;
    if (r >= whiteLevel || g >= whiteLevel || b >= whiteLevel) {
      if (r >= whiteLevel) {
        mark = MARK_CLIPPED_RED;
        clippedR++;
      }
      if (g >= whiteLevel) {
        mark |= MARK_CLIPPED_GREEN;
        clippedG++;
      }
      if (b >= whiteLevel) {
        mark |= MARK_CLIPPED_BLUE;
        clippedB++;
      }
      clippedAny++;
    } else if (g <= crushedLevel && r <= crushedLevel && b <= crushedLevel) {
      mark = MARK_CRUSHED;
      crushed++;
    }
    marks[p] = mark;
    const w = weights[p];
    sumR += w * r;
    sumG += w * g;
    sumB += w * b;
  }
  counts[0] = clippedR;
  counts[1] = clippedG;
  counts[2] = clippedB;
  counts[3] = clippedAny;
  counts[4] = crushed;
  means[0] = sumR;
  means[1] = sumG;
  means[2] = sumB;
}
