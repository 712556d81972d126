import { clampClick, type ClickRange } from '../exposure/solver';
import type { HeldExposure } from './capturePlan';

export const BRACKET_FRAMES = { min: 2, max: 9 } as const;
/** A third of a stop to three stops. */
export const BRACKET_STEP_CLICKS = { min: 1, max: 9 } as const;

/** Middle, under, over, further under ...; or one way through. */
export const BRACKET_ORDERS = ['middle-first', 'dark-first', 'bright-first'] as const;
export type BracketOrder = (typeof BRACKET_ORDERS)[number];

/** Frames of the same picture, each so many clicks of exposure from the next. */
export interface Bracket {
  readonly frames: number;
  readonly stepClicks: number;
  readonly order: BracketOrder;
}

/** How far a camera's time and ISO go. */
export interface ExposureRanges {
  readonly time: ClickRange;
  readonly iso: ClickRange;
}

/** How one frame of a bracket is exposed. */
export interface BracketFrame {
  /** Clicks brighter than the exposure the bracket lies about. */
  readonly offsetClicks: number;
  readonly timeClick: number;
  readonly isoClick: number;
  /** Clicks of the offset that neither time nor ISO reach; negative: it is not dark enough. */
  readonly missingClicks: number;
}

/**
 * Offsets of a bracket in clicks, in the order in which its frames are made. Of an even number the
 * odd one lies on the dark side, where nothing is lost for good.
 */
export function bracketOffsets({ frames, stepClicks, order }: Bracket): number[] {
  const middle = Math.floor(frames / 2);
  const offsets = Array.from({ length: frames }, (_, i) => (i - middle) * stepClicks);
  if (order === 'dark-first') return offsets;
  if (order === 'bright-first') return offsets.reverse();
  return offsets.sort((a, b) => Math.abs(a) - Math.abs(b) || a - b);
}

/** Exposes by time at the ISO that stands, and by ISO only where time runs out. */
export function steppedExposure(
  { timeClick, isoClick }: Pick<HeldExposure, 'timeClick' | 'isoClick'>,
  offsetClicks: number,
  ranges: ExposureRanges,
): BracketFrame {
  const time = clampClick(timeClick + offsetClicks, ranges.time);
  const left = timeClick + offsetClicks - time;
  // Where time suffices ISO stays, even where no step would lead to it.
  const iso = left === 0 ? isoClick : clampClick(isoClick + left, ranges.iso);
  return {
    offsetClicks,
    timeClick: time,
    isoClick: iso,
    missingClicks: isoClick + left - iso,
  };
}

/** Frames of a bracket about an exposure, in the order in which they are made. */
export const bracketFrames = (
  bracket: Bracket,
  about: Pick<HeldExposure, 'timeClick' | 'isoClick'>,
  ranges: ExposureRanges,
): BracketFrame[] =>
  bracketOffsets(bracket).map((offset) => steppedExposure(about, offset, ranges));
