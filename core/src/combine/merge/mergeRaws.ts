import { checkStack, type StackRaw } from '../stackRaw';
import { measuredExposures } from './exposures';
import { padded } from '../../wasm';
import { mergeLoops } from './mergeLoops';
import { ALL_FRAMES, findMoved, frameAt, type Moved } from './moved';

/** A frame is relied on up to this share of its range, predicted by those that were given less. */
export const HELD_SHARE = 0.92;
/** And no further than this, whatever was predicted: what is cut off would pull it down. */
const NEAR_WHITE = 0.985;

/** One frame of a bracket as the merge needs it. */
export interface MergeFrame extends StackRaw {
  /** Light it was given, against the least exposed frame, as measured. */
  readonly given: number;
  /** Where it stood among those handed over. */
  readonly index: number;
}

/** What is known before a bracket is merged. */
export interface MergePlan {
  /** Least exposed first. */
  readonly frames: readonly MergeFrame[];
  readonly moved: Moved;
}

/**
 * Plans the merge of a bracket: exposures as measured, and what has moved between its frames.
 *
 * @param stack two frames or more of one size; throws CombineError where they are not
 * @param redrawn they were drawn anew to be laid on one another
 */
export function planMerge(stack: readonly StackRaw[], redrawn = false): MergePlan {
  checkStack(stack);
  const order = stack.map((_, i) => i).sort((a, b) => stack[a].exposure - stack[b].exposure);
  const given = measuredExposures(order.map((i) => stack[i]));
  const frames = order.map((index, k) => ({ ...stack[index], given: given[k], index }));
  return { frames, moved: findMoved(frames, redrawn) };
}

/**
 * Merges rows of a bracket, sample by sample, mosaics before they are demosaiced: the mean of what
 * the frames say of the light, each weighted by the inverse of its variance (Hasinoff, Durand and
 * Freeman 2010, "Noise-optimal capture for high dynamic range photography"), of the light predicted
 * by the frames that were given less. A frame that is predicted to clip is left out: by its own
 * value the choice would prefer its darker errors. Where something moved, one frame alone.
 *
 * @param out light of `rows` rows from `firstRow` on: 1 is where the least exposed frame clips,
 *   which is what lies there then; below 0 is noise
 * @param plain true: without WebAssembly in any case
 */
export function mergeRows(
  { frames, moved }: MergePlan,
  firstRow: number,
  rows: number,
  out: Float32Array,
  plain = false,
): void {
  const { width, samplesPerPixel } = frames[0];
  const rowSamples = width * samplesPerPixel;
  const n = 4 * Math.ceil(rowSamples / 4);
  const [lightAt, weightAt] = [padded(2 * n), padded(2 * n) + padded(4 * n)];
  const { buffer, routines } = mergeLoops.of(weightAt + padded(4 * n), plain);
  const raw = new Uint16Array(buffer, 0, rowSamples);
  const light = new Float32Array(buffer, lightAt, rowSamples);
  for (let row = 0; row < rows; row++) {
    const from = (firstRow + row) * rowSamples;
    for (const [k, { data, blackLevel: black, whiteLevel, noise, given }] of frames.entries()) {
      raw.set(data.subarray(from, from + rowSamples));
      const unit = 1 / (whiteLevel - black);
      const { scale, offset } = noise;
      const held = HELD_SHARE / given;
      if (k === 0) routines.beginRow(0, n, black, unit, scale, offset, lightAt, weightAt);
      else
        routines.addRow(
          ...([0, n, black, unit, scale, offset] as const),
          ...([given, held, NEAR_WHITE, lightAt, weightAt] as const),
        );
    }
    const merged = out.subarray(row * rowSamples, (row + 1) * rowSamples);
    merged.set(light);
    if (moved.regions.length > 0) takeAlone(frames, moved, firstRow + row, merged);
  }
}

/** Where something moved, one frame alone; where that one clips, the next that does not. */
function takeAlone(
  frames: readonly MergeFrame[],
  moved: Moved,
  y: number,
  light: Float32Array,
): void {
  const { width, samplesPerPixel } = frames[0];
  const rowSamples = width * samplesPerPixel;
  const cellSamples = moved.cell * samplesPerPixel;
  for (let x = 0; x < rowSamples; x += cellSamples) {
    const chosen = frameAt(moved, x / cellSamples, Math.floor(y / moved.cell));
    if (chosen === ALL_FRAMES) continue;
    const end = Math.min(rowSamples, x + cellSamples);
    for (let i = x; i < end; i++)
      for (let k = chosen; k >= 0; k--) {
        const { data, blackLevel, whiteLevel, given } = frames[k];
        const v = (data[y * rowSamples + i] - blackLevel) / (whiteLevel - blackLevel);
        if (k > 0 && v > NEAR_WHITE) continue;
        light[i] = v / given;
        break;
      }
  }
}
