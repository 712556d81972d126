import { discOf, type BlurLayer } from './blurLayer';
import type { BlurMemory } from './blurRoutines';

/**
 * Grids: single pixels, then cells of 2, 4, 8 and 16 pixels. Each serves radii twice those of the
 * one before.
 */
export const GRIDS = 5;
/**
 * Floats of a cell in which a coarse grid gathers light before it is spread: red, green, blue,
 * cover, cover times radius.
 */
const CELL = 8;
/** Words that tell of a grid's gathering cells: address, bytes of a row, touched. */
const ENTRY = 3;

/**
 * Variance along an axis, in square cells, that a grid adds to what is spread on it: sharing a
 * pixel among the cells round it adds 1/6, enlarging step by step 1/4 less what the last step has
 * not reached.
 */
const gridVariance = (grid: number): number => 1 / 6 + (1 - 4 ** -grid) / 4;

/** A row of light on its way to a layer, in the memory of a blur. */
export interface Row {
  /** Address of its light, four floats a cell, and of the numbers of its discs. */
  readonly light: number;
  readonly discs: number;
}

/**
 * Cells along a side in which a grid gathers: one more at either end, for pixels that belong in
 * part beyond the edge.
 */
const gathering = (cells: number): number => cells + 2;

/** How a row of a layer is laid over what lies behind it, or under what lies before it. */
type Rule = 'overBack' | 'overFront';

/** Addresses of rows of the finest grid. */
export interface StackRows {
  /** Room for one. */
  readonly line: number;
  /** One of zeros. */
  readonly nothing: number;
}

/** One side of the focus: everything nearer, or everything farther. */
export class BlurSide {
  /** Address of the words that tell of the gathering cells of the grids from 1 on. */
  readonly grids: number;

  /**
   * @param layers one for every grid, the finest first
   * @param base address of `gatheringBytes(layers)` bytes
   */
  constructor(
    private readonly memory: BlurMemory,
    readonly layers: readonly BlurLayer[],
    base: number,
  ) {
    this.grids = base;
    let next = base + 64;
    for (let grid = 1; grid < GRIDS; grid++) {
      const { width, height } = layers[grid];
      const row = 4 * CELL * gathering(width);
      memory.ints.set([next, row, 0], this.entry(grid));
      next += row * gathering(height);
    }
  }

  /** Bytes that all gathering cells of a side take whose finest grid has this size. */
  static gatheringBytes(width: number, height: number): number {
    let bytes = 64;
    for (let grid = 1; grid < GRIDS; grid++)
      bytes += 4 * CELL * gathering(width >> grid) * gathering(height >> grid);
    return bytes;
  }

  private entry(grid: number): number {
    return (this.grids >> 2) + ENTRY * (grid - 1);
  }

  clear(): void {
    for (const layer of this.layers) layer.clear();
    const { ints, floats } = this.memory;
    for (let grid = 1; grid < GRIDS; grid++) {
      const entry = this.entry(grid);
      if (ints[entry + 2] === 0) continue;
      const first = ints[entry] >> 2;
      const words = (ints[entry + 1] >> 2) * gathering(this.layers[grid].height);
      floats.fill(0, first, first + words);
      ints[entry + 2] = 0;
    }
  }

  /** Spreads what has been gathered. */
  spreadGathered(row: Row): void {
    for (let grid = 1; grid < GRIDS; grid++)
      if (this.memory.ints[this.entry(grid) + 2] !== 0) this.spreadGrid(grid, row);
  }

  private spreadGrid(grid: number, { light, discs }: Row): void {
    const { floats, ints, routines } = this.memory;
    const layer = this.layers[grid];
    const share = 1 / (1 << (2 * grid));
    const own = 4 * gridVariance(grid);
    const n = gathering(layer.width);
    layer.used = true;
    for (let y = -1, i = ints[this.entry(grid)] >> 2; y <= layer.height; y++) {
      for (let k = 0, o = light >> 2; k < n; k++, i += CELL, o += 4) {
        const pixels = floats[i + 3];
        const radius = pixels === 0 ? 0 : floats[i + 4] / pixels / (1 << grid);
        ints[(discs >> 2) + k] =
          pixels === 0 ? -1 : discOf(Math.sqrt(Math.max(0, radius * radius - own)));
        for (let c = 0; c < 4; c++) floats[o + c] = share * floats[i + c];
      }
      routines.spreadRow(light, discs, n, layer.at(-1, y), layer.table);
    }
  }

  /** Coarsest grid in use; -1 where there is none. */
  get coarsest(): number {
    let grid = GRIDS - 1;
    while (grid >= 0 && !this.layers[grid].used) grid--;
    return grid;
  }

  /**
   * Lays the layers over each other by the rule given, from the coarsest grid on: all but the
   * finest, whose rows are laid as they are asked for.
   *
   * @param rows room for rows of the finest grid
   */
  stack(rule: Rule, rows: StackRows): void {
    for (let grid = this.coarsest; grid > 0; grid--)
      for (let y = 0; y < this.layers[grid].height; y++) this.layRow(rule, grid, y, rows);
  }

  /** Lays a row of the finest layer over what `stack` has laid: there the result stands. */
  finish(rule: Rule, y: number, rows: StackRows): void {
    if (this.coarsest >= 0) this.layRow(rule, 0, y, rows);
  }

  private layRow(rule: Rule, grid: number, y: number, { line, nothing }: StackRows): void {
    const { routines } = this.memory;
    const layer = this.layers[grid];
    const other = grid < this.coarsest ? this.layers[grid + 1] : null;
    layer.used = true;
    if (other)
      routines.enlargeRow(
        other.at(0, y >> 1),
        other.at(0, (y >> 1) + ((y & 1) === 0 ? -1 : 1)),
        other.width,
        line,
      );
    routines[rule](layer.at(0, y), other ? line : nothing, layer.width);
  }
}
