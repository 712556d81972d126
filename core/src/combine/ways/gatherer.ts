import type { RawFile } from '../../files/rawFile';
import { alignedFile } from '../align/alignedFile';
import { commonBox, FrameTones } from '../align/alignStack';
import { STILL, type Homography } from '../align/homography';
import { warpRaw } from '../align/warpRaw';
import { StackGatherer, type Gathering } from '../gather/stackGatherer';
import { checkStack, CombineError, type StackRaw } from '../stackRaw';
import type { Combined, Combiner } from './way';

/** Frames that are gathered one after the other; the new one looks like the first. */
export class Gatherer implements Combiner {
  private readonly gatherer: StackGatherer;
  private first: { readonly file: RawFile; readonly frame: StackRaw } | null = null;
  private tones: FrameTones | null = null;
  private readonly motions: Homography[] = [];
  private readonly leftOut: number[] = [];
  private aligned = false;
  private added = 0;

  /** @param aligns frames are laid on the first; else they are taken as they are */
  constructor(
    gathering: Gathering,
    private readonly aligns: boolean,
  ) {
    this.gatherer = new StackGatherer(gathering);
  }

  add(file: RawFile, frame: StackRaw): void {
    const place = this.added++;
    if (!this.first) {
      this.first = { file, frame };
      this.gatherer.add(frame);
      return;
    }
    const motion = this.motionOf(this.first.frame, frame);
    if (!motion) {
      this.leftOut.push(place);
      return;
    }
    if (motion !== STILL && !this.aligned) {
      this.aligned = true;
      this.gatherer.becomeLinear();
    }
    this.motions.push(motion);
    this.gatherer.add(this.aligned ? warpRaw(frame, motion) : frame);
  }

  combine(): Combined {
    const { first, gatherer, aligned, leftOut, motions } = this;
    if (!first || gatherer.count < 2)
      throw new CombineError(
        leftOut.length > 0
          ? 'These frames cannot be laid on one another: they show different pictures.'
          : 'One frame alone: choose two or more.',
      );
    const { width, height } = first.frame;
    const file = aligned ? alignedFile(first.file, commonBox(motions, width, height)) : first.file;
    return {
      reference: 0,
      moved: null,
      choice: null,
      leftOut,
      aligned,
      result: {
        light: gatherer.light(),
        file,
        noise: gatherer.noise(),
        baselineExposure: first.file.baselineExposure + gatherer.brighter,
      },
    };
  }

  private motionOf(first: StackRaw, frame: StackRaw): Homography | null {
    checkStack([first, frame]);
    if (!this.aligns) return STILL;
    this.tones ??= new FrameTones(first);
    return this.tones.motionOf(new FrameTones(frame));
  }
}
