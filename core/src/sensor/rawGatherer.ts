import type { Gather } from '../series/series';

/** A gathered raw has 16 bits: sixteen steps for one of a frame's 12. */
export const GATHERED_SCALE = 16;

/**
 * Gathers the frames of a long exposure photosite by photosite, in linear raw light. Its memory does
 * not grow with their number: 4 bytes a photosite.
 */
export class RawGatherer {
  private readonly kept: Uint32Array;
  private frames = 0;

  /** @param photosites how many each frame has */
  constructor(
    private readonly gather: Gather,
    photosites: number,
  ) {
    this.kept = new Uint32Array(photosites);
  }

  /** @param raw one frame's raw values */
  add(raw: Uint16Array): void {
    const { kept } = this;
    if (this.gather === 'brightest') {
      for (let i = 0; i < kept.length; i++) if (raw[i] > kept[i]) kept[i] = raw[i];
    } else for (let i = 0; i < kept.length; i++) kept[i] += raw[i];
    this.frames++;
  }

  /**
   * Raw values, GATHERED_SCALE times as fine as a frame's: the brightest, or the mean. A sum is the
   * same values as the mean, to be shown brighter by the number of frames.
   */
  raw(): Uint16Array {
    const scale = this.gather === 'brightest' ? GATHERED_SCALE : GATHERED_SCALE / this.frames;
    const { kept } = this;
    const raw = new Uint16Array(kept.length);
    for (let i = 0; i < raw.length; i++) raw[i] = Math.round(kept[i] * scale);
    return raw;
  }
}
