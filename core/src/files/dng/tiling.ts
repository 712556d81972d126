/** Tile size of the raw: divides 4032 and 2016 evenly, multiples of 16 as TIFF 6.0 asks. */
export const TILE_WIDTH = 672;
export const TILE_HEIGHT = 432;

export const tilesAcross = (width: number, tileWidth: number): number =>
  Math.ceil(width / tileWidth);
