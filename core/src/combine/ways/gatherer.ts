import type { RawFile } from '../../files/rawFile';
import { StackGatherer, type Gathering } from '../gather/stackGatherer';
import { CombineError, type StackRaw } from '../stackRaw';
import type { Combined, Combiner } from './way';

/** Frames that are gathered one after the other; the new one looks like the first. */
export class Gatherer implements Combiner {
  private readonly gatherer: StackGatherer;
  private first: RawFile | null = null;

  constructor(gathering: Gathering) {
    this.gatherer = new StackGatherer(gathering);
  }

  add(file: RawFile, frame: StackRaw): void {
    this.gatherer.add(frame);
    this.first ??= file;
  }

  combine(): Combined {
    const { first, gatherer } = this;
    if (!first || gatherer.count < 2)
      throw new CombineError('One frame alone: choose two or more.');
    return {
      reference: 0,
      moved: null,
      result: {
        light: gatherer.light(),
        file: first,
        noise: gatherer.noise(),
        baselineExposure: first.baselineExposure + gatherer.brighter,
      },
    };
  }
}
