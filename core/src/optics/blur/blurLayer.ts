import type { BlurMemory } from './blurRoutines';
import { KERNELS_A_PX, nearestDisc } from './discKernels';

/** Farthest a disc spreads on a grid: coarser grids take over beyond it. */
export const MAX_GRID_PX = 4;
/** Room around a grid for what spreads over its edge. */
const BORDER = 6;
/** Discs of radii 0, 1/16 ... up to the largest on a grid. */
const DISCS = MAX_GRID_PX * KERNELS_A_PX + 1;

/** Number of the disc of a radius in the table of a grid. */
export const discOf = (radius: number): number =>
  Math.min(DISCS - 1, (radius * KERNELS_A_PX + 0.5) | 0);

/** Taps of all discs together: how many there are. */
let tapCount = 0;
const taps = (): number => {
  if (tapCount === 0)
    for (let d = 0; d < DISCS; d++) tapCount += nearestDisc(d / KERNELS_A_PX).share.length;
  return tapCount;
};

/**
 * Light of one layer of depth on a grid of pixels or of larger cells: red, green, blue, each
 * weighed by how much of the cell the layer covers, and that cover. Lies in the memory of a blur.
 */
export class BlurLayer {
  private readonly stride: number;
  private readonly cells: number;
  /** Something has been spread on it. */
  used = false;

  /**
   * @param memory where it lies
   * @param base address of its first byte
   * @param table address of its table of discs: see `layDiscs`
   */
  constructor(
    private readonly memory: BlurMemory,
    private readonly base: number,
    readonly table: number,
    readonly width: number,
    readonly height: number,
  ) {
    this.stride = width + 2 * BORDER;
    this.cells = this.stride * (height + 2 * BORDER);
  }

  /** Bytes a layer of this size takes. */
  static bytes(width: number, height: number): number {
    return 16 * (width + 2 * BORDER) * (height + 2 * BORDER);
  }

  clear(): void {
    const first = this.base >> 2;
    if (this.used) this.memory.floats.fill(0, first, first + 4 * this.cells);
    this.used = false;
  }

  /** Address of a cell; cells up to a few beyond the edge exist. */
  at(x: number, y: number): number {
    return this.base + 16 * ((y + BORDER) * this.stride + x + BORDER);
  }
}

/** Bytes that the discs of a grid take. */
export const discBytes = (): number => 8 * DISCS + 8 * taps();

/**
 * Writes the discs of a grid of this width into memory: for each its taps' address and number, then
 * all taps.
 */
export function layDiscs({ floats, ints }: BlurMemory, address: number, width: number): void {
  const stride = width + 2 * BORDER;
  let tap = address + 8 * DISCS;
  for (let d = 0; d < DISCS; d++) {
    const { dx, dy, share } = nearestDisc(d / KERNELS_A_PX);
    ints[(address >> 2) + 2 * d] = tap;
    ints[(address >> 2) + 2 * d + 1] = share.length;
    for (let k = 0; k < share.length; k++, tap += 8) {
      ints[tap >> 2] = 16 * (dy[k] * stride + dx[k]);
      floats[(tap >> 2) + 1] = share[k];
    }
  }
}
