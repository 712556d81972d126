import type { ChoiceMap } from './choiceMap';

/** A frame's shares of the cells along a row, between the rows of cells on straight lines. */
export function sharesOfRow(
  share: Float32Array,
  map: ChoiceMap,
  y: number,
  out: Float32Array,
): void {
  const { cell, columns, rows } = map;
  const at = Math.min(rows - 1, Math.max(0, (y + 0.5) / cell - 0.5));
  const upper = Math.floor(at);
  const lower = Math.min(rows - 1, upper + 1);
  const f = at - upper;
  for (let c = 0, i = upper * columns, j = lower * columns; c < columns; c++)
    out[c] = share[i + c] + f * (share[j + c] - share[i + c]);
}

/** A frame's shares of the pixels along a row, between the cells on straight lines. */
export function sharesOfPixels(
  share: Float32Array,
  map: ChoiceMap,
  y: number,
  out: Float32Array,
): void {
  const cells = new Float32Array(map.columns);
  sharesOfRow(share, map, y, cells);
  const last = map.columns - 1;
  for (let x = 0; x < out.length; x++) {
    const at = Math.min(last, Math.max(0, (x + 0.5) / map.cell - 0.5));
    const left = Math.floor(at);
    out[x] = cells[left] + (at - left) * (cells[Math.min(last, left + 1)] - cells[left]);
  }
}
