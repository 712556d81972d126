import type { RawFile } from '../../files/rawFile';
import type { StackRaw } from '../stackRaw';
import type { Combined, Combiner, Corrections } from './way';

/** Frames that are held all at once, and laid on one another when they are first combined. */
export abstract class HeldStack<Laid> implements Combiner {
  protected readonly files: RawFile[] = [];
  protected readonly stack: StackRaw[] = [];
  private kept: Laid | null = null;

  /** @param aligns frames are laid on one another; else they are taken as they are */
  constructor(protected readonly aligns: boolean) {}

  add(file: RawFile, frame: StackRaw): void {
    this.files.push(file);
    this.stack.push(frame);
    this.kept = null;
  }

  abstract combine(corrections: Corrections, onShare: (share: number) => void): Combined;

  /** Throws CombineError where fewer than two can be laid on one another. */
  protected abstract lay(): Laid;

  protected get laid(): Laid {
    this.kept ??= this.lay();
    return this.kept;
  }
}
