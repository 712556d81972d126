import { BRACKET_FRAMES, BRACKET_STEP_CLICKS } from './bracket';

/** What a frame holds, in clicks from mid-grey: from where it clips down to a chosen SNR. */
export interface FrameReach {
  readonly clipClicks: number;
  readonly floorClicks: number;
}

/** A scene in clicks from what the exposure given renders mid-grey. */
export interface SceneRange {
  /** The brightest texture that is to be kept. */
  readonly brightestClicks: number;
  /** The darkest tone that is to be kept. */
  readonly darkestClicks: number;
}

/** Offsets that hold a scene between them. */
export interface Coverage {
  /** Clicks from the exposure given, darkest first. */
  readonly offsets: readonly number[];
  /** 0 for a single frame. */
  readonly stepClicks: number;
  /** Clicks at the dark end that so many frames do not reach at the SNR chosen. */
  readonly missingClicks: number;
}

/** Neighbouring frames hold so much of the scene twice: a stop. */
export const OVERLAP_CLICKS = 3;

/**
 * The fewest frames, and for them the smallest even step, that hold a scene: the darkest puts the
 * brightest texture where it just does not clip, the brightest puts the darkest tone where its
 * noise just allows. A single frame is exposed as brightly as the texture bears. Throws RangeError
 * where a frame holds no more than the overlap.
 */
export function coverScene(
  { brightestClicks, darkestClicks }: SceneRange,
  { clipClicks, floorClicks }: FrameReach,
): Coverage {
  const widest = Math.min(
    BRACKET_STEP_CLICKS.max,
    Math.floor(clipClicks - floorClicks) - OVERLAP_CLICKS,
  );
  if (widest < 1) throw new RangeError('a frame holds no more than two of them must share');
  const darkest = Math.floor(clipClicks - brightestClicks);
  const brightest = Math.ceil(floorClicks - darkestClicks);
  const range = brightest - darkest;
  if (range <= 0) return { offsets: [darkest], stepClicks: 0, missingClicks: 0 };
  const frames = Math.min(BRACKET_FRAMES.max, Math.ceil(range / widest) + 1);
  const stepClicks = Math.min(widest, Math.ceil(range / (frames - 1)));
  return {
    offsets: Array.from({ length: frames }, (_, i) => darkest + i * stepClicks),
    stepClicks,
    missingClicks: Math.max(0, range - stepClicks * (frames - 1)),
  };
}
