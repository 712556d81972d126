/** Pixels that clip at an exposure, specks left out. */
export interface Clipping {
  /** In any channel. */
  readonly any: number;
  readonly channels: readonly [number, number, number];
}

/** The brightest exposure that spares the highlights. */
export interface PushedRight {
  /** Clicks (thirds of a stop) from where it was asked. */
  readonly clicks: number;
  /** 0 red, 1 green, 2 blue: the channel that clips first beyond. */
  readonly channel: 0 | 1 | 2;
  /** Stops from there to that clipping, 0..1/3. */
  readonly roomStops: number;
  /** Too much clips even at the darkest exposure looked at. */
  readonly hopeless: boolean;
}

/** How finely the room that is left is found, in parts of a click. */
const PARTS = 8;

/**
 * Finds the brightest exposure, in whole clicks, at which no more than an allowed number of pixels
 * clips: what raising it click by click would find, because more exposure never clips less.
 *
 * @param clippingAt how much clips so many clicks (fractions too) brighter than now
 * @param allowed pixels that may clip in any channel
 */
export function pushRight(
  clippingAt: (clicks: number) => Clipping,
  allowed: number,
  range: { readonly min: number; readonly max: number },
): PushedRight {
  const spares = (clicks: number): boolean => clippingAt(clicks).any <= allowed;
  let low = range.min;
  const hopeless = !spares(low);
  let high = range.max + 1;
  while (!hopeless && high - low > 1) {
    const middle = Math.floor((low + high) / 2);
    if (spares(middle)) low = middle;
    else high = middle;
  }
  const beyond = clippingAt(low + 1).channels;
  const most = Math.max(...beyond);
  let part = 0;
  while (!hopeless && part < PARTS - 1 && spares(low + (part + 1) / PARTS)) part++;
  return {
    clicks: low,
    channel: beyond.indexOf(most) as 0 | 1 | 2,
    roomStops: hopeless ? 0 : (part + 1) / PARTS / 3,
    hopeless,
  };
}
