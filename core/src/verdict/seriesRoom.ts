import type { Rule } from './finding';

/** The series does not fit into what is left of the storage. */
export const seriesRoom: Rule = ({ series }) => {
  if (!series || series.room === null || series.room >= series.frames) return null;
  return {
    id: 'series-room',
    weight: 90,
    text: `Room for ${series.room} of ${series.frames} frames: delete some first.`,
    repairs: [],
  };
};
