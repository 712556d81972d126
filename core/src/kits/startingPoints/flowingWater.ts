import { CLICKS_PER_STOP } from '../../exposure/clicks';
import { AUTO, MAX_FILTER_STOPS } from '../../settings/settings';
import { heldAtBase, onTripod } from './base';
import { solved, timeByLight } from './exposeFor';
import type { StartingPoint } from './startingPoint';

/** 1 s (common practice: half a second to two make threads of falling water). */
const USUAL_TIME = 0;

export const flowingWater: StartingPoint = {
  id: 'flowing-water',
  name: 'Flowing water',
  why: 'A second or more at base ISO draws threads; a grey filter takes the light away.',
  next: 'Next: tripod, that filter on the lens. Longer makes mist, shorter shows drops.',
  parts: ['exposure', 'rig', 'series'],
  meant: { smear: 'What flows is meant to smear.', crushed: 'Dark shadows are meant.' },
  begin: (s, camera) => heldAtBase(onTripod(s), camera, USUAL_TIME),
  fit(s, light, camera) {
    const open = solved({ ...s, time: AUTO }, light, camera);
    if (!open) return s;
    // What the light wants past the tape's end counts too.
    const wanted = open.timeClick - open.differenceClicks;
    const stops = Math.ceil((USUAL_TIME - wanted) / CLICKS_PER_STOP);
    const filterStops = camera.hasRig ? Math.min(MAX_FILTER_STOPS, Math.max(0, stops)) : 0;
    // Behind the filter there is that much less light.
    const lightClicks = light.lightClicks! + CLICKS_PER_STOP * filterStops;
    return timeByLight({ ...s, filterStops }, { ...light, lightClicks }, camera);
  },
};
