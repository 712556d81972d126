import { isPartlyUnknown, UNKNOWN, type StackRaw } from '../stackRaw';
import type { ChoiceMap } from './choiceMap';
import { sharesOfRow } from './sharesOfRow';

/** Where more than this is missing, nothing is known. */
const MAX_MISSING = 0.99;

/** Where a frame's part of a row goes. */
interface Row {
  /** Light so far, by share. */
  readonly sum: Float32Array;
  /** Shares that are missing so far, as their frames know nothing there. */
  readonly missing: Float32Array;
}

/**
 * Adds a frame's part of a row: mosaics stay mosaics, as a photosite has its colour in all of them.
 * From the middle of one cell to that of the next its share changes evenly.
 */
function addRow(
  frame: StackRaw,
  given: number,
  y: number,
  shares: Float32Array,
  cell: number,
  { sum, missing }: Row,
): void {
  const { data, width, samplesPerPixel: n, blackLevel, whiteLevel } = frame;
  const unit = 1 / (whiteLevel - blackLevel) / given;
  const columns = shares.length;
  const from = n * y * width;
  const unknown = isPartlyUnknown(frame) ? UNKNOWN : Infinity;
  for (let c = -1; c < columns; c++) {
    const left = shares[c < 0 ? 0 : c];
    const right = shares[c + 1 < columns ? c + 1 : columns - 1];
    if (left === 0 && right === 0) continue;
    const start = cell * c + cell / 2;
    const first = start < 0 ? 0 : start;
    const end = start + cell < width ? start + cell : width;
    const step = ((right - left) / cell) * unit;
    let share = left * unit + (first - start + 0.5) * step;
    if (n === 1) {
      for (let x = first; x < end; x++, share += step)
        sum[x] += share * (data[from + x] - blackLevel);
      continue;
    }
    for (let x = first, i = n * first; x < end; x++, share += step)
      for (let k = 0; k < n; k++, i++) {
        const v = data[from + i];
        if (v === unknown) missing[i] += share / unit;
        else sum[i] += share * (v - blackLevel);
      }
  }
}

/**
 * Light of some rows of a focus stack: each frame by its share.
 *
 * @param given how many times as much light each was given as the reference
 * @param out `rows` rows from `firstRow` on: 1 is where the reference clips, and where nothing is
 *   known
 */
export function stackRows(
  frames: readonly StackRaw[],
  given: readonly number[],
  map: ChoiceMap,
  firstRow: number,
  rows: number,
  out: Float32Array,
): void {
  const { width, samplesPerPixel } = frames[0];
  const n = width * samplesPerPixel;
  const shares = new Float32Array(map.columns);
  const missing = new Float32Array(n);
  out.fill(0);
  for (let row = 0; row < rows; row++) {
    const sum = out.subarray(row * n, (row + 1) * n);
    missing.fill(0);
    for (const [k, frame] of frames.entries()) {
      sharesOfRow(map.shares[k], map, firstRow + row, shares);
      addRow(frame, given[k], firstRow + row, shares, map.cell, { sum, missing });
    }
    for (let i = 0; i < n; i++)
      if (missing[i] > 0) sum[i] = missing[i] < MAX_MISSING ? sum[i] / (1 - missing[i]) : 1;
  }
}
