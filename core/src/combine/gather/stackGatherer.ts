import { demosaicDirected } from '../../sensor/demosaicDirected';
import type { NoiseProfile } from '../../sensor/noiseProfile';
import { checkStack, type StackRaw } from '../stackRaw';
import { Remedian } from './remedian';

/** How frames of one exposure become one. */
export const GATHERINGS = ['mean', 'median', 'brightest', 'sum'] as const;
export type Gathering = (typeof GATHERINGS)[number];

/** Variance of a median against that of one frame, times their number, for normal noise. */
const MEDIAN_VARIANCE = Math.PI / 2;

/**
 * Gathers frames sample by sample in linear light, one after the other: memory does not grow with
 * their number, and for a median with its logarithm only.
 */
export class StackGatherer {
  private first: Omit<StackRaw, 'data'> | null = null;
  private kept: Float32Array = new Float32Array(0);
  private readonly middle = new Remedian();
  private frames = 0;

  constructor(private readonly gathering: Gathering) {}

  /** Frames in it so far. */
  get count(): number {
    return this.frames;
  }

  /** Throws CombineError where a frame differs in size or kind from the first. */
  add(frame: StackRaw): void {
    const { data, blackLevel, whiteLevel } = frame;
    if (this.first) checkStack([this.first, frame]);
    else {
      const { data: _, ...first } = frame;
      this.first = first;
      if (this.gathering !== 'median') this.kept = new Float32Array(data.length);
      if (this.gathering === 'brightest') this.kept.fill(-1);
    }
    this.frames++;
    const unit = 1 / (whiteLevel - blackLevel);
    const { kept } = this;
    if (this.gathering === 'median')
      this.middle.add(Float32Array.from(data, (v) => (v - blackLevel) * unit));
    else if (this.gathering === 'brightest')
      for (let i = 0; i < kept.length; i++) {
        const v = (data[i] - blackLevel) * unit;
        if (v > kept[i]) kept[i] = v;
      }
    else for (let i = 0; i < kept.length; i++) kept[i] += (data[i] - blackLevel) * unit;
  }

  /**
   * Demosaics what has been gathered: the frames that follow are RGB. What is RGB already stays.
   */
  becomeLinear(): void {
    const { first } = this;
    if (!first || first.samplesPerPixel === 3) return;
    this.first = { ...first, samplesPerPixel: 3 };
    const demosaiced = (mosaic: Float32Array): Float32Array => {
      const { width, height } = first;
      const rgb = new Float32Array(3 * mosaic.length);
      demosaicDirected(mosaic, width, height, { x: 0, y: 0, width, height }, rgb);
      return rgb;
    };
    if (this.gathering === 'median') this.middle.change(demosaiced);
    else this.kept = demosaiced(this.kept);
  }

  /**
   * What has been gathered: 1 where the raw clips. A sum is the mean, to be shown brighter by the
   * number of frames. Throws RangeError before the first frame.
   */
  light(): Float32Array {
    if (this.gathering === 'median') return this.middle.median();
    if (this.frames === 0) throw new RangeError('there is no frame');
    if (this.gathering === 'brightest') return this.kept.slice();
    const { kept, frames } = this;
    const light = new Float32Array(kept.length);
    const share = 1 / frames;
    for (let i = 0; i < kept.length; i++) light[i] = kept[i] * share;
    return light;
  }

  /** Stops by which it is to be shown brighter than one frame. */
  get brighter(): number {
    return this.gathering === 'sum' ? Math.log2(Math.max(1, this.frames)) : 0;
  }

  /** Its noise, against that of one frame; of the brightest nothing is averaged. */
  noise(): NoiseProfile {
    const { scale, offset } = this.first?.noise ?? { scale: 0, offset: 0 };
    const { frames, gathering } = this;
    const n =
      gathering === 'brightest'
        ? 1
        : gathering === 'median' && frames > 2
          ? frames / MEDIAN_VARIANCE
          : Math.max(1, frames);
    return { scale: scale / n, offset: offset / n };
  }
}
