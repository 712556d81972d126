import { STILL, type SeriesDefinition } from './definition';

/** A frame every so many seconds. */
export const interval: SeriesDefinition<'interval'> = {
  first: { kind: 'interval', everyS: 10, frames: 30, exposure: 'held', lightS: 0 },
  frames: ({ frames }) => frames,
  steps: ({ frames, everyS, exposure }) =>
    Array.from({ length: frames }, (_, i) => ({
      ...STILL,
      dueS: i * everyS,
      metersAnew: i > 0 && exposure === 'metered',
    })),
};
