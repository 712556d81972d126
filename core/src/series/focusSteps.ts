import type { ThinLens } from '../optics/depthOfField';
import type { FocusSteps } from './series';

/** The part of focus steps that lies between two distances. */
type FocusRange = Pick<FocusSteps, 'nearDioptres' | 'farDioptres' | 'overlap'>;

export const MAX_FOCUS_STEPS = 30;

/**
 * Half the length of what looks sharp, in dioptres: c N / f^2, the same wherever a thin lens is
 * focused (Gaussian optics, s well beyond f).
 */
export const sharpHalfWidth = ({ focalLengthMm, fNumber }: ThinLens, circleMm: number): number =>
  (1000 * circleMm * fNumber) / focalLengthMm ** 2;

/**
 * Where a lens is focused, nearest first and in dioptres, so that all between two distances is
 * sharp in at least one frame: n = ceil(range / (2 half-width (1 - overlap))) zones side by side,
 * as far as MAX_FOCUS_STEPS of them reach.
 *
 * @param halfWidth half the length of what looks sharp, in dioptres
 * @param steps an overlap of 0..1, 1 excluded. Throws RangeError beyond that.
 */
export function focusSteps(
  halfWidth: number,
  { nearDioptres, farDioptres, overlap }: FocusRange,
): number[] {
  if (!(overlap >= 0 && overlap < 1)) throw new RangeError('the overlap is a share below 1');
  const range = nearDioptres - farDioptres;
  if (!(range >= 0)) throw new RangeError('the near end lies beyond the far one');
  const apart = 2 * halfWidth * (1 - overlap);
  const count = Math.min(MAX_FOCUS_STEPS, Math.max(1, Math.ceil(range / apart)));
  return Array.from({ length: count }, (_, i) => nearDioptres - ((i + 0.5) * range) / count);
}

/** Dioptres between neighbouring zones that no frame holds; 0 where they touch. */
export function focusGap(halfWidth: number, steps: FocusRange): number {
  const count = focusSteps(halfWidth, steps).length;
  const apart = (steps.nearDioptres - steps.farDioptres) / count;
  return Math.max(0, apart - 2 * halfWidth);
}

/**
 * Where each frame is focused, in dioptres: at the places chosen, or side by side between the ends.
 *
 * @param halfWidth null where the lens is not known: then only places can be had
 */
export function focusedAt(halfWidth: number | null, steps: FocusSteps): readonly number[] {
  if (steps.places) return steps.places;
  return halfWidth === null ? [] : focusSteps(halfWidth, steps);
}
