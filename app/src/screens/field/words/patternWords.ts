import type { MeterPattern } from '@velmo/core/exposure';

/** What a metering pattern is called. */
export const PATTERN_WORDS: Readonly<Record<MeterPattern, string>> = {
  whole: 'whole frame',
  centre: 'centre',
  spot: 'spot 3 %',
  highlights: 'highlights',
};
