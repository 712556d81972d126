import type { RawFile } from '../../files/rawFile';
import { mergedNoise } from '../merge/mergedNoise';
import { mergeRows, planMerge, type MergePlan } from '../merge/mergeRaws';
import { movedAt, withFrame } from '../merge/moved';
import type { StackRaw } from '../stackRaw';
import { exposureSpread } from './facts';
import type { Combined, Combiner, CombineWay, MovedChoice } from './way';

/** Rows merged between two reports. */
const ROWS = 64;
/** Exposures that lie further apart than this, in stops, are a bracket. */
const BRACKET_STOPS = 0.5;
/** Mid-grey of what BaselineExposure brightens (DNG). */
const MID_GREY = 0.18;

/** The whole range of a bracket. */
export const MERGE: CombineWay<'merge'> = {
  id: 'merge',
  finishes: true,
  maxFrames: 12,
  fits: (stack) => (exposureSpread(stack) > BRACKET_STOPS ? 1 : 0.1),
  begin: () => new Merger(),
};

class Merger implements Combiner {
  private readonly files: RawFile[] = [];
  private readonly stack: StackRaw[] = [];
  private plan: MergePlan | null = null;

  add(file: RawFile, frame: StackRaw): void {
    this.files.push(file);
    this.stack.push(frame);
    this.plan = null;
  }

  combine(choices: readonly MovedChoice[], onShare: (share: number) => void): Combined {
    this.plan ??= planMerge(this.stack);
    const plan = choices.reduce(chosen, this.plan);
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
    const file = this.files[middle.index];
    const baselineExposure = file.baselineExposure + Math.log2(middle.given);
    const noise = mergedNoise(frames, MID_GREY / 2 ** baselineExposure);
    return { reference: middle.index, moved, result: { light, file, noise, baselineExposure } };
  }
}

/** A plan with what was chosen for a place. */
function chosen(plan: MergePlan, { x, y, frame }: MovedChoice): MergePlan {
  const { moved, frames } = plan;
  const region = movedAt(moved, x, y, frames[0]);
  if (region === null || frame >= frames.length) return plan;
  return { frames, moved: withFrame(moved, region, frame) };
}
