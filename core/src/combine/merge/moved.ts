import type { MovedChoice } from '../ways/way';
import { UNKNOWN } from '../stackRaw';
import { BRIGHT, CELL, meanSquares, redrawnSquares } from './disagreement';
import type { MergeFrame } from './mergeRaws';

/** Mean square of differences, in variances, from which on something moved: noise alone is 1. */
const MOVED = 3;
/** The same for a cell alone: among hundreds of thousands some stray by chance. */
const MOVED_ALONE = 6;
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
