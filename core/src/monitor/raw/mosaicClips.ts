import { MARK_CLIPPED } from '../monitorPass';

/** A part of a mosaic as pixels of a picture. */
export interface MosaicPiece {
  /** Top left photosite. */
  readonly x: number;
  readonly y: number;
  /** Pixels. */
  readonly width: number;
  readonly height: number;
  /** Photosites a pixel along each side: even, or 1. */
  readonly factor: number;
}

/**
 * Marks the pixels of a piece under which photosites clip: a pixel made of several is below the
 * white level when only one of them reaches it, and one interpolated from its neighbours may be
 * above when none does. At full size a pixel stands for the cell of two by two it lies in.
 *
 * @param raw mosaic RGGB, `width` wide
 * @param marks one byte a pixel of the piece: MARK_CLIPPED is set anew, other bits stay
 */
export function markMosaicClips(
  raw: Uint16Array,
  width: number,
  whiteLevel: number,
  piece: MosaicPiece,
  marks: Uint8Array,
): void {
  const { factor } = piece;
  const side = Math.max(2, factor);
  // The last whole cell: a mosaic of odd size ends in the middle of one.
  const lastRow = (Math.floor(raw.length / width) - 2) & ~1;
  const lastColumn = (width - 2) & ~1;
  for (let p = 0, py = 0; py < piece.height; py++) {
    const top = Math.min(lastRow, (piece.y + py * factor) & ~1);
    for (let px = 0; px < piece.width; px++, p++) {
      const left = Math.min(lastColumn, (piece.x + px * factor) & ~1);
      let bits = 0;
      for (let y = 0; y < side; y += 2) {
        let i = (top + y) * width + left;
        for (let x = 0; x < side; x += 2, i += 2) {
          if (raw[i] >= whiteLevel) bits |= 1;
          if (raw[i + 1] >= whiteLevel || raw[i + width] >= whiteLevel) bits |= 2;
          if (raw[i + width + 1] >= whiteLevel) bits |= 4;
        }
      }
      marks[p] = (marks[p] & ~MARK_CLIPPED) | bits;
    }
  }
}
