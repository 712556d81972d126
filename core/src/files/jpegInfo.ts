import { DngError } from './dng/dngError';

export interface JpegInfo {
  readonly width: number;
  readonly height: number;
  /** Horizontal and vertical chroma subsampling. */
  readonly subsampling: readonly [number, number];
}

/**
 * Size and subsampling of a baseline or progressive JPEG, from its frame header. Throws DngError.
 */
export function jpegInfo(jpeg: Uint8Array): JpegInfo {
  let at = 2;
  while (at + 9 < jpeg.length && jpeg[at] === 0xff) {
    const marker = jpeg[at + 1];
    const length = (jpeg[at + 2] << 8) | jpeg[at + 3];
    if (marker >= 0xc0 && marker <= 0xc2) {
      const sampling = jpeg[at + 11];
      return {
        height: (jpeg[at + 5] << 8) | jpeg[at + 6],
        width: (jpeg[at + 7] << 8) | jpeg[at + 8],
        subsampling: [sampling >> 4, sampling & 15],
      };
    }
    at += 2 + length;
  }
  throw new DngError('The preview is not a JPEG.');
}
