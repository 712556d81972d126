import { PNG } from 'pngjs';

const linear = (v: number): number =>
  v <= 0.04045 * 255 ? v / 255 / 12.92 : ((v / 255 + 0.055) / 1.055) ** 2.4;

/**
 * What a screen gives at its brightest: relative luminance (IEC 61966-2-1), and the most green or
 * blue of any pixel.
 */
export function brightestOf(screen: Buffer): { luminance: number; greenOrBlue: number } {
  const { data } = PNG.sync.read(screen);
  let luminance = 0;
  let greenOrBlue = 0;
  for (let i = 0; i < data.length; i += 4) {
    const [r, g, b] = [data[i], data[i + 1], data[i + 2]];
    greenOrBlue = Math.max(greenOrBlue, g, b);
    const own = 0.2126 * linear(r) + 0.7152 * linear(g) + 0.0722 * linear(b);
    if (own > luminance) luminance = own;
  }
  return { luminance, greenOrBlue };
}
