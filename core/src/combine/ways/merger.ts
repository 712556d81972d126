import { mergedNoise } from '../merge/mergedNoise';
import { mergeRows, planMerge, type MergePlan } from '../merge/mergeRaws';
import { movedAt, withFrame } from '../merge/moved';
import { alignedFile } from '../align/alignedFile';
import { byExposure, layStack, middleOf, type LaidStack } from '../align/layStack';
import { HeldStack } from './heldStack';
import type { Combined, Corrections, MovedChoice } from './way';

/** Rows merged between two reports. */
const ROWS = 64;
/** Mid-grey of what BaselineExposure brightens (DNG). */
const MID_GREY = 0.18;

/** A bracket laid on one of its frames, and what is known before it is merged. */
interface Laid extends LaidStack {
  readonly plan: MergePlan;
}

/** A bracket on its way to become one frame. */
export class Merger extends HeldStack<Laid> {
  combine(corrections: Corrections, onShare: (share: number) => void): Combined {
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
    const middle = frames[middleOf(frames.length)];
    const reference = places[middle.index];
    const own = this.files[reference];
    const file = aligned ? alignedFile(own, common) : own;
    const baselineExposure = file.baselineExposure + Math.log2(middle.given);
    const noise = mergedNoise(frames, MID_GREY / 2 ** baselineExposure);
    const result = { light, file, noise, baselineExposure };
    return { reference, moved, choice: null, result, leftOut, aligned };
  }

  protected lay(): Laid {
    const laid = layStack(this.stack, byExposure(this.stack), this.aligns);
    return { ...laid, plan: planMerge(laid.frames, laid.aligned) };
  }
}

/** A plan with what was chosen for a place. */
function chosen(plan: MergePlan, { x, y, frame }: MovedChoice): MergePlan {
  const { moved, frames } = plan;
  const region = movedAt(moved, x, y, frames[0]);
  if (region === null || frame >= frames.length) return plan;
  return { frames, moved: withFrame(moved, region, frame) };
}
