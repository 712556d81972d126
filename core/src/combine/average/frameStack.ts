import { LINEAR_WHITE } from '../../response/videoResponse';
import { TranslationAligner } from '../alignTranslation';
import { AverageSums } from './averageSums';
import { measureNoise, type StackNoise } from './measureNoise';
import { greenPlane } from '../pyramid';
import { NO_SHIFT, type Shift } from '../shift';
import { OUTSIDE, shiftedFrame } from './shiftedFrame';
import { TypicalDifference } from './typicalDifference';

/** Frames that say together what lies where before any is averaged. */
const FIRST = 5;
/** A sample further from them than so many standard deviations belongs to something that moved. */
const OUTLIER_SIGMAS = 4.5;
/** The least noise that is believed: rounding to a code. */
const CODE_SHARE = 1 / 255 / Math.sqrt(12);
/** A frame whose place cannot be found within this is left out: the picture has changed. */
const MAX_SHIFT = 0.15;

/** An average of frames. */
export interface StackedFrame {
  /** Linear red, green, blue of every pixel, LINEAR_WHITE where most frames clip. */
  readonly data: Uint16Array;
  readonly frames: number;
  /** Frames left out because they could not be laid on the first. */
  readonly leftOut: number;
  /** Share of samples left out because something moved there. */
  readonly rejectedShare: number;
  /** Share of pixels that clip in red, green and blue. */
  readonly clippedShare: readonly [number, number, number];
  /** How each frame lay against the first. */
  readonly shifts: readonly Shift[];
  /** Null where the picture has no even surface to measure it on. */
  readonly noise: StackNoise | null;
}

/**
 * Averages frames of one scene: linearised, aligned, with what moved left out. Holds five frames
 * and two sums.
 */
export class FrameStack {
  private readonly aligner: TranslationAligner;
  private readonly shifts: Shift[] = [];
  /** The first frames, until there are enough of them to say what lies where. */
  private first: Float32Array[] = [];
  private gathered: AverageSums | null = null;
  private readonly typical = new TypicalDifference();
  private single: { readonly a: Float32Array; readonly b: Float32Array } | null = null;
  private rejected = 0;
  private added = 0;
  private leftOut = 0;

  /**
   * @param first the frame that all others are laid on: bytes, `4 * width * height`
   * @param table linear value of each code, 3 x 256, LINEAR_WHITE where it clips
   * @param plain true: without WebAssembly in any case
   */
  constructor(
    first: Uint8ClampedArray | Uint8Array,
    readonly width: number,
    readonly height: number,
    private readonly table: Uint16Array,
    private readonly plain = false,
  ) {
    this.aligner = new TranslationAligner(greenPlane(first, width, height));
    this.lay(first, NO_SHIFT);
  }

  /** Adds a frame; false where it could not be laid on the first, and is left out. */
  add(rgba: Uint8ClampedArray | Uint8Array): boolean {
    const { width, height } = this;
    const shift = this.aligner.align(greenPlane(rgba, width, height));
    const most = MAX_SHIFT * Math.max(width, height);
    if (!shift || Math.hypot(shift.dx, shift.dy) > most) {
      this.leftOut++;
      return false;
    }
    this.single ??= this.pairOf(rgba, shift);
    this.lay(rgba, shift);
    return true;
  }

  /** Frames in it so far. */
  get frames(): number {
    return this.shifts.length;
  }

  finish(): StackedFrame {
    const { sums, counts, clipped } = this.gathered ?? this.settle();
    const { width, height } = this;
    const data = new Uint16Array(sums[0].length);
    const clippedPixels = [0, 0, 0];
    for (let i = 0; i < data.length; i++) {
      const n = counts[0][i] + counts[1][i];
      if (2 * clipped[i] > n) {
        data[i] = LINEAR_WHITE;
        clippedPixels[i % 3]++;
      } else data[i] = n > 0 ? Math.min(LINEAR_WHITE, (sums[0][i] + sums[1][i]) / n + 0.5) : 0;
    }
    const share = (c: number): number => clippedPixels[c] / (width * height);
    return {
      data,
      frames: this.shifts.length,
      leftOut: this.leftOut,
      rejectedShare: this.rejected / Math.max(1, this.added),
      clippedShare: [share(0), share(1), share(2)],
      shifts: this.shifts,
      noise: this.single && measureNoise(this.single, sums, counts, data, width, height),
    };
  }

  /** Draws a frame where it belongs, and keeps it: among the first, or in the sums. */
  private lay(rgba: Uint8ClampedArray | Uint8Array, shift: Shift): void {
    const { width, height, table } = this;
    this.shifts.push({ dx: shift.dx, dy: shift.dy });
    if (this.gathered) {
      this.count(this.gathered.addShifted(rgba, shift, this.shifts.length));
      return;
    }
    const frame = new Float32Array(3 * width * height);
    shiftedFrame(rgba, width, height, table, shift, frame);
    this.first.push(frame);
    if (this.first.length === FIRST) this.settle();
  }

  /**
   * Two single frames as they came, the second laid on the first by whole pixels: what noise is
   * before averaging.
   */
  private pairOf(rgba: Uint8ClampedArray | Uint8Array, shift: Shift) {
    const { width, height, table } = this;
    const b = new Float32Array(3 * width * height);
    const whole = { dx: Math.round(shift.dx), dy: Math.round(shift.dy) };
    shiftedFrame(rgba, width, height, table, whole, b);
    return { a: this.first[0], b };
  }

  /**
   * The first frames have come: their median says what lies where, their differences how noisy it
   * is.
   */
  private settle(): AverageSums {
    const { first, typical, width, height, table } = this;
    const middle = new Float32Array(first[0].length);
    const n = first.length;
    const values = new Float32Array(n);
    for (let i = 0; i < middle.length; i++) {
      let m = 0;
      for (let k = 0; k < n; k++) if (first[k][i] !== OUTSIDE) values[m++] = first[k][i];
      middle[i] = medianOf(values, m);
    }
    for (let k = 0; k + 1 < n; k++)
      for (let i = k; i < middle.length; i += 7) {
        const [a, b] = [first[k][i], first[k + 1][i]];
        if (a === OUTSIDE || b === OUTSIDE) continue;
        typical.add(middle[i] / LINEAR_WHITE, (a - b) / LINEAR_WHITE);
      }
    const tolerance = toleranceTable(typical, n);
    const most = middle.map((v) => tolerance[v >>> 6]);
    const gathered = new AverageSums(middle, most, table, width, height, this.plain);
    this.gathered = gathered;
    this.first = [];
    first.forEach((frame, k) => this.count(gathered.addDrawn(frame, k + 1)));
    return gathered;
  }

  /** Counts what was left out of a frame. */
  private count(rejected: number): void {
    this.rejected += rejected;
    this.added += 3 * this.width * this.height;
  }
}

/**
 * Farthest a sample may lie from the median of the first frames, by its level in 64ths of a 16-bit
 * step.
 */
function toleranceTable(typical: TypicalDifference, frames: number): Float32Array {
  // The median of n wavers too, by about 1.25 / sqrt(n) of one frame's noise.
  const more = Math.sqrt(1 + 1.57 / frames);
  const table = new Float32Array(1024);
  for (let k = 0; k < table.length; k++) {
    const level = (k + 0.5) / 1024;
    const sigma = typical.sigmaAt(level);
    // A code's step in light, near enough: that of a curve of gamma 2.4.
    const code = CODE_SHARE * 2.4 * Math.max(0.05, level ** 0.58);
    table[k] = OUTLIER_SIGMAS * more * LINEAR_WHITE * Math.max(sigma, code);
  }
  return table;
}

/**
 * Median of the first n values, which are put in order; the lower of the middle two's mean for even
 * n.
 */
function medianOf(values: Float32Array, n: number): number {
  for (let i = 1; i < n; i++) {
    const v = values[i];
    let k = i;
    while (k > 0 && values[k - 1] > v) values[k] = values[--k];
    values[k] = v;
  }
  if (n === 0) return 0;
  return n % 2 ? values[n >> 1] : 0.5 * (values[n / 2 - 1] + values[n / 2]);
}
