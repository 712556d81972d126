/** Lines over a picture that help to place things in it. */
export const GRIDS = ['thirds', 'golden', 'diagonals', 'squares', 'cross'] as const;
export type Grid = (typeof GRIDS)[number];

/** A line from one place to another, in pixels of the picture as seen. */
export interface AidLine {
  readonly x1: number;
  readonly y1: number;
  readonly x2: number;
  readonly y2: number;
}

/** The shorter part of a golden section: 1 - 1/phi. */
export const GOLDEN_SHARE = (3 - Math.sqrt(5)) / 2;
/** Squares along the short side. */
const SQUARES = 6;
/** Arms of the cross, as a share of the short side. */
const CROSS_ARM = 0.06;

/** Lines across both sides at these shares of them. */
const across = (width: number, height: number, shares: readonly number[]): AidLine[] =>
  shares.flatMap((share) => [
    { x1: share * width, y1: 0, x2: share * width, y2: height },
    { x1: 0, y1: share * height, x2: width, y2: share * height },
  ]);

/** Lines every so many pixels from the middle outwards, along one side. */
function fromMiddle(length: number, cell: number): number[] {
  const reach = Math.floor(length / 2 / cell);
  return Array.from({ length: 2 * reach + 1 }, (_, i) => length / 2 + (i - reach) * cell).filter(
    (at) => at > 0.5 && at < length - 0.5,
  );
}

function squares(width: number, height: number): AidLine[] {
  const cell = Math.min(width, height) / SQUARES;
  return [
    ...fromMiddle(width, cell).map((x) => ({ x1: x, y1: 0, x2: x, y2: height })),
    ...fromMiddle(height, cell).map((y) => ({ x1: 0, y1: y, x2: width, y2: y })),
  ];
}

function cross(width: number, height: number): AidLine[] {
  const arm = CROSS_ARM * Math.min(width, height);
  const [x, y] = [width / 2, height / 2];
  return [
    { x1: x - arm, y1: y, x2: x + arm, y2: y },
    { x1: x, y1: y - arm, x2: x, y2: y + arm },
  ];
}

/** The lines of a grid over a picture of a size in pixels. */
export function gridLines(grid: Grid, width: number, height: number): readonly AidLine[] {
  switch (grid) {
    case 'thirds':
      return across(width, height, [1 / 3, 2 / 3]);
    case 'golden':
      return across(width, height, [GOLDEN_SHARE, 1 - GOLDEN_SHARE]);
    case 'diagonals':
      return [
        { x1: 0, y1: 0, x2: width, y2: height },
        { x1: 0, y1: height, x2: width, y2: 0 },
      ];
    case 'squares':
      return squares(width, height);
    case 'cross':
      return cross(width, height);
  }
}
