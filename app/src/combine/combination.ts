import {
  beginCombining,
  canonicalMoved,
  CombineError,
  decimated,
  fitsWhole,
  finishPlanOf,
  movedAt,
  reachOf,
  smallPicture,
  wayOf,
  type Combined,
  type Combiner,
  type FinishChoices,
  type FinishPlan,
  type Corrections,
  NO_CORRECTIONS,
  type WayId,
} from '@velmo/core/combine';
import type { RawFile } from '@velmo/core/files';
import type { StoredFile } from '../storage/frames/frameRecord';
import { readSource, type ReadSource } from './readSource';

/** A frame that is to become part of another. */
export interface CombineSource {
  readonly id: string;
  readonly file: StoredFile;
}

/** What was decoded is kept while it takes less than this: another way needs no second reading. */
const MAX_KEPT_BYTES = 260e6;

/** A first look is made of no more than this along its sides. */
const FIRST_LOOK_PX = 720;

/** Frames of one stack on their way to become one, and the small picture of it. */
export class Combination {
  private readonly decoded = new Map<string, ReadSource>();
  private keptBytes = 0;
  private combiner: Combiner | null = null;
  private way: WayId = 'average';
  private made: Combined | null = null;
  private plan: FinishPlan | null = null;
  private turn = 0;
  /** What each of the frames says, in their order. */
  files: readonly RawFile[] = [];

  /**
   * Reads the frames and combines them. Rejects where something else is asked for meanwhile.
   *
   * @param onFrame called before each is read, with its place
   * @param onPart called with what there is so far, from two frames on
   */
  async combine(
    way: WayId,
    sources: readonly CombineSource[],
    corrections: Corrections,
    onFrame: (done: number) => void,
    onPart: () => void,
  ): Promise<void> {
    const { maxFrames } = wayOf(way);
    if (sources.length > maxFrames)
      throw new CombineError(`This way takes no more than ${maxFrames} frames: leave some out.`);
    const turn = ++this.turn;
    const combiner = beginCombining(way, true);
    // Small, not laid on one another, and there at once. Too few stars are left in it to tell how
    // the sky turns: then a mean.
    const firstLook = beginCombining(way === 'stars' ? 'average' : way, false);
    const files: RawFile[] = [];
    for (const [k, source] of sources.entries()) {
      onFrame(k);
      const { file, frame } = await this.read(source);
      if (turn !== this.turn) throw new CombineError('Something else was asked for meanwhile.');
      combiner.add(file, frame);
      files.push(file);
      const small = decimated(file, frame, FIRST_LOOK_PX);
      firstLook.add(small.file, small.frame);
      if (k === 0) continue;
      this.way = way;
      this.files = files;
      this.set(firstLook.combine(NO_CORRECTIONS, () => {}));
      onPart();
    }
    this.combiner = combiner;
    this.correct(corrections);
  }

  /** Combines anew with what a hand has corrected. */
  correct(corrections: Corrections): void {
    if (!this.combiner) return;
    this.set(this.combiner.combine(corrections, () => {}));
  }

  private set(combined: Combined): void {
    this.made = combined;
    this.plan = null;
  }

  /** What was made. Throws where there is nothing yet. */
  get combined(): Combined {
    if (!this.made) throw new CombineError('Nothing has been combined yet.');
    return this.made;
  }

  get isThere(): boolean {
    return this.made !== null;
  }

  /** Whether 16 bits hold the range of what was made. */
  get fitsWhole(): boolean {
    return fitsWhole(this.combined.result.noise);
  }

  /** What each frame holds, in stops about what the one in the middle renders as mid-grey. */
  get reach() {
    return this.files.map((file) => reachOf(file, this.combined.result.file));
  }

  small(choices: FinishChoices | null, longPx: number) {
    const { combined } = this;
    if (!choices || !wayOf(this.way).finishes) return smallPicture(combined, null, longPx);
    this.plan ??= finishPlanOf(combined);
    return smallPicture(combined, { choices, plan: this.plan }, longPx);
  }

  /** The place where something moved at a place of the raw, 0..1; null: nothing did. */
  movedAt(x: number, y: number) {
    const { moved } = this.combined;
    if (!moved) return null;
    const region = movedAt(moved, x, y, this.combined.result.file.raw);
    return region === null ? null : canonicalMoved(moved, region, this.combined.result.file.raw);
  }

  private async read({ id, file }: CombineSource): Promise<ReadSource> {
    const known = this.decoded.get(id);
    if (known) return known;
    const read = await readSource(id, file);
    const { byteLength } = read.frame.data;
    if (this.keptBytes + byteLength <= MAX_KEPT_BYTES) {
      this.decoded.set(id, read);
      this.keptBytes += byteLength;
    }
    return read;
  }
}
