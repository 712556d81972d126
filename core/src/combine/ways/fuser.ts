import type { RawFile } from '../../files/rawFile';
import { alignBracket, commonBox } from '../align/alignStack';
import { alignedFile } from '../align/alignedFile';
import { STILL } from '../align/homography';
import { warpRaw } from '../align/warpRaw';
import { fuse } from '../fuse/fuse';
import { checkStack, CombineError, type StackRaw } from '../stackRaw';
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
    checkStack(stack);
    const order = stack.map((__, i) => i).sort((a, b) => stack[a].exposure - stack[b].exposure);
    const reference = order[Math.floor((order.length - 1) / 2)];
    const motions = this.aligns
      ? alignBracket(
          order.map((place) => stack[place]),
          order.indexOf(reference),
        )
      : order.map(() => STILL);
    const used = order.filter((__, k) => motions[k] !== null);
    if (used.length < 2)
      throw new CombineError(
        'These pictures cannot be laid on one another: they show different things.',
      );
    const known = motions.filter((motion) => motion !== null);
    const aligned = known.some((motion) => motion !== STILL);
    const { width, height } = stack[0];
    const file = aligned
      ? alignedFile(files[reference], commonBox(known, width, height))
      : files[reference];
    const laid = used.map((place, k) => (aligned ? warpRaw(stack[place], known[k]) : stack[place]));
    return {
      reference,
      moved: null,
      choice: null,
      leftOut: order.filter((__, k) => motions[k] === null),
      aligned,
      result: {
        light: fuse(laid, onShare),
        file,
        noise: stack[reference].noise,
        baselineExposure: 0,
      },
    };
  }
}
