import type { ClickRange, Solution } from '../exposure/solver';
import { COMP_CLICKS, held, type Settings } from './settings';

/** Which control an exposure change went through. */
export type NudgedControl = 'Comp' | 'Time' | 'ISO';

export interface Nudge {
  readonly settings: Settings;
  readonly through: NudgedControl;
  /** Clicks really moved: fewer than asked where the control ends. */
  readonly clicks: number;
}

/**
 * Makes the picture `clicks` thirds brighter (or darker, negative) through whichever tape is free: Comp while
 * the camera still moves Time or ISO; else Time; else ISO.
 */
export function nudgeExposure(
  settings: Settings,
  solution: Solution,
  timeRange: ClickRange,
  isoRange: ClickRange,
  clicks: number,
): Nudge {
  if (settings.time.mode === 'auto' || settings.iso.mode === 'auto') {
    const comp = clampClick(settings.compClicks + clicks, COMP_CLICKS);
    if (comp !== settings.compClicks) {
      return {
        settings: { ...settings, compClicks: comp },
        through: 'Comp',
        clicks: comp - settings.compClicks,
      };
    }
  }
  const time = clampClick(solution.timeClick + clicks, timeRange);
  if (time !== solution.timeClick) {
    return {
      settings: { ...settings, time: held(time) },
      through: 'Time',
      clicks: time - solution.timeClick,
    };
  }
  const iso = clampClick(solution.isoClick + clicks, isoRange);
  return {
    settings: { ...settings, iso: held(iso) },
    through: 'ISO',
    clicks: iso - solution.isoClick,
  };
}

const clampClick = (click: number, range: ClickRange): number =>
  Math.min(range.max, Math.max(range.min, click));
