import type { PixelBox } from '../optics/aspect';

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
 */
export function binMosaic(
  raw: Counts,
  width: number,
  box: PixelBox,
  factor: number,
  out: Counts,
): void {
  if (factor % 2 !== 0) throw new RangeError('the factor must be even');
  if ((box.x | box.y) & 1) throw new RangeError('the box must begin with red');
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
