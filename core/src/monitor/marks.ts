import { MARK_CLIPPED, MARK_CRUSHED } from './monitorPass';

/** Hot pink and teal: the colours of clipped and crushed. */
const CLIPPED = [255, 79, 146] as const;
const CRUSHED = [23, 190, 173] as const;

/**
 * Prints clip marks over a picture: clipped = round dots on a square grid, crushed = sparser dots on a grid
 * turned by 45 degrees, so that they read without colour.
 *
 * @param marks one byte a pixel from the monitor pass
 * @param rgba picture, changed in place
 * @param spacing dot pitch in pixels, 4 or more
 */
export function printMarks(
  marks: Uint8Array,
  width: number,
  height: number,
  spacing: number,
  rgba: Uint8ClampedArray,
): void {
  const pitch = Math.max(4, Math.round(spacing));
  const radius2 = (pitch * 0.3) ** 2;
  const half = pitch / 2;
  for (let y = 0; y < height; y++) {
    const row = Math.floor(y / pitch);
    const dy = y - row * pitch + 0.5 - half;
    for (let x = 0; x < width; x++) {
      const mark = marks[y * width + x];
      if (mark === 0) continue;
      const column = Math.floor(x / pitch);
      const dx = x - column * pitch + 0.5 - half;
      if (dx * dx + dy * dy > radius2) continue;
      let colour: readonly [number, number, number] = CLIPPED;
      if ((mark & MARK_CLIPPED) === 0) {
        if ((mark & MARK_CRUSHED) === 0 || ((row + column) & 1) !== 0) continue;
        colour = CRUSHED;
      }
      const o = 4 * (y * width + x);
      rgba[o] = colour[0];
      rgba[o + 1] = colour[1];
      rgba[o + 2] = colour[2];
    }
  }
}
