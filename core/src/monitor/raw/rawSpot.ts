import { CFA_RGGB } from '../../sensor/sensorModel';

/** A stored raw as far as places in it are read. */
export interface ReadRaw {
  /** A Bayer mosaic (RGGB, one sample a photosite) or interleaved linear RGB. */
  readonly raw: Uint16Array;
  readonly width: number;
  readonly height: number;
  readonly samplesPerPixel: 1 | 3;
  readonly blackLevel: number;
  readonly whiteLevel: number;
}

/** What the photosites around a place hold: red, green, blue. */
export interface RawSpot {
  /** Mean above black, as a share of the raw's range. */
  readonly mean: readonly [number, number, number];
  /** Share of the photosites at the white level. */
  readonly clipped: readonly [number, number, number];
}

/** A radius that takes in photosites of every colour wherever it stands. */
const MIN_RADIUS = 1.5;

/**
 * Reads a circle of a stored raw.
 *
 * @param x,y its middle in photosites from the top left; parts beyond the frame are left out
 * @param radius in photosites
 */
export function readRawSpot(source: ReadRaw, x: number, y: number, radius: number): RawSpot {
  const { raw, width, height, samplesPerPixel, blackLevel, whiteLevel } = source;
  const r = Math.max(MIN_RADIUS, radius);
  const inside = (v: number, size: number): number => Math.min(size - 1, Math.max(0, v));
  const cx = inside(x, width);
  const cy = inside(y, height);
  const sums = [0, 0, 0];
  const over = [0, 0, 0];
  const counts = [0, 0, 0];
  const take = (channel: number, value: number): void => {
    sums[channel] += value;
    counts[channel]++;
    if (value >= whiteLevel) over[channel]++;
  };
  const [x0, x1] = [Math.ceil(inside(cx - r, width)), Math.floor(inside(cx + r, width))];
  const [y0, y1] = [Math.ceil(inside(cy - r, height)), Math.floor(inside(cy + r, height))];
  for (let row = y0; row <= y1; row++)
    for (let column = x0; column <= x1; column++) {
      // A circle of the smallest size would hold one colour only: it is read as a square.
      if (r > MIN_RADIUS && (column - cx) ** 2 + (row - cy) ** 2 > r * r) continue;
      const i = (row * width + column) * samplesPerPixel;
      if (samplesPerPixel === 1) take(CFA_RGGB[((row & 1) << 1) | (column & 1)], raw[i]);
      else for (let c = 0; c < 3; c++) take(c, raw[i + c]);
    }
  const range = whiteLevel - blackLevel;
  const share = (c: number): number => (sums[c] / counts[c] - blackLevel) / range;
  return {
    mean: [share(0), share(1), share(2)],
    clipped: [over[0] / counts[0], over[1] / counts[1], over[2] / counts[2]],
  };
}
