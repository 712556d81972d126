import { encodeLjpeg } from './ljpeg/encode';

export interface Band {
  readonly data: Uint16Array;
  /** Pixels in a row. */
  readonly width: number;
  /** Rows present, at most the tile height. */
  readonly rows: number;
  readonly samplesPerPixel: 1 | 3;
  readonly precision: number;
}

/**
 * Compresses a band of rows, one tile high, into its tiles from left to right. A Bayer band is
 * coded as two components a pixel pair (DNG's convention), linear RGB as three.
 */
export function encodeBand(band: Band, tileWidth: number, tileHeight: number): Uint8Array[] {
  const { data, width, rows, samplesPerPixel, precision } = band;
  const tiles: Uint8Array[] = [];
  for (let x = 0; x < width; x += tileWidth) {
    tiles.push(
      encodeLjpeg({
        data,
        offset: x * samplesPerPixel,
        stride: width * samplesPerPixel,
        available: Math.min(tileWidth, width - x) * samplesPerPixel,
        availableRows: rows,
        width: tileWidth * samplesPerPixel,
        height: tileHeight,
        components: samplesPerPixel === 1 ? 2 : 3,
        precision,
      }),
    );
  }
  return tiles;
}
