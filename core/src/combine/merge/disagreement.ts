import { padded } from '../../wasm';
import { UNKNOWN } from '../stackRaw';
import { mergeLoops } from './mergeLoops';
import type { MergeFrame } from './mergeRaws';

/** Side of the cells that are looked at, in photosites. */
export const CELL = 8;
/** Light differs between frames by this share though nothing moved (photosites, shutter). */
const TOLERANCE = 0.02;
/** Share of the range from which on a frame says no more than "bright". */
export const BRIGHT = 0.9;

/** Share of the range at which nothing is known of a sample, but for how numbers are rounded. */
const unknownShare = ({ blackLevel, whiteLevel }: MergeFrame): number =>
  ((UNKNOWN - 0.5 - blackLevel) / (whiteLevel - blackLevel)) * (1 - 1e-6);

/** How two frames are compared: the ratio of their light, and the variance of how they differ. */
function compared(short: MergeFrame, long: MergeFrame) {
  const ratio = long.given / short.given;
  return {
    ratio,
    unitA: ratio / (short.whiteLevel - short.blackLevel),
    unitB: 1 / (long.whiteLevel - long.blackLevel),
    scale: long.noise.scale + ratio * short.noise.scale,
    offset: long.noise.offset + ratio * ratio * short.noise.offset,
  };
}

/** Samples from which on a cell's mean is its own: few of noise alone may stray far. */
const ENOUGH = 16;

/** Mean of squares over their variance; of few samples drawn to 1, as noise has it; 0: of none. */
const meanOf = (sum: number, count: number): number =>
  count === 0 ? 0 : count < ENOUGH ? (sum + ENOUGH - count) / ENOUGH : sum / count;

/** Mean squared difference of two frames in each cell, over its variance; 0: not known. */
export function meanSquares(
  short: MergeFrame,
  long: MergeFrame,
  columns: number,
  rows: number,
  plain = false,
): Float32Array {
  const { width, height, samplesPerPixel } = short;
  const rowSamples = width * samplesPerPixel;
  const cellSamples = CELL * samplesPerPixel;
  const { ratio, unitA, unitB, scale, offset } = compared(short, long);
  const rowBytes = padded(2 * columns * cellSamples);
  const cellBytes = padded(4 * columns);
  const [sumsAt, countsAt] = [2 * rowBytes, 2 * rowBytes + cellBytes];
  const { buffer, routines } = mergeLoops.of(countsAt + cellBytes, plain);
  const [a, b] = [0, rowBytes].map((at) => new Uint16Array(buffer, at, columns * cellSamples));
  const sums = new Float32Array(buffer, sumsAt, columns);
  const counts = new Float32Array(buffer, countsAt, columns);
  // Of what lies beyond the last column nothing is known.
  a.fill(UNKNOWN);
  b.fill(UNKNOWN);
  const squares = new Float32Array(columns * rows);
  for (let row = 0; row < rows; row++) {
    sums.fill(0);
    counts.fill(0);
    for (let y = row * CELL; y < Math.min(height, (row + 1) * CELL); y++) {
      a.set(short.data.subarray(y * rowSamples, (y + 1) * rowSamples));
      b.set(long.data.subarray(y * rowSamples, (y + 1) * rowSamples));
      routines.pairRow(
        ...([0, rowBytes, columns, cellSamples] as const),
        ...([short.blackLevel, unitA, long.blackLevel, unitB] as const),
        ...([scale, offset, TOLERANCE * TOLERANCE, BRIGHT] as const),
        ...([unknownShare(short) * ratio, unknownShare(long), sumsAt, countsAt] as const),
      );
    }
    for (let c = 0; c < columns; c++) squares[row * columns + c] = meanOf(sums[c], counts[c]);
  }
  return squares;
}

/** Part of a pixel by which frames laid on one another may still be off, and are smoothed. */
const REDRAWN_PX = 0.4;

/** The same of green in frames that were drawn anew, with what a part of a pixel makes at edges. */
export function redrawnSquares(
  short: MergeFrame,
  long: MergeFrame,
  columns: number,
  rows: number,
): Float32Array {
  const { width, height } = short;
  const { ratio, unitA, unitB, scale, offset } = compared(short, long);
  const sums = new Float32Array(columns * rows);
  const counts = new Float32Array(columns * rows);
  const [A, B] = [short.data, long.data];
  const row = 3 * width;
  for (let y = 1; y < height - 1; y++)
    for (let x = 1, i = y * row + 4; x < width - 1; x++, i += 3) {
      if (A[i] === UNKNOWN || B[i] === UNKNOWN) continue;
      const a = (A[i] - short.blackLevel) * unitA;
      const b = (B[i] - long.blackLevel) * unitB;
      if (a > BRIGHT && b > BRIGHT) continue;
      const across = Math.abs(B[i + 3] - B[i - 3]) + Math.abs(A[i + 3] - A[i - 3]) * ratio;
      const along = Math.abs(B[i + row] - B[i - row]) + Math.abs(A[i + row] - A[i - row]) * ratio;
      const edge = Math.min(1, (across + along) * unitB * REDRAWN_PX);
      const level = (Math.max(0, Math.min(1, a)) + Math.max(0, Math.min(1, b))) / 2;
      const d = Math.min(1, a) - Math.min(1, b);
      const variance = scale * level + offset + (TOLERANCE * level) ** 2 + edge * edge;
      const cell = Math.floor(y / CELL) * columns + Math.floor(x / CELL);
      sums[cell] += (d * d) / variance;
      counts[cell]++;
    }
  return sums.map((sum, i) => meanOf(sum, counts[i]));
}
