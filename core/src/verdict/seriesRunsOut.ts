import { formatStops } from '../exposure/thirds';
import type { Rule } from './finding';

/** Time and ISO end before the bracket does. */
export const seriesRunsOut: Rule = ({ series }) => {
  if (!series) return null;
  const { dark, bright } = series.missingClicks;
  if (dark === 0 && bright === 0) return null;
  const words =
    dark > 0
      ? `Time ends: the darkest frame is ${formatStops(dark)} brighter than asked.`
      : `Time and ISO end: the brightest frame is ${formatStops(bright)} darker than asked.`;
  return { id: 'series-runs-out', weight: 50, text: words, repairs: [] };
};
