/**
 * Steps between the pictures of a guided series, in thirds of a stop; finer where the range is
 * narrow.
 */
const STEPS = [
  [3, 2],
  [2, 1],
] as const;
/** Pictures a series has at most; more would only try the photographer's patience. */
const MAX_PICTURES = 11;
/**
 * Fewest pictures, and the fewest thirds between the darkest and the brightest, that say anything
 * of a curve.
 */
export const MIN_PICTURES = 5;
const MIN_REACH = 9;

/**
 * Exposures of a guided series as clicks round the one the scene needs, from dark to bright and
 * inside a range. The steps alternate between 1 and 2/3 stop (2/3 and 1/3 in a narrow range): were
 * they all alike, a wave of that period in the curve would go unseen. Null when the range is too
 * narrow.
 */
export function guidedClicks(
  middle: number,
  range: { readonly min: number; readonly max: number },
): number[] | null {
  for (const steps of STEPS) {
    const clicks = clicksOf(middle, range, steps);
    const spans = clicks[clicks.length - 1] - clicks[0];
    if (clicks.length >= MIN_PICTURES && spans >= MIN_REACH) return clicks;
  }
  return null;
}

function clicksOf(
  middle: number,
  range: { readonly min: number; readonly max: number },
  steps: readonly [number, number],
): number[] {
  const reach = ((steps[0] + steps[1]) * (MAX_PICTURES - 1)) / 2;
  // As far to both sides as it may go; where one side ends, the other goes on.
  const low = Math.max(range.min, Math.min(range.max - reach, middle - reach / 2));
  const clicks: number[] = [];
  for (let click = Math.ceil(low), i = 0; clicks.length < MAX_PICTURES; click += steps[i++ % 2]) {
    if (click > range.max) break;
    clicks.push(click);
  }
  return clicks;
}
