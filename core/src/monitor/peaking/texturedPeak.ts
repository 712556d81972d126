/** Pixels of the frame that may lie above the peak all the same. */
const SPARE_PIXELS = 3;
/**
 * A pixel is a speck when the darkest of its neighbours has less than this share of its light: two
 * stops.
 */
const SPECK_SHARE = 0.25;
const BINS_PER_STOP = 48;
const BINS = 2048;
/** log2 of the light at the first bin, far under starlight. */
const LOW = -16;

/**
 * The brightest light that is more than a speck: the strongest channel of every pixel whose eight
 * neighbours are bright as well, so that glints of a pixel or two do not count while a small lamp
 * does.
 *
 * @param light camera-space light, interleaved RGB, `3 * width * height`
 * @returns in the unit of `light`
 */
export function texturedPeak(light: Float32Array, width: number, height: number): number {
  const counts = new Uint32Array(BINS);
  // Row by row: the minimum of three columns, kept for three rows.
  const rows = [0, 1, 2].map(() => new Float32Array(width));
  const own = [0, 1, 2].map(() => new Float32Array(width));
  for (let y = 0; y < height; y++) {
    const row = rows[y % 3];
    erodeRow(light, y * width, width, own[y % 3], row);
    if (y < 2) continue;
    const [a, b, c] = rows;
    const middle = own[(y - 1) % 3];
    for (let x = 1; x < width - 1; x++) {
      if (Math.min(a[x], b[x], c[x]) < SPECK_SHARE * middle[x]) continue;
      const bin = Math.floor((Math.log2(middle[x] + 1e-9) - LOW) * BINS_PER_STOP);
      counts[bin < 0 ? 0 : bin >= BINS ? BINS - 1 : bin]++;
    }
  }
  let above = 0;
  let bin = BINS;
  while (bin > 0 && above <= SPARE_PIXELS) above += counts[--bin];
  return 2 ** (LOW + (bin + 1) / BINS_PER_STOP);
}

/**
 * The strongest channel of a row's pixels, and the least of each with its left and right neighbour.
 */
function erodeRow(
  light: Float32Array,
  first: number,
  width: number,
  own: Float32Array,
  least: Float32Array,
): void {
  for (let x = 0, i = 3 * first; x < width; x++, i += 3)
    own[x] = Math.max(light[i], light[i + 1], light[i + 2]);
  for (let x = 0; x < width; x++)
    least[x] = Math.min(own[Math.max(0, x - 1)], own[x], own[Math.min(width - 1, x + 1)]);
}
