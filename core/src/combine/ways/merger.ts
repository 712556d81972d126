import type { RawFile } from '../../files/rawFile';
import { mergedNoise } from '../merge/mergedNoise';
import { mergeRows, planMerge, type MergePlan } from '../merge/mergeRaws';
import { movedAt, withFrame } from '../merge/moved';
import { alignBracket, commonBox } from '../align/alignStack';
import { alignedFile } from '../align/alignedFile';
import { STILL } from '../align/homography';
import { warpRaw } from '../align/warpRaw';
import type { PixelBox } from '../../optics/aspect';
import { checkStack, CombineError, type StackRaw } from '../stackRaw';
import type { Combined, Combiner, Corrections, MovedChoice } from './way';

/** Rows merged between two reports. */
const ROWS = 64;
/** Mid-grey of what BaselineExposure brightens (DNG). */
const MID_GREY = 0.18;

/** A bracket laid on one of its frames. */
interface Laid {
  readonly plan: MergePlan;
  /** Of the frames that are in it, least exposed first, where they stood among all. */
  readonly places: readonly number[];
  readonly leftOut: readonly number[];
  readonly aligned: boolean;
  /** What all of them show; all of the frame where nothing moved. */
  readonly common: PixelBox;
}

/** A bracket on its way to become one frame. */
export class Merger implements Combiner {
  private readonly files: RawFile[] = [];
  private readonly stack: StackRaw[] = [];
  private laid: Laid | null = null;

  constructor(private readonly aligns: boolean) {}

  add(file: RawFile, frame: StackRaw): void {
    this.files.push(file);
    this.stack.push(frame);
    this.laid = null;
  }

  combine(corrections: Corrections, onShare: (share: number) => void): Combined {
    this.laid ??= lay(this.stack, this.aligns);
    const { places, leftOut, aligned, common } = this.laid;
    const plan = corrections.moved.reduce(chosen, this.laid.plan);
    const { frames, moved } = plan;
    const { width, height, samplesPerPixel } = frames[0];
    const rowSamples = width * samplesPerPixel;
    const light = new Float32Array(rowSamples * height);
    for (let y = 0; y < height; y += ROWS) {
      const rows = Math.min(ROWS, height - y);
      mergeRows(plan, y, rows, light.subarray(y * rowSamples, (y + rows) * rowSamples));
      onShare((y + rows) / height);
    }
    // It looks as bright as the frame in the middle, which was metered.
    const middle = frames[Math.floor((frames.length - 1) / 2)];
    const reference = places[middle.index];
    const own = this.files[reference];
    const file = aligned ? alignedFile(own, common) : own;
    const baselineExposure = file.baselineExposure + Math.log2(middle.given);
    const noise = mergedNoise(frames, MID_GREY / 2 ** baselineExposure);
    const result = { light, file, noise, baselineExposure };
    return { reference, moved, choice: null, result, leftOut, aligned };
  }
}

/**
 * Lays the frames of a bracket on the one in the middle: as they are where nothing moved, else
 * demosaiced and drawn anew. Throws CombineError where fewer than two can be.
 */
function lay(stack: readonly StackRaw[], aligns: boolean): Laid {
  checkStack(stack);
  const order = stack.map((_, i) => i).sort((a, b) => stack[a].exposure - stack[b].exposure);
  const sorted = order.map((i) => stack[i]);
  const motions = aligns
    ? alignBracket(sorted, Math.floor((order.length - 1) / 2))
    : sorted.map(() => STILL);
  const places = order.filter((_, k) => motions[k] !== null);
  const known = motions.filter((motion) => motion !== null);
  if (known.length < 2)
    throw new CombineError(
      'These frames cannot be laid on one another: they show different pictures, or hold too little in common.',
    );
  const aligned = known.some((motion) => motion !== STILL);
  const { width, height } = stack[0];
  const laid = places.map((place, k) => (aligned ? warpRaw(stack[place], known[k]) : stack[place]));
  return {
    plan: planMerge(laid, aligned),
    places,
    leftOut: order.filter((_, k) => motions[k] === null),
    aligned,
    common: commonBox(known, width, height),
  };
}

/** A plan with what was chosen for a place. */
function chosen(plan: MergePlan, { x, y, frame }: MovedChoice): MergePlan {
  const { moved, frames } = plan;
  const region = movedAt(moved, x, y, frames[0]);
  if (region === null || frame >= frames.length) return plan;
  return { frames, moved: withFrame(moved, region, frame) };
}
