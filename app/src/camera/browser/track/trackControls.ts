import { WHITE_KELVIN } from '@velmo/core/colour';
import {
  clickFromIso,
  clickFromTimeS,
  CLICKS_PER_STOP,
  isoFromClick,
  timeSFromClick,
  type ClickRange,
} from '@velmo/core/exposure';
import { MAX_CROP } from '@velmo/core/optics';
import { COMP_CLICKS, heldClick, type Settings } from '@velmo/core/settings';
import { focusConstraints } from './trackFocus';
import {
  isSpan,
  steppedValue,
  type ControlCapabilities,
  type ControlSet,
  type ControlSettings,
  type Span,
} from './trackTypes';

const EXPOSURE_UNIT_S = 1e-4;

/** Whole clicks that lie inside a span of true values, or null when none does. */
function clicksInside(
  span: Span | undefined,
  toClick: (v: number) => number,
  fromClick: (c: number) => number,
): ClickRange | null {
  if (!isSpan(span) || !(span.min > 0)) return null;
  const tolerance = 1.001;
  let min = toClick(span.min);
  let max = toClick(span.max);
  while (fromClick(min) * tolerance < span.min) min++;
  while (fromClick(max) > span.max * tolerance) max--;
  return min < max ? { min, max } : null;
}

const unitsFromClick = (click: number): number => timeSFromClick(click) / EXPOSURE_UNIT_S;
const inSeconds = (units: number): number => units * EXPOSURE_UNIT_S;

/** Shutter times a track can be held at; null when it cannot be held at all. */
export const timeRangeOf = (c: ControlCapabilities): ClickRange | null =>
  c.exposureMode?.includes('manual')
    ? clicksInside(c.exposureTime, (v) => clickFromTimeS(inSeconds(v)), unitsFromClick)
    : null;

/** ISO values a track can be held at, in clicks; null when it cannot be held at all. */
export const isoRangeOf = (c: ControlCapabilities): ClickRange | null =>
  c.exposureMode?.includes('manual') ? clicksInside(c.iso, clickFromIso, isoFromClick) : null;

/** Compensation a track takes while it exposes by itself, in clicks; null where it takes none. */
export function compRangeOf({
  exposureCompensation: span,
}: ControlCapabilities): ClickRange | null {
  if (!isSpan(span)) return null;
  const min = Math.max(COMP_CLICKS.min, Math.ceil(span.min * CLICKS_PER_STOP - 0.01));
  const max = Math.min(COMP_CLICKS.max, Math.floor(span.max * CLICKS_PER_STOP + 0.01));
  return min < max ? { min, max } : null;
}

/** Lights a track can be told to take for white, in kelvin; null where it decides. */
export function kelvinRangeOf(c: ControlCapabilities): { min: number; max: number } | null {
  const span = c.colorTemperature;
  if (!c.whiteBalanceMode?.includes('manual') || !isSpan(span)) return null;
  const min = Math.max(WHITE_KELVIN.min, span.min);
  const max = Math.min(WHITE_KELVIN.max, span.max);
  return min < max ? { min, max } : null;
}

/** How far a track zooms in, 1 being its widest; null where it does not. */
export const zoomMaxOf = ({ zoom }: ControlCapabilities): number | null =>
  isSpan(zoom) && zoom.min > 0 ? Math.min(MAX_CROP, zoom.max / zoom.min) : null;

/** True where a track's lamp can be switched on. */
export const hasTorch = ({ torch }: ControlCapabilities): boolean =>
  torch === true || (Array.isArray(torch) && torch.includes(true));

/** The time a track says it exposes for, in seconds; null where it says nothing. */
export const reportedTimeS = ({ exposureTime }: ControlSettings): number | null =>
  exposureTime ? inSeconds(exposureTime) : null;

/** Time and ISO a track says it uses, in clicks; null where it says nothing. */
export const reportedClicks = (
  s: ControlSettings,
): { timeClick: number | null; isoClick: number | null } => ({
  timeClick: s.exposureTime ? clickFromTimeS(inSeconds(s.exposureTime)) : null,
  isoClick: s.iso ? clickFromIso(s.iso) : null,
});

/** Controls that a track can refuse, each by itself. */
export type ControlName = 'time' | 'iso' | 'comp' | 'focus' | 'white' | 'zoom' | 'torch';

/** One control as a track is asked for it. */
export interface AskedControl {
  readonly name: ControlName;
  readonly set: ControlSet;
}

/**
 * What a track is asked for, a set for each control it offers, so that one that is refused takes no
 * other along.
 */
export function asksFor(settings: Settings, c: ControlCapabilities): AskedControl[] {
  const asks: (AskedControl | null)[] = [
    ...exposureAsks(settings, c),
    named('focus', focusConstraints(settings.focus, settings.meter, c)),
    named('white', whiteAsk(settings, c)),
    named(
      'zoom',
      isSpan(c.zoom) && zoomMaxOf(c)
        ? { zoom: steppedValue(c.zoom.min * settings.crop, c.zoom) }
        : {},
    ),
    named('torch', hasTorch(c) ? { torch: settings.torch } : {}),
  ];
  return asks.filter((ask) => ask !== null);
}

const named = (name: ControlName, set: ControlSet): AskedControl | null =>
  Object.keys(set).length > 0 ? { name, set } : null;

function exposureAsks(settings: Settings, c: ControlCapabilities): (AskedControl | null)[] {
  const time = timeRangeOf(c) ? heldClick(settings.time) : null;
  const iso = isoRangeOf(c) ? heldClick(settings.iso) : null;
  if (time === null && iso === null) {
    const mode = c.exposureMode?.includes('continuous') ? { exposureMode: 'continuous' } : {};
    const comp = compRangeOf(c)
      ? {
          exposureCompensation: steppedValue(
            settings.compClicks / CLICKS_PER_STOP,
            c.exposureCompensation!,
          ),
        }
      : {};
    return [named('comp', { ...mode, ...comp })];
  }
  const manual = { exposureMode: 'manual' };
  return [
    time === null
      ? null
      : named('time', {
          ...manual,
          exposureTime: steppedValue(unitsFromClick(time), c.exposureTime!),
        }),
    iso === null ? null : named('iso', { ...manual, iso: steppedValue(isoFromClick(iso), c.iso!) }),
  ];
}

function whiteAsk({ white }: Settings, c: ControlCapabilities): ControlSet {
  const held = white.mode === 'held' ? white : white.locked;
  if (held && kelvinRangeOf(c))
    return {
      whiteBalanceMode: 'manual',
      colorTemperature: steppedValue(held.kelvin, c.colorTemperature!),
    };
  return c.whiteBalanceMode?.includes('continuous') ? { whiteBalanceMode: 'continuous' } : {};
}

/** Constraints of all sets together. */
export const constraintsFor = (asks: readonly AskedControl[]): MediaTrackConstraints => ({
  advanced: asks.map(({ set }) => set as MediaTrackConstraintSet),
});

/**
 * How far a value may lie from what was asked, as a ratio: half a click of exposure, and a colour
 * nobody sees.
 */
const HALF_CLICK = 2 ** (1 / 6) * 1.001;
const BY_RATIO: Readonly<Record<string, number>> = {
  exposureTime: HALF_CLICK,
  iso: HALF_CLICK,
  colorTemperature: 1.03,
};
/** Other values may lie a step away, or where a track names none, a 200th of its span. */
const SHARE_OF_SPAN = 1 / 200;

/**
 * True when a track says that it does what it was asked; what it does not report cannot be held
 * against it.
 */
export function isDone(
  { set }: AskedControl,
  reported: ControlSettings,
  c: ControlCapabilities,
): boolean {
  return Object.entries(set).every(([key, asked]) => {
    const is: unknown = reported[key as keyof ControlSettings];
    if (is === undefined || key === 'pointsOfInterest') return true;
    if (typeof asked !== 'number' || typeof is !== 'number') return is === asked;
    const span = c[key as keyof ControlCapabilities] as Span | undefined;
    const ratio = BY_RATIO[key];
    if (ratio !== undefined) return Math.max(is / asked, asked / is) <= ratio;
    const step = span?.step || (span ? (span.max - span.min) * SHARE_OF_SPAN : 0);
    return Math.abs(is - asked) <= step * 1.001;
  });
}
