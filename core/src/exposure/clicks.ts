/**
 * Clicks: whole thirds of a stop, the unit every exposure control is counted in.
 *
 * A click on one control is undone by a click on another, so settings are held as integers and
 * turned into seconds or ISO only where light is computed. Click 0 is 1 s, ISO 100 and 0 EV.
 */
export const CLICKS_PER_STOP = 3;

/** Shutter time in seconds of a click: the true value 2^(k/3), not the engraved one. */
export const timeSFromClick = (click: number): number => 2 ** (click / CLICKS_PER_STOP);

/** ISO speed of a click: the true value 100 * 2^(k/3). */
export const isoFromClick = (click: number): number => 100 * 2 ** (click / CLICKS_PER_STOP);

/** Nearest click of a shutter time in seconds. */
export const clickFromTimeS = (timeS: number): number =>
  Math.round(Math.log2(timeS) * CLICKS_PER_STOP);

/** Nearest click of an ISO speed. */
export const clickFromIso = (iso: number): number =>
  Math.round(Math.log2(iso / 100) * CLICKS_PER_STOP);

export const stopsFromClicks = (clicks: number): number => clicks / CLICKS_PER_STOP;

/** Nearest whole click of a difference in stops. */
export const clicksFromStops = (stops: number): number => Math.round(stops * CLICKS_PER_STOP);
