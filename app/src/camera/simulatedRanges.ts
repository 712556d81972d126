import { TIME_CLICKS, type ClickRange } from '@velmo/core/exposure';

/** Reach of the simulated phone: 1/8000 s to 60 s, ISO 50 (extended) to 6400, base 100. */
export const TIME_RANGE: ClickRange = TIME_CLICKS;
export const ISO_RANGE: ClickRange = { min: -3, max: 18 };
export const BASE_ISO_CLICK = 0;
