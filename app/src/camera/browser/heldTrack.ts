import type { WhitePoint } from '@velmo/core/colour';
import { held, type Settings } from '@velmo/core/settings';
import { compRangeOf, reportedClicks, timeRangeOf } from './track/trackControls';
import type { ControlCapabilities, ControlSettings } from './track/trackTypes';

/** By what a track's exposure is moved in known steps. */
export type ExposureWay = 'time' | 'comp';

/** Null where the browser offers neither. */
export const exposureWay = (controls: ControlCapabilities): ExposureWay | null =>
  timeRangeOf(controls) ? 'time' : compRangeOf(controls) ? 'comp' : null;

/**
 * Frames let go after a new exposure: those on their way, and where the device exposes by itself,
 * those it takes to.
 */
export const SETTLING_FRAMES = { time: 4, comp: 15 } as const;

const reportedWhite = ({ colorTemperature: kelvin }: ControlSettings): WhitePoint | null =>
  kelvin ? { kelvin, tint: 0 } : null;

/**
 * The same with white and ISO held where the track stands, and exposed at a click of the way its
 * exposure is moved: white that followed the picture would bend its colours from frame to frame.
 */
export function heldAt(
  settings: Settings,
  reported: ControlSettings,
  way: ExposureWay,
  click: number,
): Settings {
  const white =
    settings.white.mode === 'held' || settings.white.locked
      ? settings.white
      : { mode: 'auto' as const, locked: reportedWhite(reported) };
  if (way === 'comp') return { ...settings, white, compClicks: click };
  const { isoClick } = reportedClicks(reported);
  const iso = isoClick === null ? settings.iso : held(isoClick);
  return { ...settings, white, time: held(click), iso };
}
