import type { Gather } from '../series/series';

/** A gathered raw has 16 bits: sixteen steps for one of a frame's 12. */
export const GATHERED_SCALE = 16;

/**
 * Gathers the frames of a long exposure sample by sample, in linear light. Its memory does not grow
 * with their number: 4 bytes a sample. Sums of samples below 2^14 are right for 2^18 frames.
 */
export class RawGatherer {
  private readonly kept: Uint32Array;
  private frames = 0;

  /**
   * @param samples how many each frame has
   * @param scale how many times as fine as a frame's the values come out
   */
  constructor(
    private readonly gather: Gather,
    samples: number,
    private readonly scale = GATHERED_SCALE,
  ) {
    this.kept = new Uint32Array(samples);
  }

  /** Frames in it so far. */
  get count(): number {
    return this.frames;
  }

  /** @param raw one frame's values */
  add(raw: Uint16Array): void {
    const { kept } = this;
    if (this.gather === 'brightest') {
      for (let i = 0; i < kept.length; i++) if (raw[i] > kept[i]) kept[i] = raw[i];
    } else for (let i = 0; i < kept.length; i++) kept[i] += raw[i];
    this.frames++;
  }

  /**
   * Values, `scale` times as fine as a frame's: the brightest, or the mean. A sum is the
   * same values as the mean, to be shown brighter by the number of frames.
   */
  raw(): Uint16Array {
    const scale = this.gather === 'brightest' ? this.scale : this.scale / this.frames;
    const { kept } = this;
    const raw = new Uint16Array(kept.length);
    for (let i = 0; i < raw.length; i++) raw[i] = Math.round(kept[i] * scale);
    return raw;
  }
}
