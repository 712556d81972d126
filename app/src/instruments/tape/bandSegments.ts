import type { Band } from '@velmo/core/consequence';
import type { ClickRange } from '@velmo/core/exposure';

/** A stretch of a tape with the band that shows there. */
export interface BandSegment {
  readonly band: Band;
  /** First and last click. */
  readonly from: number;
  readonly to: number;
}

/**
 * Which band shows where: of several at a click, the one that begins last, because it has just
 * become true.
 */
export function bandSegments(bands: readonly Band[], range: ClickRange): BandSegment[] {
  const segments: { band: Band; from: number; to: number }[] = [];
  for (let click = range.min; click <= range.max; click++) {
    let top: Band | null = null;
    for (const band of bands)
      if (click >= band.from && click <= band.to && (top === null || band.from >= top.from))
        top = band;
    if (!top) continue;
    const last = segments[segments.length - 1];
    if (last?.band === top && last.to === click - 1) last.to = click;
    else segments.push({ band: top, from: click, to: click });
  }
  return segments;
}
