import { dioptresOf } from '@velmo/core/optics';
import type { PicturePoint } from '@velmo/core/exposure';
import type { FocusSetting } from '@velmo/core/settings';
import type { FocusControl, FocusReading } from './CameraDevice';
import type { ControlCapabilities, ControlSettings } from './trackControls';

/** Detents between the nearest and the farthest focus of a track that counts metres. */
const DETENTS = 60;
/** A track with more steps than this is moved several at a time. */
const MOST_DETENTS = 200;
/** W3C Image Capture speaks of metres. A track whose steps are whole and whose reach is longer than this counts something else. */
const LONGEST_M = 20;
/** Where nothing but steps is known, they stand for this many dioptres, so that they can be kept like any other focus. */
const STEPS_DIOPTRES = 10;

interface FocusSpan {
  readonly min: number;
  readonly max: number;
  readonly step?: number;
}

/** True when a track's focusDistance can be read as metres. */
export const countsMetres = ({ min, max, step }: FocusSpan): boolean =>
  min >= 0 && min < 5 && ((step ?? 0) < 1 || max <= LONGEST_M);

/** Detents of a tape: where the track counts steps of its own, as many as it has. */
const detentsOf = (span: FocusSpan): number =>
  countsMetres(span)
    ? DETENTS
    : Math.max(1, Math.min(MOST_DETENTS, Math.round((span.max - span.min) / (span.step || 1))));

/** A way from a track's numbers to dioptres and back. */
function unitOf(span: FocusSpan) {
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

const spanOf = (c: ControlCapabilities): FocusSpan | null => {
  const span = c.focusDistance;
  return c.focusMode?.includes('manual') && span && span.max > span.min ? span : null;
};

const POINT_MODES = ['single-shot', 'continuous'] as const;

/** The mode in which a track focuses at a place it is told; null where it cannot be told. */
const pointMode = (c: ControlCapabilities): string | null =>
  navigator.mediaDevices?.getSupportedConstraints &&
  'pointsOfInterest' in navigator.mediaDevices.getSupportedConstraints()
    ? (POINT_MODES.find((mode) => c.focusMode?.includes(mode)) ?? null)
    : null;

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
    findsAtPlace,
  };
}

/** What a track says of its focus; null where it says nothing. */
export function reportedFocus(c: ControlCapabilities, s: ControlSettings): FocusReading | null {
  const span = spanOf(c);
  if (!span || s.focusDistance === undefined) return null;
  return {
    dioptres: unitOf(span).toDioptres(s.focusDistance),
    state: s.focusMode === 'manual' ? 'set' : 'device',
  };
}

/** The part of a track's constraints that asks for focus, and only for what it offers. */
export function focusConstraints(
  focus: FocusSetting,
  c: ControlCapabilities,
): Record<string, unknown> {
  const span = spanOf(c);
  if (focus.mode === 'set' && span)
    return { focusMode: 'manual', focusDistance: unitOf(span).toTrack(focus.dioptres) };
  const mode = pointMode(c);
  if (focus.mode === 'auto' && mode && !isMiddle(focus.spot))
    return { focusMode: mode, pointsOfInterest: [{ x: focus.spot.x, y: focus.spot.y }] };
  return c.focusMode?.includes('continuous') ? { focusMode: 'continuous' } : {};
}

const isMiddle = ({ x, y }: PicturePoint): boolean => x === 0.5 && y === 0.5;
