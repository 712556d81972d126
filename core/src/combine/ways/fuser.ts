import type { RawFile } from '../../files/rawFile';
import { alignedFile } from '../align/alignedFile';
import { byExposure, layStack, middleOf } from '../align/layStack';
import { fuse } from '../fuse/fuse';
import { CombineError, type StackRaw } from '../stackRaw';
import type { Combined, Combiner, Corrections } from './way';

/** Pictures of different exposures on their way to become one. */
export class Fuser implements Combiner {
  private readonly files: RawFile[] = [];
  private readonly stack: StackRaw[] = [];

  constructor(private readonly aligns: boolean) {}

  add(file: RawFile, frame: StackRaw): void {
    if (frame.samplesPerPixel !== 3)
      throw new CombineError('Raws are merged, not blended as pictures: choose Whole range.');
    this.files.push(file);
    this.stack.push(frame);
  }

  combine(_: Corrections, onShare: (share: number) => void): Combined {
    const { stack, files } = this;
    const order = byExposure(stack);
    const { frames, leftOut, aligned, common } = layStack(stack, order, this.aligns);
    const reference = order[middleOf(order.length)];
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
}
