import {
  codesOfLinear,
  linearise,
  LINEAR_WHITE,
  linearTable,
  SRGB_RESPONSE,
  type VideoResponse,
} from '@velmo/core/response';
import { RawGatherer } from '@velmo/core/sensor';
import type { Gather } from '@velmo/core/series';
import { lightWords } from './averageWords';

/** Light of one frame is counted in so many steps: sums of two hours of video fit 32 bits. */
const FRAME_WHITE = 16383;

const GATHER_WORDS: Readonly<Record<Gather, string>> = {
  mean: 'Mean',
  sum: 'Sum',
  brightest: 'Brightest of each pixel',
};

/** A long exposure gathered from video frames, laid on one another as they come. */
export class LongVideo {
  private readonly table: Uint16Array;
  private gatherer: RawGatherer | null = null;
  private frame = new Uint16Array(0);
  private width = 0;
  private height = 0;

  constructor(
    private readonly response: VideoResponse | null,
    private readonly gather: Gather,
  ) {
    this.table = linearTable(response ?? SRGB_RESPONSE, FRAME_WHITE);
  }

  /** Adds a frame; false where it is not of the size of those before. */
  add(rgba: Uint8ClampedArray, width: number, height: number): boolean {
    if (!this.gatherer) {
      const samples = 3 * width * height;
      this.gatherer = new RawGatherer(this.gather, samples, LINEAR_WHITE / FRAME_WHITE);
      this.frame = new Uint16Array(samples);
      [this.width, this.height] = [width, height];
    }
    if (width !== this.width || height !== this.height) return false;
    linearise(rgba, this.table, this.frame);
    this.gatherer.add(this.frame);
    return true;
  }

  /**
   * Linear light, LINEAR_WHITE where every frame clips, and the stops it is to be shown brighter.
   */
  finish() {
    const { width, height, gather } = this;
    const frames = this.gatherer?.count ?? 0;
    if (!this.gatherer || frames === 0) throw new Error('No frame came.');
    const baselineExposure = gather === 'sum' ? Math.log2(frames) : 0;
    return { data: this.gatherer.raw(), width, height, frames, baselineExposure };
  }

  /** The picture as it is to be seen, RGBA. */
  picture(): { rgba: Uint8ClampedArray; width: number; height: number } {
    const { data, width, height, baselineExposure } = this.finish();
    const brighter = 2 ** baselineExposure;
    if (brighter > 1)
      for (let i = 0; i < data.length; i++) data[i] = Math.min(LINEAR_WHITE, data[i] * brighter);
    return { rgba: codesOfLinear(data, this.response ?? SRGB_RESPONSE), width, height };
  }

  /** What it is, in plain words for its file. */
  words(periodS: number): string {
    const frames = this.gatherer?.count ?? 0;
    return [
      `${GATHER_WORDS[this.gather]} of ${frames} processed video frames of a browser camera over ${Number(periodS.toPrecision(3))} s, in linear light; not sensor data.`,
      lightWords(this.response),
    ].join(' ');
  }
}
