/**
 * Where zebra stripes start: in clicks (thirds of a stop) under raw clipping, or at a level of the
 * developed picture in percent of BT.709's studio scale, where black is 16, white (100 %) 235, and
 * 109 % the last code, 255.
 */
export type ZebraThreshold =
  | { readonly on: 'raw'; readonly clicksUnder: number }
  | { readonly on: 'picture'; readonly percent: number };

export const ZEBRA_CLICKS = { min: 0, max: 9 } as const;
export const ZEBRA_PERCENT = { min: 70, max: 109 } as const;

/** A tone to look for: mid-grey plus so many clicks, a sixth of a stop to either side. */
export const TONE_HALF_WIDTH_STOPS = 1 / 6;

interface Levels {
  readonly blackLevel: number;
  readonly whiteLevel: number;
}

/**
 * Raw value at which the zebra starts; one that no pixel reaches where it does not read the raw.
 */
export function zebraRawLevel(zebra: ZebraThreshold | null, levels: Levels): number {
  if (zebra?.on !== 'raw') return 65536;
  const { blackLevel, whiteLevel } = levels;
  return Math.round(blackLevel + (whiteLevel - blackLevel) * 2 ** (-zebra.clicksUnder / 3));
}

/**
 * Byte of the developed picture at which the zebra starts; 256 where it does not read the picture.
 */
export const zebraByte = (zebra: ZebraThreshold | null): number =>
  zebra?.on === 'picture' ? Math.min(255, Math.round(16 + (219 * zebra.percent) / 100)) : 256;

/** Luminance in raw values of a tone's band; empty where no tone is looked for. */
export function toneLevels(
  toneClicks: number | null,
  midGreyShare: number,
  { blackLevel, whiteLevel }: Levels,
): { toneFrom: number; toneTo: number } {
  if (toneClicks === null) return { toneFrom: 1, toneTo: 0 };
  const middle = (whiteLevel - blackLevel) * midGreyShare * 2 ** (toneClicks / 3);
  return {
    toneFrom: Math.round(blackLevel + middle * 2 ** -TONE_HALF_WIDTH_STOPS),
    toneTo: Math.min(
      whiteLevel - 1,
      Math.round(blackLevel + middle * 2 ** TONE_HALF_WIDTH_STOPS) - 1,
    ),
  };
}
