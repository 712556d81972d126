import { padded } from '../../wasm';
import type { Shift } from '../shift';
import { averageLoops, type AverageLoops } from './averageLoops';
import { blankEnds, cubicWeights, isWhole, OUTSIDE } from './shiftedFrame';

/** Stands for what a frame does not reach: farther from everything than anything may lie. */
const FAR = 1e9;
/** What clips all around does, however its sums are rounded. */
const ROUNDING = 0.5;
/** Samples that are gathered at a time. */
const STEP = 16;

/**
 * Sums of the frames of an average: each drawn where it belongs and added in one pass, but for what
 * lies too far from what the first frames say is there. All of it lies in a memory of its own.
 */
export class AverageSums {
  /** Light of odd and of even frames, and how many values are in each. */
  readonly sums: readonly [Float32Array, Float32Array];
  readonly counts: readonly [Uint8Array, Uint8Array];
  /** How many of them clip. */
  readonly clipped: Uint8Array;
  private readonly loops: AverageLoops;
  private readonly floats: Float32Array;
  private readonly bytes: Uint8Array;
  private readonly at: Addresses;

  /**
   * @param middle what lies where, as the first frames say: `3 * width * height`
   * @param most farthest that a sample may lie from it
   * @param table linear value of each code, 3 x 256
   * @param plain true: without WebAssembly in any case
   */
  constructor(
    middle: Float32Array,
    most: Float32Array,
    table: Uint16Array,
    private readonly width: number,
    private readonly height: number,
    plain = false,
  ) {
    const samples = 3 * width * height;
    const at = addressesOf(samples, width);
    const { buffer, routines } = averageLoops(at.end, plain);
    this.at = at;
    this.loops = routines;
    this.floats = new Float32Array(buffer);
    this.bytes = new Uint8Array(buffer);
    this.floats.set(middle, at.middle >> 2);
    this.floats.set(most, at.most >> 2);
    this.floats.set(table, at.table >> 2);
    for (let i = 0; i < 3 * width; i++)
      this.floats[(at.clip >> 2) + i] = table[256 * (i % 3) + 255] - ROUNDING;
    const floatsAt = (address: number) => new Float32Array(buffer, address, samples);
    const bytesAt = (address: number) => new Uint8Array(buffer, address, samples);
    this.sums = [floatsAt(at.sums[0]), floatsAt(at.sums[1])];
    this.counts = [bytesAt(at.counts[0]), bytesAt(at.counts[1])];
    this.clipped = bytesAt(at.clipped);
  }

  /**
   * Adds a frame that was drawn before, OUTSIDE where it does not reach.
   *
   * @param number of the frame, from 1
   * @returns how many samples were left out though the frame reaches there
   */
  addDrawn(frame: Float32Array, number: number): number {
    const { width, height, floats, at } = this;
    const n = 3 * width;
    let left = 0;
    for (let y = 0; y < height; y++) {
      const first = at.rows[0] >> 2;
      let outside = 0;
      for (let i = 0; i < n; i++) {
        const v = frame[y * n + i];
        if (v === OUTSIDE) outside++;
        floats[first + i] = v === OUTSIDE ? FAR : v;
      }
      left += this.gather([0, 0, 0, 0], [1, 0, 0, 0], y, number) - outside;
    }
    return left;
  }

  /**
   * Draws a frame as it would lie without its shift, as `shiftedFrame` does, and adds it.
   *
   * @param rgba its bytes, `4 * width * height`
   */
  addShifted(rgba: Uint8Array | Uint8ClampedArray, { dx, dy }: Shift, number: number): number {
    const { width, height, at, loops } = this;
    const still = isWhole(dx) && isWhole(dy);
    const [ix, iy] = still ? [Math.round(dx), Math.round(dy)] : [Math.floor(dx), Math.floor(dy)];
    const [x0, x1, x2, x3] = cubicWeights(still ? 0 : dx - ix);
    const down = cubicWeights(still ? 0 : dy - iy);
    const n = 3 * width;
    const more = still ? 0 : 1;
    const ring = (y: number): number => ((y % 4) + 4) % 4;
    let outside = 0;
    const across = (y: number): void => {
      const inside = Math.min(height - 1, Math.max(0, y));
      this.bytes.set(rgba.subarray(4 * inside * width, 4 * (inside + 1) * width), at.bytes);
      loops.linearRow(at.bytes, width, ix - 1, width + 3, at.table, at.line);
      const row = at.rows[ring(y)];
      loops.acrossRow(at.line, STEP * Math.ceil(n / STEP), x0, x1, x2, x3, row);
      outside = blankEnds(this.floats, row >> 2, width, ix, more, FAR);
    };
    for (let y = iy - 1; y < iy + 2; y++) across(y);
    let left = 0;
    for (let y = 0; y < height; y++) {
      const sy = y + iy;
      across(sy + 2);
      if (sy < 0 || sy + more >= height) continue;
      const rows = [ring(sy - 1), ring(sy), ring(sy + 1), ring(sy + 2)];
      left += this.gather(rows, down, y, number) - outside;
    }
    return left;
  }

  /** Adds a row that lies between four of those that were drawn across. */
  private gather(
    rows: readonly number[],
    weights: readonly [number, number, number, number],
    y: number,
    number: number,
  ): number {
    const { at, width } = this;
    const n = 3 * width;
    const [p, q, r, s] = rows.map((k) => at.rows[k]);
    const from = y * n;
    return this.loops.gatherRow(
      ...([p, q, r, s] as const),
      ...weights,
      n,
      at.middle + 4 * from,
      at.most + 4 * from,
      at.sums[number % 2] + 4 * from,
      at.counts[number % 2] + from,
      at.clipped + from,
      at.clip,
    );
  }
}

/** Where everything lies, in bytes. */
interface Addresses {
  readonly middle: number;
  readonly most: number;
  readonly sums: readonly [number, number];
  readonly counts: readonly [number, number];
  readonly clipped: number;
  readonly table: number;
  readonly clip: number;
  readonly bytes: number;
  readonly line: number;
  readonly rows: readonly number[];
  readonly end: number;
}

function addressesOf(samples: number, width: number): Addresses {
  let end = 64;
  const room = (bytes: number): number => {
    const address = end;
    end += padded(bytes);
    return address;
  };
  const row = (): number => room(12 * (width + 3 + STEP));
  const [middle, most] = [room(4 * samples), room(4 * samples)];
  return {
    middle,
    most,
    sums: [room(4 * samples), room(4 * samples)],
    counts: [room(samples), room(samples)],
    clipped: room(samples),
    table: room(4 * 3 * 256),
    clip: row(),
    bytes: room(4 * width),
    line: row(),
    rows: [row(), row(), row(), row()],
    end,
  };
}
