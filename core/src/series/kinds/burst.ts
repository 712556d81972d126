import { STILL, type SeriesDefinition } from './definition';

/** The same frame again and again, as fast as the camera gives it. */
export const burst: SeriesDefinition<'burst'> = {
  first: { kind: 'burst', frames: 10 },
  frames: ({ frames }) => frames,
  steps: ({ frames }) => Array.from({ length: frames }, () => STILL),
};
