import { heldFocus, heldWhite } from '../../settings/settings';
import { heldAtBase, onTripod } from './base';
import { timeByLight } from './exposeFor';
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
    ...heldAtBase(onTripod(s), camera, USUAL_TIME),
    lens: 'tele',
    crop: 1,
    focus: heldFocus(0),
    white: heldWhite({ kelvin: 3200, tint: 0 }),
  }),
  fit: timeByLight,
};
