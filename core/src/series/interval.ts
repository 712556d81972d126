import { steppedExposure, type ExposureRanges } from './bracket';
import type { HeldExposure } from './capturePlan';

/** At most so far from one frame of an interval to the next: a third of a stop. */
const SMOOTH_CLICKS = 1;

/**
 * The exposure of an interval's next frame: as the meter now says, but no more than a third of a
 * stop from the frame before, so that a cloud does not flicker. Focus and white stay.
 */
export function smoothedExposure(
  before: HeldExposure,
  metered: Pick<HeldExposure, 'timeClick' | 'isoClick'>,
  ranges: ExposureRanges,
): HeldExposure {
  const change = metered.timeClick + metered.isoClick - (before.timeClick + before.isoClick);
  const kept = Math.min(SMOOTH_CLICKS, Math.max(-SMOOTH_CLICKS, change));
  const { timeClick, isoClick } = steppedExposure(metered, kept - change, ranges);
  return { ...before, timeClick, isoClick };
}
