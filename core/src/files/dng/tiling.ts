/**
 * Tile size of the raw: multiples of 16, as TIFF 6.0 asks. The width divides 4032 and 2016 evenly;
 * of the height there are just under eight in 3024 rows and just under four in 1512, so that two
 * cores or four are busy to the end.
 */
export const TILE_WIDTH = 672;
export const TILE_HEIGHT = 384;

/**
 * LibRaw 0.21 takes two-component tiles for half as many of twice the width when a raw is just two
 * tiles wide.
 */
export const MISREAD_WIDTH = 2 * TILE_WIDTH;

export const tilesAcross = (width: number, tileWidth: number): number =>
  Math.ceil(width / tileWidth);
