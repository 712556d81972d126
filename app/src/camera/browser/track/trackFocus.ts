import { dioptresOf } from '@velmo/core/optics';
import type { PicturePoint } from '@velmo/core/exposure';
import type { FocusSetting, MeterSetting } from '@velmo/core/settings';
import type { FocusControl } from '../../device/capabilities';
import type { FocusReading } from '../../device/readings';
import {
  isSpan,
  steppedValue,
  takesPlaces,
  type ControlCapabilities,
  type ControlSettings,
  type Span,
} from './trackTypes';

/** Detents between the nearest and the farthest focus of a track that counts metres. */
const DETENTS = 60;
/** A track with more steps than this is moved several at a time. */
const MAX_DETENTS = 200;
/**
 * W3C Image Capture speaks of metres. A track whose steps are whole and whose reach is longer than
 * this counts something else.
 */
const MAX_DISTANCE_M = 20;
/**
 * Where nothing but steps is known, they stand for this many dioptres, so that they can be kept
 * like any other focus.
 */
const STEPS_DIOPTRES = 10;

/** True when a track's focusDistance can be read as metres. */
export const countsMetres = ({ min, max, step }: Span): boolean =>
  min >= 0 && min < 5 && ((step ?? 0) < 1 || max <= MAX_DISTANCE_M);

/** Detents of a tape: where the track counts steps of its own, as many as it has. */
const detentsOf = (span: Span): number =>
  countsMetres(span)
    ? DETENTS
    : Math.max(1, Math.min(MAX_DETENTS, Math.round((span.max - span.min) / (span.step || 1))));

/** A way from a track's numbers to dioptres and back. */
function unitOf(span: Span) {
  if (countsMetres(span)) {
    const nearest = dioptresOf(Math.max(0.02, span.min));
    const farthest = dioptresOf(span.max);
    return {
      nearest,
      farthest,
      toTrack: (dioptres: number) => 1 / Math.max(dioptres, dioptresOf(span.max)),
      toDioptres: (distance: number) => dioptresOf(Math.max(0.02, distance)),
    };
  }
  const share = (v: number): number => (v - span.min) / (span.max - span.min);
  return {
    nearest: STEPS_DIOPTRES,
    farthest: 0,
    toTrack: (dioptres: number) =>
      Math.round(span.min + (1 - dioptres / STEPS_DIOPTRES) * (span.max - span.min)),
    toDioptres: (step: number) => STEPS_DIOPTRES * (1 - share(step)),
  };
}

const spanOf = (c: ControlCapabilities): Span | null => {
  const span = c.focusDistance;
  return c.focusMode?.includes('manual') && isSpan(span) ? span : null;
};

const POINT_MODES = ['single-shot', 'continuous'] as const;

/** The mode in which a track focuses at a place it is told; null where it cannot be told. */
const pointMode = (c: ControlCapabilities): string | null =>
  takesPlaces() ? (POINT_MODES.find((mode) => c.focusMode?.includes(mode)) ?? null) : null;

/** How a track's focus can be moved; null where it cannot. */
export function trackFocus(c: ControlCapabilities): FocusControl | null {
  const span = spanOf(c);
  const findsAtPlace = pointMode(c) !== null;
  if (!span && !findsAtPlace) return null;
  const unit = span && unitOf(span);
  const detents = span ? detentsOf(span) : 1;
  const perClick = unit ? (unit.nearest - unit.farthest) / detents : 1;
  const far = unit?.farthest ?? 0;
  return {
    range: span ? { min: -detents, max: 0 } : null,
    clickOf: (dioptres) => (far - dioptres) / perClick || 0,
    dioptresOf: (click) => far - click * perClick,
    steps: span !== null && !countsMetres(span),
    fixedM: null,
    zoneOf: () => null,
    hyperfocalM: null,
    sharpHalfWidth: null,
    findsAtPlace,
  };
}

/** What a track says of its focus; null where it says nothing. */
export function reportedFocus(c: ControlCapabilities, s: ControlSettings): FocusReading | null {
  const span = spanOf(c);
  if (!span || s.focusDistance === undefined) return null;
  return {
    dioptres: unitOf(span).toDioptres(s.focusDistance),
    state: s.focusMode === 'manual' ? 'held' : 'device',
  };
}

/**
 * The part of a track's constraints that asks for focus, and only for what it offers. A place is
 * named for all the track does by itself, light included: where nothing is to be focused at a
 * place, it is the meter's spot.
 */
export function focusConstraints(
  focus: FocusSetting,
  meter: MeterSetting,
  c: ControlCapabilities,
): Record<string, unknown> {
  const span = spanOf(c);
  const spot = meter.pattern === 'spot' ? placeOf(meter.spot) : {};
  if (focus.mode === 'held' && span)
    return {
      focusMode: 'manual',
      focusDistance: steppedValue(unitOf(span).toTrack(focus.dioptres), span),
      ...spot,
    };
  const mode = pointMode(c);
  if (focus.mode === 'auto' && mode && !isMiddle(focus.spot))
    return { focusMode: mode, ...placeOf(focus.spot) };
  return c.focusMode?.includes('continuous') ? { focusMode: 'continuous', ...spot } : {};
}

const placeOf = ({ x, y }: PicturePoint): Record<string, unknown> =>
  takesPlaces() ? { pointsOfInterest: [{ x, y }] } : {};

const isMiddle = ({ x, y }: PicturePoint): boolean => x === 0.5 && y === 0.5;
