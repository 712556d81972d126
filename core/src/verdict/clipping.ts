import { CLICKS_PER_STOP } from '../exposure/clicks';
import { formatStops } from '../exposure/thirds';
import { HIGHLIGHT_SHARE } from '../monitor/lightSurvey';
import type { Rule } from './finding';
import { addFilter, moveExposure } from './repairs';

const CHANNELS = ['red', 'green', 'blue'] as const;

/** Clicks proposed when the device cannot tell how far past clipping the light is. */
const BLIND_STEP_CLICKS = 2;

function channelWords(clipped: readonly boolean[]): string {
  const names = CHANNELS.filter((_, c) => clipped[c]);
  return names.length === 3 ? 'every channel' : names.join(' and ');
}

/** Highlights past raw clipping, with the stops to take off. */
export const clipping: Rule = (input) => {
  const { clippedShare, overClipStops, settings } = input;
  // A bracket is judged by what its darkest frame holds.
  if (settings.series.kind === 'bracket' && overClipStops) return null;
  const clipped = clippedShare.map((share) => share > HIGHLIGHT_SHARE);
  if (!clipped.some(Boolean)) return null;
  const where = channelWords(clipped);
  const over = overClipStops && Math.max(...overClipStops.filter((_, c) => clipped[c]));
  const clicks =
    over === null ? BLIND_STEP_CLICKS : Math.max(1, Math.ceil(over * CLICKS_PER_STOP - 1e-6));
  return {
    id: 'clipping',
    weight: 100,
    text: `Highlights clip in ${where}${over === null ? '' : ` by ${formatStops(clicks)}`}.`,
    repairs: [...moveExposure(input, -clicks), ...addFilter(input, clicks)],
  };
};
