/** Largest blur that still looks sharp on a 36 x 24 mm frame, in mm (common practice). */
export const CIRCLE_35_MM = 0.03;
/** Diagonal of the 36 x 24 mm frame. */
export const DIAGONAL_35_MM = 43.27;

/**
 * The same circle in pixels of a picture with this diagonal: blur under it does not show in the
 * whole picture.
 */
export const circlePx = (diagonalPx: number): number =>
  (CIRCLE_35_MM / DIAGONAL_35_MM) * diagonalPx;
