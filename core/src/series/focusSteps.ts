import type { ThinLens } from '../optics/depthOfField';

export const FOCUS_STEPS = { min: 2, max: 30 } as const;
/** Share of a frame's sharp zone that the next one holds too. */
export const DEFAULT_FOCUS_OVERLAP = 0.2;

/**
 * Half the length of what looks sharp, in dioptres: c N / f^2, the same wherever a thin lens is
 * focused (Gaussian optics, s well beyond f).
 */
export const sharpHalfWidth = ({ focalLengthMm, fNumber }: ThinLens, circleMm: number): number =>
  (1000 * circleMm * fNumber) / focalLengthMm ** 2;

/**
 * Where a lens is focused, nearest first and in dioptres, so that all between two distances is sharp
 * in at least one frame: n = ceil(range / (2 half-width (1 - overlap))) zones side by side.
 *
 * @param nearDioptres the nearer end, larger than or equal to the farther one
 * @param overlap 0..1, 1 excluded. Throws RangeError beyond that.
 */
export function focusSteps(
  lens: ThinLens,
  circleMm: number,
  nearDioptres: number,
  farDioptres: number,
  overlap: number = DEFAULT_FOCUS_OVERLAP,
): number[] {
  if (!(overlap >= 0 && overlap < 1)) throw new RangeError('the overlap is a share below 1');
  const range = nearDioptres - farDioptres;
  if (!(range >= 0)) throw new RangeError('the near end lies beyond the far one');
  const apart = 2 * sharpHalfWidth(lens, circleMm) * (1 - overlap);
  const count = Math.max(1, Math.ceil(range / apart));
  return Array.from({ length: count }, (_, i) => nearDioptres - ((i + 0.5) * range) / count);
}
