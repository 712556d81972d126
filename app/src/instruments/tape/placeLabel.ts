/** A stretch along a tape, in pixels of its ruler. */
export interface Stretch {
  readonly from: number;
  readonly to: number;
}

/** Between a label and the end of what it may stand on. */
const PAD_PX = 5;
/** Between a label and the index line. */
const CLEAR_PX = 5;

/**
 * Where a label stands so that it lies within what is seen of its band, whole, and not under the
 * index line: as far left as that allows, beside the index on the side that has room; null where it
 * cannot.
 *
 * @param seen what of the ruler is seen
 * @param index where the index line stands
 */
export function placeLabel(
  band: Stretch,
  width: number,
  seen: Stretch,
  index: number,
): number | null {
  const from = Math.max(band.from, seen.from) + PAD_PX;
  const to = Math.min(band.to, seen.to) - PAD_PX;
  const beforeIndex = Math.min(to, index - CLEAR_PX);
  if (beforeIndex - from >= width) return from;
  const afterIndex = Math.max(from, index + CLEAR_PX);
  return to - afterIndex >= width ? afterIndex : null;
}
