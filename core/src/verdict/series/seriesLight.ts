import { INTERVAL_FRAMES } from '../../series/series';
import type { Rule } from '../finding';

const minutes = (seconds: number): string => `${Math.ceil(seconds / 60)} min`;

/** An interval goes on for longer than the photographer gives the light. */
export const seriesLight: Rule = ({ settings, series }) => {
  const interval = settings.series;
  if (!series || interval.kind !== 'interval' || interval.lightS === 0) return null;
  const { everyS, lightS } = interval;
  const lastS = (interval.frames - 1) * everyS;
  if (lastS <= lightS) return null;
  const frames = Math.floor(lightS / everyS) + 1;
  const fewer =
    frames >= INTERVAL_FRAMES.min
      ? [
          {
            label: `Take ${frames} frames`,
            settings: { ...settings, series: { ...interval, frames } },
          },
        ]
      : [];
  return {
    id: 'series-light',
    weight: 65,
    text: `The last frame is due after ${minutes(lastS)}; the light lasts ${minutes(lightS)}.`,
    repairs: fewer,
  };
};
