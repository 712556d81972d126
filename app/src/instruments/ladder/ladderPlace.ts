/** Stops from mid-grey at the ladder's ends: room above clipping, room below most noise floors. */
export const LADDER_TOP_STOPS = 3.7;
/** The darkest tone on the ladder, from mid-grey. */
export const LADDER_BOTTOM_STOPS = -9;

/** Screen pixels of a stop on a ladder of this height. */
export const ladderPxPerStop = (height: number): number =>
  height / (LADDER_TOP_STOPS - LADDER_BOTTOM_STOPS);

/**
 * Where a tone stands on a ladder of this height, in pixels from its top; tones off the scale stand
 * at its ends.
 */
export const ladderY = (stops: number, height: number): number =>
  (LADDER_TOP_STOPS - Math.min(LADDER_TOP_STOPS, Math.max(LADDER_BOTTOM_STOPS, stops))) *
  ladderPxPerStop(height);
