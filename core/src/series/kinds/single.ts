import { STILL, type SeriesDefinition } from './definition';

/** One frame. */
export const single: SeriesDefinition<'single'> = {
  first: { kind: 'single' },
  frames: () => 1,
  steps: () => [STILL],
};
