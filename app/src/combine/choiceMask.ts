import type { ChoiceMap } from '@velmo/core/combine';
import type { PixelBox } from '@velmo/core/optics';
import { frameColour } from './frameColour';

/** How much of the picture the colour of a frame that is taken alone hides. */
const OPACITY = 150;

/**
 * Which frame is taken where, each in its own colour, the fainter the less one prevails: a picture
 * of the raw's crop, as large as is asked for.
 *
 * @param crop the part of the raw that is seen, in photosites
 */
export function choiceMask(
  { cell, columns, rows, shares }: ChoiceMap,
  crop: PixelBox,
  width: number,
  height: number,
): OffscreenCanvas {
  const n = shares.length;
  const colours = shares.map((_, place) => frameColour(place, n));
  const cells = new ImageData(columns, rows);
  for (let i = 0; i < columns * rows; i++) {
    let [r, g, b, most] = [0, 0, 0, 0];
    for (let k = 0; k < n; k++) {
      const share = shares[k][i];
      const [cr, cg, cb] = colours[k];
      r += share * cr;
      g += share * cg;
      b += share * cb;
      if (share > most) most = share;
    }
    cells.data[4 * i] = r;
    cells.data[4 * i + 1] = g;
    cells.data[4 * i + 2] = b;
    cells.data[4 * i + 3] = (OPACITY * (most - 1 / n)) / (1 - 1 / n);
  }
  const small = new OffscreenCanvas(columns, rows);
  small.getContext('2d')!.putImageData(cells, 0, 0);
  const mask = new OffscreenCanvas(width, height);
  const scale = width / crop.width;
  const side = cell * scale;
  mask
    .getContext('2d')!
    .drawImage(small, -crop.x * scale, -crop.y * scale, columns * side, rows * side);
  return mask;
}
