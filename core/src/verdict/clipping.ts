import { CLICKS_PER_STOP } from '../exposure/clicks';
import { formatStops, formatThirds } from '../exposure/thirds';
import { HIGHLIGHT_SHARE } from '../monitor/lightSurvey';
import type { Rule } from './finding';

const CHANNELS = ['red', 'green', 'blue'] as const;

/** Clicks proposed when the device cannot tell how far past clipping the light is. */
const BLIND_STEP_CLICKS = 2;

function channelWords(clipped: readonly boolean[]): string {
  const names = CHANNELS.filter((_, c) => clipped[c]);
  return names.length === 3 ? 'every channel' : names.join(' and ');
}

/** Highlights past raw clipping, with the stops to take off. */
export const clipping: Rule = ({ clippedShare, overClipStops }) => {
  const clipped = clippedShare.map((share) => share > HIGHLIGHT_SHARE);
  if (!clipped.some(Boolean)) return null;
  const where = channelWords(clipped);
  if (overClipStops === null) {
    return {
      id: 'clipping',
      weight: 100,
      text: `Highlights clip in ${where}.`,
      repair: {
        kind: 'exposure',
        label: `Take ${formatThirds(BLIND_STEP_CLICKS)} off`,
        clicks: -BLIND_STEP_CLICKS,
      },
    };
  }
  const over = Math.max(...overClipStops.filter((_, c) => clipped[c]));
  const clicks = Math.max(1, Math.ceil(over * CLICKS_PER_STOP - 1e-6));
  return {
    id: 'clipping',
    weight: 100,
    text: `Highlights clip in ${where} by ${formatStops(clicks)}.`,
    repair: { kind: 'exposure', label: `Take ${formatThirds(clicks)} off`, clicks: -clicks },
  };
};
