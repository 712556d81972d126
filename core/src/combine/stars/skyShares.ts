import { choiceOf, type ChoiceMap } from '../focus/choiceMap';
import { FOCUS_CELL, focusGrid } from '../focus/sharpness';
import { isPartlyUnknown, UNKNOWN, type StackRaw } from '../stackRaw';

/** Noise is added once more on both sides: what differs by less decides nothing. */
const FLOOR = 1;

/** An edge of the ground says less of the sky beside it than a sharp edge of its blur. */
const AROUND = 1;

/**
 * What is ground and what is sky, found from how frames disagree: as they stand where the sky has
 * moved, and turned with the stars where the ground then has.
 */
export class SkyShares {
  private readonly standing: Float32Array;
  private readonly turning: Float32Array;
  private readonly grid: { readonly columns: number; readonly rows: number };

  /** @param first the frame all others are laid on, RGB */
  constructor(private readonly first: StackRaw) {
    this.grid = focusGrid(first);
    this.standing = new Float32Array(this.grid.columns * this.grid.rows);
    this.turning = new Float32Array(this.grid.columns * this.grid.rows);
  }

  /**
   * @param standing another frame as it is, RGB
   * @param turned the same, turned with the stars
   */
  add(standing: StackRaw, turned: StackRaw): void {
    this.compare(standing, this.standing);
    this.compare(turned, this.turning);
  }

  /** Shares of the ground, and of the sky. */
  shares(): ChoiceMap {
    // Where frames disagree as they stand, the sky moves; where they do once turned, the ground
    // does.
    return choiceOf(
      [
        { ...this.grid, energy: this.turning },
        { ...this.grid, energy: this.standing },
      ],
      AROUND,
    );
  }

  /** Adds to each cell by how much more than noise two frames differ in its squares. */
  private compare(other: StackRaw, cells: Float32Array): void {
    const { first } = this;
    const { width, height, whiteLevel, blackLevel, noise } = first;
    const { columns } = this.grid;
    const unknown = isPartlyUnknown(first) ? UNKNOWN : Infinity;
    const row = 3 * width;
    const unit = 1 / (whiteLevel - blackLevel) / 12;
    for (let y = 0; y + 1 < height; y += 2) {
      const base = Math.floor(y / FOCUS_CELL) * columns;
      for (let x = 0; x + 1 < width; x += 2) {
        let [a, b, known] = [0, 0, true];
        for (let k = 0, i = 3 * (y * width + x); k < 6; k++, i++) {
          a += first.data[i] + first.data[i + row];
          const [upper, lower] = [other.data[i], other.data[i + row]];
          if (upper >= unknown || lower >= unknown) known = false;
          b += upper + lower;
        }
        const cell = base + Math.floor(x / FOCUS_CELL);
        // Of two frames the noise of both, of four photosites each.
        const level = Math.max(0, (a + b) / 2 - 12 * blackLevel) * unit;
        const variance = (noise.scale * level + noise.offset) / 2;
        const d = (a - b) * unit;
        cells[cell] += FLOOR + (known ? (d * d) / variance : 0);
      }
    }
  }
}
