import type { Shift } from '../shift';

/**
 * A frame nearer than this to whole pixels is taken as it is: nothing is gained by drawing it anew.
 */
const WHOLE_PX = 0.02;

/**
 * Weights of Keys' cubic convolution (a = -1/2) for the four samples round a place a fraction past
 * the second.
 */
export function cubicWeights(f: number): [number, number, number, number] {
  const near = (t: number): number => (1.5 * t - 2.5) * t * t + 1;
  const far = (t: number): number => ((-0.5 * t + 2.5) * t - 4) * t + 2;
  return [far(1 + f), near(f), near(1 - f), far(2 - f)];
}

export const isWhole = (v: number): boolean => Math.abs(v - Math.round(v)) < WHOLE_PX;

/** Value of a sample that lies outside the moved frame. */
export const OUTSIDE = -1;

/**
 * Linear light of a frame as it would lie without its shift (Keys 1981, cubic convolution): sharp,
 * and with nearly all of its noise left in.
 *
 * @param rgba the frame's bytes, `4 * width * height`
 * @param table linear value of each code, 3 x 256
 * @param out `3 * width * height`; OUTSIDE where the frame does not reach
 */
export function shiftedFrame(
  rgba: Uint8Array | Uint8ClampedArray,
  width: number,
  height: number,
  table: Uint16Array,
  { dx, dy }: Shift,
  out: Float32Array,
): void {
  const still = isWhole(dx) && isWhole(dy);
  const ix = still ? Math.round(dx) : Math.floor(dx);
  const iy = still ? Math.round(dy) : Math.floor(dy);
  if (still) return copied(rgba, width, height, table, ix, iy, out);
  const wx = cubicWeights(dx - ix);
  const [w0, w1, w2, w3] = cubicWeights(dy - iy);
  // Rows drawn anew across, the last four of them kept, then down.
  const row = 3 * width;
  const rows = [0, 1, 2, 3].map(() => new Float32Array(row));
  const line = new Float32Array(3 * (width + 3));
  const kept = (y: number): Float32Array => rows[((y % 4) + 4) % 4];
  const across = (y: number): void => {
    const inside = Math.min(height - 1, Math.max(0, y));
    linearRow(rgba, width, inside, table, ix - 1, line);
    drawAcross(line, wx, kept(y));
  };
  for (let y = iy - 1; y < iy + 2; y++) across(y);
  for (let y = 0, o = 0; y < height; y++, o += row) {
    const sy = y + iy;
    across(sy + 2);
    if (sy < 0 || sy + 1 >= height) {
      out.fill(OUTSIDE, o, o + row);
      continue;
    }
    const [a, b, c, d] = [kept(sy - 1), kept(sy), kept(sy + 1), kept(sy + 2)];
    for (let i = 0; i < row; i++) {
      const v = w0 * a[i] + w1 * b[i] + w2 * c[i] + w3 * d[i];
      out[o + i] = v > 0 ? v : 0;
    }
    blankEnds(out, o, width, ix, 1, OUTSIDE);
  }
}

/** One row between its pixels: each of the row from four that follow each other in `line`. */
function drawAcross(
  line: Float32Array,
  [w0, w1, w2, w3]: readonly [number, number, number, number],
  to: Float32Array,
): void {
  for (let i = 0; i < to.length; i++)
    to[i] = w0 * line[i] + w1 * line[i + 3] + w2 * line[i + 6] + w3 * line[i + 9];
}

/** Linear light of one row of a frame from a column on; beyond its ends, that of its ends. */
function linearRow(
  rgba: Uint8Array | Uint8ClampedArray,
  width: number,
  y: number,
  table: Uint16Array,
  from: number,
  line: Float32Array,
): void {
  const start = 4 * y * width;
  for (let o = 0, x = from; o < line.length; o += 3, x++) {
    const i = start + 4 * (x < 0 ? 0 : x >= width ? width - 1 : x);
    line[o] = table[rgba[i]];
    line[o + 1] = table[256 + rgba[i + 1]];
    line[o + 2] = table[512 + rgba[i + 2]];
  }
}

/** The same for a shift by whole pixels. */
function copied(
  rgba: Uint8Array | Uint8ClampedArray,
  width: number,
  height: number,
  table: Uint16Array,
  ix: number,
  iy: number,
  out: Float32Array,
): void {
  for (let y = 0, o = 0; y < height; y++) {
    const sy = y + iy;
    if (sy < 0 || sy >= height) {
      out.fill(OUTSIDE, o, o + 3 * width);
      o += 3 * width;
      continue;
    }
    for (let x = 0; x < width; x++, o += 3) {
      const sx = Math.min(width - 1, Math.max(0, x + ix));
      const i = 4 * (sy * width + sx);
      out[o] = table[rgba[i]];
      out[o + 1] = table[256 + rgba[i + 1]];
      out[o + 2] = table[512 + rgba[i + 2]];
    }
    blankEnds(out, o - 3 * width, width, ix, 0, OUTSIDE);
  }
}

/**
 * Marks the ends of a row that the moved frame does not reach; returns how many samples those are.
 */
export function blankEnds(
  out: Float32Array,
  start: number,
  width: number,
  ix: number,
  more: number,
  mark: number,
): number {
  const left = Math.min(width, Math.max(0, -ix));
  const right = Math.min(width, Math.max(0, ix + more));
  out.fill(mark, start, start + 3 * left);
  out.fill(mark, start + 3 * (width - right), start + 3 * width);
  return 3 * Math.min(width, left + right);
}
