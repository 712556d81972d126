import { CLICKS_PER_STOP } from '../exposure/clicks';
import type { Rule } from './finding';
import { moveExposure } from './repairs';

/** Share of the frame that may drown in noise before it is worth a word. */
const CRUSHED_SHARE = 0.03;
/** Most clicks proposed at once. */
const MAX_CLICKS = 3;

/** Shadows under the noise, and the room there is to lift them. */
export const crushed: Rule = (input) => {
  const { crushedShare, overClipStops, underFloorStops, settings } = input;
  // A bracket is judged by what its brightest frame holds.
  if (settings.series.kind === 'bracket' && underFloorStops !== null) return null;
  if (crushedShare <= CRUSHED_SHARE) return null;
  const roomStops = overClipStops ? -Math.max(...overClipStops) : 0;
  const clicks = Math.min(MAX_CLICKS, Math.floor(roomStops * CLICKS_PER_STOP));
  return {
    id: 'crushed',
    weight: 20,
    text: `Shadows drown in noise in ${Math.round(crushedShare * 100)} % of the frame.`,
    repairs: clicks > 0 ? moveExposure(input, clicks) : [],
  };
};
