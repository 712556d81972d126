import { FIRST_SERIES } from '../../series/kinds';
import { held, type Settings } from '../../settings/settings';
import type { KitCamera } from '../kitCamera';
import { baseIso, keepHighlights } from './exposeFor';

/** One frame at once, by the light that is there, through the bare lens. */
export const plainly = (s: Settings): Settings => ({
  ...s,
  filterStops: 0,
  torch: false,
  flash: 'off',
  compClicks: 0,
  series: FIRST_SERIES.single,
  delayS: 0,
});

/** Likewise from a tripod, two seconds after the finger has left it. */
export const onTripod = (s: Settings): Settings => ({
  ...plainly(s),
  support: 'tripod',
  delayS: 2,
});

/** Base ISO and a time, both held; metered so that the brightest texture keeps. */
export const heldAtBase = (s: Settings, camera: KitCamera, timeClick: number): Settings => ({
  ...s,
  time: held(timeClick),
  iso: held(baseIso(camera)),
  meter: keepHighlights(s, camera),
});
