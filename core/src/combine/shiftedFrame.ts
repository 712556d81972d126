import type { Shift } from './shift';

/** A frame nearer than this to whole pixels is taken as it is: nothing is gained by drawing it anew. */
const WHOLE_PX = 0.02;

/** Weights of Keys' cubic convolution (a = -1/2) for the four samples round a place a fraction past the second. */
function cubicWeights(f: number): [number, number, number, number] {
  const near = (t: number): number => (1.5 * t - 2.5) * t * t + 1;
  const far = (t: number): number => ((-0.5 * t + 2.5) * t - 4) * t + 2;
  return [far(1 + f), near(f), near(1 - f), far(2 - f)];
}

const whole = (v: number): boolean => Math.abs(v - Math.round(v)) < WHOLE_PX;

/** Value of a sample that lies outside the moved frame. */
export const OUTSIDE = -1;

/**
 * Linear light of a frame as it would lie without its shift (Keys 1981, cubic convolution): sharp, and with nearly all
 * of its noise left in.
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
  const still = whole(dx) && whole(dy);
  const ix = still ? Math.round(dx) : Math.floor(dx);
  const iy = still ? Math.round(dy) : Math.floor(dy);
  if (still) return copied(rgba, width, height, table, ix, iy, out);
  const wx = cubicWeights(dx - ix);
  const wy = cubicWeights(dy - iy);
  // Rows drawn anew across, the last four of them kept, then down.
  const row = 3 * width;
  const rows = new Float32Array(4 * row);
  const line = new Float32Array(row);
  const column = Int32Array.from(
    { length: width + 3 },
    (_, k) => 3 * Math.min(width - 1, Math.max(0, k + ix - 1)),
  );
  const across = (y: number): void => {
    linearRow(rgba, width, Math.min(height - 1, Math.max(0, y)), table, line);
    const to = (((y % 4) + 4) % 4) * row;
    for (let x = 0, o = to; x < width; x++, o += 3) {
      const [a, b, c, d] = [column[x], column[x + 1], column[x + 2], column[x + 3]];
      for (let ch = 0; ch < 3; ch++)
        rows[o + ch] =
          wx[0] * line[a + ch] + wx[1] * line[b + ch] + wx[2] * line[c + ch] + wx[3] * line[d + ch];
    }
  };
  for (let y = iy - 1; y < iy + 2; y++) across(y);
  for (let y = 0, o = 0; y < height; y++) {
    const sy = y + iy;
    across(sy + 2);
    if (sy < 0 || sy + 1 >= height) {
      out.fill(OUTSIDE, o, o + row);
      o += row;
      continue;
    }
    const r0 = (((sy - 1) % 4) + 4) % 4;
    const [a, b, c, d] = [0, 1, 2, 3].map((k) => ((r0 + k) % 4) * row);
    for (let i = 0; i < row; i++, o++)
      out[o] = Math.max(
        0,
        wy[0] * rows[a + i] + wy[1] * rows[b + i] + wy[2] * rows[c + i] + wy[3] * rows[d + i],
      );
    blankEnds(out, o - row, width, ix, 1);
  }
}

/** Linear light of one row of a frame. */
function linearRow(
  rgba: Uint8Array | Uint8ClampedArray,
  width: number,
  y: number,
  table: Uint16Array,
  line: Float32Array,
): void {
  for (let x = 0, i = 4 * y * width, o = 0; x < width; x++, i += 4, o += 3) {
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
    blankEnds(out, o - 3 * width, width, ix, 0);
  }
}

/** Marks the ends of a row that the moved frame does not reach. */
function blankEnds(
  out: Float32Array,
  start: number,
  width: number,
  ix: number,
  more: number,
): void {
  const left = Math.min(width, Math.max(0, -ix));
  const right = Math.min(width, Math.max(0, ix + more));
  out.fill(OUTSIDE, start, start + 3 * left);
  out.fill(OUTSIDE, start + 3 * (width - right), start + 3 * width);
}
