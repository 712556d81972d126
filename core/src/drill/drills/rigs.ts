import { FIRST_SERIES } from '../../series/kinds';

/** One frame by hand. */
export const HAND = { support: 'hand', series: FIRST_SERIES.single } as const;
/** One frame on a tripod. */
export const TRIPOD = { support: 'tripod', series: FIRST_SERIES.single } as const;
