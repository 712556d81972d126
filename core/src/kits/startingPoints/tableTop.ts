import { dioptresOf } from '../../optics/defocus';
import { held, heldFocus } from '../../settings/settings';
import { FIRST_SERIES } from '../../series/series';
import { baseIso, keepHighlights, steadyUnderLamps, whiteAsRead } from './exposeFor';
import type { StartingPoint } from './startingPoint';

/** From the front edge of a table to its far one (common practice: an arm's length away). */
const NEAR_M = 0.2;
const FAR_M = 1.5;

export const tableTop: StartingPoint = {
  id: 'table-top',
  name: 'Table-top',
  why: 'All held, so that frames match; focus in steps from 0.2 to 1.5 m.',
  next: 'Next: tripod; mark the table’s ends in Series. Afterwards Combine, All sharp.',
  parts: ['exposure', 'focus', 'white', 'rig', 'series'],
  meant: { crushed: 'Dark corners are meant.' },
  begin: (s, camera) => ({
    ...s,
    lens: 'main',
    crop: 1,
    support: 'tripod',
    filterStops: 0,
    torch: false,
    flash: 'off',
    time: held(USUAL_TIME),
    iso: held(baseIso(camera)),
    compClicks: 0,
    meter: keepHighlights(s, camera),
    focus: heldFocus((dioptresOf(NEAR_M) + dioptresOf(FAR_M)) / 2),
    series: {
      ...FIRST_SERIES.focus,
      places: null,
      nearDioptres: dioptresOf(NEAR_M),
      farDioptres: dioptresOf(FAR_M),
    },
    delayS: 2,
  }),
  fit: (s, light, camera) => whiteAsRead(steadyUnderLamps(s, light, camera), light),
};

/** 1/25 s: a whole number of pulses of lamps on 50 Hz. */
const USUAL_TIME = -14;
