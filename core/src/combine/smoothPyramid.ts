import { mirror } from '../sensor/demosaic';
import type { Plane } from './pyramid';

/** The binomial of Burt and Adelson 1983 (a = 3/8): weights of what lies 0, 1 and 2 away. */
const [MIDDLE, BESIDE, FAR] = [6 / 16, 4 / 16, 1 / 16];

/** Along one side, every other value of `count`, smoothed; `step` apart in memory. */
function halvedLine(
  from: Float32Array,
  first: number,
  step: number,
  count: number,
  to: Float32Array,
  at: number,
  toStep: number,
): void {
  const value = (k: number): number => from[first + step * within(k, count)];
  for (let k = 0; k < count; k += 2, at += toStep)
    to[at] =
      MIDDLE * value(k) +
      BESIDE * (value(k - 1) + value(k + 1)) +
      FAR * (value(k - 2) + value(k + 2));
}

/** Mirrored at the ends, and no further than there is anything. */
const within = (k: number, count: number): number =>
  Math.min(count - 1, Math.max(0, mirror(k, count)));

/** Reduces a plane to half its size, rounded up. */
export function halvedSmoothly({ width, height, data }: Plane): Plane {
  const [w, h] = [(width + 1) >> 1, (height + 1) >> 1];
  const across = new Float32Array(w * height);
  for (let y = 0; y < height; y++) halvedLine(data, y * width, 1, width, across, y * w, 1);
  const half = new Float32Array(w * h);
  for (let x = 0; x < w; x++) halvedLine(across, x, w, height, half, x, w);
  return { width: w, height: h, data: half };
}

/** Expands a plane to about twice its size, between its values on straight lines. */
export function doubledSmoothly(
  { width, height, data }: Plane,
  toWidth: number,
  toHeight: number,
): Float32Array {
  const out = new Float32Array(toWidth * toHeight);
  for (let y = 0, o = 0; y < toHeight; y++) {
    const upper = (y >> 1) * width;
    const lower = y & 1 ? Math.min(height - 1, (y >> 1) + 1) * width : upper;
    for (let x = 0; x < toWidth; x++, o++) {
      const left = x >> 1;
      const right = x & 1 ? Math.min(width - 1, left + 1) : left;
      out[o] =
        (data[upper + left] + data[upper + right] + data[lower + left] + data[lower + right]) / 4;
    }
  }
  return out;
}

/**
 * Adds what a plane is at twice its size (Burt and Adelson's expand), so many times, to a larger
 * one.
 */
export function addExpanded(small: Plane, large: Plane, times: number): void {
  const { width: w, height: h, data } = small;
  const { width, height, data: to } = large;
  const row = new Float32Array(w);
  for (let y = 0; y < height; y++) {
    const at = y >> 1;
    const odd = (y & 1) === 1;
    const here = at * w;
    const above = (at > 0 ? at - 1 : Math.min(1, h - 1)) * w;
    const below = Math.min(h - 1, at + 1) * w;
    for (let x = 0; x < w; x++)
      row[x] = odd
        ? (data[here + x] + data[below + x]) / 2
        : (data[above + x] + 6 * data[here + x] + data[below + x]) / 8;
    for (let x = 0, o = y * width; x < width; x++, o++) {
      const i = x >> 1;
      const right = row[i + 1 < w ? i + 1 : w - 1];
      const left = row[i > 0 ? i - 1 : Math.min(1, w - 1)];
      to[o] += times * (x & 1 ? (row[i] + right) / 2 : (left + 6 * row[i] + right) / 8);
    }
  }
}
