import type { RawFile } from '../../files/rawFile';
import { alignedFile } from '../align/alignedFile';
import { byExposure, layStack, middleOf, type LaidStack } from '../align/layStack';
import { fuse } from '../fuse/fuse';
import { CombineError, type StackRaw } from '../stackRaw';
import { HeldStack } from './heldStack';
import type { Combined, Corrections } from './way';

/** Pictures of different exposures on their way to become one. */
export class Fuser extends HeldStack<LaidStack> {
  override add(file: RawFile, frame: StackRaw): void {
    if (frame.samplesPerPixel !== 3)
      throw new CombineError('Raws are merged, not blended as pictures: choose Whole range.');
    super.add(file, frame);
  }

  combine(_: Corrections, onShare: (share: number) => void): Combined {
    const { files, stack } = this;
    const { frames, leftOut, aligned, common } = this.laid;
    const reference = byExposure(stack)[middleOf(stack.length)];
    const own = files[reference];
    return {
      reference,
      moved: null,
      choice: null,
      leftOut,
      aligned,
      result: {
        light: fuse(frames, onShare),
        file: aligned ? alignedFile(own, common) : own,
        noise: stack[reference].noise,
        baselineExposure: 0,
      },
    };
  }

  protected lay(): LaidStack {
    return layStack(this.stack, byExposure(this.stack), this.aligns);
  }
}
