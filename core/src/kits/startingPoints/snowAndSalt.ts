import { CLICKS_PER_STOP } from '../../exposure/clicks';
import { AUTO, held, MAX_FILTER_STOPS } from '../../settings/settings';
import { plainly } from './base';
import { baseIso, keepHighlights, solved } from './exposeFor';
import type { StartingPoint } from './startingPoint';

/** What a meter that reads averages has to be told of white (common practice: 1 to 2 stops). */
const WHITE_COMP = 4;

export const snowAndSalt: StartingPoint = {
  id: 'snow-and-salt',
  name: 'Snow and salt',
  why: 'A meter turns white grey: this one keeps the brightest texture just under clipping.',
  next: 'Next: see where the zebra runs. Glints may clip, texture may not.',
  parts: ['exposure', 'rig', 'series', 'marks'],
  meant: {},
  begin(s, camera) {
    const keeps = camera.meterPatterns.includes('highlights');
    return {
      ...plainly(s),
      time: AUTO,
      iso: held(baseIso(camera)),
      compClicks: keeps ? 0 : WHITE_COMP,
      meter: keepHighlights(s, camera),
    };
  },
  monitors: (now) => ({ ...now, over: 'any', zebra: { on: 'raw', clicksUnder: 1 } }),
  fit(s, light, camera) {
    const missing = solved(s, light, camera)?.differenceClicks ?? 0;
    if (missing <= 0 || !camera.hasRig) return s;
    const filterStops = Math.min(MAX_FILTER_STOPS, Math.ceil(missing / CLICKS_PER_STOP));
    return { ...s, filterStops };
  },
};
