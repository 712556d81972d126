import type { CaptureStep, HeldExposure, SteppedCamera } from '../capturePlan';
import type { SeriesKind, SeriesOf } from '../series';

/** What one frame of a series moves, and when it is due. */
export type SeriesStep = Omit<CaptureStep, 'gathering'>;

/** A kind of series: all that is particular to it. */
export interface SeriesDefinition<K extends SeriesKind> {
  /** As it is before anything of it was chosen. */
  readonly first: SeriesOf<K>;
  /**
   * How many frames it makes.
   *
   * @param sharpHalfWidth in dioptres; null where the lens is not known
   */
  frames(series: SeriesOf<K>, sharpHalfWidth: number | null): number;
  /** Its frames in the order in which they are made, about the exposure that is held. */
  steps(series: SeriesOf<K>, about: HeldExposure, camera: SteppedCamera): SeriesStep[];
}

/** A frame as it is held, as soon as the one before is made. */
export const STILL: SeriesStep = { moves: {}, biasClicks: 0, dueS: 0, metersAnew: false };
