import { BRACKET_FRAMES } from '../../series/bracket';
import { BURST_FRAMES, INTERVAL_FRAMES, type Series } from '../../series/series';
import type { Rule } from '../finding';

/** The same with no more than so many frames; null where it cannot be made of so few. */
function withFrames(series: Series, frames: number): Series | null {
  const fits = ({ min }: { readonly min: number }): boolean => frames >= min;
  switch (series.kind) {
    case 'bracket':
      return fits(BRACKET_FRAMES) ? { ...series, frames } : null;
    case 'burst':
      return fits(BURST_FRAMES) ? { ...series, frames } : null;
    case 'interval':
      return fits(INTERVAL_FRAMES) ? { ...series, frames } : null;
    default:
      return null;
  }
}

/** The series does not fit into what is left of the storage. */
export const seriesRoom: Rule = ({ settings, series }) => {
  if (!series || series.room === null || series.room >= series.frames) return null;
  const fewer = withFrames(settings.series, series.room);
  return {
    id: 'series-room',
    weight: 90,
    text: `Room for ${series.room} of ${series.frames} frames: delete some first.`,
    repairs: fewer
      ? [{ label: `Take ${series.room} frames`, settings: { ...settings, series: fewer } }]
      : [],
  };
};
