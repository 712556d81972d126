import type { PixelBox } from '../optics/aspect';

type Counts = Uint16Array | Float32Array;

/**
 * Averages blocks of `factor` x `factor` pixels of interleaved linear RGB into one.
 *
 * @param raw interleaved RGB, `width` pixels wide
 * @param box the part taken, inside the frame; what is left beside whole blocks is left out
 * @param shift bits by which values are lowered
 * @param out interleaved RGB, `floor(box.width / factor) * floor(box.height / factor) * 3`
 */
export function binLinear(
  raw: Counts,
  width: number,
  box: PixelBox,
  factor: number,
  shift: number,
  out: Counts,
): void {
  const columns = Math.floor(box.width / factor);
  const rows = Math.floor(box.height / factor);
  const scale = 1 / (factor * factor * 2 ** shift);
  for (let by = 0, o = 0; by < rows; by++)
    for (let bx = 0; bx < columns; bx++, o += 3) {
      let r = 0;
      let g = 0;
      let b = 0;
      for (let y = 0; y < factor; y++) {
        let i = 3 * ((box.y + by * factor + y) * width + box.x + bx * factor);
        for (let x = 0; x < factor; x++, i += 3) {
          r += raw[i];
          g += raw[i + 1];
          b += raw[i + 2];
        }
      }
      out[o] = r * scale;
      out[o + 1] = g * scale;
      out[o + 2] = b * scale;
    }
}
