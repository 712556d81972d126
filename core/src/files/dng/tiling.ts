/** Tile size of the raw: divides 4032 and 2016 evenly, multiples of 16 as TIFF 6.0 asks. */
export const TILE_WIDTH = 672;
export const TILE_HEIGHT = 432;

/**
 * LibRaw 0.21 takes two-component tiles for half as many of twice the width when a raw is just two
 * tiles wide.
 */
export const MISREAD_WIDTH = 2 * TILE_WIDTH;

export const tilesAcross = (width: number, tileWidth: number): number =>
  Math.ceil(width / tileWidth);
