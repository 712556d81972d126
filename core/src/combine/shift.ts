/**
 * How far a frame has moved against another: what lies at (x, y) in the first lies at (x + dx, y +
 * dy) in it. Pixels.
 */
export interface Shift {
  readonly dx: number;
  readonly dy: number;
}

export const NO_SHIFT: Shift = { dx: 0, dy: 0 };
