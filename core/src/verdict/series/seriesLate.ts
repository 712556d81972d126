import { timeSFromClick } from '../../exposure/clicks';
import { INTERVAL_S } from '../../series/series';
import type { Rule } from '../finding';

/** A frame of an interval is open for longer than until the next one is due. */
export const seriesLate: Rule = ({ settings, series }) => {
  const interval = settings.series;
  if (!series || interval.kind !== 'interval') return null;
  const openS = timeSFromClick(series.longestTimeClick);
  if (openS < interval.everyS) return null;
  const everyS = Math.ceil(openS) + 1;
  const repairs =
    everyS <= INTERVAL_S.max
      ? [{ label: `Every ${everyS} s`, settings: { ...settings, series: { ...interval, everyS } } }]
      : [];
  return {
    id: 'series-late',
    weight: 85,
    text: `Each frame is open for ${Math.round(openS)} s, and the next is due after ${interval.everyS} s.`,
    repairs,
  };
};
