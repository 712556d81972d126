import { clickFromTimeS, timeSFromClick } from '../../exposure/clicks';
import { TRAIL_LIMIT_PX, trailPx } from '../../optics/skyTrail';
import { held, heldFocus, heldWhite } from '../../settings/settings';
import { onTripod } from './base';
import { isoByLight } from './exposeFor';
import type { LightSeen, StartingPoint } from './startingPoint';

/** 20 s and ISO 1600 (common practice for a wide phone lens). */
const USUAL_TIME = 13;
const USUAL_ISO = 12;
/** A night sky may stay two stops under mid-grey. */
const MIN_COMP = -6;

/** Longest time in which a star stays a point; the usual one where that is not known. */
function pointsTime({ context: { optics, sky } }: LightSeen): number {
  if (!optics || !sky) return USUAL_TIME;
  const perSecond = trailPx(1, sky.cosDeclination, optics.pixelAngleRad);
  let click = USUAL_TIME;
  while (click > clickFromTimeS(1) && timeSFromClick(click) * perSecond >= TRAIL_LIMIT_PX) click--;
  return click;
}

export const stars: StartingPoint = {
  id: 'stars',
  name: 'Stars',
  why: 'The fastest lens, focused far, for as long as stars stay points; ISO does the rest.',
  next: 'Next: tripod, loupe on a bright star, turn Focus until it is smallest.',
  parts: ['exposure', 'focus', 'white', 'rig', 'series'],
  meant: { crushed: 'Dark ground under the sky is meant.', noise: 'Noise is the price of points.' },
  begin: (s) => ({
    ...onTripod(s),
    lens: 'main',
    crop: 1,
    time: held(USUAL_TIME),
    iso: held(USUAL_ISO),
    meter: { ...s.meter, pattern: 'centre' },
    focus: heldFocus(0),
    white: heldWhite({ kelvin: 4200, tint: 0 }),
  }),
  fit: (s, light, camera) =>
    isoByLight({ ...s, time: held(pointsTime(light)) }, light, camera, MIN_COMP),
};
