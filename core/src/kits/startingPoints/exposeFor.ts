import { timeSFromClick } from '../../exposure/clicks';
import { clampClick, solveExposure, type Solution } from '../../exposure/solver';
import { BANDING_LIMIT, bandingContrast } from '../../optics/lampPulse';
import { AUTO, held, heldWhite, type Settings } from '../../settings/settings';
import type { KitCamera } from '../kitCamera';
import type { LightSeen } from './startingPoint';

/** What the solver makes of settings in a light; null where the camera decides by itself. */
export function solved(s: Settings, light: LightSeen, camera: KitCamera): Solution | null {
  const input = light.lightClicks === null ? null : camera.solverInput(s, light.lightClicks);
  return input && solveExposure(input);
}

/** Time held where the light wants it, ISO and compensation as they are. */
export function timeByLight(s: Settings, light: LightSeen, camera: KitCamera): Settings {
  const solution = solved({ ...s, time: AUTO }, light, camera);
  return solution ? { ...s, time: held(Math.round(solution.timeClick)) } : s;
}

/**
 * ISO held where the light wants it at the time that is held; what it does not reach, compensation
 * gives up, as far as it may.
 *
 * @param leastComp clicks of compensation that the picture bears
 */
export function isoByLight(
  s: Settings,
  light: LightSeen,
  camera: KitCamera,
  leastComp: number,
): Settings {
  const solution = solved({ ...s, iso: AUTO }, light, camera);
  if (!solution) return s;
  const missing = Math.min(0, solution.differenceClicks);
  const compClicks = Math.max(leastComp, s.compClicks + missing);
  const range = camera.compensation;
  return {
    ...s,
    iso: held(Math.round(solution.isoClick)),
    compClicks: range ? clampClick(compClicks, range) : s.compClicks,
  };
}

/** White held where the camera has found it, so that frames match. */
export const whiteAsRead = (s: Settings, { white }: LightSeen): Settings =>
  white ? { ...s, white: heldWhite({ kelvin: Math.round(white.kelvin), tint: white.tint }) } : s;

/** The pattern that keeps the brightest texture, where the camera has it. */
export const keepHighlights = (s: Settings, camera: KitCamera): Settings['meter'] => ({
  ...s.meter,
  pattern: camera.meterPatterns.includes('highlights') ? 'highlights' : s.meter.pattern,
});

/** The lowest ISO that is not extended. */
export const baseIso = ({ baseIsoClick, iso }: KitCamera): number => baseIsoClick ?? iso?.min ?? 0;

/**
 * Time held where the light wants it; under lamps that pulse the nearest shorter one that does not
 * band, and compensation for the difference.
 */
export function steadyUnderLamps(s: Settings, light: LightSeen, camera: KitCamera): Settings {
  const metered = timeByLight(s, light, camera);
  const { lamps } = light.context;
  if (!lamps || metered.time.mode === 'auto' || !camera.time) return metered;
  const bands = (click: number): boolean =>
    bandingContrast(timeSFromClick(click), lamps.mainsHz, lamps.modulation) > BANDING_LIMIT;
  let { click } = metered.time;
  while (click > camera.time.min && bands(click)) click--;
  const compClicks = s.compClicks + click - metered.time.click;
  return click === camera.time.min && bands(click)
    ? metered
    : { ...metered, time: held(click), compClicks };
}
