import { CLICKS_PER_STOP } from '../../exposure/clicks';
import { formatStops } from '../../exposure/thirds';
import {
  BRACKET_FRAMES,
  BRACKET_STEP_CLICKS,
  bracketOffsets,
  type Bracket,
} from '../../series/bracket';
import type { Repair, Rule } from '../finding';
import { HIGHLIGHT_SHARE } from '../../monitor/lightSurvey';

const inClicks = (stops: number): number => Math.ceil(stops * CLICKS_PER_STOP - 1e-6);

const covers = (bracket: Bracket, dark: number, bright: number): boolean => {
  const offsets = bracketOffsets(bracket);
  return Math.min(...offsets) <= -dark && Math.max(...offsets) >= bright;
};

/** A bracket of more frames, else of wider steps, that reaches both ends. */
function widened(bracket: Bracket, dark: number, bright: number): Bracket | null {
  for (let stepClicks = bracket.stepClicks; stepClicks <= BRACKET_STEP_CLICKS.max; stepClicks++)
    for (let frames = bracket.frames; frames <= BRACKET_FRAMES.max; frames++) {
      const wider = { ...bracket, frames, stepClicks };
      if (covers(wider, dark, bright)) return wider;
    }
  return null;
}

/** The light reaches farther than the bracket does, at one end or at both. */
export const seriesRange: Rule = ({
  settings,
  series,
  clippedShare,
  overClipStops,
  underFloorStops,
}) => {
  const bracket = settings.series;
  if (!series || bracket.kind !== 'bracket') return null;
  const clips = overClipStops !== null && clippedShare.some((share) => share > HIGHLIGHT_SHARE);
  const dark = clips ? Math.max(0, inClicks(Math.max(...overClipStops))) : 0;
  const bright = Math.max(0, inClicks(underFloorStops ?? 0));
  const shortDark = dark + series.darkestClicks;
  const shortBright = bright - series.brightestClicks;
  if (shortDark <= 0 && shortBright <= 0) return null;
  const parts: string[] = [];
  if (shortDark > 0) parts.push(`the darkest frame still clips by ${formatStops(shortDark)}`);
  if (shortBright > 0)
    parts.push(`the brightest leaves shadows ${formatStops(shortBright)} in the noise`);
  const words = parts.join(', ');
  const wider = widened(bracket, dark, bright);
  const repairs: Repair[] = wider
    ? [
        {
          label: `${wider.frames} frames, ${formatStops(wider.stepClicks)} apart`,
          settings: { ...settings, series: { ...wider, kind: 'bracket' } },
        },
      ]
    : [];
  return {
    id: 'series-range',
    weight: 95,
    text: `${words[0].toUpperCase()}${words.slice(1)}.`,
    repairs,
  };
};
