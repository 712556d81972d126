import { CLICKS_PER_STOP } from '@velmo/core/exposure';
import { held, type Settings } from '@velmo/core/settings';
import { isoRangeOf, reportedClicks, timeRangeOf } from './track/trackControls';
import type { ControlCapabilities, ControlSettings } from './track/trackTypes';

/** Light that lies so near to what is wanted is left alone: a tape must not hunt. */
const CLOSE_CLICKS = 0.8;

/**
 * A device that is told its time keeps its gain, and the other way round: the tape that was left
 * open would stay where it was. This moves it by what the meter is off.
 *
 * @param filled what the open tape was last asked for, in clicks; null when it has not been moved
 *   yet
 * @returns the same, moved; null where there is no open tape to move
 */
export function followLight(
  settings: Settings,
  capabilities: ControlCapabilities,
  reported: ControlSettings,
  meterStops: number,
  filled: number | null,
): number | null {
  const open = openTape(settings, capabilities);
  if (!open) return null;
  const now = reportedClicks(reported);
  const at = filled ?? (open.name === 'iso' ? now.isoClick : now.timeClick);
  if (at === null) return null;
  const off = CLICKS_PER_STOP * meterStops - settings.compClicks;
  if (Math.abs(off) < CLOSE_CLICKS) return at;
  // A clipped picture is at least as far off as it looks: the rest is done when it has been seen
  // anew.
  const { min, max } = open.range;
  return Math.min(max, Math.max(min, Math.round(at - off)));
}

/** The one of Time and ISO that is left to the camera while the other is held. */
export function openTape(settings: Settings, c: ControlCapabilities) {
  const [time, iso] = [timeRangeOf(c), isoRangeOf(c)];
  if (!time || !iso) return null;
  if (settings.time.mode === 'held' && settings.iso.mode === 'auto')
    return { name: 'iso', range: iso } as const;
  if (settings.iso.mode === 'held' && settings.time.mode === 'auto')
    return { name: 'time', range: time } as const;
  return null;
}

/** Settings as the device is asked for them: the open tape where the light wants it. */
export function filledSettings(
  settings: Settings,
  capabilities: ControlCapabilities,
  filled: number | null,
): Settings {
  const open = filled === null ? null : openTape(settings, capabilities);
  return open ? { ...settings, [open.name]: held(filled!) } : settings;
}
