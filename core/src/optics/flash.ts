import { isoFromClick } from '../exposure/clicks';

/** What a flash gives at a distance depends on this. */
export interface FlashShot {
  /** Metres times f-number at which a grey card is exposed right at ISO 100. */
  readonly guideNumber: number;
  readonly fNumber: number;
  readonly isoClick: number;
  readonly filterStops: number;
}

/**
 * Stops from mid-grey at which a flash alone renders a grey card at a distance in metres: 0 where
 * guide number = f-number times distance at ISO 100 (the guide number's definition); light falls
 * with the square of the distance.
 */
export const flashStops = (
  { guideNumber, fNumber, isoClick, filterStops }: FlashShot,
  distanceM: number,
): number =>
  2 * Math.log2(guideNumber / (fNumber * distanceM)) +
  Math.log2(isoFromClick(isoClick) / 100) -
  filterStops;

/** Distance in metres at which a flash renders a grey card so many stops from mid-grey. */
export const flashReachM = (shot: FlashShot, stops: number): number =>
  2 ** ((flashStops(shot, 1) - stops) / 2);
