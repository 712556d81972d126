/**
 * Averages blocks of `factor` x `factor` photosites (factor even) into one RGB pixel of raw values: the quick
 * way from a mosaic to a small picture.
 *
 * @param raw mosaic RGGB, `width * rows`, both multiples of `factor`
 * @param out raw-scaled RGB, interleaved, `(width / factor) * (rows / factor) * 3`
 */
export function binMosaic(
  raw: Uint16Array,
  width: number,
  rows: number,
  factor: number,
  out: Uint16Array,
): void {
  if (factor % 2 !== 0 || width % factor !== 0 || rows % factor !== 0)
    throw new RangeError('width and rows must be multiples of an even factor');
  const perColour = (factor * factor) / 4;
  const outWidth = width / factor;
  const outRows = rows / factor;
  for (let by = 0; by < outRows; by++) {
    for (let bx = 0; bx < outWidth; bx++) {
      let r = 0;
      let g = 0;
      let b = 0;
      for (let y = 0; y < factor; y += 2) {
        let i = (by * factor + y) * width + bx * factor;
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
