/** Standard deviation of the Gauss curve about mid-grey (Mertens, Kautz and Van Reeth 2007). */
const WELL_EXPOSED = 0.2;
/** Where no frame shows anything, all count alike. */
const MIN_WEIGHT = 1e-12;

/** Steps in which closeness to mid-grey is looked up. */
const STEPS = 1024;
const CLOSENESS = Float32Array.from({ length: STEPS + 1 }, (_, i) =>
  Math.exp(-((i / STEPS - 0.5) ** 2) / (2 * WELL_EXPOSED ** 2)),
);
const closeness = (v: number): number => CLOSENESS[Math.round(v * STEPS)];

/**
 * How much each pixel of a picture is worth: contrast times saturation times closeness of all three
 * colours to mid-grey, exponents 1 (Mertens, Kautz and Van Reeth 2007, "Exposure fusion").
 *
 * @param rgb of `3 * width * height`, sRGB signals 0..1; below 0: not known, worth nothing
 * @param out `width * height`
 */
export function fusionWeights(
  rgb: Float32Array,
  width: number,
  height: number,
  out: Float32Array,
): void {
  const grey = new Float32Array(width * height);
  for (let p = 0, i = 0; p < grey.length; p++, i += 3)
    grey[p] = 0.299 * rgb[i] + 0.587 * rgb[i + 1] + 0.114 * rgb[i + 2];
  for (let y = 0, p = 0; y < height; y++) {
    const above = (y > 0 ? y - 1 : Math.min(1, height - 1)) * width;
    const below = (y < height - 1 ? y + 1 : Math.max(0, height - 2)) * width;
    for (let x = 0; x < width; x++, p++) {
      const [r, g, b] = [rgb[3 * p], rgb[3 * p + 1], rgb[3 * p + 2]];
      if (r < 0) {
        out[p] = 0;
        continue;
      }
      const row = y * width;
      const left = grey[row + (x > 0 ? x - 1 : Math.min(1, width - 1))];
      const right = grey[row + (x < width - 1 ? x + 1 : Math.max(0, width - 2))];
      const contrast = Math.abs(left + right + grey[above + x] + grey[below + x] - 4 * grey[p]);
      const mean = (r + g + b) / 3;
      const saturation = Math.sqrt((r - mean) ** 2 + (g - mean) ** 2 + (b - mean) ** 2);
      out[p] = contrast * saturation * closeness(r) * closeness(g) * closeness(b) + MIN_WEIGHT;
    }
  }
}
