import { padded } from '../../wasm';
import type { MovedChoice } from '../ways/way';
import { UNKNOWN } from '../stackRaw';
import { mergeLoops } from './mergeLoops';
import type { MergeFrame } from './mergeRaws';

/** Side of the cells that are looked at, in photosites. */
const CELL = 8;
/** Light differs between frames by this share though nothing moved (photosites, shutter). */
const TOLERANCE = 0.02;
/** Mean square of differences, in variances, from which on something moved: noise alone is 1. */
const MOVED = 3;
/** The same for a cell alone: among hundreds of thousands some stray by chance. */
const MOVED_ALONE = 6;
/** Share of the range from which on a frame says no more than "bright". */
const BRIGHT = 0.9;
/** The frame that is taken alone clips in no more of its place than this: there, the next is. */
const MAX_CLIPPED = 0.1;
/** Frames that are merged with one another: nothing moved there. */
export const ALL_FRAMES = -1;

/** A place where something moved between frames. */
export interface MovedRegion {
  /** In cells: first column and row, and the last. */
  readonly left: number;
  readonly top: number;
  readonly right: number;
  readonly bottom: number;
  readonly cells: number;
  /** The frame that is taken alone, counted from the least exposed; ALL_FRAMES: they are merged. */
  readonly frame: number;
}

/** Where things moved. */
export interface Moved {
  /** Side of a cell in photosites. */
  readonly cell: number;
  readonly columns: number;
  readonly rows: number;
  /** Of every cell the region it lies in, counted from 1; 0: nothing moved. */
  readonly labels: Uint16Array;
  readonly regions: readonly MovedRegion[];
}

/** The frame that is taken at a cell; ALL_FRAMES where they are merged. */
export function frameAt({ labels, columns, regions }: Moved, column: number, row: number): number {
  const label = labels[row * columns + column];
  return label === 0 ? ALL_FRAMES : regions[label - 1].frame;
}

/** The region at a place of the raw, 0..1, by its index; null: nothing moved there. */
export function movedAt(
  { labels, columns, rows, cell }: Moved,
  x: number,
  y: number,
  { width, height }: { readonly width: number; readonly height: number },
): number | null {
  const column = Math.min(columns - 1, Math.max(0, Math.floor((x * width) / cell)));
  const row = Math.min(rows - 1, Math.max(0, Math.floor((y * height) / cell)));
  const label = labels[row * columns + column];
  return label === 0 ? null : label - 1;
}

/** One place that names a region, 0..1 of the raw: the middle of its first cell; and its frame. */
export function canonicalMoved(
  { labels, columns, cell, regions }: Moved,
  region: number,
  { width, height }: { readonly width: number; readonly height: number },
): MovedChoice {
  const { left, top, right, frame } = regions[region];
  let column = left;
  while (column < right && labels[top * columns + column] !== region + 1) column++;
  return {
    x: Math.min(1, ((column + 0.5) * cell) / width),
    y: Math.min(1, ((top + 0.5) * cell) / height),
    frame,
  };
}

/** The same with another frame for a region. Throws RangeError where there is no such region. */
export function withFrame(moved: Moved, region: number, frame: number): Moved {
  if (!moved.regions[region]) throw new RangeError('there is no such region');
  const regions = moved.regions.map((one, i) => (i === region ? { ...one, frame } : one));
  return { ...moved, regions };
}

/**
 * Finds where neighbouring exposures disagree by more than their noise allows, cell by cell: mean
 * of the squared differences over their predicted variances. Cells that touch are one place, one
 * cell wider than what was found, and are given the frame that holds most light without clipping.
 *
 * @param frames least exposed first
 * @param redrawn they were laid on one another: what part of a pixel makes at edges is no motion
 */
export function findMoved(frames: readonly MergeFrame[], redrawn = false): Moved {
  const { width, height } = frames[0];
  const [columns, rows] = [Math.ceil(width / CELL), Math.ceil(height / CELL)];
  const found = new Uint8Array(columns * rows);
  for (let k = 1; k < frames.length; k++) {
    const squares = (redrawn ? redrawnSquares : meanSquares)(
      frames[k - 1],
      frames[k],
      columns,
      rows,
    );
    markMoved(squares, columns, rows, found);
  }
  const { labels, regions } = labelled(widened(found, columns, rows), columns, rows);
  return {
    cell: CELL,
    columns,
    rows,
    labels,
    regions: regions.map((region, i) => ({
      ...region,
      frame: fullest(frames, labels, i + 1, region, columns),
    })),
  };
}

/** Marks the cells in which two frames disagree. */
function markMoved(squares: Float32Array, columns: number, rows: number, found: Uint8Array): void {
  // Files that understate their noise would disagree everywhere.
  const sorted = squares.filter((v) => v > 0).sort();
  const usual = Math.max(1, sorted.length > 0 ? sorted[sorted.length >> 1] : 1);
  const level = (i: number): number => squares[i] / usual;
  for (let y = 0, i = 0; y < rows; y++)
    for (let x = 0; x < columns; x++, i++) {
      if (level(i) <= MOVED) continue;
      const alone = !besides(x, y, columns, rows).some((j) => level(j) > MOVED);
      if (!alone || level(i) > MOVED_ALONE) found[i] = 1;
    }
}

/** Share of the range at which nothing is known of a sample, but for how numbers are rounded. */
const unknownShare = ({ blackLevel, whiteLevel }: MergeFrame): number =>
  ((UNKNOWN - 0.5 - blackLevel) / (whiteLevel - blackLevel)) * (1 - 1e-6);

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
  const ratio = long.given / short.given;
  const [unitA, unitB] = [short, long].map((f) => 1 / (f.whiteLevel - f.blackLevel));
  const scale = long.noise.scale + ratio * short.noise.scale;
  const offset = long.noise.offset + ratio * ratio * short.noise.offset;
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
        ...([short.blackLevel, unitA * ratio, long.blackLevel, unitB] as const),
        ...([scale, offset, TOLERANCE * TOLERANCE, BRIGHT] as const),
        ...([unknownShare(short) * ratio, unknownShare(long), sumsAt, countsAt] as const),
      );
    }
    for (let c = 0; c < columns; c++)
      squares[row * columns + c] = counts[c] > 0 ? sums[c] / counts[c] : 0;
  }
  return squares;
}

/** Part of a pixel by which frames laid on one another may still be off, and are smoothed. */
const REDRAWN_PX = 0.4;

/** The same of green in frames that were drawn anew, with what a part of a pixel makes at edges. */
function redrawnSquares(
  short: MergeFrame,
  long: MergeFrame,
  columns: number,
  rows: number,
): Float32Array {
  const { width, height } = short;
  const ratio = long.given / short.given;
  const [unitA, unitB] = [short, long].map((f) => 1 / (f.whiteLevel - f.blackLevel));
  const scale = long.noise.scale + ratio * short.noise.scale;
  const offset = long.noise.offset + ratio * ratio * short.noise.offset;
  const sums = new Float32Array(columns * rows);
  const counts = new Float32Array(columns * rows);
  const [A, B] = [short.data, long.data];
  const row = 3 * width;
  for (let y = 1; y < height - 1; y++)
    for (let x = 1, i = y * row + 4; x < width - 1; x++, i += 3) {
      if (A[i] === UNKNOWN || B[i] === UNKNOWN) continue;
      const a = (A[i] - short.blackLevel) * unitA * ratio;
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
  return sums.map((sum, i) => (counts[i] > 0 ? sum / counts[i] : 0));
}

/** The same cells and those beside them. */
function widened(found: Uint8Array, columns: number, rows: number): Uint8Array {
  const wide = new Uint8Array(found.length);
  for (let y = 0; y < rows; y++)
    for (let x = 0; x < columns; x++) {
      if (!found[y * columns + x]) continue;
      for (let v = Math.max(0, y - 1); v <= Math.min(rows - 1, y + 1); v++)
        wide.fill(1, v * columns + Math.max(0, x - 1), v * columns + Math.min(columns, x + 2));
    }
  return wide;
}

const MAX_REGIONS = 0xffff;

/** The cells beside a cell, corners not counted. */
function besides(x: number, y: number, columns: number, rows: number): number[] {
  const i = y * columns + x;
  const all: number[] = [];
  if (x > 0) all.push(i - 1);
  if (x + 1 < columns) all.push(i + 1);
  if (y > 0) all.push(i - columns);
  if (y + 1 < rows) all.push(i + columns);
  return all;
}

/** Cells that touch as regions, in the order of their first cell. */
function labelled(found: Uint8Array, columns: number, rows: number) {
  const labels = new Uint16Array(found.length);
  const regions: Omit<MovedRegion, 'frame'>[] = [];
  const waiting: number[] = [];
  for (let start = 0; start < found.length && regions.length < MAX_REGIONS; start++) {
    if (!found[start] || labels[start]) continue;
    const label = regions.length + 1;
    let [left, top, right, bottom, cells] = [columns, rows, 0, 0, 0];
    labels[start] = label;
    waiting.push(start);
    for (let i = waiting.pop(); i !== undefined; i = waiting.pop()) {
      const [x, y] = [i % columns, Math.floor(i / columns)];
      cells++;
      [left, right] = [Math.min(left, x), Math.max(right, x)];
      [top, bottom] = [Math.min(top, y), Math.max(bottom, y)];
      for (const j of besides(x, y, columns, rows))
        if (found[j] && !labels[j]) {
          labels[j] = label;
          waiting.push(j);
        }
    }
    regions.push({ left, top, right, bottom, cells });
  }
  return { labels, regions };
}

/**
 * The most exposed frame that clips in little of a region; where light and dark meet, the one in
 * the middle.
 */
function fullest(
  frames: readonly MergeFrame[],
  labels: Uint16Array,
  label: number,
  region: Omit<MovedRegion, 'frame'>,
  columns: number,
): number {
  for (let k = frames.length - 1; k > 0; k--)
    if (clippedShare(frames[k], labels, label, region, columns) <= MAX_CLIPPED) return k;
  return Math.floor((frames.length - 1) / 2);
}

function clippedShare(
  { data, width, height, samplesPerPixel, blackLevel, whiteLevel }: MergeFrame,
  labels: Uint16Array,
  label: number,
  { left, top, right, bottom }: Omit<MovedRegion, 'frame'>,
  columns: number,
): number {
  const rowSamples = width * samplesPerPixel;
  const level = blackLevel + BRIGHT * (whiteLevel - blackLevel);
  let [clipped, n] = [0, 0];
  for (let y = top * CELL; y < Math.min(height, (bottom + 1) * CELL); y++)
    for (let c = left; c <= right; c++) {
      if (labels[Math.floor(y / CELL) * columns + c] !== label) continue;
      const from = y * rowSamples + c * CELL * samplesPerPixel;
      const end = Math.min((y + 1) * rowSamples, from + CELL * samplesPerPixel);
      for (let i = from; i < end; i++, n++) if (data[i] > level && data[i] !== UNKNOWN) clipped++;
    }
  return clipped / Math.max(1, n);
}
