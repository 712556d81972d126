import { demosaicMalvar } from '../../sensor/demosaic';
import { UNKNOWN, type StackRaw } from '../stackRaw';
import { moved, STILL, type Homography } from './homography';

/** Rows drawn anew at a time. */
const ROWS = 96;
/** A pixel with a photosite beyond this share of its range counts as white. */
const NEAR_WHITE = 0.985;

/** Weights of Keys' cubic convolution (a = -1/2) at a fraction past the second of four. */
function cubicWeights(f: number, w: Float64Array): void {
  w[0] = ((-0.5 * f + 1) * f - 0.5) * f;
  w[1] = (1.5 * f - 2.5) * f * f + 1;
  w[2] = ((-1.5 * f + 2) * f + 0.5) * f;
  w[3] = (0.5 * f - 0.5) * f * f;
}

/**
 * A frame as it would lie without its motion: demosaiced (Malvar, He and Cutler 2004) where it is a
 * mosaic, and drawn anew by cubic convolution (Keys 1981). White where anything near clips, UNKNOWN
 * where the frame does not reach.
 *
 * @param motion as `alignFrames` gives it, in pixels
 * @returns RGB of the same levels
 */
export function warpRaw(frame: StackRaw, motion: Homography): StackRaw {
  const { width, height, whiteLevel, blackLevel } = frame;
  const data = new Uint16Array(3 * width * height);
  const near = blackLevel + NEAR_WHITE * (whiteLevel - blackLevel);
  for (let top = 0; top < height; top += ROWS) {
    const rows = Math.min(ROWS, height - top);
    if (motion === STILL) {
      rowsOf(frame, top, rows, data.subarray(3 * top * width, 3 * (top + rows) * width));
      continue;
    }
    const { from, count } = sourceRows(frame, motion, top, rows);
    const source = new Uint16Array(3 * width * Math.max(0, count));
    if (count > 0) rowsOf(frame, from, count, source);
    drawRows({ source, from, count, width, height }, motion, top, rows, near, whiteLevel, data);
  }
  return { ...frame, samplesPerPixel: 3, data };
}

/** RGB of some rows of a frame. */
function rowsOf(frame: StackRaw, top: number, rows: number, out: Uint16Array): void {
  const { data, width, height, samplesPerPixel, whiteLevel } = frame;
  if (samplesPerPixel === 3) out.set(data.subarray(3 * top * width, 3 * (top + rows) * width));
  else demosaicMalvar(data, width, height, whiteLevel, { x: 0, y: top, width, height: rows }, out);
}

/** Rows of a frame that some rows without its motion are drawn from. */
function sourceRows(
  { width, height }: StackRaw,
  motion: Homography,
  top: number,
  rows: number,
): { from: number; count: number } {
  const [cx, cy] = [(width - 1) / 2, (height - 1) / 2];
  const at = (x: number, y: number): number => moved(motion, x - cx, y - cy)[1] + cy;
  const bottom = top + rows - 1;
  const ends = [at(0, top), at(width - 1, top), at(0, bottom), at(width - 1, bottom)];
  const from = Math.max(0, Math.floor(Math.min(...ends)) - 2);
  const to = Math.min(height, Math.floor(Math.max(...ends)) + 4);
  return { from, count: to - from };
}

interface Source {
  readonly source: Uint16Array;
  readonly from: number;
  readonly count: number;
  readonly width: number;
  readonly height: number;
}

function drawRows(
  { source, from, count, width, height }: Source,
  motion: Homography,
  top: number,
  rows: number,
  near: number,
  white: number,
  out: Uint16Array,
): void {
  const [cx, cy] = [(width - 1) / 2, (height - 1) / 2];
  const [m0, m1, m2, m3, m4, m5, m6, m7] = motion;
  const wx = new Float64Array(4);
  const wy = new Float64Array(4);
  for (let y = top; y < top + rows; y++)
    for (let x = 0, o = 3 * y * width; x < width; x++, o += 3) {
      const [X, Y] = [x - cx, y - cy];
      const away = 1 / (m6 * X + m7 * Y + 1);
      const u = (m0 * X + m1 * Y + m2) * away + cx;
      const v = (m3 * X + m4 * Y + m5) * away + cy;
      const [iu, iv] = [Math.floor(u), Math.floor(v)];
      const row = iv - 1 - from;
      if (iu < 1 || iu + 2 >= width || row < 0 || row + 3 >= count) {
        out[o] = UNKNOWN;
        out[o + 1] = UNKNOWN;
        out[o + 2] = UNKNOWN;
        continue;
      }
      cubicWeights(u - iu, wx);
      cubicWeights(v - iv, wy);
      let [r, g, b, most] = [0, 0, 0, 0];
      for (let k = 0; k < 4; k++) {
        let [sr, sg, sb] = [0, 0, 0];
        for (let n = 0, i = 3 * ((row + k) * width + iu - 1); n < 4; n++, i += 3) {
          const [pr, pg, pb, w] = [source[i], source[i + 1], source[i + 2], wx[n]];
          sr += w * pr;
          sg += w * pg;
          sb += w * pb;
          if (pr > most) most = pr;
          if (pg > most) most = pg;
          if (pb > most) most = pb;
        }
        r += wy[k] * sr;
        g += wy[k] * sg;
        b += wy[k] * sb;
      }
      const clips = most > near;
      out[o] = clips ? white : bounded(r + 0.5, white);
      out[o + 1] = clips ? white : bounded(g + 0.5, white);
      out[o + 2] = clips ? white : bounded(b + 0.5, white);
    }
}

const bounded = (v: number, most: number): number => (v < 0 ? 0 : v > most ? most : v);
