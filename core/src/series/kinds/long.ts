import { STILL, type SeriesDefinition } from './definition';

/** One frame, gathered from as many as fill its time. */
export const long: SeriesDefinition<'long'> = {
  first: { kind: 'long', totalS: 60, gather: 'mean' },
  frames: () => 1,
  steps: () => [STILL],
};
