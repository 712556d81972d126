import type { ClickRange, Solution } from '../exposure/solver';
import { held, type Settings } from './settings';

/** Ranges of the controls a device has; a missing one cannot be used. */
export interface NudgeRanges {
  readonly time: ClickRange | null;
  readonly iso: ClickRange | null;
  readonly compensation: ClickRange | null;
}

/** Which control an exposure change went through. */
export type NudgedControl = 'Comp' | 'Time' | 'ISO';

export interface Nudge {
  readonly settings: Settings;
  readonly through: NudgedControl;
  /** Clicks really moved: fewer than asked where the control ends. */
  readonly clicks: number;
}

/**
 * Makes the picture `clicks` thirds brighter (or darker, negative) through whichever tape is free:
 * Comp while the camera still moves Time or ISO; else Time; else ISO. Null when no control can move
 * that way.
 */
export function nudgeExposure(
  settings: Settings,
  solution: Solution,
  ranges: NudgeRanges,
  clicks: number,
): Nudge | null {
  const comp = cameraMoves(settings, ranges)
    ? moved(settings.compClicks, clicks, ranges.compensation)
    : 0;
  if (comp !== 0)
    return {
      settings: { ...settings, compClicks: settings.compClicks + comp },
      through: 'Comp',
      clicks: comp,
    };
  const time = moved(solution.timeClick, clicks, ranges.time);
  if (time !== 0)
    return {
      settings: { ...settings, time: held(Math.round(solution.timeClick + time)) },
      through: 'Time',
      clicks: time,
    };
  const iso = moved(solution.isoClick, clicks, ranges.iso);
  if (iso !== 0)
    return {
      settings: { ...settings, iso: held(Math.round(solution.isoClick + iso)) },
      through: 'ISO',
      clicks: iso,
    };
  return null;
}

/**
 * True while the camera exposes by itself: nothing is held, or it moves what has been left open. A
 * device that is told its time and offers no ISO moves nothing any more.
 */
export const cameraMoves = ({ time, iso }: Settings, ranges: NudgeRanges): boolean =>
  (time.mode === 'auto' && iso.mode === 'auto') ||
  (time.mode === 'auto' && ranges.time !== null) ||
  (iso.mode === 'auto' && ranges.iso !== null);

/** The control an exposure change would go through now; null when there is none. */
export function freeControl(settings: Settings, ranges: NudgeRanges): NudgedControl | null {
  if (cameraMoves(settings, ranges) && ranges.compensation) return 'Comp';
  return ranges.time ? 'Time' : ranges.iso ? 'ISO' : null;
}

/** Clicks a control at `from` can really move; 0 without a range. */
const moved = (from: number, clicks: number, range: ClickRange | null): number =>
  range ? Math.min(range.max, Math.max(range.min, from + clicks)) - from : 0;
