import type { PixelBox } from '../optics/aspect';
import { padded } from '../wasm';
import { binRoutines } from './binRoutines';

type Counts = Uint16Array | Float32Array;

/**
 * Averages blocks of `factor` x `factor` photosites (factor even) into one RGB pixel of raw values:
 * the quick way from a mosaic to a small picture.
 *
 * @param raw mosaic RGGB, `width` wide
 * @param box the part taken, from an even column and row on; what is left beside whole blocks is
 *   left out
 * @param out raw-scaled RGB, interleaved, `floor(box.width / factor) * floor(box.height / factor) *
 *   3`. Throws RangeError when the factor, or where the box begins, is odd.
 * @param plain true: without WebAssembly in any case
 */
export function binMosaic(
  raw: Counts,
  width: number,
  box: PixelBox,
  factor: number,
  out: Counts,
  plain = false,
): void {
  if (factor % 2 !== 0) throw new RangeError('the factor must be even');
  if ((box.x | box.y) & 1) throw new RangeError('the box must begin with red');
  if (!plain && raw instanceof Uint16Array && out instanceof Uint16Array)
    if (binWhole(raw, width, box, factor, out)) return;
  const perColour = (factor * factor) / 4;
  const outWidth = Math.floor(box.width / factor);
  const outRows = Math.floor(box.height / factor);
  for (let by = 0; by < outRows; by++) {
    for (let bx = 0; bx < outWidth; bx++) {
      let r = 0;
      let g = 0;
      let b = 0;
      for (let y = 0; y < factor; y += 2) {
        let i = (box.y + by * factor + y) * width + box.x + bx * factor;
        for (let x = 0; x < factor; x += 2, i += 2) {
          r += raw[i];
          g += raw[i + 1] + raw[i + width];
          b += raw[i + width + 1];
        }
      }
      const o = 3 * (by * outWidth + bx);
      out[o] = r / perColour;
      out[o + 1] = g / (2 * perColour);
      out[o + 2] = b / perColour;
    }
  }
}

/** Whole counts into whole ones by the compiled loop; false where there is none. */
function binWhole(
  raw: Uint16Array,
  width: number,
  box: PixelBox,
  factor: number,
  out: Uint16Array,
): boolean {
  const blocks = Math.floor(box.width / factor);
  const rows = Math.floor(box.height / factor);
  const apart = padded(2 * blocks * factor);
  const outAt = factor * apart;
  const { buffer, routines } = binRoutines.of(outAt + padded(6 * blocks), false);
  if (!routines) return false;
  const counts = new Uint16Array(buffer);
  const line = new Uint16Array(buffer, outAt, 3 * blocks);
  for (let by = 0; by < rows; by++) {
    for (let y = 0; y < factor; y++) {
      const from = (box.y + by * factor + y) * width + box.x;
      counts.set(raw.subarray(from, from + blocks * factor), (y * apart) / 2);
    }
    routines.binRow(0, apart, blocks, factor, outAt);
    out.set(line, 3 * by * blocks);
  }
  return true;
}
