import type { StackRaw } from '../stackRaw';
import { alignTones, refineTones, tellsWhere } from './alignTones';
import { explains, isAlike, shownMotion } from './laidTones';
import {
  composed,
  inverse,
  largestMotion,
  magnified,
  moved,
  STILL,
  type Homography,
} from './homography';
import { levelSize, toneLevel, toneLevels, type ToneLevel } from './toneLevels';

/** Halvings of the size at which a motion is first found. */
const FIRST = 2;
/**
 * Frames that move by no more than this, in photosites, are taken as they are; and where only a few
 * places show a motion, whose edges are known less well than that.
 */
const STILL_PX = 0.12;
const STILL_FEW_PX = 0.6;
/** A frame that moved by more than this share of its longer side shows something else. */
const MAX_MOTION = 0.15;

/** Pixels of a frame for one of its largest level. */
const perLevel = ({ samplesPerPixel }: StackRaw): number => (samplesPerPixel === 3 ? 1 : 2);

/** A frame's tones at every size, made when asked for and kept. */
class TonesTo {
  private kept: ToneLevel[] | null = null;
  private readonly finer = new Map<number, ToneLevel>();

  /** @param white share of the frame's range at which it is taken to clip */
  constructor(
    private readonly frame: StackRaw,
    private readonly white: number,
  ) {}

  get levels(): ToneLevel[] {
    this.kept ??= toneLevels(this.frame, FIRST, this.white);
    return this.kept;
  }

  level(halvings: number): ToneLevel {
    const level = this.finer.get(halvings) ?? toneLevel(this.frame, halvings, this.white);
    this.finer.set(halvings, level);
    return level;
  }
}

/** A frame's tones: what frames are laid on one another by. */
export class FrameTones {
  private readonly kept = new Map<number, TonesTo>();

  constructor(private readonly frame: StackRaw) {}

  /**
   * As far as another frame shows them: where that one clips, this one is taken to clip, too. At
   * the edges of what clips, one alone would be darker than it is, which looks like a motion.
   */
  private shownBy({ frame: other }: FrameTones): TonesTo {
    const white = Math.min(1, this.frame.exposure / other.exposure);
    const tones = this.kept.get(white) ?? new TonesTo(this.frame, white);
    this.kept.set(white, tones);
    return tones;
  }

  /**
   * How another frame lies against this one, in photosites: to a tenth of one and better where both
   * hold enough. `STILL` itself where it moved by no more than that, and where the two hold too
   * little in common to tell; null where they show different pictures.
   */
  motionOf(other: FrameTones): Homography | null {
    const [own, theirs] = [this.shownBy(other), other.shownBy(this)];
    const [first, second] = [own.levels[0], theirs.levels[0]];
    let motion = alignTones(own.levels, theirs.levels);
    if (!motion) return STILL;
    const where = tellsWhere(first, second, motion);
    if (where === 'nowhere') return STILL;
    if (!isAlike(first, second, motion)) return null;
    // Pixels of a level for a photosite: 1, or a half of a mosaic.
    const most = (where === 'all-over' ? STILL_PX : STILL_FEW_PX) / perLevel(this.frame);
    if (shownMotion(first, second, motion) <= most / 2 ** FIRST) return STILL;
    if (!explains(first, second, motion)) return STILL;
    for (let n = FIRST - 1; n >= 0; n--) {
      const [one, two] = [own.level(n), theirs.level(n)];
      motion = refineTones(one, two, magnified(motion, 2));
      if (!motion) return STILL;
      if (n > 0) continue;
      if (shownMotion(one, two, motion) <= most || !explains(one, two, motion)) return STILL;
    }
    const { width, height } = levelSize(this.frame);
    if (largestMotion(motion, width, height) > MAX_MOTION * Math.max(width, height)) return null;
    return magnified(motion, perLevel(this.frame));
  }
}

/**
 * How the frames of a bracket lie against one of them: each against its neighbour in exposure, with
 * which it holds most in common, from the reference on. Null for those that show something else.
 *
 * @param sorted least exposed first
 */
export function alignBracket(
  sorted: readonly StackRaw[],
  reference: number,
): (Homography | null)[] {
  const motions = new Array<Homography | null>(sorted.length).fill(null);
  motions[reference] = STILL;
  for (const way of [1, -1]) {
    let last = { at: reference, tones: new FrameTones(sorted[reference]) };
    for (let k = reference + way; k >= 0 && k < sorted.length; k += way) {
      const tones = new FrameTones(sorted[k]);
      const step = last.tones.motionOf(tones);
      // The next frame is aligned to the last one that could be aligned.
      if (!step) continue;
      const before = motions[last.at]!;
      motions[k] = step === STILL && before === STILL ? STILL : composed(before, step);
      last = { at: k, tones };
    }
  }
  return motions;
}

/** The part of a picture that all moved frames show, in whole pixels, even where it begins. */
export function commonBox(
  motions: readonly Homography[],
  width: number,
  height: number,
): { readonly x: number; readonly y: number; readonly width: number; readonly height: number } {
  let [left, top, right, bottom] = [0, 0, width, height];
  const [cx, cy] = [(width - 1) / 2, (height - 1) / 2];
  for (const motion of motions) {
    if (motion === STILL) continue;
    const way = inverse(motion);
    /** Where a place of the other frame lies in the reference. */
    const back = (u: number, v: number): [number, number] => {
      const [x, y] = moved(way, u - cx, v - cy);
      return [x + cx, y + cy];
    };
    const [[ax, ay], [bx, by]] = [back(EDGE, EDGE), back(width - 1 - EDGE, EDGE)];
    const [[ex, ey], [fx, fy]] = [
      back(EDGE, height - 1 - EDGE),
      back(width - 1 - EDGE, height - 1 - EDGE),
    ];
    left = Math.max(left, ax, ex);
    top = Math.max(top, ay, by);
    right = Math.min(right, bx + 1, fx + 1);
    bottom = Math.min(bottom, ey + 1, fy + 1);
  }
  const x = 2 * Math.ceil(left / 2);
  const y = 2 * Math.ceil(top / 2);
  const even = (v: number): number => Math.max(2, 2 * Math.floor(v / 2));
  return { x, y, width: even(right - x), height: even(bottom - y) };
}

/** Pixels at the edge that are not read between. */
const EDGE = 2;
