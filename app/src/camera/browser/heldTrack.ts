import type { WhitePoint } from '@velmo/core/colour';
import { held, heldFocus, type FocusSetting, type Settings } from '@velmo/core/settings';
import type { Readings } from '../device/readings';
import { compRangeOf, reportedClicks, timeRangeOf } from './track/trackControls';
import { reportedFocus } from './track/trackFocus';
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

/** What leading a track through exposures needs of the camera. */
export interface SteppedTrack {
  readonly controls: ControlCapabilities;
  reported(): ControlSettings;
  /** Asks for settings and waits until the track says it follows. */
  hold(settings: Settings): Promise<void>;
  /** Gives the track back to the photographer's settings. */
  restore(): void;
  /** Lets frames go that were exposed before. */
  letGo(frames: number): Promise<void>;
  /** What the next frame says. */
  nextReadings(): Promise<Readings>;
}

/** The lens held where the track says it stands; as it was where that is not told. */
function heldLens(
  { focus }: Settings,
  controls: ControlCapabilities,
  reported: ControlSettings,
): FocusSetting {
  const standing = focus.mode === 'auto' ? reportedFocus(controls, reported) : null;
  return standing ? heldFocus(standing.dioptres) : focus;
}

/**
 * The same with white, ISO and focus held where the track stands, and exposed at a click of the way
 * its exposure is moved: white that followed the picture would bend its colours from frame to
 * frame.
 *
 * @param way null: its exposure cannot be moved
 */
export function heldAt(
  settings: Settings,
  controls: ControlCapabilities,
  reported: ControlSettings,
  way: ExposureWay | null,
  click: number,
): Settings {
  const focus = heldLens(settings, controls, reported);
  const white =
    settings.white.mode === 'held' || settings.white.locked
      ? settings.white
      : { mode: 'auto' as const, locked: reportedWhite(reported) };
  if (way === null) return { ...settings, white, focus };
  if (way === 'comp') return { ...settings, white, focus, compClicks: click };
  const { isoClick } = reportedClicks(reported);
  const iso = isoClick === null ? settings.iso : held(isoClick);
  return { ...settings, white, focus, time: held(click), iso };
}
