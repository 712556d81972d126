import type { RawFile } from '../../files/rawFile';
import { alignedFile } from '../align/alignedFile';
import { STILL } from '../align/homography';
import { warpRaw } from '../align/warpRaw';
import { paintedOver } from '../focus/choiceMap';
import { sharesOfPixels } from '../focus/sharesOfRow';
import { StackGatherer } from '../gather/stackGatherer';
import { findStars } from '../stars/findStars';
import { SkyMotion } from '../stars/skyMotion';
import { SkyShares } from '../stars/skyShares';
import { checkStack, CombineError, isPartlyUnknown, UNKNOWN, type StackRaw } from '../stackRaw';
import type { Combined, Combiner, Corrections } from './way';

/** Fewer stars than this do not tell how the sky turns. */
const MIN_STARS = 8;

/**
 * Frames of a turning sky on their way to become one: a mean of all as they stand, for the ground,
 * and one of all turned back to the first, for the sky. Memory does not grow with their number.
 */
export class StarStacker implements Combiner {
  private first: {
    readonly file: RawFile;
    readonly rgb: StackRaw;
    readonly motion: SkyMotion;
    readonly shares: SkyShares;
  } | null = null;
  private readonly ground = new StackGatherer('mean');
  private sky = new Float32Array(0);
  private counts = new Uint16Array(0);
  private readonly leftOut: number[] = [];
  private added = 0;

  add(file: RawFile, frame: StackRaw): void {
    const place = this.added++;
    const stars = findStars(frame);
    const rgb = warpRaw(frame, STILL);
    if (!this.first) {
      if (stars.length < MIN_STARS)
        throw new CombineError(
          'Too few stars are seen to tell how the sky turns: choose Trails or Less noise.',
        );
      const { width, height } = frame;
      const motion = new SkyMotion(stars, Math.max(width, height));
      this.first = { file, rgb, motion, shares: new SkyShares(rgb) };
      this.sky = new Float32Array(rgb.data.length);
      this.counts = new Uint16Array(rgb.data.length / 3);
      this.gather(rgb, rgb);
      return;
    }
    checkStack([this.first.rgb, rgb]);
    const motion = this.first.motion.next(stars);
    if (!motion) {
      this.leftOut.push(place);
      return;
    }
    const turned = warpRaw(frame, motion);
    this.first.shares.add(rgb, turned);
    this.gather(rgb, turned);
  }

  combine({ painted }: Corrections, onShare: (share: number) => void): Combined {
    const { first, ground, leftOut } = this;
    if (!first || ground.count < 2)
      throw new CombineError(
        'The stars of these frames do not show how the sky turns between them: choose frames of one night that follow one another.',
      );
    const { width, height } = first.rgb;
    const choice = paintedOver(first.shares.shares(), painted, first.rgb);
    const light = ground.light();
    const [, skyShare] = choice.shares;
    const row = new Float32Array(width);
    for (let y = 0, p = 0; y < height; y++) {
      sharesOfPixels(skyShare, choice, y, row);
      for (let x = 0; x < width; x++, p++) {
        const n = this.counts[p];
        if (n === 0) continue;
        for (let c = 0, i = 3 * p; c < 3; c++, i++)
          light[i] += row[x] * (this.sky[i] / n - light[i]);
      }
    }
    onShare(1);
    const whole = { x: 0, y: 0, width, height };
    return {
      reference: 0,
      moved: null,
      choice,
      leftOut,
      aligned: true,
      result: {
        light,
        file: alignedFile(first.file, whole),
        noise: ground.noise(),
        baselineExposure: first.file.baselineExposure,
      },
    };
  }

  /** Adds a frame as it stands to the ground, and turned with the stars to the sky. */
  private gather(standing: StackRaw, turned: StackRaw): void {
    this.ground.add(standing);
    const { sky, counts } = this;
    const { data, blackLevel, whiteLevel } = turned;
    const unit = 1 / (whiteLevel - blackLevel);
    const unknown = isPartlyUnknown(turned) ? UNKNOWN : Infinity;
    for (let p = 0, i = 0; p < counts.length; p++, i += 3) {
      if (data[i] >= unknown) continue;
      counts[p]++;
      for (let c = 0; c < 3; c++) sky[i + c] += (data[i + c] - blackLevel) * unit;
    }
  }
}
