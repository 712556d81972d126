import { padded } from '../wasm';
import { binRoutines } from './binRoutines';

/**
 * Photosites at or above a level: red, green, blue.
 *
 * @param raw rows of an RGGB mosaic from an even one on, `width` wide
 * @param level above 0
 * @param plain true: without WebAssembly in any case
 */
export function clippedPhotosites(
  raw: Uint16Array,
  width: number,
  level: number,
  plain = false,
): [number, number, number] {
  const clipped: [number, number, number] = [0, 0, 0];
  const row = padded(2 * width);
  const { buffer, routines } = binRoutines.of(row, plain);
  const counts = new Uint16Array(buffer, 0, row / 2).fill(0);
  for (let start = 0, y = 0; start < raw.length; start += width, y ^= 1) {
    if (routines) {
      counts.set(raw.subarray(start, start + width));
      const both = routines.countRow(0, width, level);
      clipped[y] += both & 0xffff;
      clipped[y + 1] += both >>> 16;
    } else for (let x = 0; x < width; x++) if (raw[start + x] >= level) clipped[y + (x & 1)]++;
  }
  return clipped;
}
