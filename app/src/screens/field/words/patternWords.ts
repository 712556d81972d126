import type { MeterPattern } from '@velmo/core/exposure';

export const PATTERN_WORDS: Readonly<Record<MeterPattern, string>> = {
  whole: 'whole frame',
  centre: 'centre',
  spot: 'spot 3 %',
  highlights: 'highlights',
};
