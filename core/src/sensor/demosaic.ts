/**
 * Demosaic of an RGGB mosaic by Malvar, He and Cutler 2004: bilinear interpolation corrected by the
 * Laplacian of the channel that was measured. Coefficients are the paper's, in eighths.
 *
 * Works on a region, so that a 100 % view develops only what is on screen. The frame's edge is
 * mirrored.
 */

export interface Region {
  readonly x: number;
  readonly y: number;
  readonly width: number;
  readonly height: number;
}

/**
 * Reflects a coordinate into 0..size-1 without changing its parity, so that colours stay in place.
 */
export const mirror = (v: number, size: number): number =>
  v < 0 ? -v : v >= size ? 2 * size - 2 - v : v;

/**
 * @param raw mosaic, `width * height`, RGGB from the top left, both at least 3
 * @param region part to develop, inside the frame
 * @param out raw-scaled RGB, interleaved, `region.width * region.height * 3`; values are clamped to
 *   0..whiteLevel. Throws RangeError when the region leaves the frame or `out` is too small.
 */
export function demosaicMalvar(
  raw: Uint16Array,
  width: number,
  height: number,
  whiteLevel: number,
  region: Region,
  out: Uint16Array,
): void {
  checkRegion(width, height, region, out.length);
  const clamp = (v: number): number => (v < 0 ? 0 : v > whiteLevel ? whiteLevel : v);
  const columns = new Int32Array(region.width + 4);
  for (let i = 0; i < columns.length; i++) columns[i] = mirror(region.x + i - 2, width);
  let o = 0;
  for (let y = region.y; y < region.y + region.height; y++) {
    const r0 = y * width;
    const rm1 = mirror(y - 1, height) * width;
    const rm2 = mirror(y - 2, height) * width;
    const rp1 = mirror(y + 1, height) * width;
    const rp2 = mirror(y + 2, height) * width;
    for (let i = 0; i < region.width; i++, o += 3) {
      const xm2 = columns[i];
      const xm1 = columns[i + 1];
      const x = columns[i + 2];
      const xp1 = columns[i + 3];
      const xp2 = columns[i + 4];
      const c = raw[r0 + x];
      const n = raw[rm1 + x];
      const s = raw[rp1 + x];
      const w = raw[r0 + xm1];
      const e = raw[r0 + xp1];
      const far = raw[rm2 + x] + raw[rp2 + x];
      const side = raw[r0 + xm2] + raw[r0 + xp2];
      const diagonal = raw[rm1 + xm1] + raw[rm1 + xp1] + raw[rp1 + xm1] + raw[rp1 + xp1];
      if (((y ^ x) & 1) === 0) {
        // A red or blue photosite: green from the cross, the opposite colour from the diagonals.
        const green = (4 * c + 2 * (n + s + w + e) - far - side) / 8;
        const opposite = (6 * c + 2 * diagonal - 1.5 * (far + side)) / 8;
        const isRed = (y & 1) === 0;
        out[o] = isRed ? c : clamp(opposite + 0.5);
        out[o + 1] = clamp(green + 0.5);
        out[o + 2] = isRed ? clamp(opposite + 0.5) : c;
      } else {
        // A green photosite: one colour lies left and right, the other above and below.
        const across = (5 * c + 4 * (w + e) - diagonal - side + 0.5 * far) / 8;
        const along = (5 * c + 4 * (n + s) - diagonal - far + 0.5 * side) / 8;
        const redRow = (y & 1) === 0;
        out[o] = clamp((redRow ? across : along) + 0.5);
        out[o + 1] = c;
        out[o + 2] = clamp((redRow ? along : across) + 0.5);
      }
    }
  }
}

/** Throws RangeError when a region leaves its frame or the output cannot hold it. */
export function checkRegion(
  width: number,
  height: number,
  region: Region,
  outLength: number,
): void {
  const inside =
    region.x >= 0 &&
    region.y >= 0 &&
    region.width > 0 &&
    region.height > 0 &&
    region.x + region.width <= width &&
    region.y + region.height <= height;
  if (!inside) throw new RangeError('region lies outside the frame');
  if (outLength < region.width * region.height * 3) throw new RangeError('output is too small');
}
