import { UNKNOWN_NOISE } from '../sensor/noiseProfile';
import { CFA_RGGB } from '../sensor/sensorModel';
import type { ComparedRaw } from './compareRaws';

/** Which part of two raws is shown how. */
export interface DifferencePiece {
  /** Top left photosite of the first; even. */
  readonly x: number;
  readonly y: number;
  /** Pixels. */
  readonly width: number;
  readonly height: number;
  /**
   * Photosites a pixel along each side: even, or 1 to show each cell of two by two as four pixels.
   */
  readonly factor: number;
  /** Where in the second lies what is at 0, 0 in the first; even. */
  readonly dx: number;
  readonly dy: number;
}

/** A difference of one stop is as far from grey as there is room. */
const CODES_PER_STOP = 127;
const GREY = 128;
/**
 * Signals of fewer standard deviations of their noise are mixed with nothing: no difference shows.
 */
const SURE_SIGMAS = 6;
/** Where the second has nothing to show. */
const NOTHING = 40;

/**
 * Draws how two raws differ: grey where they are the same once an even difference in brightness is
 * taken away, lighter by channel where the second is brighter, white or black at a stop. What noise
 * alone could do stays grey.
 *
 * @param gains of the second over the first, red, green and blue: 1 shows brightness itself as well
 * @param rgba opaque picture, `4 * width * height`
 */
export function drawDifference(
  a: ComparedRaw,
  b: ComparedRaw,
  gains: readonly [number, number, number],
  piece: DifferencePiece,
  rgba: Uint8ClampedArray,
): void {
  const { samplesPerPixel } = a;
  const side = samplesPerPixel === 1 ? Math.max(2, piece.factor) : piece.factor;
  const rows = a.raw.length / (a.width * samplesPerPixel);
  const perChannel = samplesPerPixel === 1 ? (side * side) / 4 : side * side;
  const counts = samplesPerPixel === 1 ? [perChannel, 2 * perChannel, perChannel] : null;
  const first = new Float64Array(3);
  const second = new Float64Array(3);
  const even = samplesPerPixel === 1 ? ~1 : ~0;
  for (let py = 0, o = 0; py < piece.height; py++)
    for (let px = 0; px < piece.width; px++, o += 4) {
      const x = (piece.x + px * piece.factor) & even;
      const y = (piece.y + py * piece.factor) & even;
      const [bx, by] = [x + piece.dx, y + piece.dy];
      const inside =
        bx >= 0 && by >= 0 && Math.max(x, bx) + side <= a.width && Math.max(y, by) + side <= rows;
      rgba[o + 3] = 255;
      if (!inside) {
        rgba.fill(NOTHING, o, o + 3);
        continue;
      }
      meanOf(a, x, y, side, first);
      meanOf(b, bx, by, side, second);
      for (let c = 0; c < 3; c++)
        rgba[o + c] = codeOf(a, b, first[c], second[c], gains[c], counts ? counts[c] : perChannel);
    }
}

/** Means of a block by channel, as shares of the range over black. */
function meanOf(
  { raw, width, samplesPerPixel, blackLevel, whiteLevel }: ComparedRaw,
  left: number,
  top: number,
  side: number,
  means: Float64Array,
): void {
  let [r, g, b] = [0, 0, 0];
  if (samplesPerPixel === 3) {
    for (let y = top; y < top + side; y++)
      for (let i = 3 * (y * width + left), end = i + 3 * side; i < end; i += 3) {
        r += raw[i];
        g += raw[i + 1];
        b += raw[i + 2];
      }
  } else
    for (let y = top; y < top + side; y += 2)
      for (let i = y * width + left, end = i + side; i < end; i += 2) {
        r += raw[i];
        g += (raw[i + 1] + raw[i + width]) / 2;
        b += raw[i + width + 1];
      }
  const n = samplesPerPixel === 3 ? side * side : (side * side) / CFA_RGGB.length;
  const range = whiteLevel - blackLevel;
  means[0] = (r / n - blackLevel) / range;
  means[1] = (g / n - blackLevel) / range;
  means[2] = (b / n - blackLevel) / range;
}

function codeOf(
  a: ComparedRaw,
  b: ComparedRaw,
  first: number,
  second: number,
  gain: number,
  count: number,
): number {
  const noiseA = a.noise ?? UNKNOWN_NOISE;
  const noiseB = b.noise ?? UNKNOWN_NOISE;
  const expected = Math.max(0, first);
  const variance =
    (gain * gain * (noiseA.scale * expected + noiseA.offset) +
      noiseB.scale * Math.max(0, second) +
      noiseB.offset) /
    count;
  // Mixed into both, noise of this size moves the ratio by a sixth of itself.
  const sure = SURE_SIGMAS * Math.sqrt(variance);
  const stops = Math.log2(Math.max(1e-9, second + sure) / Math.max(1e-9, gain * first + sure));
  return GREY + CODES_PER_STOP * stops;
}
