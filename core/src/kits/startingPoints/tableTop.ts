import { dioptresOf } from '../../optics/defocus';
import { heldFocus } from '../../settings/settings';
import { FIRST_SERIES } from '../../series/kinds';
import { heldAtBase, onTripod } from './base';
import { steadyUnderLamps, whiteAsRead } from './exposeFor';
import type { StartingPoint } from './startingPoint';

/** From the front edge of a table to its far one (common practice: an arm's length away). */
const NEAR_M = 0.2;
const FAR_M = 1.5;
/** 1/25 s: a whole number of pulses of lamps on 50 Hz. */
const USUAL_TIME = -14;

export const tableTop: StartingPoint = {
  id: 'table-top',
  name: 'Table-top',
  why: 'All held, so that frames match; focus in steps from 0.2 to 1.5 m.',
  next: 'Next: tripod; mark the table’s ends in Series. Afterwards Combine, All sharp.',
  parts: ['exposure', 'focus', 'white', 'rig', 'series'],
  meant: { crushed: 'Dark corners are meant.' },
  begin: (s, camera) => ({
    ...heldAtBase(onTripod(s), camera, USUAL_TIME),
    lens: 'main',
    crop: 1,
    focus: heldFocus((dioptresOf(NEAR_M) + dioptresOf(FAR_M)) / 2),
    series: {
      ...FIRST_SERIES.focus,
      places: null,
      nearDioptres: dioptresOf(NEAR_M),
      farDioptres: dioptresOf(FAR_M),
    },
  }),
  fit: (s, light, camera) => whiteAsRead(steadyUnderLamps(s, light, camera), light),
};
