import { clickFromIso, clickFromTimeS, isoFromClick, timeSFromClick } from '@velmo/core/exposure';
import type { ClickRange } from '@velmo/core/exposure';
import { heldClick, type Settings } from '@velmo/core/settings';
import { focusConstraints } from './trackFocus';

/**
 * Camera controls of W3C MediaStream Image Capture, which TypeScript's DOM library does not describe.
 * exposureTime is in units of 100 microseconds.
 */
interface Span {
  readonly min: number;
  readonly max: number;
}
export interface ControlCapabilities extends MediaTrackCapabilities {
  readonly exposureMode?: readonly string[];
  readonly exposureTime?: Span;
  readonly iso?: Span;
  readonly focusMode?: readonly string[];
  readonly focusDistance?: Span & { readonly step?: number };
}
export interface ControlSettings extends MediaTrackSettings {
  readonly exposureMode?: string;
  readonly exposureTime?: number;
  readonly iso?: number;
  readonly focusMode?: string;
  readonly focusDistance?: number;
}

const EXPOSURE_UNIT_S = 1e-4;

/** Whole clicks that lie inside a span of true values, or null when none does. */
function clicksInside(
  span: Span | undefined,
  toClick: (v: number) => number,
  fromClick: (c: number) => number,
): ClickRange | null {
  if (!span || !(span.min > 0) || !(span.max > span.min)) return null;
  const tolerance = 1.001;
  let min = toClick(span.min);
  let max = toClick(span.max);
  while (fromClick(min) * tolerance < span.min) min++;
  while (fromClick(max) > span.max * tolerance) max--;
  return min < max ? { min, max } : null;
}

const unitsFromClick = (click: number): number => timeSFromClick(click) / EXPOSURE_UNIT_S;

/** Shutter times a track can be held at; null when it cannot be held at all. */
export const timeRangeOf = (c: ControlCapabilities): ClickRange | null =>
  c.exposureMode?.includes('manual')
    ? clicksInside(c.exposureTime, (v) => clickFromTimeS(v * EXPOSURE_UNIT_S), unitsFromClick)
    : null;

export const isoRangeOf = (c: ControlCapabilities): ClickRange | null =>
  c.exposureMode?.includes('manual') ? clicksInside(c.iso, clickFromIso, isoFromClick) : null;

/** Time and ISO a track says it uses, in clicks; null where it says nothing. */
export const reportedClicks = (
  s: ControlSettings,
): { timeClick: number | null; isoClick: number | null } => ({
  timeClick: s.exposureTime ? clickFromTimeS(s.exposureTime * EXPOSURE_UNIT_S) : null,
  isoClick: s.iso ? clickFromIso(s.iso) : null,
});

/** Constraints that ask a track for what is held, and only for what it offers. */
export function constraintsFor(
  settings: Settings,
  capabilities: ControlCapabilities,
): MediaTrackConstraints {
  const time = timeRangeOf(capabilities) ? heldClick(settings.time) : null;
  const iso = isoRangeOf(capabilities) ? heldClick(settings.iso) : null;
  const manual = time !== null || iso !== null;
  const wanted: Record<string, unknown> = {};
  if (capabilities.exposureMode) {
    const mode = manual ? 'manual' : 'continuous';
    if (capabilities.exposureMode.includes(mode)) wanted.exposureMode = mode;
  }
  if (time !== null) wanted.exposureTime = unitsFromClick(time);
  if (iso !== null) wanted.iso = isoFromClick(iso);
  Object.assign(wanted, focusConstraints(settings.focus, capabilities));
  return { advanced: [wanted as MediaTrackConstraintSet] };
}
