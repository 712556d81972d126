import { BT709_LUMA } from '../../colour/srgb';
import { mirror } from '../../sensor/demosaic';
import { within, type BandPlanes } from './bandPlanes';

/** Pixels beside a piece that its sharpening reaches into. */
export const SHARPEN_MARGIN = 2;

/** What differences of lightness are made larger by, at full strength. */
const MAX_STRENGTH = 2;
/** Differences of the signal below this are noise or grain, and stay as they are, about. */
const CORE = 0.003;
/** The most a pixel is made lighter or darker by: edges get no rims. */
const MAX_CHANGE = 0.1;
/** Rows of lightness that are smoothed into one. */
const ROWS = 5;

/**
 * Makes edges of the signal steeper: an unsharp mask (binomial, 5 pixels) of its lightness alone,
 * which leaves alone what is no more than noise.
 *
 * @param strength 0..1
 */
export function sharpen(planes: BandPlanes, strength: number): void {
  if (strength <= 0) return;
  const { loops, floats, constantsAt, columns, height } = planes;
  floats.set(BT709_LUMA, constantsAt >> 2);
  const luma = (y: number): number => planes.row('work', within(mirror(y, height), height));
  for (let y = 0; y < height; y++) {
    const [r, g, b] = signalRow(planes, y);
    loops.lumaRow(r, g, b, columns, constantsAt, luma(y));
  }
  // Two rows above the plane.
  const [down, mean] = [planes.row('work', -1), planes.row('work', -2)];
  for (let y = 0; y < height; y++) {
    const [a, b, c, d, e] = Array.from({ length: ROWS }, (_, k) => luma(y + k - 2));
    loops.splineRows(a, b, c, d, e, columns, down);
    planes.mirrorEnds(down, 2);
    loops.splineRows(down - 8, down - 4, down, down + 4, down + 8, columns, mean);
    const [red, green, blue] = signalRow(planes, y);
    loops.sharpenRow(red, green, blue, c, mean, columns, MAX_STRENGTH * strength, CORE, MAX_CHANGE);
  }
}

const signalRow = (planes: BandPlanes, y: number) =>
  [planes.row('outRed', y), planes.row('outGreen', y), planes.row('outBlue', y)] as const;
