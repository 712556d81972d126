import { held, heldFocus, heldWhite } from '../../settings/settings';
import { FIRST_SERIES } from '../../series/series';
import { baseIso, keepHighlights, timeByLight } from './exposeFor';
import type { StartingPoint } from './startingPoint';

/** 1/125 s (common practice). */
const USUAL_TIME = -21;

export const lampAtNight: StartingPoint = {
  id: 'lamp-at-night',
  name: 'Lamp at night',
  why: 'The lamp alone is metered, at base ISO: its glass keeps structure, the night is dark.',
  next: 'Next: tripod, loupe on the lamp, then Time by thirds until its texture holds.',
  parts: ['exposure', 'focus', 'white', 'rig', 'series'],
  meant: { crushed: 'The dark round the lamp is meant.' },
  begin: (s, camera) => ({
    ...s,
    lens: 'tele',
    crop: 1,
    support: 'tripod',
    filterStops: 0,
    torch: false,
    flash: 'off',
    subject: 'scene',
    time: held(USUAL_TIME),
    iso: held(baseIso(camera)),
    compClicks: 0,
    meter: keepHighlights(s, camera),
    focus: heldFocus(0),
    white: heldWhite({ kelvin: 3200, tint: 0 }),
    series: FIRST_SERIES.single,
    delayS: 2,
  }),
  fit: timeByLight,
};
